package olla.core.fish;

/**
 * The build of a whole fish: depth and thickness against total length, and how much of that box the body fills. The
 * fill is set so that mass = density x fill x length x depth x thickness gives the usual length-weight relation (about
 * 0.015 L^3 g for breams, 0.010 for salmonids and cods, 0.009 for flatfish, 0.0065 for hakes, L in cm; from memory).
 */
public enum BodyShape {
    /** Breams, snappers: high and narrow. */
    DEEP(0.34, 0.135, 0.31),
    /** Cods, salmon, bass, mackerel: rounded. */
    TORPEDO(0.23, 0.13, 0.32),
    /** Plaice, soles, brill: lying on one side. */
    FLAT(0.42, 0.062, 0.33),
    /** Hake, zander, ling: long and low. */
    SLENDER(0.17, 0.11, 0.34);

    /** Without head and tail a fish is about this share of its length (common practice, no source). */
    public static final double WITHOUT_HEAD_AND_TAIL = 0.68;

    private final double depthOverLength;
    private final double thicknessOverLength;
    private final double fill;

    BodyShape(double depthOverLength, double thicknessOverLength, double fill) {
        this.depthOverLength = depthOverLength;
        this.thicknessOverLength = thicknessOverLength;
        this.fill = fill;
    }

    /** Body depth, back to belly, over total length. */
    public double depthOverLength() {
        return depthOverLength;
    }

    /** Body thickness, side to side (what lies upright on a tray), over total length. */
    public double thicknessOverLength() {
        return thicknessOverLength;
    }

    /** Share of the box length x depth x thickness that is fish. */
    public double fill() {
        return fill;
    }
}
