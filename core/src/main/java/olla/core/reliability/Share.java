package olla.core.reliability;

import org.hipparchus.stat.interval.BinomialProportion;
import org.hipparchus.stat.interval.ConfidenceInterval;

/**
 * A share of some bakes, and within what it may lie in the long run.
 *
 * @param of how many bakes
 * @param share 0 to 1
 * @param least end of its interval, with 95 % confidence
 * @param most other end
 */
public record Share(int of, double share, double least, double most) {

    private static final double CONFIDENCE = 0.95;

    /**
     * Counted.
     *
     * @param some how many of them, 0 to {@code of}
     * @param of 1 or more
     */
    static Share of(int some, int of) {
        // Wilson's interval (published: Wilson 1927; Newcombe 1998 on why for few).
        ConfidenceInterval interval = BinomialProportion.getWilsonScoreInterval(of, (double) some / of, CONFIDENCE);
        return new Share(
                of, (double) some / of, Math.max(0, interval.getLowerBound()), Math.min(1, interval.getUpperBound()));
    }

    /** Whether the long run may well be a certain share. */
    boolean mayBe(double other) {
        return least <= other && other <= most;
    }
}
