package olla.core.fish;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusal;
import olla.core.messages.Refusals;
import olla.core.messages.RefusedInput;
import olla.core.messages.Unit;

/**
 * One piece of fish as it lies on the tray: what it is, how thick, how wide, how long, how heavy, how cold, how sure.
 *
 * @param species which fish
 * @param cut how it is cut
 * @param measured how the thickness is known
 * @param thicknessMm upright, at the thickest point, mm
 * @param widthMm across, mm; for a whole fish its depth from back to belly
 * @param lengthMm along, mm
 * @param massG raw, g
 * @param startTempC at the middle when it goes in, -30 to 25 °C
 * @param frozen true where it goes in hard
 * @param orientation how it lies on its tray
 * @param filling what is inside it
 * @param stuffing how much of it there is where that is a stuffing
 * @param habit how fish like this goes in this kitchen
 */
public record Piece(
        Fish species,
        Cut cut,
        MeasuredBy measured,
        double thicknessMm,
        double widthMm,
        double lengthMm,
        double massG,
        double startTempC,
        boolean frozen,
        Orientation orientation,
        Filling filling,
        Stuffing stuffing,
        Habit habit) {

    /** Density of raw fish used to turn mass into size, kg/m³ (about 1050 for lean flesh; common practice, no source). */
    public static final double DENSITY_KG_M3 = 1050;

    /** How far a ruler may be out, mm (one standard deviation; common practice, no source). */
    public static final double RULER_MM = 1;

    /** How far a thickness reckoned from mass may be out, as a fraction (one standard deviation; common practice). */
    public static final double SCALE_FRACTION = 0.15;

    /** How far a thickness reckoned from a fish's length alone may be out, as a fraction (one standard deviation). */
    public static final double LENGTH_FRACTION = 0.2;

    /** Fish from the fridge, 15 minutes on the counter, °C (common practice, no source). */
    public static final double USUAL_START_C = 8;

    /** Fish straight from the fridge, °C (published: USDA FSIS, 40 °F or below, from memory). */
    public static final double FRIDGE_C = 4;

    /** Fish from the freezer, °C (published: the usual freezer setting, Codex CAC/RCP 8-1976, from memory). */
    public static final double FROZEN_START_C = -18;

    private static final double COLDEST_START_C = -30;
    private static final double HARD_FROZEN_C = -5;
    private static final double WARMEST_START_C = 25;
    private static final double LEAST_WIDTH_OVER_THICKNESS = 1.3;
    private static final double LEAST_FILLED_MM = 18;
    private static final double LEAST_STUFFING_G = 5;

    /* How sharply one default goes over into the other. */
    private static final double BLEND = 6;
    private static final double LEAST_SIDE_MM = 10;
    private static final double MOST_WIDTH_MM = 450;
    private static final double MOST_LENGTH_MM = 1500;

    /** @throws olla.core.messages.RefusedInput naming each field that no such piece could have */
    public Piece {
        Refusals refusals = new Refusals();
        checkThickness(refusals, species, cut, thicknessMm);
        checkMass(refusals, cut, massG);
        refusals.range("widthMm", "width", widthMm, LEAST_SIDE_MM, MOST_WIDTH_MM, Unit.MM)
                .range("lengthMm", "length", lengthMm, LEAST_SIDE_MM, MOST_LENGTH_MM, Unit.MM);
        if (frozen) {
            refusals.range("startTempC", "frozen-start", startTempC, COLDEST_START_C, HARD_FROZEN_C, Unit.CELSIUS);
        } else {
            refusals.range("startTempC", "start", startTempC, -1, WARMEST_START_C, Unit.CELSIUS);
        }
        if (filling != Filling.NONE && thicknessMm < LEAST_FILLED_MM) {
            refusals.add(
                    "filling",
                    "refusal.too-thin-to-fill",
                    "least",
                    Quantity.mm(LEAST_FILLED_MM),
                    "thickness",
                    Quantity.mm(Math.round(thicknessMm)));
        }
        if (filling == Filling.STUFFING && stuffing.grams().isPresent() && refusals.none()) {
            refusals.range(
                    "fillingG",
                    "stuffing",
                    stuffing.grams().getAsDouble(),
                    LEAST_STUFFING_G,
                    Math.floor(Stuffing.mostG(cut, massG)),
                    Unit.GRAM);
        }
        if (orientation == Orientation.STANDING && !cut.stands()) {
            refusals.add("orientation", "refusal.does-not-stand", "cut", cut);
        }
        refusals.throwIfAny();
    }

    /** A piece that lies on its flat side with nothing in it. */
    public Piece(
            Fish species,
            Cut cut,
            MeasuredBy measured,
            double thicknessMm,
            double widthMm,
            double lengthMm,
            double massG,
            double startTempC,
            boolean frozen) {
        this(
                species,
                cut,
                measured,
                thicknessMm,
                widthMm,
                lengthMm,
                massG,
                startTempC,
                frozen,
                Orientation.LYING,
                Filling.NONE,
                Stuffing.USUAL,
                Habit.NONE);
    }

    /**
     * The same piece, set down and filled.
     *
     * @throws olla.core.messages.RefusedInput where it cannot stand, or is too thin to fill
     */
    public Piece set(Orientation how, Filling inside) {
        return set(how, inside, Stuffing.USUAL);
    }

    /**
     * The same piece, set down and filled with so much.
     *
     * @throws olla.core.messages.RefusedInput where it cannot stand, is too thin to fill, or holds no such stuffing
     */
    public Piece set(Orientation how, Filling inside, Stuffing of) {
        return new Piece(
                species,
                cut,
                measured,
                thicknessMm,
                widthMm,
                lengthMm,
                massG,
                startTempC,
                frozen,
                how,
                inside,
                of,
                habit);
    }

    /** The same piece in a kitchen where its like goes so. */
    public Piece going(Habit here) {
        return new Piece(
                species,
                cut,
                measured,
                thicknessMm,
                widthMm,
                lengthMm,
                massG,
                startTempC,
                frozen,
                orientation,
                filling,
                stuffing,
                here);
    }

    /** How much stuffing is in it, g; 0 where there is none. */
    public double stuffingG() {
        return filling == Filling.STUFFING ? stuffing.grams().orElseGet(() -> Stuffing.usualG(cut, massG)) : 0;
    }

    /** How much of its section a stuffing takes, as it lies on its side. */
    public Stuffing.Shares stuffingShares() {
        return stuffing.shares(cut, massG);
    }

    /** How high it is as it lies, mm. */
    public double heightMm() {
        return orientation == Orientation.STANDING ? widthMm : thicknessMm;
    }

    /** How wide it is as it lies, mm. */
    public double acrossMm() {
        return orientation == Orientation.STANDING ? thicknessMm : widthMm;
    }

    /** Its upper side as it lies, mm²: of the box length by width, as much as it fills. */
    public double upperSideMm2() {
        return acrossMm() * lengthMm * Math.sqrt(cut.fill(species));
    }

    private static void checkMass(Refusals refusals, Cut cut, double massG) {
        refusals.range(
                "massG",
                Message.of("what.mass-of-a-cut", "cut", cut),
                massG,
                cut.leastMassG(),
                cut.mostMassG(),
                Unit.GRAM);
    }

    private static void checkThickness(Refusals refusals, Fish species, Cut cut, double thicknessMm) {
        double least = cut.leastThicknessMm();
        double most = cut.mostThicknessMm();
        if (thicknessMm >= least && thicknessMm <= most) {
            return;
        }
        Message refused = Message.of(
                "refusal.no-such-thickness",
                "thickness",
                Quantity.mm(thicknessMm),
                "species",
                species.inside(),
                "cut",
                cut,
                "least",
                Quantity.mm(least),
                "most",
                Quantity.mm(most));
        double slip = thicknessMm > most ? thicknessMm / 10 : thicknessMm * 10;
        boolean likely = slip >= least && slip <= most;
        refusals.add(
                "thicknessMm",
                Message.sentences(
                        refused,
                        likely ? Message.of("refusal.did-you-mean", "meant", Quantity.mm(slip)) : Message.NOTHING));
    }

    /**
     * A piece from what the cook knows of it; what is missing is reckoned from the cut's usual proportions.
     *
     * @param thicknessMm by ruler, or empty
     * @param massG by scale, or empty; one of the two has to be there
     * @param widthMm where measured
     * @param lengthMm where measured
     * @param startTempC where known; otherwise as from the fridge or the freezer
     * @throws olla.core.messages.RefusedInput where thickness and mass are both missing, or no such piece exists
     */
    public static Piece from(
            Fish species,
            Cut cut,
            OptionalDouble thicknessMm,
            OptionalDouble massG,
            OptionalDouble widthMm,
            OptionalDouble lengthMm,
            OptionalDouble startTempC,
            boolean frozen) {
        boolean byLength = cut == Cut.WHOLE && lengthMm.isPresent();
        if (thicknessMm.isEmpty() && massG.isEmpty() && !byLength) {
            new Refusals()
                    .add("thicknessMm", cut == Cut.WHOLE ? "refusal.no-size-whole" : "refusal.no-size")
                    .throwIfAny();
        }
        // What was said is judged before what follows from it, so that one slip is not answered three times.
        Refusals said = new Refusals();
        thicknessMm.ifPresent(t -> checkThickness(said, species, cut, t));
        massG.ifPresent(m -> checkMass(said, cut, m));
        said.throwIfAny();
        Sides sides = new Sides(species, cut, thicknessMm, massG, widthMm, lengthMm);
        try {
            return new Piece(
                    species,
                    cut,
                    measured(thicknessMm, massG),
                    sides.thicknessMm,
                    sides.widthMm,
                    sides.lengthMm,
                    sides.massG,
                    startTempC.orElse(frozen ? FROZEN_START_C : USUAL_START_C),
                    frozen);
        } catch (RefusedInput impossible) {
            throw asked(species, cut, thicknessMm, massG, impossible);
        }
    }

    /* Where thickness and mass make an impossible piece, the likely slip says more than the sides that follow from it. */
    private static RefusedInput asked(
            Fish species, Cut cut, OptionalDouble thicknessMm, OptionalDouble massG, RefusedInput impossible) {
        if (thicknessMm.isEmpty() || massG.isEmpty()) {
            return impossible;
        }
        return PlausibilityCheck.of(species, cut, thicknessMm.getAsDouble(), massG.getAsDouble()).stream()
                .findFirst()
                .map(slip -> new RefusedInput(List.of(new Refusal(slip.field(), slip.question()))))
                .orElse(impossible);
    }

    private static MeasuredBy measured(OptionalDouble thicknessMm, OptionalDouble massG) {
        if (thicknessMm.isPresent()) {
            return MeasuredBy.RULER;
        }
        return massG.isPresent() ? MeasuredBy.SCALE : MeasuredBy.LENGTH;
    }

    /** How far the thickness may be out, mm, one standard deviation. */
    public double thicknessDoubtMm() {
        return switch (measured) {
            case RULER -> RULER_MM;
            case SCALE -> SCALE_FRACTION * thicknessMm;
            case LENGTH -> LENGTH_FRACTION * thicknessMm;
        };
    }

    /** Fills in the sides nobody measured. */
    private static final class Sides {
        private final double thicknessMm;
        private final double widthMm;
        private final double lengthMm;
        private final double massG;

        Sides(
                Fish species,
                Cut cut,
                OptionalDouble thickness,
                OptionalDouble mass,
                OptionalDouble width,
                OptionalDouble length) {
            double thicknessRatio = cut.thicknessOverWidth(species);
            double lengthRatio = cut.lengthOverWidth(species);
            double gramsPerMm3 = DENSITY_KG_M3 * cut.fill(species) * 1e-6;
            if (width.isPresent()) {
                widthMm = width.getAsDouble();
            } else if (mass.isEmpty() && thickness.isEmpty()) {
                widthMm = length.orElseThrow() / lengthRatio;
            } else if (mass.isPresent()) {
                // Sides not measured are in proportion to the width, so each of them adds one to the power it stands
                // in.
                double rest = mass.getAsDouble()
                        / gramsPerMm3
                        / thickness.orElse(thicknessRatio)
                        / length.orElse(lengthRatio);
                int power = 1 + (thickness.isPresent() ? 0 : 1) + (length.isPresent() ? 0 : 1);
                widthMm = Math.pow(rest, 1.0 / power);
            } else {
                widthMm = usualWidth(cut, thickness.getAsDouble(), thicknessRatio, lengthRatio, gramsPerMm3);
            }
            lengthMm = length.orElseGet(() -> thickness.isPresent() && mass.isPresent()
                    ? mass.getAsDouble() / gramsPerMm3 / widthMm / thickness.getAsDouble()
                    : widthMm * lengthRatio);
            thicknessMm = thickness.orElseGet(() -> mass.isPresent()
                    ? mass.getAsDouble() / gramsPerMm3 / widthMm / lengthMm
                    : widthMm * thicknessRatio);
            massG = mass.orElseGet(() -> gramsPerMm3 * widthMm * lengthMm * thicknessMm);
        }

        /* A whole fish grows in proportion; a fillet or portion is as wide as a usual helping of usual proportions, and
         * wider where that would stand on edge. The two go over into each other, so that a thicker piece is never narrower,
         * and never done sooner. */
        private static double usualWidth(
                Cut cut, double thickness, double thicknessRatio, double lengthRatio, double gramsPerMm3) {
            if (cut == Cut.WHOLE) {
                return thickness / thicknessRatio;
            }
            double helping = Math.cbrt(cut.usualMassG() / gramsPerMm3 / thicknessRatio / lengthRatio);
            double lying = Math.min(LEAST_WIDTH_OVER_THICKNESS, 1 / thicknessRatio) * thickness;
            return Math.pow(Math.pow(helping, BLEND) + Math.pow(lying, BLEND), 1 / BLEND);
        }
    }
}
