package olla.core.fish;

/** How the trade sorts fish by flesh. */
public enum Group {
    LEAN_WHITE("firm and lean"),
    FLAT_WHITE("fine and lean"),
    MEDIUM("moderately fat"),
    OILY("oily");

    private final String words;

    Group(String words) {
        this.words = words;
    }

    /** The group in a cook's words. */
    public String words() {
        return words;
    }
}
