package olla.practice.kitchen;

/**
 * What a part of a dish is of, by simpler and other rules than the application's.
 *
 * @param wetWmK conductivity at 20 °C while it is wet, W/mK
 * @param dryWmK once its water is gone, W/mK
 * @param perK by which share it conducts better for each kelvin above 20 °C
 * @param frozenTimes how many times as well it conducts frozen
 * @param capacityJm3K heat capacity unfrozen, J/m³K
 * @param frozenJm3K heat capacity frozen, J/m³K
 * @param latentJm3 what thawing takes, J/m³, evenly from {@value #FROZEN_C} to {@value #THAWED_C} °C; 0 for what does not freeze
 * @param waterKgM3 what can boil off, kg/m³
 * @param boilsC where it does, °C
 */
record Matter(
        double wetWmK,
        double dryWmK,
        double perK,
        double frozenTimes,
        double capacityJm3K,
        double frozenJm3K,
        double latentJm3,
        double waterKgM3,
        double boilsC) {

    static final double FROZEN_C = -3;
    static final double THAWED_C = -1;

    /* Heat of fusion and of evaporation of water, J/kg (published: steam tables, from memory). */
    private static final double FUSION_J_KG = 334e3;
    static final double EVAPORATION_J_KG = 2.26e6;

    /* What of its water a fish freezes (order of magnitude, from memory). */
    private static final double FREEZES = 0.9;

    /**
     * Flesh: conductivity 0.080 + 0.52 w (published: Sweat 1975, for fish, from memory), specific heat 837 + 3349 w, frozen 837 + 1256 w, with w
     * the mass fraction of water (published: Siebel 1892, from memory).
     *
     * @param water mass fraction
     * @param conducts factor on its conductivity
     * @param holds factor on its heat capacity
     */
    static Matter flesh(double water, double densityKgM3, double conducts, double holds) {
        return new Matter(
                (0.080 + 0.52 * water) * conducts,
                0.2 * conducts,
                0.001,
                2.7,
                (837 + 3349 * water) * densityKgM3 * holds,
                (837 + 1256 * water) * densityKgM3 * holds,
                FUSION_J_KG * FREEZES * water * densityKgM3,
                water * densityKgM3,
                100);
    }

    /** An empty belly: what radiates and moves in it is in what it conducts; it hardly holds anything (orders of magnitude, from memory). */
    static final Matter HOLLOW = damp(0.08, 0.08, 0.3e6, 0, 300);

    /** What does not freeze, and whose conductivity does not hang on how warm it is. */
    static Matter damp(double wetWmK, double dryWmK, double capacityJm3K, double waterKgM3, double boilsC) {
        return new Matter(wetWmK, dryWmK, 0, 1, capacityJm3K, capacityJm3K, 0, waterKgM3, boilsC);
    }

    /** What it holds at a temperature, J/m³, from 0 °C unfrozen. */
    double enthalpyJm3(double celsius) {
        if (latentJm3 == 0 || celsius >= THAWED_C) {
            return capacityJm3K * celsius;
        }
        double thawed = capacityJm3K * THAWED_C;
        double between = capacityJm3K + latentJm3 / (THAWED_C - FROZEN_C);
        return celsius >= FROZEN_C
                ? thawed - between * (THAWED_C - celsius)
                : thawed - between * (THAWED_C - FROZEN_C) - frozenJm3K * (FROZEN_C - celsius);
    }

    /** How warm it is, °C, where it holds so much, J/m³. */
    double celsius(double enthalpyJm3) {
        double thawed = capacityJm3K * THAWED_C;
        if (latentJm3 == 0 || enthalpyJm3 >= thawed) {
            return enthalpyJm3 / capacityJm3K;
        }
        double between = capacityJm3K + latentJm3 / (THAWED_C - FROZEN_C);
        double frozen = thawed - between * (THAWED_C - FROZEN_C);
        return enthalpyJm3 >= frozen
                ? THAWED_C - (thawed - enthalpyJm3) / between
                : FROZEN_C - (frozen - enthalpyJm3) / frozenJm3K;
    }

    /** What a kelvin costs there, J/m³K. */
    double capacityJm3K(double celsius) {
        if (latentJm3 == 0 || celsius >= THAWED_C) {
            return capacityJm3K;
        }
        return celsius >= FROZEN_C ? capacityJm3K + latentJm3 / (THAWED_C - FROZEN_C) : frozenJm3K;
    }

    /** Conductivity, W/mK. */
    double conductivityWmK(double celsius, double waterLeftKgM3) {
        double wet = celsius < FROZEN_C && latentJm3 > 0 ? wetWmK * frozenTimes : wetWmK * (1 + perK * (celsius - 20));
        return waterKgM3 > 0 ? dryWmK + waterLeftKgM3 / waterKgM3 * (wet - dryWmK) : wet;
    }
}
