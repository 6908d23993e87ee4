package olla.core.doneness;

/**
 * What a cook sees or feels at the thickest point, and between which core temperatures it is so (common practice, no
 * source; the bands of {@link Band}). A cue without edges says nothing of the middle.
 */
public enum Cue {
    GLASSY(Double.NEGATIVE_INFINITY, 46, "still glassy"),
    JUST_OPAQUE(48, 54, "just opaque, a trace of gloss"),
    FLAKES_UNDER_PRESSURE(50, 57, "flakes under pressure"),
    FLAKES_BY_ITSELF(55, Double.POSITIVE_INFINITY, "flakes by itself"),
    /** The dorsal fin comes away when pulled. */
    FIN_PULLS(54, Double.POSITIVE_INFINITY, "the back fin pulls out"),
    LEAVES_BONE(55, Double.POSITIVE_INFINITY, "the flesh leaves the bone"),
    WHITE_BEADS(62, Double.POSITIVE_INFINITY, "white beads on top"),
    EYE_WHITE(55, Double.POSITIVE_INFINITY, "the eye has turned white"),
    KNIFE_COLD(Double.NEGATIVE_INFINITY, 40, "the knife's tip is cold on the lip"),
    KNIFE_WARM(40, 53, "the knife's tip is warm on the lip"),
    KNIFE_HOT(51, Double.POSITIVE_INFINITY, "the knife's tip is hot on the lip"),
    /** The salt is set; the fish inside may be anything. */
    CRUST_HARD(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, "the crust is hard");

    private final double fromC;
    private final double toC;
    private final String words;

    Cue(double fromC, double toC, String words) {
        this.fromC = fromC;
        this.toC = toC;
        this.words = words;
    }

    /** Lower edge, °C; minus infinity where there is none. */
    public double fromC() {
        return fromC;
    }

    /** Upper edge, °C; infinity where there is none. */
    public double toC() {
        return toC;
    }

    /** In a cook's words. */
    public String words() {
        return words;
    }
}
