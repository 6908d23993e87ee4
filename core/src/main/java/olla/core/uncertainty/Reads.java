package olla.core.uncertainty;

/** What a bake is read by that is to teach something of its oven, beside what is said of it at the table. */
public enum Reads {
    /** A probe that stays in from the start. */
    LEFT_IN,
    /** A probe put in once, at a look. */
    ONCE,
    /** Nothing. */
    TASTED
}
