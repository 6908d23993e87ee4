package olla.core.freshness;

/** The published grades, best first. */
public enum Score {
    EXTRA,
    A,
    B,
    /** Not admitted. */
    REFUSED
}
