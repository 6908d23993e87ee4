package olla.core.doneness;

/** What flesh is like by its core temperature (common kitchen practice, no source). */
public enum Band {
    RAW(Double.NEGATIVE_INFINITY, "raw", "glassy, holds together"),
    BARELY_SET(43, "set", "translucent centre, separates unwillingly"),
    JUST_OPAQUE(50, "opaque", "a trace of gloss, flakes under pressure"),
    FLAKES(55, "flakes", "opaque, flakes easily, moist"),
    FIRM(60, "firm", "opaque to the bone, falls apart"),
    DRY(66, "dry", "white beads, chalky");

    private final double fromC;
    private final String word;
    private final String look;

    Band(double fromC, String word, String look) {
        this.fromC = fromC;
        this.word = word;
        this.look = look;
    }

    /** Lower edge, °C; minus infinity for the first. */
    public double fromC() {
        return fromC;
    }

    /** The band in one word. */
    public String word() {
        return word;
    }

    /** What a cook sees. */
    public String look() {
        return look;
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
