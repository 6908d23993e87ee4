package olla.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.fish.Cut;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRun;
import olla.core.simulation.Unknowns;

/**
 * A piece that tapers: what the thin end is like when the thick part is done, and what can be done about it, each with
 * its effect, from the same solver run on the other thickness.
 *
 * @param thickMinutes the thick part is done after this
 * @param thinMinutes the thin end would be done after this
 * @param thinPeakC the warmest the thin end gets when the thick part is done, °C
 * @param thinBand what it is like then
 * @param even true where the thin end stays short of dry
 * @param remedies what helps, the best first: what dries least; none where it is even, or nothing helps
 */
public record TaperAdvice(
        double thickMinutes, double thinMinutes, double thinPeakC, Band thinBand, boolean even, List<Remedy> remedies) {

    /** Ways to mend a taper. */
    public enum Way {
        EARLIER,
        TUCK,
        TRIM,
        STRIPS,
        ROLL
    }

    /**
     * A remedy.
     *
     * @param way which
     * @param overK how far beyond its target the driest of it gets, K
     * @param words what to do and what comes of it
     */
    public record Remedy(Way way, double overK, Message words) {}

    private static final int HALVINGS = 6;
    private static final double LEAST_THIN_MM = 3;

    /* A remedy that takes so many times as long, or wastes so much of the piece, is none (common practice, no source). */
    private static final double MOST_TIMES_LONGER = 2;
    private static final double MOST_TRIMMED = 0.35;

    /* The taper runs over the last half of the length (common practice, no source). */
    private static final double TAPERING_SHARE = 0.5;

    /**
     * Judges a taper.
     *
     * @param piece the piece, with its thickness at the thickest point
     * @param thinMm thickness at the thinnest end, 3 mm up to the thickest
     * @throws olla.core.messages.RefusedInput where the thin end is no thinner than the thick part
     */
    public static TaperAdvice of(
            Piece piece, double thinMm, Dress dress, OvenModel oven, Programme programme, Doneness target) {
        new Refusals()
                .range("thinMm", "thin-end", thinMm, LEAST_THIN_MM, piece.thicknessMm(), Unit.MM)
                .throwIfAny();
        Ends ends = new Ends(piece, dress, oven, programme, target);
        double thick = ends.minutes(piece.thicknessMm(), Double.NaN);
        double thin = ends.minutes(thinMm, Double.NaN);
        double peak = ends.peak(thinMm, thick);
        boolean even = peak < Band.DRY.fromC();
        return new TaperAdvice(
                thick,
                thin,
                peak,
                Band.of(peak),
                even,
                even ? List.of() : remedies(piece, thinMm, ends, thick, thin, target.peakC()));
    }

    private static List<Remedy> remedies(
            Piece piece, double thinMm, Ends ends, double thick, double thin, double targetC) {
        List<Remedy> found = new ArrayList<>();
        found.add(new Remedy(
                Way.EARLIER, 0, Message.of("taper.earlier", "thin", Math.round(thin), "thick", Math.round(thick))));
        double tucked = Math.min(2 * thinMm, piece.thicknessMm());
        double tuckedPeak = ends.peak(tucked, thick);
        if (tuckedPeak < Band.DRY.fromC()) {
            found.add(new Remedy(
                    Way.TUCK,
                    Math.max(0, tuckedPeak - targetC),
                    Message.of(
                            "taper.tuck",
                            "thin",
                            mm(thinMm),
                            "tucked",
                            mm(tucked),
                            "band",
                            Band.of(tuckedPeak),
                            "peak",
                            Quantity.celsius(Math.round(tuckedPeak)))));
        }
        double limit = thinnestStillMoist(piece, ends, thick);
        double share = TAPERING_SHARE * (limit - thinMm) / Math.max(1e-9, piece.thicknessMm() - thinMm);
        if (share <= MOST_TRIMMED) {
            double grams =
                    share * (limit + thinMm) / (2 * piece.thicknessMm()) * piece.massG() / (1 - TAPERING_SHARE / 4);
            found.add(new Remedy(
                    Way.TRIM,
                    Band.DRY.fromC() - targetC,
                    Message.of(
                            "taper.trim",
                            "limit",
                            mm(limit),
                            "length",
                            mm(share * piece.lengthMm()),
                            "mass",
                            Quantity.grams(Math.round(grams)))));
        }
        double strip = Math.max(LEAST_THIN_MM, (piece.thicknessMm() + thinMm) / 2);
        double stripMinutes = ends.minutes(strip, strip * 1.3);
        if (stripMinutes <= MOST_TIMES_LONGER * thick) {
            found.add(new Remedy(
                    Way.STRIPS,
                    0,
                    Message.of("taper.strips", "width", mm(strip), "minutes", Math.round(stripMinutes))));
        }
        if (piece.cut() == Cut.FILLET) {
            double roll = Math.sqrt(4 / Math.PI * piece.lengthMm() * (piece.thicknessMm() + thinMm) / 2);
            double rollMinutes = ends.rolled(roll);
            if (rollMinutes <= MOST_TIMES_LONGER * thick && roll <= Cut.ROLL.mostThicknessMm()) {
                found.add(new Remedy(
                        Way.ROLL, 0, Message.of("taper.roll", "across", mm(roll), "minutes", Math.round(rollMinutes))));
            }
        }
        found.sort(Comparator.comparingDouble(Remedy::overK));
        return List.copyOf(found);
    }

    private static double thinnestStillMoist(Piece piece, Ends ends, double minutes) {
        double dry = LEAST_THIN_MM;
        double moist = piece.thicknessMm();
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (dry + moist) / 2;
            if (ends.peak(middle, minutes) < Band.DRY.fromC()) {
                moist = middle;
            } else {
                dry = middle;
            }
        }
        return moist;
    }

    private static Quantity mm(double value) {
        return Quantity.mm(Math.round(value));
    }

    /** The same piece at other thicknesses. */
    private static final class Ends {
        private final Piece piece;
        private final Dress dress;
        private final OvenModel oven;
        private final Programme programme;
        private final Doneness target;

        Ends(Piece piece, Dress dress, OvenModel oven, Programme programme, Doneness target) {
            this.piece = piece;
            this.dress = dress;
            this.oven = oven;
            this.programme = programme;
            this.target = target;
        }

        double minutes(double thicknessMm, double widthMm) {
            double width = Double.isNaN(widthMm) ? piece.widthMm() : widthMm;
            return minutes(model(Cut.PORTION == piece.cut() ? Cut.PORTION : Cut.FILLET, thicknessMm, width));
        }

        double rolled(double acrossMm) {
            return minutes(model(Cut.ROLL, acrossMm, acrossMm));
        }

        private double minutes(BakeModel model) {
            return new BakeRun(model, programme).outFor(target.peakC());
        }

        double peak(double thicknessMm, double bakeMinutes) {
            BakeModel model = model(piece.cut(), thicknessMm, piece.widthMm());
            BakeRun run = new BakeRun(model, programme);
            double fixed = run.closed(1).bakeMinutes().orElseThrow() - 1;
            return run.run(run.closed(Math.max(0, bakeMinutes - fixed))).peakC();
        }

        /* The solver takes any thickness; a piece as it is sold does not, so the change goes in as an unknown. */
        private BakeModel model(Cut cut, double thicknessMm, double widthMm) {
            Piece shaped = new Piece(
                    piece.species(),
                    cut,
                    MeasuredBy.RULER,
                    within(piece.thicknessMm(), cut.leastThicknessMm(), cut.mostThicknessMm()),
                    widthMm,
                    piece.lengthMm(),
                    within(piece.massG(), cut.leastMassG(), cut.mostMassG()),
                    piece.startTempC(),
                    piece.frozen());
            Unknowns other = Unknowns.NONE.thickness(thicknessMm / shaped.thicknessMm());
            return new BakeModel(shaped, dress, oven, other, BakeModel.Fineness.COARSE);
        }

        private static double within(double value, double least, double most) {
            return Math.max(least, Math.min(most, value));
        }
    }
}
