package olla.core.uncertainty;

import java.util.function.DoubleUnaryOperator;
import olla.core.oven.Programme;
import olla.core.simulation.BakeRun;

/**
 * How long the open stages take of a dish that is nearly another whose length is known: one run at a guess, a second where the first
 * missed by much, and the rest of the way on a straight line in the length's logarithm. Immutable.
 */
final class OpenMinutes {

    /* A guess that misses the target by less than this is corrected and done, K. */
    private static final double NEAR_K = 2;

    /* Over this factor of the length the peak's rise is taken. */
    private static final double LONGER = 1.1;

    private final double perLog;
    private final double most;

    /**
     * @param plain the dish whose length is known
     * @param minutes that length
     * @param targetC what the coldest peaks at, °C
     */
    OpenMinutes(BakeRun plain, Programme programme, double minutes, double targetC) {
        double more = plain.peakMargin(minutes * LONGER, targetC);
        this.perLog = Math.max(NEAR_K, more / Math.log(LONGER));
        this.most = programme.opened().mostOpenMinutes();
    }

    /** By how much the peak rises as the open length's logarithm does, K. */
    double perLog() {
        return perLog;
    }

    /**
     * The open length, minutes.
     *
     * @param margin by how much the peak is too warm, K, for an open length in minutes
     * @param logGuess logarithm of a length that may be near
     */
    double of(DoubleUnaryOperator margin, double logGuess) {
        double first = clamp(logGuess);
        double miss = margin.applyAsDouble(Math.exp(first));
        double second = clamp(first - miss / perLog);
        if (Math.abs(miss) > NEAR_K && second != first) {
            double left = margin.applyAsDouble(Math.exp(second));
            double slope = (left - miss) / (second - first);
            return Math.exp(clamp(second - left / (slope > 0 ? slope : perLog)));
        }
        return Math.exp(second);
    }

    private double clamp(double logMinutes) {
        return Math.max(Math.log(Programme.LEAST_MINUTES / 2), Math.min(Math.log(most), logMinutes));
    }
}
