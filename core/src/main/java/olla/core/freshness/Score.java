package olla.core.freshness;

/** The published grades, best first. */
public enum Score {
    EXTRA("Extra"),
    A("A"),
    B("B"),
    REFUSED("not admitted");

    private final String word;

    Score(String word) {
        this.word = word;
    }

    /** The grade as written. */
    public String word() {
        return word;
    }
}
