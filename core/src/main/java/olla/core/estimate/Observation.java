package olla.core.estimate;

import olla.core.doneness.Cue;
import olla.core.units.Refusals;

/**
 * Something that was found out about a bake while it ran or after it, and how likely it is where the coldest point is this
 * warm. Everybody errs now and then, so nothing is ever quite impossible.
 */
public sealed interface Observation {

    /* A tip seldom meets the coldest point and reads a little warm of it; thermometer and hand add to it, K (common
    practice; sizes from memory). */
    double PROBE_WARM_K = 1;
    double PROBE_ERROR_K = 1.7;

    /* How blurred the edges of what is seen are, K (from memory). */
    double EYE_BLUR_K = 1.5;

    /* One in so many is plainly wrong: a slip of the hand, another piece (from memory). */
    double SLIP = 0.02;

    /* What a guest calls under-done or over-done, K from the target (common practice, no source). */
    double NOTICED_UNDER_K = 3;
    double NOTICED_OVER_K = 6;

    /** How likely this is where the coldest point is, or peaked, at {@code celsius}, for a target; relative to other temperatures. */
    double likelihood(double celsius, double targetC);

    /** In the oven, before it came out. */
    sealed interface InOven extends Observation {
        /** Minutes after the first thing went in. */
        double minute();
    }

    /** After the bake, about the warmest that the coldest point has been. */
    sealed interface After extends Observation {
        /** When it came out, minutes after the first thing went in. */
        double outMinute();
    }

    /** A probe's reading at the thickest point, -30 to 120 °C. */
    record Probe(double minute, double celsius) implements InOven {
        /** @throws olla.core.units.RefusedInput where either is out of range */
        public Probe {
            checkMinute("minute", minute);
            checkReading(celsius);
        }

        @Override
        public double likelihood(double coldestC, double targetC) {
            return reading(celsius, coldestC);
        }
    }

    /** What was seen or felt. */
    record Seen(double minute, Cue cue) implements InOven {
        /** @throws olla.core.units.RefusedInput where the minute is out of range */
        public Seen {
            checkMinute("minute", minute);
        }

        @Override
        public double likelihood(double coldestC, double targetC) {
            return between(coldestC, cue.fromC(), cue.toC());
        }
    }

    /** The highest reading of a probe left in through the rest, -30 to 120 °C. */
    record Peak(double outMinute, double celsius) implements After {
        /** @throws olla.core.units.RefusedInput where either is out of range */
        public Peak {
            checkMinute("outMinute", outMinute);
            checkReading(celsius);
        }

        @Override
        public double likelihood(double peakC, double targetC) {
            return reading(celsius, peakC);
        }
    }

    /** What was said of it at the table. */
    record Judged(double outMinute, Verdict verdict) implements After {
        /** @throws olla.core.units.RefusedInput where the minute is out of range */
        public Judged {
            checkMinute("outMinute", outMinute);
        }

        @Override
        public double likelihood(double peakC, double targetC) {
            double under = targetC - NOTICED_UNDER_K;
            double over = targetC + NOTICED_OVER_K;
            return switch (verdict) {
                case UNDER -> between(peakC, Double.NEGATIVE_INFINITY, under);
                case RIGHT -> between(peakC, under, over);
                case OVER -> between(peakC, over, Double.POSITIVE_INFINITY);
            };
        }
    }

    /** A guest's word. */
    enum Verdict {
        UNDER,
        RIGHT,
        OVER
    }

    private static double reading(double celsius, double coldestC) {
        double z = (celsius - coldestC - PROBE_WARM_K) / PROBE_ERROR_K;
        return SLIP + (1 - SLIP) * Math.exp(-z * z / 2);
    }

    private static double between(double celsius, double from, double to) {
        double above = 1 / (1 + Math.exp((from - celsius) / EYE_BLUR_K));
        double below = 1 / (1 + Math.exp((celsius - to) / EYE_BLUR_K));
        return SLIP + (1 - SLIP) * above * below;
    }

    private static void checkMinute(String field, double minute) {
        new Refusals()
                .range(field, "A minute of the bake", minute, 0, 400, "min")
                .throwIfAny();
    }

    private static void checkReading(double celsius) {
        new Refusals()
                .range("celsius", "A probe's reading", celsius, -30, 120, "°C")
                .throwIfAny();
    }
}
