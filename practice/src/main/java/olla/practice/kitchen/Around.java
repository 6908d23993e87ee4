package olla.practice.kitchen;

import olla.core.oven.Stage;
import olla.core.units.Temperature;

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

    /** On a hob: a flame below, the kitchen above. */
    static final Around HOB = new Around(
            6,
            22,
            21,
            21,
            Stage.Hob.HOTTEST_C,
            Stage.Hob.FLUX_W_M2 / (Stage.Hob.HOTTEST_C - Temperature.BOILING_C),
            1200);

    /* How much of what an upper face sees is the grill (as a ceiling's share, in the middle). */
    private static final double SEES_GRILL = 0.65;

    /**
     * Under what glows in an oven.
     *
     * @param fluxWm2 what that sends down, W/m²
     */
    static Around under(HiddenOven oven, double fluxWm2) {
        Around in = in(oven);
        double ceilingC = Math.pow(fluxWm2 / SEES_GRILL / Faces.STEFAN_BOLTZMANN, 0.25) - Faces.KELVIN;
        return new Around(
                in.filmWm2K, in.airC, Math.max(in.ceilingC, ceilingC), in.wallsC, in.underC, in.underWm2K, in.vapourPa);
    }
}
