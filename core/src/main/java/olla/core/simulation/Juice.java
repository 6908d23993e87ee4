package olla.core.simulation;

/**
 * What a piece has lost by the time it is served. What evaporates is taken from the juice that has just come out, as far as that goes, and
 * from the flesh beyond that; what did not evaporate lies around it as liquor. Fat that runs out is not counted.
 *
 * @param rawG its flesh before, g
 * @param lostG what it weighs less, g
 * @param evaporatedG water that left its faces for good, g
 */
public record Juice(double rawG, double lostG, double evaporatedG) {

    /* From these shares of its raw weight on it is so juicy (ours: cod barely set keeps nine tenths, by the official advice not quite eight). */
    private static final double VERY_JUICY_FROM = 0.88;

    private static final double JUICY_FROM = 0.81;
    private static final double FIRM_FROM = 0.74;

    /** How it eats, in a word. */
    public enum Bite {
        VERY_JUICY,
        JUICY,
        FIRM,
        DRY
    }

    /** Juice around it, g. */
    public double liquorG() {
        return lostG() - evaporatedG;
    }

    /** Which share of its raw weight is still there, 0 to 1. */
    public double keptShare() {
        return 1 - lostG() / rawG;
    }

    /** How it eats. */
    public Bite bite() {
        double kept = keptShare();
        if (kept >= VERY_JUICY_FROM) {
            return Bite.VERY_JUICY;
        }
        if (kept >= JUICY_FROM) {
            return Bite.JUICY;
        }
        return kept >= FIRM_FROM ? Bite.FIRM : Bite.DRY;
    }
}
