package olla.server.bakes.rows;

import java.util.EnumSet;
import java.util.Set;

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
    /** Some of the pieces came out, and the rest went on. */
    SOME_OUT,
    OUT,
    /** It goes back in, since it was not done; what was seen then may be said with it. */
    BACK,
    /** Another target is good enough. */
    TARGET,
    /** What the oven's thermometer seemed to tell was not so. */
    NOT_SO,
    CRACKED,
    /** Helpings lifted. */
    PORTIONS,
    /** What is left is in the fridge. */
    CHILLED,
    /** Nothing is left. */
    NONE_LEFT,
    /** What was left was thrown out. */
    BINNED,
    /** Nobody knows what became of it: it is closed, and nothing is learned from it. */
    FORGOTTEN;

    private static final Set<TapKind> BEFORE_OUT = EnumSet.of(HELD, IN, NOT_HOT, DOOR, DIAL, STEP, SOME_OUT, NOT_SO);
    private static final Set<TapKind> WHILE_ANYBODY_WAITS =
            EnumSet.of(HELD, IN, NOT_HOT, DOOR, DIAL, STEP, SOME_OUT, NOT_SO, CUE, READ, BACK, TARGET, CRACKED);

    /** Whether it says what became of the leftovers. */
    public boolean clears() {
        return this == CHILLED || this == NONE_LEFT || this == BINNED;
    }

    /** Whether it can only be while the dish is in the oven, or before. */
    public boolean inside() {
        return BEFORE_OUT.contains(this);
    }

    /** Whether it makes no sense any more once a dish was forgotten. */
    public boolean whileAnybodyWaits() {
        return WHILE_ANYBODY_WAITS.contains(this);
    }
}
