package olla.core.dress;

/**
 * Sizes of hen's eggs (published: Regulation (EC) No 589/2008, weight classes S, M, L, XL, from memory) with the white
 * each holds, g: some 58 % of the egg (from memory).
 */
public enum EggSize {
    SMALL(28),
    MEDIUM(34),
    LARGE(40),
    VERY_LARGE(45);

    /** Water in white of egg, by mass (published: USDA Standard Reference, 87.6 %, from memory). */
    static final double WATER = 0.876;

    private final double whiteG;

    EggSize(double whiteG) {
        this.whiteG = whiteG;
    }

    /** White in one egg, g. */
    public double whiteG() {
        return whiteG;
    }
}
