package olla.core.dress;

import olla.core.fish.Composition;

/** How a fish is dressed for the oven, and what that puts between it and the heat. */
public sealed interface Dress permits OpenTray, Topping, Breaded, Parcel, SaltCrust, TrayBake {

    /**
     * Conductance from the tray's metal into the piece, W/m²K: a greased tray, flesh pressed on by its own weight
     * (order of magnitude from memory; within it, calibrated on the trade's check values, see docs/model.md).
     */
    double TRAY_CONTACT_W_M2K = 250;

    /** Which of the ways it is. */
    Style style();

    /** Least rest before it is served, minutes (common practice, no source). */
    double usualRestMinutes();

    /** How far the fish lies above the tray, mm: on a bed, in a crust, in a coat of crumb. */
    default double liftMm() {
        return 0;
    }

    /** How wet the bare face of the flesh is, 0 (covered, or dry) to 1 (a water surface). */
    default double wetness(Composition composition) {
        return 0;
    }
}
