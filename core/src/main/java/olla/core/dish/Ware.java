package olla.core.dish;

/**
 * What a vessel is made of, as a wall under what lies in it. A sheet stands out round what lies on it and brings it heat as a fin
 * does; a dish is as wide as what lies in it, and its upright sides are left out. Densities, heat capacities and conductivities of the materials (published: Incropera, tables of solids,
 * rounded, from memory); thicknesses (common practice, no source).
 */
public enum Ware {
    /** Sheet steel, 1 mm: half of it resists a four-hundredth of what the contact with the fish does, which is left out. */
    SHEET_TRAY(0.001, Double.POSITIVE_INFINITY, 50, 7850 * 490.0),
    /**
     * Foil turned up at its edges on a rack: two layers come to 0.03 mm. It is given a third of a sheet tray's heat capacity, a
     * good deal more than it has, so that steps need not be shorter for it; of the whole section that is a hundredth. Along it goes what goes along 0.03 mm of aluminium.
     */
    FOIL_BOAT(0.001, Double.POSITIVE_INFINITY, 6, 7850 * 490.0 / 3),
    /** A dish of fired clay, 8 mm. */
    STONEWARE(0.008, 1.3, 0, 2200 * 900.0),
    /** A dish of borosilicate glass, 5 mm. */
    GLASS(0.005, 1.1, 0, 2225 * 835.0),
    /** A pan of cast iron, 5 mm. */
    CAST_PAN(0.005, 50, 0, 7200 * 460.0);

    /** Emissivity of aluminium foil, a little dulled by handling (0.1 to 0.3, from memory). */
    public static final double FOIL_EMISSIVITY = 0.2;

    /* Clay, glass and iron alike (about 0.9, from memory). */
    private static final double DARK_EMISSIVITY = 0.9;

    /* A used sheet (bright aluminium 0.1, enamel 0.9, from memory; within it calibrated, see docs/model.md). */
    private static final double SHEET_EMISSIVITY = 0.3;

    private final double wallM;
    private final double conductivityWmK;
    private final double alongWmK;
    private final double heatCapacityJm3K;

    Ware(double wallM, double conductivityWmK, double alongWmK, double heatCapacityJm3K) {
        this.wallM = wallM;
        this.conductivityWmK = conductivityWmK;
        this.alongWmK = alongWmK;
        this.heatCapacityJm3K = heatCapacityJm3K;
    }

    /** Thickness of its bottom, m. */
    public double wallM() {
        return wallM;
    }

    /** Conductivity of its wall, W/mK; infinity where it resists too little to count. */
    public double conductivityWmK() {
        return conductivityWmK;
    }

    /** Conductivity along its wall, W/mK; 0 where it ends with what lies in it. */
    public double alongWmK() {
        return alongWmK;
    }

    /** Heat capacity of its wall, J/m³K. */
    public double heatCapacityJm3K() {
        return heatCapacityJm3K;
    }

    /** Emissivity of its underside, 0 to 1. */
    public double undersideEmissivity() {
        return switch (this) {
            case FOIL_BOAT -> FOIL_EMISSIVITY;
            case SHEET_TRAY -> SHEET_EMISSIVITY;
            case STONEWARE, GLASS, CAST_PAN -> DARK_EMISSIVITY;
        };
    }

    /** Whether it stands a flame: clay and glass crack on it, foil tears. */
    public boolean onTheHob() {
        return this == SHEET_TRAY || this == CAST_PAN;
    }
}
