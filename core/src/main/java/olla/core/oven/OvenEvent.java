package olla.core.oven;

import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/** Something that happened to the oven while a dish was in it. */
public sealed interface OvenEvent {

    /** Minutes after the dish went in. */
    double minute();

    /**
     * It had not come to its heat when the dish went in.
     *
     * @param airC what its air was, 0 to 300 °C
     */
    record NotHot(double airC) implements OvenEvent {
        /** @throws olla.core.messages.RefusedInput where the temperature is out of range */
        public NotHot {
            new Refusals()
                    .range("celsius", "oven-air", airC, 0, Programme.HOTTEST_C, Unit.CELSIUS)
                    .throwIfAny();
        }

        @Override
        public double minute() {
            return 0;
        }
    }

    /**
     * Its door stood open.
     *
     * @param seconds for how long, 1 to 600
     */
    record DoorOpened(double minute, double seconds) implements OvenEvent {
        /** So long a door is open for whoever takes a piece out, s (common practice, no source). */
        public static final double TAKING_OUT_S = 20;

        /** So long for whoever looks: finds the middle, pushes a tip in and reads it, s (common practice, no source). */
        public static final double LOOKING_S = 25;

        /** @throws olla.core.messages.RefusedInput where the length is out of range */
        public DoorOpened {
            new Refusals()
                    .range("seconds", "open-door", seconds, 1, 600, Unit.SECOND)
                    .throwIfAny();
        }
    }

    /**
     * The dish stood outside for a while and went back in.
     *
     * @param untilMin when it went back, no earlier than it came out
     */
    record Outside(double minute, double untilMin) implements OvenEvent {
        /** @throws olla.core.messages.RefusedInput where it would have gone back before it came out */
        public Outside {
            new Refusals()
                    .range("untilMin", "back-in-the-oven", untilMin, minute, Double.MAX_VALUE, Unit.MIN)
                    .throwIfAny();
        }

        boolean holds(double at) {
            return at >= minute && at < untilMin;
        }
    }

    /**
     * Its dial was turned.
     *
     * @param tempC to what, 90 to 300 °C
     */
    record DialTurned(double minute, double tempC) implements OvenEvent {
        /** @throws olla.core.messages.RefusedInput where the dial is out of range */
        public DialTurned {
            new Refusals()
                    .range("celsius", "oven-temperature", tempC, Programme.COOLEST_C, Programme.HOTTEST_C, Unit.CELSIUS)
                    .throwIfAny();
        }
    }

    /**
     * Its thermostat lets the air swing about the dial all the while, as a sine.
     *
     * @param swingC how far either way, 0 to 40 °C
     * @param periodMin from one crest to the next, 1 to 60 minutes
     * @param aheadMin how far it is into a swing when the dish goes in, minutes
     */
    record Swings(double swingC, double periodMin, double aheadMin) implements OvenEvent {
        /** @throws olla.core.messages.RefusedInput where swing or period are out of range */
        public Swings {
            new Refusals()
                    .range("swingC", "oven-swing", swingC, 0, 40, Unit.KELVIN)
                    .range("periodMin", "oven-swing-period", periodMin, 1, 60, Unit.MIN)
                    .throwIfAny();
        }

        @Override
        public double minute() {
            return 0;
        }

        /* How far above the dial the air then is, K. */
        double at(double sinceMin) {
            return swingC * Math.sin(2 * Math.PI * (sinceMin + aheadMin) / periodMin);
        }
    }
}
