package olla.core.safety;

import olla.core.messages.Message;

/**
 * Something that can hurt somebody.
 *
 * @param code stable name of the rule
 * @param weight how hard it is said
 * @param when at which moment it matters
 * @param text what to know
 * @param source who says so
 */
public record Caution(String code, Weight weight, When when, Message text, Message source) {

    /** The moment at which a caution matters, and is shown. */
    public enum When {
        /** While it is bought and prepared. */
        COUNTER,
        /** Before it goes in. */
        BENCH,
        /** When the grill is on. */
        GRILL,
        /** When it is out and opened, cracked or carved. */
        OPENING,
        /** While it stands, and for what is left of it. */
        REST
    }

    /** How hard a caution is said. */
    public enum Weight {
        /** Don't, until it is mended. */
        STOP,
        /** Look out. */
        WARN,
        /** Good to know. */
        KNOW
    }
}
