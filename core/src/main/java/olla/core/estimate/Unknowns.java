package olla.core.estimate;

import java.util.List;
import olla.core.dress.Dress;
import olla.core.dress.SaltCrust;
import olla.core.estimate.Doubt.About;
import olla.core.fish.Piece;

/**
 * What nobody at the oven knows exactly, as departures from what was said.
 *
 * @param thicknessFactor real thickness over the stated one
 * @param startShiftC real start temperature less the stated one, °C
 * @param ovenShiftC oven air less what the oven was taken for, °C
 * @param filmFactor real film coefficient over the assumed one
 * @param wetnessFactor real wetness of the bare face over the assumed one
 * @param contactFactor real tray contact over the assumed one
 */
public record Unknowns(
        double thicknessFactor,
        double startShiftC,
        double ovenShiftC,
        double filmFactor,
        double wetnessFactor,
        double contactFactor) {

    /** Everything just as stated. */
    public static final Unknowns NONE = new Unknowns(1, 0, 0, 1, 1, 1);

    /** How far a start temperature read off the clock may be out, °C (one standard deviation; common practice). */
    public static final double START_DOUBT_C = 3;

    /** How far the wetness of a face may be out, as a standard deviation of its logarithm (from memory). */
    public static final double WETNESS_DOUBT = 0.25;

    /** How far tray contact may be out, as a standard deviation of its logarithm (from memory). */
    public static final double CONTACT_DOUBT = 0.3;

    Unknowns thickness(double factor) {
        return new Unknowns(factor, startShiftC, ovenShiftC, filmFactor, wetnessFactor, contactFactor);
    }

    /** Those of them that a section is built from. */
    List<Double> ofSection(Dress dress) {
        return List.of(thicknessFactor, contactFactor, dress instanceof SaltCrust ? wetnessFactor : 1.0);
    }

    /**
     * So many standard deviations off in each.
     *
     * @param z one for each of {@link Doubt.About}, in its order, 0 for as stated
     */
    static Unknowns of(double[] z, Piece piece, OvenTruth truth) {
        return new Unknowns(
                Math.exp(z[About.THICKNESS.ordinal()] * piece.thicknessDoubtMm() / piece.thicknessMm()),
                z[About.START.ordinal()] * START_DOUBT_C,
                z[About.OVEN.ordinal()] * truth.offsetDoubtC(),
                Math.exp(z[About.FILM.ordinal()] * truth.logFilmDoubt()),
                Math.exp(z[About.WETNESS.ordinal()] * WETNESS_DOUBT),
                Math.exp(z[About.CONTACT.ordinal()] * CONTACT_DOUBT));
    }
}
