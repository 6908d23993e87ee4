package olla.core.messages;

/** What a number in a message is counted in. Whoever shows it may convert it to the reader's ruler and dial. */
public enum Unit {
    /** A temperature of flesh, air or a freezer, °C. */
    CELSIUS,
    /** What an oven is set to, °C; shown as its dial has it. */
    DIAL,
    /** A rise or a difference of temperature, K. */
    KELVIN,
    /** A length, mm. */
    MM,
    /** A mass, g. */
    GRAM,
    /** A volume, ml. */
    ML,
    /** Minutes with their sign, as between two ends of a range. */
    MIN,
    /** Minutes in a sentence, to the half: "1 minute", "10½ minutes". */
    MINUTE,
    /** Seconds. */
    SECOND,
    /** A share of a whole, 0 to 1 as it is typed. */
    SHARE,
    /** Nothing: a bare number. */
    NUMBER
}
