package olla.core.fish;

import olla.core.units.Temperature;

/** Where something comes from when it is laid in, on or under a fish. */
public enum Kept {
    FRIDGE(Piece.FRIDGE_C),
    /** Mixed or cut for this. */
    MIXED(Temperature.MIXED_C),
    /** Cooked, and laid as it comes from the pan (temperature: common practice, no source). */
    HOT(60);

    private final double startC;

    Kept(double startC) {
        this.startC = startC;
    }

    /** How warm it is, °C. */
    public double startC() {
        return startC;
    }
}
