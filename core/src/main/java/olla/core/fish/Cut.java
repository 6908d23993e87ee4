package olla.core.fish;

import java.util.Optional;

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
    SIDE(10, 90, 200, 6_000, 0.21, 4.0, 0.70, 900),
    /** A slice across a large fish, bone in, lying on its cut face. */
    STEAK(12, 60, 80, 1_200, 0.22, 1.25, 0.80, 220),
    /** A finger cut from a fillet, to be breaded or skewered. */
    STRIP(8, 45, 10, 200, 0.85, 4.0, 0.95, 45),
    /** A thin fillet rolled up, tail inside, lying on its side. */
    ROLL(20, 80, 40, 500, 0.9, 1.6, 0.78, 110);

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

    /** How it gets thinner along its length; empty for what is cut even. */
    public Optional<Taper> taper() {
        return switch (this) {
            case WHOLE -> Optional.of(new Taper(0.55, 0.35, 2));
            case FILLET -> Optional.of(new Taper(0.7, 0.3, 1.5));
            case SIDE -> Optional.of(new Taper(0.75, 0.35, 1.5));
            case PORTION, STEAK, STRIP, ROLL -> Optional.empty();
        };
    }

    /** Whether it can be set upright on a tray. */
    public boolean stands() {
        return this == WHOLE || this == STEAK || this == STRIP;
    }

    /** Whether its section is round. */
    public boolean round() {
        return this == WHOLE || this == ROLL;
    }

    double thicknessOverWidth(Fish species) {
        BodyShape shape = species.shape();
        return this == WHOLE ? shape.thicknessOverLength() / shape.depthOverLength() : thicknessOverWidth;
    }

    double lengthOverWidth(Fish species) {
        return this == WHOLE ? 1 / species.shape().depthOverLength() : lengthOverWidth;
    }

    double fill(Fish species) {
        return this == WHOLE ? species.shape().fill() : fill;
    }
}
