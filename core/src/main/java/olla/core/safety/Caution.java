package olla.core.safety;

/**
 * Something that can hurt somebody.
 *
 * @param code stable name of the rule
 * @param weight how hard it is said
 * @param text what to know, in a sentence or two
 * @param source who says so
 */
public record Caution(String code, Weight weight, String text, String source) {

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
