package olla.core.uncertainty;

import olla.core.fish.Piece;
import olla.core.simulation.Unknowns;
import olla.core.uncertainty.Doubt.About;

/** How far each of the {@link About} may be out: one standard deviation of what was said. */
final class StandardDeviations {

    /** Of a start temperature read off the clock, °C (common practice). */
    static final double START_C = 3;

    /* Of the logarithm of what evaporates from a face (from memory). */
    private static final double LOG_WETNESS = 0.25;

    /* Of the logarithm of the tray's contact (from memory). */
    private static final double LOG_CONTACT = 0.3;

    private StandardDeviations() {}

    /**
     * So many standard deviations off in each.
     *
     * @param z one for each of {@link About}, in its order, 0 for as stated
     */
    static Unknowns unknowns(double[] z, Piece piece, OvenCalibration calibration) {
        return new Unknowns(
                Math.exp(z[About.THICKNESS.ordinal()] * piece.thicknessDoubtMm() / piece.thicknessMm()),
                z[About.START.ordinal()] * START_C,
                z[About.OVEN.ordinal()] * calibration.offsetDoubtC(),
                Math.exp(z[About.FILM.ordinal()] * calibration.logFilmDoubt()),
                Math.exp(z[About.WETNESS.ordinal()] * LOG_WETNESS),
                Math.exp(z[About.CONTACT.ordinal()] * LOG_CONTACT));
    }
}
