package olla.core.dress;

/**
 * What the bare face of a fish is finished with. Wetness is the face's share of a free water surface: high for lean
 * flesh, low where oil or sugar lies on it (0.15 to 0.35, from memory; within it calibrated, see docs/model.md).
 */
public enum Finish {
    /** Nothing; the flesh's own fat decides. */
    BARE(0.22),
    /** Rubbed with oil. */
    OILED(0.15),
    /** A glaze with honey or sugar, brushed on again at two thirds. */
    GLAZED(0.15),
    /** Out of a marinade, drained. */
    MARINATED(0.19);

    private final double wetness;

    Finish(double wetness) {
        this.wetness = wetness;
    }

    /** Wetness of lean flesh finished so, 0 (dry) to 1 (a water surface). */
    public double wetness() {
        return wetness;
    }
}
