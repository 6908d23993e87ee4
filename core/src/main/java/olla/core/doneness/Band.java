package olla.core.doneness;

import olla.core.messages.Message;

/** What flesh is like by its core temperature (common kitchen practice, no source). */
public enum Band {
    RAW(Double.NEGATIVE_INFINITY),
    BARELY_SET(43),
    JUST_OPAQUE(50),
    FLAKES(55),
    FIRM(60),
    DRY(66);

    private final double fromC;

    Band(double fromC) {
        this.fromC = fromC;
    }

    /** Lower edge, °C; minus infinity for the first. */
    public double fromC() {
        return fromC;
    }

    /** What a cook sees. */
    public Message look() {
        return Message.word(this).form("look");
    }

    /** The band a temperature falls in. */
    public static Band of(double celsius) {
        Band found = RAW;
        for (Band band : values()) {
            if (celsius >= band.fromC) {
                found = band;
            }
        }
        return found;
    }
}
