package olla.core.fish;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.units.Imperial;

/**
 * Questions where thickness and mass do not go together: a fish may well be odd, so it is asked about and not refused.
 * The likeliest slip is named: centimetres for millimetres, ounces for grams, pounds or kilos for grams.
 */
public final class PlausibilityCheck {

    /* A thickness this far from the usual for its mass is odd: three standard deviations of the reckoning from mass. */
    private static final double ODD_FRACTION = 3 * Piece.SCALE_FRACTION;

    private PlausibilityCheck() {}

    /** A question. */
    public record Slip(String field, Message question, OptionalDouble meant) {}

    /**
     * What to ask about a thickness and a mass that were both measured.
     *
     * @param thicknessMm as typed, mm
     * @param massG as typed, g
     * @return at most one question
     */
    public static List<Slip> of(Fish species, Cut cut, double thicknessMm, double massG) {
        List<Slip> slips = new ArrayList<>();
        if (!odd(species, cut, thicknessMm, massG)) {
            return slips;
        }
        double[] thicknesses = {thicknessMm * 10, thicknessMm / 10, thicknessMm * Imperial.MM_PER_INCH};
        for (double meant : thicknesses) {
            if (!odd(species, cut, meant, massG)) {
                slips.add(new Slip(
                        "thicknessMm",
                        question(species, cut, thicknessMm, massG, "thickness", Quantity.mm(round(meant))),
                        OptionalDouble.of(round(meant))));
                return slips;
            }
        }
        double[] masses = {
            massG * Imperial.GRAMS_PER_OUNCE, massG * Imperial.GRAMS_PER_POUND, massG * 1000, massG / 10, massG * 10
        };
        for (double meant : masses) {
            if (meant >= cut.leastMassG() && meant <= cut.mostMassG() && !odd(species, cut, thicknessMm, meant)) {
                slips.add(new Slip(
                        "massG",
                        question(species, cut, thicknessMm, massG, "weight", Quantity.grams(round(meant))),
                        OptionalDouble.of(round(meant))));
                return slips;
            }
        }
        slips.add(new Slip(
                "thicknessMm", question(species, cut, thicknessMm, massG, "again", null), OptionalDouble.empty()));
        return slips;
    }

    private static double round(double value) {
        return Math.round(value);
    }

    private static boolean odd(Fish species, Cut cut, double thicknessMm, double massG) {
        double usual = usualMm(species, cut, massG);
        // Only a whole fish has a build; a portion may be cut to any thickness that leaves it wider than high.
        if (cut == Cut.WHOLE) {
            return Math.abs(Math.log(thicknessMm / usual)) > Math.log(1 + ODD_FRACTION);
        }
        return thicknessMm > 1.8 * usual || thicknessMm < usual / 3;
    }

    private static double usualMm(Fish species, Cut cut, double massG) {
        double gramsPerMm3 = Piece.DENSITY_KG_M3 * cut.fill(species) * 1e-6;
        double thicknessRatio = cut.thicknessOverWidth(species);
        double width = Math.cbrt(massG / gramsPerMm3 / thicknessRatio / cut.lengthOverWidth(species));
        return width * thicknessRatio;
    }

    private static Message question(
            Fish species, Cut cut, double thicknessMm, double massG, String slip, Quantity meant) {
        Message usual = Message.of(
                "slip.usual",
                "piece",
                cut == Cut.WHOLE ? Message.of("slip.whole", "species", species.inside()) : cut,
                "mass",
                Quantity.grams(massG),
                "usual",
                Quantity.mm(round(usualMm(species, cut, massG))),
                "thickness",
                Quantity.mm(thicknessMm));
        return Message.sentences(
                usual, meant == null ? Message.of("slip.again") : Message.of("slip." + slip, "meant", meant));
    }
}
