package olla.core.safety;

import olla.core.messages.Message;
import olla.core.messages.Quantity;

/**
 * What has been done about parasites in fish that is served under-done (published: FDA Food Code 3-402.11, from memory:
 * frozen at -20 °C for 7 days or at -35 °C for 15 hours, raised on pellets alone, or of an exempt kind).
 */
public enum Parasites {
    FROZEN,
    FARMED,
    UNKNOWN;

    private static final int FROZEN_DAYS = 7;
    private static final double FROZEN_C = -20;
    private static final int DEEP_FROZEN_HOURS = 15;
    private static final double DEEP_FROZEN_C = -35;

    /** A message in which both ways to freeze it stand. */
    static Message freezing(String key) {
        return Message.of(
                key,
                "days",
                FROZEN_DAYS,
                "cold",
                Quantity.celsius(FROZEN_C),
                "hours",
                DEEP_FROZEN_HOURS,
                "colder",
                Quantity.celsius(DEEP_FROZEN_C));
    }

    /** In a cook's words. */
    public Message words() {
        return freezing(Message.word(this).key());
    }
}
