package olla.core.uncertainty;

/**
 * One of an ensemble.
 *
 * @param z how many standard deviations it is off in each of {@link Doubt.About}, and in how uneven its {@link ModelClock} is
 * @param openMinutes the length of its open stages, on the coarse grid
 * @param coldestC its coldest point in the oven each {@link #STRIDE_MIN}, °C; empty where it is not watched
 */
record Member(double[] z, double openMinutes, double[] coldestC) {

    /** From one kept temperature to the next, minutes. */
    static final double STRIDE_MIN = 0.5;

    /** Whether its way through the oven was kept. */
    boolean watched() {
        return coldestC.length > 0;
    }

    /**
     * The same fish where the model is off.
     *
     * @param clock how its time goes by
     * @param beforeMin what comes before its open stages, minutes
     */
    Member by(ModelClock clock, double beforeMin) {
        double[] real = new double[coldestC.length];
        for (int i = 0; i < real.length; i++) {
            real[i] = coldestAt(clock.model(i * STRIDE_MIN));
        }
        return new Member(z, clock.real(beforeMin + openMinutes) - beforeMin, real);
    }

    /** Its coldest point after so many minutes of the coarse grid, °C; beyond the last one as that. */
    double coldestAt(double minute) {
        if (!watched()) {
            throw new IllegalStateException("These members were not watched in the oven.");
        }
        double at = Math.min(coldestC.length - 1.0, Math.max(0, minute / STRIDE_MIN));
        int i = (int) at;
        return i == coldestC.length - 1 ? coldestC[i] : coldestC[i] + (at - i) * (coldestC[i + 1] - coldestC[i]);
    }
}
