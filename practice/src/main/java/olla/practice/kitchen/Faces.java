package olla.practice.kitchen;

/**
 * How heat and vapour cross a dish's faces. Unlike the application's: what is radiated is by view factors of what is above and beside, and
 * what evaporates comes from a film of juice that is fed from within ever more slowly.
 *
 * @param emissivity of what meets the oven: flesh, crumb, a sheet
 * @param seesCeiling which part of what an upper face sees is the ceiling, 0 to 1
 * @param gapWm2K under a sheet: what its air conducts cold, W/m²K; 0 where there is no sheet
 * @param steamWm2K what its steam adds at boiling, W/m²K
 * @param massFactor factor on what evaporates
 * @param feedsKgM2s what comes to the face from within at first, kg/(m² s)
 * @param driesKgM2 by how much gone that falls to a third, kg/m²
 * @param coatM2KW what a crumb coat at the sides resists, m²K/W
 */
record Faces(
        double emissivity,
        double seesCeiling,
        double gapWm2K,
        double steamWm2K,
        double massFactor,
        double feedsKgM2s,
        double driesKgM2,
        double coatM2KW) {

    static final double STEFAN_BOLTZMANN = 5.67e-8;
    static final double KELVIN = 273.15;
    private static final double ATMOSPHERE_PA = 101_325;

    /* kg/(m² s Pa) for each W/m²K: by heat and mass transfer alike, at a film temperature of 120 °C and Le 0.9 (from memory). */
    private static final double MASS_PER_FILM = 6.6e-9;

    /* A face is as wet as this film lets it, kg/m² (ours). */
    static final double FILM_KG_M2 = 0.03;

    boolean covered() {
        return gapWm2K > 0;
    }

    /** Saturated vapour, Pa (published: Magnus, as the WMO gives it for water, from memory; to boiling within 3 per cent). */
    static double saturatedPa(double celsius) {
        return 611.2 * Math.exp(17.62 * celsius / (243.12 + celsius));
    }

    private static double radiated(double celsius) {
        double kelvin = celsius + KELVIN;
        return STEFAN_BOLTZMANN * kelvin * kelvin * kelvin * kelvin;
    }

    /**
     * What comes to a face, W/m², and by how much less for each kelvin it is warmer.
     *
     * @param up whether it is an upper face, or one at the side
     * @param into receives both
     */
    void heat(Around around, double faceC, boolean up, double[] into) {
        double sees = up ? seesCeiling : (1 - seesCeiling) / 2;
        double radiation = sees * radiated(around.ceilingC()) + (1 - sees) * radiated(around.wallsC());
        double kelvin = faceC + KELVIN;
        double opens = around.filmWm2K() + 4 * emissivity * STEFAN_BOLTZMANN * kelvin * kelvin * kelvin;
        double comes = around.filmWm2K() * (around.airC() - faceC) + emissivity * (radiation - radiated(faceC));
        double series = coatM2KW;
        if (covered()) {
            double share = Math.min(1, saturatedPa(faceC) / ATMOSPHERE_PA);
            series += 1 / (gapWm2K + steamWm2K * share * Math.sqrt(share));
        }
        double through = 1 / (1 + opens * series);
        into[0] = comes * through;
        into[1] = opens * through;
    }

    /** What evaporates from a wet face, kg/(m² s). */
    double evaporates(Around around, double faceC) {
        double over = saturatedPa(Math.min(100, faceC)) - around.vapourPa();
        return covered() ? 0 : massFactor * MASS_PER_FILM * around.filmWm2K() * Math.max(0, over);
    }

    /** What comes to the face from within once so much has gone, kg/(m² s). */
    double feeds(double goneKgM2) {
        return feedsKgM2s * Math.exp(-goneKgM2 / driesKgM2);
    }
}
