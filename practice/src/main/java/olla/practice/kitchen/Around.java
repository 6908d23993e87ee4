package olla.practice.kitchen;

/**
 * What is round a dish at a moment.
 *
 * @param filmWm2K how well the air gives heat, W/m²K
 * @param airC the air, °C
 * @param ceilingC what is above, °C
 * @param wallsC what is beside, °C
 * @param underC what is under the tray, °C
 * @param underWm2K how well that gives heat to the tray beside its radiation, W/m²K
 * @param vapourPa vapour in the air, Pa
 */
record Around(
        double filmWm2K,
        double airC,
        double ceilingC,
        double wallsC,
        double underC,
        double underWm2K,
        double vapourPa) {

    /** A board in a kitchen. */
    static final Around BOARD = new Around(6, 22, 21, 21, 22, 7, 1200);

    /** In an oven. */
    static Around in(HiddenOven oven) {
        return new Around(
                oven.makes().filmWm2K(),
                oven.airC(),
                oven.ceilingC(),
                oven.wallsC(),
                oven.underC(),
                oven.makes().filmWm2K(),
                oven.makes().vapourPa());
    }

    /* On a flame: a medium one gives a vessel of 100 °C some 14 kW/m² (order of magnitude, from memory), and makes it no hotter than this. */
    private static final double FLAME_W_M2 = 14_000;
    private static final double FLAME_C = 200;

    /** On a hob. */
    static final Around HOB = new Around(6, 22, 21, 21, FLAME_C, FLAME_W_M2 / (FLAME_C - 100), 1200);

    private static final double STEFAN_BOLTZMANN = 5.67e-8;
    private static final double KELVIN = 273.15;

    /* How much of what an upper face sees is the grill (as a ceiling's share, in the middle). */
    private static final double SEES_GRILL = 0.65;

    /**
     * Under what glows in an oven.
     *
     * @param fluxWm2 what that sends down, W/m²
     */
    static Around under(HiddenOven oven, double fluxWm2) {
        Around in = in(oven);
        double ceilingC = Math.pow(fluxWm2 / SEES_GRILL / STEFAN_BOLTZMANN, 0.25) - KELVIN;
        return new Around(
                in.filmWm2K, in.airC, Math.max(in.ceilingC, ceilingC), in.wallsC, in.underC, in.underWm2K, in.vapourPa);
    }
}
