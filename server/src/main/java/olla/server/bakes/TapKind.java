package olla.server.bakes;

/** What can be tapped while a bake runs and after it. */
public enum TapKind {
    /** It stands outside until the oven is hot. */
    HELD,
    /** It goes in now. */
    IN,
    /** It went in although the oven was not hot. */
    NOT_HOT,
    /** The door was open. */
    DOOR,
    /** The dial was turned. */
    DIAL,
    /** What was seen or felt. */
    CUE,
    /** A thermometer was read. */
    READ,
    /** Something of the programme was done by hand. */
    STEP,
    OUT,
    CRACKED,
    /** Helpings lifted. */
    PORTIONS,
    /** What is left is in the fridge. */
    CHILLED,
    /** Nothing is left. */
    NONE_LEFT,
    /** What was left was thrown out. */
    BINNED;

    /** Whether it says what became of the leftovers. */
    boolean clears() {
        return this == CHILLED || this == NONE_LEFT || this == BINNED;
    }

    /** Whether it can only be while the dish is in the oven, or before. */
    boolean inside() {
        return ordinal() <= CUE.ordinal() || this == STEP;
    }
}
