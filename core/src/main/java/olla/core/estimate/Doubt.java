package olla.core.estimate;

/**
 * One of the things nobody knows exactly, and what it does to the time.
 *
 * @param about which of them
 * @param what in a cook's words, with its size
 * @param minutes change of the likely time for one standard deviation, minutes, without sign
 */
public record Doubt(About about, String what, double minutes) {

    /** What nobody knows exactly. */
    public enum About {
        THICKNESS,
        OVEN,
        FILM,
        START,
        CONTACT,
        WETNESS
    }
}
