package olla.core.safety;

import olla.core.doneness.Doneness;

/** What is left of a dish (published: USDA FSIS, leftovers and food safety, from memory: 2 hours, 3 to 4 days, 74 °C). */
public final class Leftovers {

    /** Into the fridge within so many minutes of leaving the heat. */
    public static final double FRIDGE_WITHIN_MIN = 120;

    /** Eaten within so many days; the shorter end. */
    public static final int KEPT_DAYS = 3;

    /** Reheated to this, °C. */
    public static final double REHEATED_C = Doneness.STUFFING_C;

    private Leftovers() {}

    /** What to do with what is left, in a sentence. */
    public static String words() {
        return String.format(
                java.util.Locale.ROOT,
                "What is left goes into the fridge within %.0f hours, is eaten in %d days and reheated to [%.0f °C].",
                FRIDGE_WITHIN_MIN / 60,
                KEPT_DAYS,
                REHEATED_C);
    }
}
