package olla.core.oven;

import olla.core.units.Dial;

/**
 * Kinds of oven by how their air moves. Film coefficients are of the usual order for natural and forced convection in
 * domestic ovens (from memory).
 */
public enum OvenKind {
    /** Top and bottom heat, still air. */
    STILL(11),
    /** A fan stirs the air. */
    FAN(24);

    private final double filmWm2K;

    OvenKind(double filmWm2K) {
        this.filmWm2K = filmWm2K;
    }

    /** Convective film coefficient, W/m²K. */
    public double filmWm2K() {
        return filmWm2K;
    }

    /** The dials that match this oven set to {@code celsius}. */
    public Dial dial(double celsius) {
        return this == FAN ? Dial.forFanOven(celsius) : Dial.forStillOven(celsius);
    }
}
