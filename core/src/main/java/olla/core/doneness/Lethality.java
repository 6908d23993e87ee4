package olla.core.doneness;

import olla.core.messages.Message;
import olla.core.messages.Quantity;

/**
 * Lethality: the minutes at a reference temperature that would kill as many germs as the real heating did.
 * {@code F = integral of 10^((T - Tref)/z) dt}. For <i>Listeria monocytogenes</i> z = 7.5 °C at 70 °C, where 2.0 min
 * give six decimal reductions (published: FDA Fish and Fishery Products Hazards and Controls Guidance, appendix table on
 * inactivation of L. monocytogenes, from memory). Information only, never a permission.
 */
public final class Lethality {

    /** Reference temperature, °C. */
    public static final double REFERENCE_C = 70;

    /** Temperature rise that makes killing ten times as fast, °C. */
    public static final double Z_C = 7.5;

    /** Minutes at the reference for six decimal reductions. */
    public static final double SIX_LOG_MINUTES_AT_70 = 2.0;

    private Lethality() {}

    /** What so many equivalent minutes at 70 °C mean, with their source and what they are not. */
    public static Message meaning(double minutesAt70) {
        return Message.of(
                "lethality",
                "minutes",
                minutesAt70,
                "reference",
                Quantity.celsius(REFERENCE_C),
                "sixLog",
                SIX_LOG_MINUTES_AT_70);
    }

    /** Minutes at 70 °C that one minute at {@code celsius} is worth. */
    public static double rate(double celsius) {
        return Math.pow(10, (celsius - REFERENCE_C) / Z_C);
    }

    /** Minutes at {@code celsius} for six decimal reductions. */
    public static double sixLogMinutesAt(double celsius) {
        return SIX_LOG_MINUTES_AT_70 / rate(celsius);
    }

    /**
     * Equivalent minutes at 70 °C of a temperature course, by the trapezoidal rule.
     *
     * @param minute times, rising
     * @param celsius temperature of the coldest point at each time, as many as minutes
     * @throws IllegalArgumentException where the two differ in length
     */
    public static double minutesAt70(double[] minute, double[] celsius) {
        if (minute.length != celsius.length) {
            throw new IllegalArgumentException("minute has " + minute.length + " values and celsius " + celsius.length);
        }
        double sum = 0;
        for (int i = 1; i < minute.length; i++) {
            sum += (rate(celsius[i]) + rate(celsius[i - 1])) / 2 * (minute[i] - minute[i - 1]);
        }
        return sum;
    }
}
