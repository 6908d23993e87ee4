package olla.core.fish;

/** What is inside a piece: the cavity of a whole fish, a pocket cut into a thick one (shares: common practice, no source). */
public enum Filling {
    NONE(0, 0),
    /** Citrus, sprigs, garlic slivers: sized to be taken out again, not eaten. */
    AROMATICS(0.2, 0.4),
    /** Shellfish, egg or bread: food, which has to be cooked through itself. */
    STUFFING(0.34, 0.55);

    private final double ofHeight;
    private final double ofWidth;

    Filling(double ofHeight, double ofWidth) {
        this.ofHeight = ofHeight;
        this.ofWidth = ofWidth;
    }

    /** Its height as a share of the piece's. */
    public double ofHeight() {
        return ofHeight;
    }

    /** Its width as a share of the piece's. */
    public double ofWidth() {
        return ofWidth;
    }
}
