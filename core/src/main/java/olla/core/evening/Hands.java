package olla.core.evening;

import olla.core.messages.Refusals;

/**
 * A pair of hands.
 *
 * @param name what this kitchen calls it, a role and never a person; 1 to 40 characters
 * @param fromMin from when it is there, minutes from the first course; negative infinity where it always is
 * @param untilMin until when
 */
public record Hands(String name, double fromMin, double untilMin) {

    private static final int LONGEST_NAME = 40;

    /** @throws olla.core.messages.RefusedInput where it would leave before it comes, or has no name */
    public Hands {
        Refusals refusals = new Refusals().length("name", "hands-name", name, 1, LONGEST_NAME);
        if (!(untilMin > fromMin)) {
            refusals.add("untilMin", "refusal.hands-leave-first");
        }
        refusals.throwIfAny();
    }

    /** Hands that are there all evening. */
    public static Hands always(String name) {
        return new Hands(name, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /** Whether it is there then. */
    public boolean there(double minute) {
        return minute >= fromMin && minute < untilMin;
    }
}
