package olla.core.uncertainty;

/**
 * From when to look. The three are the 10th, 50th and 90th percentile of the time at which the target is met.
 *
 * @param checkFromMin minutes after which looking makes sense
 * @param likelyMin minutes at which it is as likely done as not
 * @param noLaterThanMin minutes by which it should be out
 */
public record CheckWindow(double checkFromMin, double likelyMin, double noLaterThanMin) {

    /** 90th percentile of the normal distribution (exact to five figures): a window's edge. */
    public static final double Z_90 = 1.28155;

    /** From first to last, minutes. */
    public double widthMin() {
        return noLaterThanMin - checkFromMin;
    }

    /**
     * A log-normal window about a likely time.
     *
     * @param likelyMin of the stages whose length is open, minutes
     * @param logSpread standard deviation of its logarithm
     * @param fixedMin what the other stages in the oven take, minutes
     */
    public static CheckWindow about(double likelyMin, double logSpread, double fixedMin) {
        double factor = Math.exp(Z_90 * logSpread);
        return new CheckWindow(fixedMin + likelyMin / factor, fixedMin + likelyMin, fixedMin + likelyMin * factor);
    }
}
