package olla.core.fish;

/**
 * How a fish is cut. The proportions give back a piece's sides when only its mass or only its thickness is known; they
 * are the usual ones on a counter (common practice, no source).
 */
public enum Cut {
    /** A whole fish, lying on its side. Its proportions come from {@link BodyShape}. */
    WHOLE(10, 200, 120, 12_000, 0, 0, 0, 800),
    /** One boned half of a round fish or a quarter of a flat one, tapering to the tail. */
    FILLET(5, 70, 30, 3_000, 0.25, 3.0, 0.75, 180),
    /** A block cut from the thick of a fillet, of even thickness. */
    PORTION(8, 90, 30, 1_500, 0.37, 1.5, 0.92, 160),
    /** A whole side of a large fish. */
    SIDE(10, 90, 200, 6_000, 0.21, 4.0, 0.70, 900);

    private final double leastThicknessMm;
    private final double mostThicknessMm;
    private final double leastMassG;
    private final double mostMassG;
    private final double thicknessOverWidth;
    private final double lengthOverWidth;
    private final double fill;
    private final double usualMassG;

    Cut(
            double leastThicknessMm,
            double mostThicknessMm,
            double leastMassG,
            double mostMassG,
            double thicknessOverWidth,
            double lengthOverWidth,
            double fill,
            double usualMassG) {
        this.leastThicknessMm = leastThicknessMm;
        this.mostThicknessMm = mostThicknessMm;
        this.leastMassG = leastMassG;
        this.mostMassG = mostMassG;
        this.thicknessOverWidth = thicknessOverWidth;
        this.lengthOverWidth = lengthOverWidth;
        this.fill = fill;
        this.usualMassG = usualMassG;
    }

    /** The thinnest that is still this cut, mm. */
    public double leastThicknessMm() {
        return leastThicknessMm;
    }

    /** The thickest that exists, mm. */
    public double mostThicknessMm() {
        return mostThicknessMm;
    }

    /** The lightest that is still this cut, g. */
    public double leastMassG() {
        return leastMassG;
    }

    /** The heaviest the tool reckons with, g. */
    public double mostMassG() {
        return mostMassG;
    }

    /** A usual mass on the counter, g; the demo and the drawing's first guess. */
    public double usualMassG() {
        return usualMassG;
    }

    double thicknessOverWidth(Species species) {
        BodyShape shape = species.shape();
        return this == WHOLE ? shape.thicknessOverLength() / shape.depthOverLength() : thicknessOverWidth;
    }

    double lengthOverWidth(Species species) {
        return this == WHOLE ? 1 / species.shape().depthOverLength() : lengthOverWidth;
    }

    double fill(Species species) {
        return this == WHOLE ? species.shape().fill() : fill;
    }

    /** The cut in a cook's words, for one piece. */
    public String words() {
        return this == WHOLE ? "whole fish" : name().toLowerCase(java.util.Locale.ROOT);
    }
}
