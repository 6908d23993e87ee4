package olla.core.simulation;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/**
 * How long an open stage takes for a margin that grows with it to come to nothing: by secants, and by halves where those leave what is
 * known to hold it. A run costs milliseconds and this asks for three or four, where a general bracketing method asks for nine.
 */
final class OpenLength {

    /* The minute is right to this: half a second. */
    private static final double ACCURACY_MIN = 0.008;

    /* From one try to the next it grows or shrinks by no more than so many times. */
    private static final double MOST_TIMES = 1.6;
    private static final int MOST_TRIES = 60;

    private final DoubleUnaryOperator margin;
    private final double most;
    private double tooShort;
    private double longEnough = Double.POSITIVE_INFINITY;

    private OpenLength(DoubleUnaryOperator margin, double most) {
        this.margin = margin;
        this.most = most;
    }

    /**
     * The length, minutes; 0 where nothing is long enough already, empty where the longest is not.
     *
     * @param margin of a length in minutes, growing with it
     * @param guess where to begin, minutes, above 0
     * @param slope by how much the margin is thought to grow with each minute; not a number where nobody knows
     * @param most the longest that may be, minutes
     */
    static OptionalDouble of(DoubleUnaryOperator margin, double guess, double slope, double most) {
        return new OpenLength(margin, most).solve(Math.min(guess, most), slope);
    }

    private OptionalDouble solve(double guess, double slope) {
        double at = guess;
        double there = margin.applyAsDouble(at);
        double rises = slope;
        double bends = 1;
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            if (there < 0) {
                tooShort = at;
            } else {
                longEnough = at;
            }
            if (there == 0) {
                return OptionalDouble.of(at);
            }
            if (there < 0 && at >= most) {
                return OptionalDouble.empty();
            }
            double next = next(at, there, rises);
            // A secant is as wrong as it bends: by how much the margin rises otherwise than was thought before.
            boolean bySecant = Math.abs(next - (at - there / rises)) < ACCURACY_MIN;
            double error = Math.abs(next - at) * (bySecant ? Math.min(1, bends) : 1);
            if (error < ACCURACY_MIN || longEnough - tooShort < ACCURACY_MIN) {
                return OptionalDouble.of(next < 2 * ACCURACY_MIN ? 0 : next);
            }
            double after = margin.applyAsDouble(next);
            double thought = rises;
            rises = (after - there) / (next - at);
            bends = rises > 0 && thought > 0 ? Math.abs(thought / rises - 1) : 1;
            at = next;
            there = after;
        }
        return OptionalDouble.of(at);
    }

    private double next(double at, double there, double rises) {
        double wanted = rises > 0 ? at - there / rises : there < 0 ? Double.POSITIVE_INFINITY : 0;
        double next = Math.max(at / MOST_TIMES, Math.min(Math.min(most, at * MOST_TIMES), wanted));
        boolean known = next > tooShort && next < longEnough || next == most && longEnough > most;
        return known ? next : (tooShort + Math.min(longEnough, most)) / 2;
    }
}
