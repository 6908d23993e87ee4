package olla.core.safety;

/**
 * What has been done about parasites in fish that is served under-done (published: FDA Food Code 3-402.11, from memory:
 * frozen at -20 °C for 7 days or at -35 °C for 15 hours, raised on pellets alone, or of an exempt kind).
 */
public enum Parasites {
    FROZEN("frozen, 7 days at [-20 °C] or 15 hours at [-35 °C]"),
    FARMED("farmed, fed on pellets alone"),
    UNKNOWN("nobody knows");

    private final String words;

    Parasites(String words) {
        this.words = words;
    }

    /** In a cook's words. */
    public String words() {
        return words;
    }
}
