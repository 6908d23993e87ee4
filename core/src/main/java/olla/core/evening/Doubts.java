package olla.core.evening;

/** How far what is not reckoned may be out (common practice, no source). */
public final class Doubts {

    /** Standard deviation of a side's cooking, as a share of its minutes. */
    public static final double SIDE_SHARE = 0.08;

    private Doubts() {}
}
