package olla.core.probe;

/** Whether a reading is believed, and why not. */
public enum Trust {
    STEADY,
    /** Just put in, or just moved. */
    SETTLING,
    /** Warmer than moist flesh can be: it measures the oven. */
    IN_THE_AIR,
    /** Colder than a freezer makes anything: it measures nothing. */
    TOO_COLD,
    /** Warmer than the middle of any such fish, and not the air. */
    NOT_AT_THE_MIDDLE,
    /** Faster than heat goes through flesh. */
    JUMPED,
    /** It was in the oven and grows colder. */
    FALLING;

    /** Whether it counts. */
    public boolean believed() {
        return this == STEADY;
    }
}
