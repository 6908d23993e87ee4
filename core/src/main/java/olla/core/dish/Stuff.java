package olla.core.dish;

/**
 * What a layer is of, as heat meets it. Immutable.
 *
 * @param conductivityWmK conductivity while it is wet, W/mK
 * @param heatCapacityJm3K heat capacity with its water, J/m³K
 * @param waterKgM3 free water that boils off, kg/m³; 0 where none does
 * @param dryConductivityWmK conductivity once that is gone, W/mK
 * @param wetness its open face's share of a free water surface, 0 to 1
 * @param browning how many times as fast as bare flesh its face browns; 0 where it does not
 */
public record Stuff(
        double conductivityWmK,
        double heatCapacityJm3K,
        double waterKgM3,
        double dryConductivityWmK,
        double wetness,
        double browning) {

    /* Heat capacity of water, J/kgK (published: steam tables, from memory). */
    private static final double WATER_J_KGK = 4180;

    /* Shares of a free water surface: crumb and salt that dry, things that lie in pieces, a sauce (from memory). */
    private static final double SPREAD_WETNESS = 0.15;
    private static final double SALT_WETNESS = 0.05;
    private static final double PIECES_WETNESS = 0.2;
    private static final double LIQUID_WETNESS = 0.8;

    /* Conductivity of what is spread on a fish, W/mK (order of magnitude, from memory); half that once it is dry. */
    private static final double SPREAD_W_MK = 0.3;

    /* Heat capacity of what is spread on a fish, J/kgK (order of magnitude, from memory). */
    private static final double SPREAD_J_KGK = 2800;

    /**
     * Vegetables cut up: half water, a third air; steam carries heat through the gaps, so that they conduct better than
     * their flesh (order of magnitude, from memory).
     */
    public static final Stuff VEGETABLES = new Stuff(1.2, 2.6e6, 550, 0.15, PIECES_WETNESS, 1);

    /** Slices of citrus: nearly water (order of magnitude, from memory). */
    public static final Stuff CITRUS = new Stuff(0.5, 3.6e6, 800, 0.2, PIECES_WETNESS, 1.2);

    /** Stock, wine, milk: water that stirs itself, some four times as conductive as water at rest (from memory). */
    public static final Stuff BROTH = new Stuff(2.4, 4.15e6, 980, 0.3, LIQUID_WETNESS, 0);

    /** Melted butter or oil, stirred by its own convection; it does not boil off (from memory). */
    public static final Stuff FAT = new Stuff(0.6, 1.9e6, 0, 0.6, 0, 0);

    /** Wine and butter, stirred by their own convection: some four times water's conductivity (from memory). */
    public static final Stuff SAUCE = new Stuff(2.4, 4.0e6, 900, 0.3, LIQUID_WETNESS, 0);

    /** Bread, egg or shellfish, in a belly or a pocket (from memory). */
    public static final Stuff STUFFING = inside(0.42, 3.4e6);

    /** Sprigs and citrus with air between (from memory). */
    public static final Stuff AROMATICS = inside(0.25, 2.2e6);

    /**
     * Air across a few millimetres of empty belly: it conducts 0.031 W/mK, and the walls radiate some 10 W/m²K to each other
     * (from memory). Its heat is a seventh of flesh's, a good deal more than air has, so that steps need not be shorter for
     * it; of the whole section that is less than a hundredth.
     */
    public static final Stuff HOLLOW = inside(0.1, 0.5e6);

    /**
     * Something spread or pressed on: crumb, paste, herbs.
     *
     * @param densityKgM3 as it lies, kg/m³
     * @param waterKgM3 water that has to boil off before it browns, kg/m³
     * @param browning how many times as fast as bare flesh it browns
     */
    public static Stuff spread(double densityKgM3, double waterKgM3, double browning) {
        return new Stuff(SPREAD_W_MK, densityKgM3 * SPREAD_J_KGK, waterKgM3, SPREAD_W_MK / 2, SPREAD_WETNESS, browning);
    }

    /**
     * Damp salt.
     *
     * @param wetWmK conductivity while it is damp, W/mK
     * @param dryWmK conductivity of its dry grains, W/mK
     * @param saltKgM3 salt in it, kg/m³
     * @param saltJkgK heat capacity of the salt, J/kgK
     * @param waterKgM3 water in it, kg/m³
     */
    public static Stuff dampSalt(double wetWmK, double dryWmK, double saltKgM3, double saltJkgK, double waterKgM3) {
        double capacity = saltKgM3 * saltJkgK + waterKgM3 * WATER_J_KGK;
        return new Stuff(wetWmK, capacity, waterKgM3, dryWmK, SALT_WETNESS, 0);
    }

    /* What is inside meets the oven only where a sliced piece ends. */
    private static Stuff inside(double conductivityWmK, double heatCapacityJm3K) {
        return new Stuff(conductivityWmK, heatCapacityJm3K, 0, conductivityWmK, PIECES_WETNESS, 1);
    }

    /**
     * The same with its gaps full of a liquid.
     *
     * @param gaps the share of its volume that the liquid takes, 0 to 1
     */
    public Stuff soaked(Stuff liquid, double gaps) {
        return new Stuff(
                conductivityWmK,
                heatCapacityJm3K + gaps * liquid.heatCapacityJm3K,
                waterKgM3 + gaps * liquid.waterKgM3,
                dryConductivityWmK,
                Math.max(wetness, gaps * liquid.wetness),
                browning);
    }

    /** The same with its water so many times as much. */
    public Stuff wetter(double times) {
        double more = (times - 1) * waterKgM3;
        return new Stuff(
                conductivityWmK,
                heatCapacityJm3K + more * WATER_J_KGK,
                waterKgM3 + more,
                dryConductivityWmK,
                wetness,
                browning);
    }
}
