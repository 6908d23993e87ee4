package olla.core.uncertainty;

/**
 * How the coldest point goes on from the moment of a look.
 *
 * @param coastsK by how much it still warms where the dish comes out now, or gets its tail and then comes out, K
 * @param kPerMin how fast it warms while it stays in, K a minute, more than 0
 */
public record Pace(double coastsK, double kPerMin) {

    /* What comes out rises by this at least, K (common practice, no source: a thin open piece). */
    static final double LEAST_COAST_K = 2;

    /* Slower than this nothing is done in an evening, K a minute. */
    private static final double SLOWEST_K_PER_MIN = 0.2;

    /** Where it was not followed: an open piece coasts a few degrees, one in salt ten and more (common practice, no source); four
     * degrees a minute is an open portion in a hot oven (order of magnitude, from the model). */
    public static final Pace UNKNOWN = new Pace(10, 4);

    /** Takes both as something that can be gone by. */
    public Pace {
        coastsK = Math.max(LEAST_COAST_K, coastsK);
        kPerMin = Math.max(SLOWEST_K_PER_MIN, kPerMin);
    }
}
