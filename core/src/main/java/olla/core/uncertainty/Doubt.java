package olla.core.uncertainty;

import olla.core.messages.Message;

/**
 * One of the things nobody knows exactly, and what it does to the time.
 *
 * @param about which of them
 * @param what what it is, with its size
 * @param minutes change of the likely time for one standard deviation, minutes, without sign
 * @param narrowsToMin how wide the window would be with the remedy, or without the doubt where there is none, minutes
 * @param remedy what a cook can do about it, nothing where there is nothing
 */
public record Doubt(About about, Message what, double minutes, double narrowsToMin, Message remedy) {

    /** How well a few logged bakes tell an oven's error, °C (simulated: docs/model.md, what the log teaches). */
    public static final double CHECKED_OVEN_C = 4;

    /** What nobody knows exactly. */
    public enum About {
        THICKNESS,
        OVEN,
        FILM,
        START,
        CONTACT,
        WETNESS,
        MODEL
    }
}
