package olla.core.fish;

/** How the trade sorts fish by flesh. */
public enum Group {
    /** Firm and lean. */
    LEAN_WHITE,
    /** Fine and lean. */
    FLAT_WHITE,
    /** Moderately fat. */
    MEDIUM,
    /** Oily. */
    OILY
}
