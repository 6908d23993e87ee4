package olla.core.fish;

import java.util.OptionalDouble;

/**
 * How much stuffing a fish has in it, and how warm that goes in.
 *
 * @param grams in one piece, g; empty for as much as is usual
 * @param kept where it comes from
 * @param of what it is of
 */
public record Stuffing(OptionalDouble grams, Kept kept, Of of) {

    /** What a stuffing is of, as far as guests and cooks have to know. */
    public enum Of {
        BREAD,
        SHELLFISH,
        EGG,
        VEGETABLES
    }

    /** As much as is usual, mixed for it. */
    public static final Stuffing USUAL = new Stuffing(OptionalDouble.empty(), Kept.MIXED);

    /** Of bread. */
    public Stuffing(OptionalDouble grams, Kept kept) {
        this(grams, kept, Of.BREAD);
    }

    /* As heavy as water, kg/m³ (from memory). */
    private static final double STUFFING_KG_M3 = 1000;

    /* It runs along so much of the fish (common practice, no source). */
    private static final double OF_LENGTH = 0.75;

    /* So much of a piece's box is flesh: of a flat one what its rounded shoulders leave, a round one is an ellipse in it. */
    private static final double FLAT_FILLS = 0.93;
    private static final double ROUND_FILLS = Math.PI / 4;

    /* It leaves at least a fourteenth of the fish as a wall on either side (common practice, no source). */
    private static final double WIDEST = 0.85;

    private static final double RATIO = Filling.STUFFING.ofHeight() / Filling.STUFFING.ofWidth();

    /** Height and width as shares of the piece's. */
    public record Shares(double ofHeight, double ofWidth) {}

    /** How much is usual in a piece of a cut, g. */
    static double usualG(Cut cut, double massG) {
        return gramsOf(Filling.STUFFING.ofHeight() * Filling.STUFFING.ofWidth(), cut, massG);
    }

    /** As much as goes into a piece of a cut, g. */
    static double mostG(Cut cut, double massG) {
        return gramsOf(WIDEST * WIDEST, cut, massG);
    }

    private static double fills(Cut cut) {
        return cut.round() ? ROUND_FILLS : FLAT_FILLS;
    }

    /* An ellipse of these shares, along its part of the length, beside the flesh round it. */
    private static double gramsOf(double shares, Cut cut, double massG) {
        double ofVolume = OF_LENGTH * shares * ROUND_FILLS / fills(cut);
        return massG * STUFFING_KG_M3 / Piece.DENSITY_KG_M3 * ofVolume / (1 - ofVolume);
    }

    /** The section that it takes in a piece of a cut. */
    Shares shares(Cut cut, double massG) {
        double volume = grams.orElseGet(() -> usualG(cut, massG)) / STUFFING_KG_M3;
        double ofVolume = volume / (volume + massG / Piece.DENSITY_KG_M3);
        double shares = ofVolume / OF_LENGTH * fills(cut) / ROUND_FILLS;
        double wide = Math.min(WIDEST, Math.sqrt(shares / RATIO));
        return new Shares(shares / wide, wide);
    }
}
