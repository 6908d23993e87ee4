package olla.core.heat;

/** Saturated water vapour and the loss of water from a moist face. */
final class Water {

    /** Latent heat of evaporation near 80 °C, J/kg (published: steam tables, 2.308 MJ/kg at 80 °C, from memory). */
    static final double EVAPORATION_J_KG = 2.3e6;

    /** Standard atmosphere, Pa (exact, by definition). */
    static final double ATMOSPHERE_PA = 101_325;

    /* Antoine's equation for water, mmHg and °C (published: Lange's Handbook of Chemistry, from memory). */
    private static final double ANTOINE_A = 8.07131;
    private static final double ANTOINE_B = 1730.63;
    private static final double ANTOINE_C = 233.426;
    private static final double PA_PER_MMHG = 133.322;

    /* Chilton-Colburn: k_m = h (Mw/Mair) / (p cp Le^(2/3)), kg/(m² s Pa) for each W/m²K of film. Mw/Mair 0.622, cp of air
     * 1010 J/kgK, Le 0.87 (published: Incropera, heat and mass transfer analogy, from memory). The film temperature
     * cancels out. */
    private static final double MASS_PER_FILM = 0.622 / (ATMOSPHERE_PA * 1010 * Math.pow(0.87, 2.0 / 3));

    private static final double TABLE_FROM_C = -50;
    private static final double TABLE_PER_C = 4;
    private static final double[] SATURATION_PA = table();

    private Water() {}

    private static double[] table() {
        double[] pressures = new double[1 + (int) ((320 - TABLE_FROM_C) * TABLE_PER_C)];
        for (int i = 0; i < pressures.length; i++) {
            double celsius = TABLE_FROM_C + i / TABLE_PER_C;
            pressures[i] = PA_PER_MMHG * Math.pow(10, ANTOINE_A - ANTOINE_B / (ANTOINE_C + celsius));
        }
        return pressures;
    }

    private static int index(double celsius) {
        int i = (int) ((celsius - TABLE_FROM_C) * TABLE_PER_C);
        return Math.max(0, Math.min(SATURATION_PA.length - 2, i));
    }

    /** Saturation pressure, Pa, between -50 and 320 °C, linear between quarter degrees. */
    static double saturationPa(double celsius) {
        int i = index(celsius);
        double along = (celsius - TABLE_FROM_C) * TABLE_PER_C - i;
        return SATURATION_PA[i] + along * (SATURATION_PA[i + 1] - SATURATION_PA[i]);
    }

    /** Slope of the saturation pressure, Pa/K. */
    static double saturationSlope(double celsius) {
        int i = index(celsius);
        return (SATURATION_PA[i + 1] - SATURATION_PA[i]) * TABLE_PER_C;
    }

    /** Heat that evaporation takes for each Pa of vapour pressure difference, W/(m² Pa), under a film in W/m²K. */
    static double evaporationPerPa(double filmWm2K) {
        return EVAPORATION_J_KG * MASS_PER_FILM * filmWm2K;
    }
}
