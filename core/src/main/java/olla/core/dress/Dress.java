package olla.core.dress;

/** How a fish is dressed for the oven, and what that puts between it and the heat. */
public sealed interface Dress permits OpenTray, Parcel {

    /**
     * Conductance from the tray's metal into the piece, W/m²K: a greased tray, flesh pressed on by its own weight
     * (order of magnitude from memory; within it, calibrated on the trade's check values, see docs/model.md).
     */
    double TRAY_CONTACT_W_M2K = 250;

    /** Least rest before it is served, minutes (common practice, no source). */
    double usualRestMinutes();
}
