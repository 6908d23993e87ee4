package olla.core.uncertainty;

import olla.core.uncertainty.Doubt.About;

/**
 * How far the model itself is off for one dish, whatever is known of its fish and its oven: no flesh lies, touches, dries and conducts just
 * as it is reckoned. Time goes by for such a dish faster or slower than for its model, and not evenly, so that what a probe says at
 * two thirds of the way does not settle the rest of it. Immutable.
 */
final class ModelClock {

    /** Where the unevenness stands among a member's draws: behind those for each of {@link About}. */
    static final int DRIFT = About.values().length;

    /** How many draws a member has. */
    static final int DRAWS = DRIFT + 1;

    /* Of how much the logarithm of its pace changes from the middle of the bake to either end (ours: as much again as its pace usually is off). */
    private static final double LOG_DRIFT = 0.1 * Math.sqrt(3);

    /* Beyond two standard deviations of it the clock would come to stand still before a bake of twice the length is over. */
    private static final double MOST_DRIFT = 2 * LOG_DRIFT;

    private static final double EVEN = 1e-9;
    private static final double LATEST = 1e-3;

    private final double fromMin;
    private final double lengthMin;
    private final double slower;
    private final double drift;

    /**
     * @param z how many standard deviations off, {@value #DRAWS} of them
     * @param logDoubt of the logarithm of how long it takes, one standard deviation
     * @param fromMin until when nothing is off: what comes before the open stages, minutes
     * @param lengthMin how long they are likely to be, minutes
     */
    ModelClock(double[] z, double logDoubt, double fromMin, double lengthMin) {
        this.fromMin = fromMin;
        this.lengthMin = lengthMin;
        this.slower = Math.exp(logDoubt * z[About.MODEL.ordinal()]);
        this.drift = Math.max(-MOST_DRIFT, Math.min(MOST_DRIFT, LOG_DRIFT * z[DRIFT]));
    }

    /** On the kitchen's clock, where the model's says so many minutes. */
    double real(double modelMin) {
        double share = (modelMin - fromMin) / lengthMin;
        if (share <= 0) {
            return modelMin;
        }
        // The integral of slower * exp(drift * (2 s - 1)) from 0 to the share.
        double gone = Math.abs(drift) < EVEN ? share : Math.exp(-drift) * Math.expm1(2 * drift * share) / (2 * drift);
        return fromMin + lengthMin * slower * gone;
    }

    /** On the model's clock, where the kitchen's says so many minutes. */
    double model(double realMin) {
        double gone = (realMin - fromMin) / lengthMin / slower;
        if (gone <= 0) {
            return realMin;
        }
        double share = Math.abs(drift) < EVEN
                ? gone
                : Math.log(Math.max(LATEST, 1 + 2 * drift * Math.exp(drift) * gone)) / (2 * drift);
        return fromMin + lengthMin * share;
    }
}
