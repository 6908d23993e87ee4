package olla.core.fish;

/** How a piece lies on its tray. */
public enum Orientation {
    /** On its flat side. */
    LYING,
    /** Upright: a whole fish on its belly, a strip or a steak on its edge. */
    STANDING
}
