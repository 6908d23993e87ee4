package olla.core.doneness;

/**
 * What a cook sees or feels at the thickest point, and between which core temperatures it is so (common practice, no
 * source; the bands of {@link Band}). A cue without edges says nothing of the middle.
 */
public enum Cue {
    GLASSY(Double.NEGATIVE_INFINITY, 46),
    JUST_OPAQUE(48, 54),
    FLAKES_UNDER_PRESSURE(50, 57),
    FLAKES_BY_ITSELF(55, Double.POSITIVE_INFINITY),
    /** The dorsal fin comes away when pulled. */
    FIN_PULLS(54, Double.POSITIVE_INFINITY),
    LEAVES_BONE(55, Double.POSITIVE_INFINITY),
    WHITE_BEADS(62, Double.POSITIVE_INFINITY),
    EYE_WHITE(55, Double.POSITIVE_INFINITY),
    KNIFE_COLD(Double.NEGATIVE_INFINITY, 40),
    KNIFE_WARM(40, 53),
    KNIFE_HOT(51, Double.POSITIVE_INFINITY),
    /** The salt is set; the fish inside may be anything. */
    CRUST_HARD(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);

    private final double fromC;
    private final double toC;

    Cue(double fromC, double toC) {
        this.fromC = fromC;
        this.toC = toC;
    }

    /** Lower edge, °C; minus infinity where there is none. */
    public double fromC() {
        return fromC;
    }

    /** Upper edge, °C; infinity where there is none. */
    public double toC() {
        return toC;
    }
}
