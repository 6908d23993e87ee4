package olla.core.oven;

import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Temperature;

/**
 * How an oven loses its heat while a dish is in it: not at all where something keeps it up, or towards the room, fast at
 * first (Newton's law of cooling).
 *
 * @param minutes time constant; infinite where it is kept up
 */
public record Cooling(double minutes) {

    /** A thermostat, or somebody who feeds the fire. */
    public static final Cooling KEPT = new Cooling(Double.POSITIVE_INFINITY);

    /** What is said of a falling fire is said of an oven this hot, °C. */
    public static final double SAID_AT_C = 250;

    /** Nobody bakes in an oven that loses more in an hour, °C (common practice, no source). */
    public static final double MOST_C_PER_HOUR = 150;

    /** @throws olla.core.messages.RefusedInput where it would cool in no time */
    public Cooling {
        if (!(minutes > 0)) {
            new Refusals().add("fallsCPerHour", "refusal.cools-in-no-time").throwIfAny();
        }
    }

    /**
     * An oven that loses so much in the first hour from 250 °C.
     *
     * @param celsiusPerHour 0, where it is kept up, to 150 °C
     * @throws olla.core.messages.RefusedInput where it is out of range
     */
    public static Cooling falling(double celsiusPerHour) {
        new Refusals()
                .range("fallsCPerHour", "fall-in-an-hour", celsiusPerHour, 0, MOST_C_PER_HOUR, Unit.CELSIUS)
                .throwIfAny();
        return celsiusPerHour == 0
                ? KEPT
                : new Cooling(-60 / Math.log1p(-celsiusPerHour / (SAID_AT_C - Temperature.ROOM_C)));
    }

    /** What it loses in the first hour from 250 °C, °C. */
    public double celsiusPerHour() {
        return (SAID_AT_C - Temperature.ROOM_C) * -Math.expm1(-60 / minutes);
    }

    /** Whether it cools at all. */
    public boolean falls() {
        return minutes < Double.POSITIVE_INFINITY;
    }

    /** What is left after some minutes of being hotter than the room, 0 to 1. */
    public double left(double after) {
        return Math.exp(-after / minutes);
    }
}
