package olla.core.probe;

/** Whether a reading is believed, and why not. */
public enum Trust {
    STEADY("tip at the middle, steady"),
    /** Just put in, or just moved. */
    SETTLING("settling"),
    /** Warmer than moist flesh can be: it measures the oven. */
    IN_THE_AIR("The tip is in the air. Push it into the thickest part."),
    /** Colder than a freezer makes anything: it measures nothing. */
    TOO_COLD("Colder than any freezer: the probe is broken or not plugged in. It is not counted."),
    /** Warmer than the middle of any such fish, and not the air. */
    NOT_AT_THE_MIDDLE("Too hot for the middle: the tip is near the tray or the edge. Push it to the centre."),
    /** Faster than heat goes through flesh. */
    JUMPED("The reading jumped. Has the tip moved? It is not counted."),
    /** It was in the oven and grows colder. */
    FALLING("The reading falls in a hot oven: the tip has slipped out.");

    private final String words;

    Trust(String words) {
        this.words = words;
    }

    /** What to tell the cook. */
    public String words() {
        return words;
    }

    /** Whether it counts. */
    public boolean believed() {
        return this == STEADY;
    }
}
