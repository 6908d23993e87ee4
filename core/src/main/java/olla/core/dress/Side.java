package olla.core.dress;

import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Spoons;

/**
 * A side that joins the fish for its last minutes, in the same vessel.
 *
 * @param of of what
 * @param lastMin for how many minutes before the end, 1 to 30
 * @param gEach beside each piece, g, 5 to 500
 * @param waterMl water splashed on it, beside each piece, ml, 0 to 100
 */
public record Side(Vegetable of, double lastMin, double gEach, double waterMl) {

    /** So long a side stays that nobody has said more of, minutes (common practice, no source). */
    public static final double USUAL_MIN = 5;

    /** Beside one piece, g (common practice, no source). */
    public static final double USUAL_G = 70;

    /** A splash, beside each piece, ml. */
    public static final double USUAL_SPLASH_ML = Spoons.SPLASH_ML;

    /** What joins that nobody has said more of (common practice, no source). */
    public static final Vegetable USUAL = Vegetable.TOMATO;

    /* What needs longer than it stays by more than this is cooked first, minutes (common practice, no source). */
    private static final double FIRM_MIN = 1.5;

    /* Head starts are told for this oven, °C. */
    private static final double TOLD_C = 200;

    /** @throws olla.core.messages.RefusedInput where a number is out of range */
    public Side {
        new Refusals()
                .range("lastMin", "side-lasts", lastMin, 1, 30, Unit.MIN)
                .range("gEach", "side-grams", gEach, 5, 500, Unit.GRAM)
                .range("waterMl", "side-water", waterMl, 0, 100, Unit.ML)
                .throwIfAny();
    }

    /** As it usually is. */
    public static Side of(Vegetable of) {
        return new Side(of, USUAL_MIN, USUAL_G, 0);
    }

    /** Whether it is not done in its minutes, and so cooked before it joins. */
    public boolean cookedFirst() {
        return of.minutes(Vegetable.Cutting.SLICES, TOLD_C) > lastMin + FIRM_MIN;
    }
}
