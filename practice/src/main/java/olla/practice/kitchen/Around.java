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
}
