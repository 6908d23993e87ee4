package olla.core.uncertainty;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import olla.core.doneness.Cue;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.oven.Spot;

/**
 * Something that was found out about a bake while it ran or after it, and how likely it is where the coldest point is this
 * warm. Everybody errs now and then, so nothing is ever quite impossible.
 */
public sealed interface Observation {

    /* A tip seldom meets the coldest point and reads a little warm of it; thermometer and hand add to it, K (common
    practice; sizes from memory). */
    double PROBE_WARM_K = 1;
    double PROBE_ERROR_K = 1.7;

    /* The same error's two parts for a probe that stays in: where the tip lies, the same for every reading, and what
    wanders, the model's own misses among it, K (from memory). */
    double PLACED_K = 1.4;
    double WANDERS_K = 1;

    /* One thermometer in an oven is not the air round the fish, K (from memory). */
    double AIR_ERROR_K = 4;

    /* A number is read, the door shut, and then it is tapped in: a quarter of a minute later (common practice, no source). */
    double TAPPED_AFTER_MIN = 0.25;

    /* No thermometer in an oven is further off its dial, K (order of magnitude, no source). */
    double MOST_OFF_C = 100;

    /** The least that a probe in fish reads: out of a freezer, °C. */
    double COLDEST_C = -30;

    /** The most that a probe in fish reads, °C. */
    double HOTTEST_C = 120;

    /** The least that a probe reads in a fish that is served, °C. */
    double COLDEST_SERVED_C = -5;

    /* How blurred the edges of what is seen are, K (from memory). */
    double EYE_BLUR_K = 1.5;

    /* One in so many is plainly wrong: a slip of the hand, another piece (from memory). */
    double SLIP = 0.02;

    /* And so few read colder than the coldest point is: another piece, a thermometer that had not settled (from memory). */
    double COLD_SLIP = 0.001;

    /* What a guest calls under-done or over-done, K from the target (common practice, no source). */
    double NOTICED_UNDER_K = 3;
    double NOTICED_OVER_K = 6;

    /** Something said of the coldest point at one moment. */
    sealed interface OfColdest extends Observation {
        /** How likely this is where it is, or peaked, at {@code celsius}, for a target; relative to other temperatures. */
        double likelihood(double celsius, double targetC);
    }

    /** In the oven, before it came out. */
    sealed interface InOven extends OfColdest {
        /** Minutes after the first thing went in. */
        double minute();

        /** The coldest that the middle can be, taken at its word, °C; minus infinity where it does not say. */
        double warmerThanC();

        /** The warmest that it can be, °C; infinity where it does not say. */
        double colderThanC();
    }

    /** After the bake, about the warmest that the coldest point has been. */
    sealed interface After extends OfColdest {
        /** When it came out, minutes after the first thing went in. */
        double outMinute();
    }

    /** A probe's reading at the thickest point, -30 to 120 °C. */
    record Probe(double minute, double celsius) implements InOven {
        /** @throws olla.core.messages.RefusedInput where either is out of range */
        public Probe {
            checkMinute("minute", minute);
            checkReading(celsius);
        }

        /**
         * One that a hand has tapped in: it was so a little before.
         *
         * @param tappedMin when it was tapped, minutes after the first thing went in
         */
        public static Probe tapped(double tappedMin, double celsius) {
            return new Probe(Math.max(Math.min(tappedMin, 0), tappedMin - TAPPED_AFTER_MIN), celsius);
        }

        @Override
        public double likelihood(double coldestC, double targetC) {
            return reading(celsius, coldestC);
        }

        @Override
        public double warmerThanC() {
            return celsius - PROBE_WARM_K - PROBE_ERROR_K;
        }

        @Override
        public double colderThanC() {
            return celsius - PROBE_WARM_K + PROBE_ERROR_K;
        }
    }

    /**
     * One of the readings of a probe that stays in, on top of the earlier ones. Where its tip lies and what its sensor
     * reads too much are the same for all of them, so that many readings are not as good as many probes: what is new in
     * this one is what the earlier ones did not already say.
     *
     * @param earlier the readings of the same tip in the same place, in order
     */
    record Tip(double minute, double celsius, List<Probe> earlier) implements Observation {

        /** @throws olla.core.messages.RefusedInput where either is out of range */
        public Tip {
            checkMinute("minute", minute);
            checkReading(celsius);
            earlier = List.copyOf(earlier);
        }

        double likelihood(DoubleUnaryOperator coldestAt) {
            double placed = PLACED_K * PLACED_K;
            double noise = WANDERS_K * WANDERS_K;
            double sum = 0;
            for (Probe before : earlier) {
                sum += before.celsius() - coldestAt.applyAsDouble(before.minute()) - PROBE_WARM_K;
            }
            double known = noise + earlier.size() * placed;
            double bias = placed * sum / known;
            double variance = noise + placed * noise / known;
            double off = celsius - coldestAt.applyAsDouble(minute) - PROBE_WARM_K - bias;
            return SLIP + (1 - SLIP) * Math.exp(-off * off / variance / 2);
        }
    }

    /**
     * What a thermometer in the oven says of its dial.
     *
     * @param offC its air less the dial, °C, over some minutes with the door shut
     */
    record OvenAir(double offC) implements Observation {
        /** @throws olla.core.messages.RefusedInput where it is out of range */
        public OvenAir {
            new Refusals()
                    .range("offC", "oven-error", offC, -MOST_OFF_C, MOST_OFF_C, Unit.CELSIUS)
                    .throwIfAny();
        }

        /** What it says of a spot in the oven: it hangs in the middle. */
        public OvenAir at(Spot spot) {
            return new OvenAir(Math.max(-MOST_OFF_C, Math.min(MOST_OFF_C, offC + spot.warmerK())));
        }

        double likelihood(double offsetC) {
            double z = (offC - offsetC) / AIR_ERROR_K;
            return SLIP + (1 - SLIP) * Math.exp(-z * z / 2);
        }
    }

    /** What was seen or felt. */
    record Seen(double minute, Cue cue) implements InOven {
        /** @throws olla.core.messages.RefusedInput where the minute is out of range */
        public Seen {
            checkMinute("minute", minute);
        }

        @Override
        public double likelihood(double coldestC, double targetC) {
            return between(coldestC, cue.fromC(), cue.toC());
        }

        @Override
        public double warmerThanC() {
            return cue.fromC();
        }

        @Override
        public double colderThanC() {
            return cue.toC();
        }
    }

    /** The highest reading of a probe left in through the rest, -30 to 120 °C. */
    record Peak(double outMinute, double celsius) implements After {
        /** @throws olla.core.messages.RefusedInput where either is out of range */
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
    record Outcome(double outMinute, Verdict verdict) implements After {
        /** @throws olla.core.messages.RefusedInput where the minute is out of range */
        public Outcome {
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
        OVER;

        /** What guests would say of a fish that peaked so. */
        public static Verdict of(double peakC, double targetC) {
            if (peakC < targetC - NOTICED_UNDER_K) {
                return UNDER;
            }
            return peakC > targetC + NOTICED_OVER_K ? OVER : RIGHT;
        }
    }

    private static double reading(double celsius, double coldestC) {
        double z = (celsius - coldestC - PROBE_WARM_K) / PROBE_ERROR_K;
        // A tip that misses the coldest point reads warm of it: few slips read cold.
        double slip = z < 0 ? COLD_SLIP : SLIP;
        return slip + (1 - slip) * Math.exp(-z * z / 2);
    }

    private static double between(double celsius, double from, double to) {
        double above = 1 / (1 + Math.exp((from - celsius) / EYE_BLUR_K));
        double below = 1 / (1 + Math.exp((celsius - to) / EYE_BLUR_K));
        return SLIP + (1 - SLIP) * above * below;
    }

    private static void checkMinute(String field, double minute) {
        // However long it was in: whoever writes it down judges whether that can be, and what is written can be read.
        new Refusals()
                .range(field, "minute-of-the-bake", minute, 0, Double.MAX_VALUE, Unit.MIN)
                .throwIfAny();
    }

    private static void checkReading(double celsius) {
        new Refusals()
                .range("celsius", "probe-reading", celsius, COLDEST_C, HOTTEST_C, Unit.CELSIUS)
                .throwIfAny();
    }
}
