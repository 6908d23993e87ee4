package olla.core.safety;

import olla.core.doneness.Doneness;
import olla.core.messages.Message;
import olla.core.messages.Quantity;

/** What is left of a dish (published: USDA FSIS, leftovers and food safety, from memory: 2 hours, 3 to 4 days, 74 °C). */
public final class Leftovers {

    /** Into the fridge within so many minutes of leaving the heat. */
    public static final double FRIDGE_WITHIN_MIN = 120;

    /** Eaten within so many days; the shorter end. */
    public static final int KEPT_DAYS = 3;

    /** Reheated to this, °C. */
    public static final double REHEATED_C = Doneness.STUFFING_C;

    private Leftovers() {}

    /** What to do with what is left. */
    public static Message rule() {
        return Message.of(
                "leftovers",
                "hours",
                FRIDGE_WITHIN_MIN / 60,
                "days",
                KEPT_DAYS,
                "reheated",
                Quantity.celsius(REHEATED_C));
    }
}
