package olla.core.freshness;

import olla.core.messages.Message;
import olla.core.messages.Quantity;

/**
 * How long fish keeps: raw within 2 days at 0 to 4 °C (published: USDA FSIS, refrigerator storage chart, from memory), a
 * day in the fridge once thawed; frozen for quality 6 to 8 months lean, 2 to 3 oily (same chart, from memory).
 */
public enum Keeping {
    ON_ICE(48),
    FRIDGE(48),
    THAWED(24),
    FROZEN(0);

    /** Frozen lean fish keeps its quality this many days. */
    public static final int LEAN_FROZEN_DAYS = 180;

    /** Frozen oily fish keeps its quality this many days. */
    public static final int OILY_FROZEN_DAYS = 75;

    /* A fridge no warmer, a freezer no warmer than this, °C (published: the same chart, from memory). */
    private static final double COLD_C = 4;
    private static final double FROZEN_C = -18;

    private final int hours;

    Keeping(int hours) {
        this.hours = hours;
    }

    /** What to say of a fish kept so, once its time is up and before. */
    public Message advice(boolean past) {
        return past
                ? Message.of("keeping.past")
                : Message.of(
                        Message.word(this).key(),
                        "cold",
                        Quantity.celsius(COLD_C),
                        "frozen",
                        Quantity.celsius(FROZEN_C));
    }

    /** Hours from the purchase until it should be eaten. */
    public int hours(boolean oily) {
        return this == FROZEN ? 24 * (oily ? OILY_FROZEN_DAYS : LEAN_FROZEN_DAYS) : hours;
    }
}
