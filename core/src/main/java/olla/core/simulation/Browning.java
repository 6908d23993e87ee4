package olla.core.simulation;

/**
 * How a top colours: the browning index is minutes at 150 °C of the uppermost face, with a rate that doubles for each
 * 20 K, a usual size for browning in crusts (order of magnitude, from memory). Not for what is under a cover.
 */
public final class Browning {

    private static final double REFERENCE_C = 150;
    private static final double DOUBLES_OVER_K = 20;

    /* A face still wet, or hardly dry, does not brown, °C (common practice, no source). */
    private static final double BEGINS_C = 110;

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

    /** What some minutes at a face temperature add to the index. */
    static double added(double minutes, double faceC) {
        return faceC < BEGINS_C ? 0 : minutes * Math.pow(2, (faceC - REFERENCE_C) / DOUBLES_OVER_K);
    }
}
