package olla.core.dish;

/**
 * What it all lies in, as a wall under it. Heat goes through the wall, and along it only by what lies on it; the upright sides
 * of a dish are not in it. Densities, heat capacities and conductivities of the materials (published: Incropera, tables of solids,
 * rounded, from memory); thicknesses (common practice, no source).
 */
public enum Vessel {
    /** Sheet steel, 1 mm: half of it resists a four-hundredth of what the contact with the fish does, which is left out. */
    SHEET_TRAY(0.001, Double.POSITIVE_INFINITY, 7850 * 490.0),
    /** A dish of fired clay, 8 mm. */
    STONEWARE(0.008, 1.3, 2200 * 900.0),
    /** A dish of borosilicate glass, 5 mm. */
    GLASS(0.005, 1.1, 2225 * 835.0),
    /** A pan of cast iron, 5 mm. */
    CAST_PAN(0.005, 50, 7200 * 460.0);

    /** Emissivity of an underside: darkened steel, clay, glass and iron alike (about 0.9, from memory). */
    public static final double UNDERSIDE_EMISSIVITY = 0.9;

    private final double wallM;
    private final double conductivityWmK;
    private final double heatCapacityJm3K;

    Vessel(double wallM, double conductivityWmK, double heatCapacityJm3K) {
        this.wallM = wallM;
        this.conductivityWmK = conductivityWmK;
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

    /** Heat capacity of its wall, J/m³K. */
    public double heatCapacityJm3K() {
        return heatCapacityJm3K;
    }
}
