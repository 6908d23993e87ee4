package olla.core.evening;

import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How long a side takes, as far as that is known: normally distributed at first; each time somebody looks, what cannot be any more is
 * cut off.
 *
 * @param minutes in all, likely
 * @param sdMin how far off that may be: one standard deviation
 */
public record SideTime(double minutes, double sdMin) {

    private static final NormalDistribution NORMAL = new NormalDistribution();

    /* Beyond so many standard deviations what was said is taken to be wrong by itself, and not the side to be that slow. */
    private static final double FURTHEST = 4;

    /**
     * The same once it is known to lie between two moments: mean and standard deviation of a normal distribution that is cut off at both
     * ends (Johnson, Kotz and Balakrishnan, Continuous Univariate Distributions 1, 13.10.1; from memory).
     *
     * @param fromMin it was not done yet then, minutes; negatively infinite where nobody has looked
     * @param untilMin it was done by then, minutes; infinite where it is not done
     */
    public SideTime between(double fromMin, double untilMin) {
        double low = Math.min(FURTHEST, (fromMin - minutes) / sdMin);
        double high = Math.max(-FURTHEST, (untilMin - minutes) / sdMin);
        if (high <= low) {
            return this;
        }
        double within = NORMAL.probability(low, high);
        double atLow = Double.isInfinite(low) ? 0 : NORMAL.density(low);
        double atHigh = Double.isInfinite(high) ? 0 : NORMAL.density(high);
        double mean = (atLow - atHigh) / within;
        double slopes = (Double.isInfinite(low) ? 0 : low * atLow) - (Double.isInfinite(high) ? 0 : high * atHigh);
        double variance = 1 + slopes / within - mean * mean;
        // One that is slower than could be thought is as far off from where it is now as it would be there.
        double beyond = Math.max(0, fromMin - minutes - FURTHEST * sdMin);
        return new SideTime(minutes + mean * sdMin + beyond, Math.sqrt(Math.max(0, variance)) * sdMin);
    }
}
