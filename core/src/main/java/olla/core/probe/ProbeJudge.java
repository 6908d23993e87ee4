package olla.core.probe;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import olla.core.units.Temperature;

/**
 * Tells readings of the middle of a fish from those of the air, the tray, a slipped tip or a fault. Readings are judged in
 * the order of their time, however they came.
 */
public final class ProbeJudge {

    /* No freezer of a kitchen makes flesh colder, °C (common practice: they stand at -18 to -24). */
    private static final double COLDEST_FLESH_C = -30;

    /* A tip at the middle reads at most so much above the warmest middle that is plausible, K (from memory: a sensor's
    error and a tip some millimetres off). */
    private static final double ABOVE_WARMEST_K = 12;

    /* Heat goes through a thin fillet at up to some 8 K a minute; beside that a tip may wobble, K (from the model: 12 mm in a
    hot oven; wobble from memory). */
    private static final double FASTEST_K_PER_MIN = 12;
    private static final double WOBBLE_K = 3;

    /* The middle of a fish in the oven does not grow colder, K of wobble allowed against the warmest so far. */
    private static final double FALL_K = 4;

    /* A slow tip needs about so long to take on the temperature round it, minutes (from memory: time constants of 5 to 15 s). */
    private static final double SETTLING_MIN = 0.75;

    /* After a jump a new place is believed once readings have agreed for so long, minutes. */
    private static final double AGREEING_MIN = 1;

    private ProbeJudge() {}

    /**
     * A reading and what it is worth.
     *
     * @param place counts up each time the tip is taken to have come to rest in another place
     */
    public record JudgedReading(Reading reading, Trust trust, int place) {}

    /**
     * Judges the readings of one tip.
     *
     * @param readings in order of their minutes
     * @param sinceMin when the tip was put in
     * @param warmestC the warmest that the middle can be by the minute, °C
     * @param untilMin when the dish came out, minutes; infinite while it is in: a middle on the board may grow colder
     */
    public static List<JudgedReading> judge(
            List<Reading> readings, double sinceMin, DoubleUnaryOperator warmestC, double untilMin) {
        List<JudgedReading> judged = new ArrayList<>();
        Reading last = null;
        double settledAt = sinceMin + SETTLING_MIN;
        double warmest = Double.NEGATIVE_INFINITY;
        int place = 0;
        for (Reading reading : readings) {
            Trust trust = limits(reading, warmestC, untilMin);
            if (trust == Trust.STEADY && last != null && jumped(last, reading)) {
                trust = Trust.JUMPED;
                settledAt = reading.minute() + AGREEING_MIN;
                warmest = Double.NEGATIVE_INFINITY;
                place++;
            } else if (trust == Trust.STEADY && reading.minute() < settledAt) {
                trust = Trust.SETTLING;
            } else if (trust == Trust.STEADY && reading.minute() < untilMin && reading.celsius() < warmest - FALL_K) {
                trust = Trust.FALLING;
            }
            if (trust == Trust.IN_THE_AIR || trust == Trust.NOT_AT_THE_MIDDLE) {
                settledAt = reading.minute() + AGREEING_MIN;
            }
            if (trust.believed()) {
                warmest = Math.max(warmest, reading.celsius());
            }
            judged.add(new JudgedReading(reading, trust, place));
            last = reading;
        }
        return judged;
    }

    private static Trust limits(Reading reading, DoubleUnaryOperator warmestC, double untilMin) {
        if (reading.celsius() >= Temperature.BOILING_C) {
            return Trust.IN_THE_AIR;
        }
        if (reading.celsius() < COLDEST_FLESH_C) {
            return Trust.TOO_COLD;
        }
        boolean in = reading.minute() < untilMin;
        return in && reading.celsius() > warmestC.applyAsDouble(reading.minute()) + ABOVE_WARMEST_K
                ? Trust.NOT_AT_THE_MIDDLE
                : Trust.STEADY;
    }

    private static boolean jumped(Reading before, Reading now) {
        double most = WOBBLE_K + FASTEST_K_PER_MIN * (now.minute() - before.minute());
        return Math.abs(now.celsius() - before.celsius()) > most;
    }
}
