package olla.core.uncertainty;

import olla.core.oven.Spot;

/**
 * How slow a bake has turned out to be, over what it was reckoned to be in an oven that does what its dial says and moves its air as its kind
 * usually does, and what would make it so.
 *
 * @param log natural logarithm of how long it took over what is reckoned
 * @param variance of that: what was observed leaves it open, and what of this bake nobody knows but its oven and the model
 * @param perOffset by how much the logarithm rises with the oven's error, 1/K; seldom above 0
 * @param perFilm and with the logarithm of its film
 * @param perThickness and with the logarithm of the thickness
 * @param perKelvin and where its middle is to peak a kelvin higher, 1/K
 */
public record Slowness(
        double log, double variance, double perOffset, double perFilm, double perThickness, double perKelvin) {

    /** The same of a fish that nobody measured with a ruler. */
    public Slowness unmeasured() {
        return new Slowness(log, variance, perOffset, perFilm, 0, perKelvin);
    }

    /** The same over what is reckoned in the middle of an oven, of a dish that stood elsewhere in it. */
    public Slowness from(Spot spot) {
        return new Slowness(
                log - perOffset * spot.warmerK(),
                variance + perOffset * perOffset * spot.variance(),
                perOffset,
                perFilm,
                perThickness,
                perKelvin);
    }

    /** The same over what is reckoned in an oven of which this is believed. */
    public double in(OvenCalibration oven) {
        return log - perOffset * oven.offsetC() - perFilm * oven.logFilm();
    }

    /** One standard deviation of that, as far as the oven is not known. */
    public double doubtOf(OvenCalibration oven) {
        return Math.hypot(perOffset * oven.offsetDoubtC(), perFilm * oven.logFilmDoubt());
    }
}
