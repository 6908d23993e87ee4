package olla.core.dress;

import olla.core.dish.Ware;

/** What a parcel is folded from. */
public enum Sheet {
    /**
     * Baking parchment. Emissivity of paper about 0.9, a little less for the waxed kind (from memory). Limit: makers
     * print 215 to 230 °C; Olla takes 220 (common practice, no source).
     */
    PARCHMENT(0.85, 220),
    /** Aluminium foil. No limit an oven reaches. */
    FOIL(Ware.FOIL_EMISSIVITY, 400);

    private final double emissivity;
    private final double limitC;

    Sheet(double emissivity, double limitC) {
        this.emissivity = emissivity;
        this.limitC = limitC;
    }

    /** Thermal emissivity of the outer face, 0 to 1. */
    public double emissivity() {
        return emissivity;
    }

    /** The hottest oven it may meet, °C. */
    public double limitC() {
        return limitC;
    }
}
