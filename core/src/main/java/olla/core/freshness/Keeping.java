package olla.core.freshness;

/**
 * How long fish keeps: raw within 2 days at 0 to 4 °C (published: USDA FSIS, refrigerator storage chart, from memory), a
 * day in the fridge once thawed; frozen for quality 6 to 8 months lean, 2 to 3 oily (same chart, from memory).
 */
public enum Keeping {
    ON_ICE("on ice", 48),
    FRIDGE("in the fridge at [4 °C] or below", 48),
    THAWED("thawed, in the fridge", 24),
    FROZEN("frozen at [-18 °C]", 0);

    /** Frozen lean fish keeps its quality this many days. */
    public static final int LEAN_FROZEN_DAYS = 180;

    /** Frozen oily fish keeps its quality this many days. */
    public static final int OILY_FROZEN_DAYS = 75;

    private final String words;
    private final int hours;

    Keeping(String words, int hours) {
        this.words = words;
        this.hours = hours;
    }

    /** What to say of a fish kept so, once its time is up and before. */
    public String advice(boolean past) {
        return past ? "Past its time. Leave it." : "Kept " + words + ".";
    }

    /** Hours from the purchase until it should be eaten. */
    public int hours(boolean oily) {
        return this == FROZEN ? 24 * (oily ? OILY_FROZEN_DAYS : LEAN_FROZEN_DAYS) : hours;
    }
}
