package olla.core.fish;

/** How the thickness is known, and so how surely. */
public enum MeasuredBy {
    /** By ruler or skewer at the thickest point. */
    RULER,
    /** Reckoned from the mass and the usual build of the cut. */
    SCALE,
    /** Reckoned from a whole fish's length alone. */
    LENGTH
}
