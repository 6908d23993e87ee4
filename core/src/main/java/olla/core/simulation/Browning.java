package olla.core.simulation;

/**
 * How a top colours: the browning index is minutes at 150 °C of a face of plain flesh, with a rate that doubles for each 16 K, 65 kJ/mol
 * (published: browning of crusts takes 50 to 120 kJ/mol, order of magnitude, from memory). What lies on the fish browns so many times as
 * fast by one number of its own ({@code Stuff.browning}, {@code Bare.browning}). It needs no rule for wet faces: water holds what is wet at
 * 100 °C, where an hour is worth as much as seven minutes at 150. Not for what is under a cover.
 */
public final class Browning {

    private static final double REFERENCE_C = 150;
    private static final double DOUBLES_OVER_K = 16;

    private Browning() {}

    /** What the index looks like (common practice, no source). */
    public enum Colour {
        PALE(0),
        BLOND(0.6),
        GOLD(2.5),
        BROWN(8),
        BURNT(25);

        private final double from;

        Colour(double from) {
            this.from = from;
        }

        /** The index from which it is so. */
        public double from() {
            return from;
        }

        /** The colour of an index. */
        public static Colour of(double index) {
            Colour found = PALE;
            for (Colour colour : values()) {
                if (index >= colour.from) {
                    found = colour;
                }
            }
            return found;
        }
    }

    /** What some minutes at a face temperature add to the index of plain flesh. */
    static double added(double minutes, double faceC) {
        return minutes * Math.pow(2, (faceC - REFERENCE_C) / DOUBLES_OVER_K);
    }
}
