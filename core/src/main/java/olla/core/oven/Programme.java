package olla.core.oven;

import java.util.OptionalDouble;
import olla.core.units.Refusals;

/**
 * What the oven does, in order: bake at one temperature, then rest out of the oven.
 *
 * @param bakeTempC dial temperature, 90 to 300 °C
 * @param bakeMinutes given, 0.5 to 240, or empty where the length is to be solved for the target
 * @param restMinutes out of the oven before serving, 0 to 60
 */
public record Programme(double bakeTempC, OptionalDouble bakeMinutes, double restMinutes) {

    /** The coolest oven the tool reckons with, °C. */
    public static final double COOLEST_C = 90;

    /** The hottest oven the tool reckons with, °C. */
    public static final double HOTTEST_C = 300;

    /** The longest bake the tool reckons with, minutes. */
    public static final double LONGEST_MINUTES = 240;

    /** @throws olla.core.units.RefusedInput where a stage is out of range */
    public Programme {
        Refusals refusals = new Refusals()
                .range("tempC", "An oven temperature", bakeTempC, COOLEST_C, HOTTEST_C, "°C")
                .range("restMinutes", "A rest", restMinutes, 0, 60, "min");
        bakeMinutes.ifPresent(m -> refusals.range("minutes", "A bake", m, 0.5, LONGEST_MINUTES, "min"));
        refusals.throwIfAny();
    }
}
