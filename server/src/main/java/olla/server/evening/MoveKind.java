package olla.server.evening;

/** What somebody did to a run sheet. */
public enum MoveKind {
    /** A step is done. */
    DONE,
    /** A step is left out. */
    SKIPPED,
    /** A step begins at the move's moment, whatever else would be better. */
    PINNED,
    /** A dish went in; with its bake where it has one. */
    IN,
    /** A dish that has no bake of its own came out. */
    OUT,
    /** Somebody has looked at a side in the oven: it is not done yet. */
    NOT_YET
}
