package olla.core.uncertainty;

import java.util.Optional;
import olla.core.messages.Message;
import olla.core.oven.Spot;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.MatrixUtils;

/**
 * What one bake has told of its oven, apart from what was believed of that before: what a normal distribution has to be multiplied by
 * (the quotient of two normal densities, as messages between the parts of a model are). Whatever else is in the oven can take it
 * over. A fish that is slow tells of the oven's error and of its film together, and of neither alone; so they are kept together, in
 * the information form: with x the error and the film, the logarithm of the density is h·x - xᵀPx/2.
 *
 * @param hOffset first entry of h, 1/K
 * @param hFilm second entry of h
 * @param pOffset first diagonal entry of P, 1/K²; 0 where nothing was told
 * @param pBoth the entry of P beside the diagonal, 1/K
 * @param pFilm second diagonal entry of P
 */
public record OvenEvidence(double hOffset, double hFilm, double pOffset, double pBoth, double pFilm) {

    /** Nothing was told. */
    public static final OvenEvidence NONE = new OvenEvidence(0, 0, 0, 0, 0);

    /* In such steps, in standard deviations of what was believed, so that what says the same is the same. */
    private static final double STEP = 0.02;

    /* What is told no more surely than this, as a share of how surely it was known, tells nothing: as much comes of chance draws. */
    static final double SAYS_NOTHING = 0.15;

    /* No direction is told more surely: in these units again. */
    private static final double LEAST_VARIANCE = 0.02;

    /* Of what one bake met in an oven, another meets all but its thermostat's swing and its door (from memory). */
    private static final double SWINGS_C = OvenCalibration.LEAST_OFFSET_DOUBT_C;
    private static final double SWINGS_LOG = OvenCalibration.LEAST_FILM_DOUBT;

    /* An oven that is off by less than this from what it was thought to be changes no minute that a cook would notice, K. */
    private static final double WORTH_SAYING_C = 3;

    /**
     * What the members of a bake tell once they have been weighed.
     *
     * @param before what was believed of the oven
     * @param mean their error and their film on the average, in standard deviations of that
     * @param variance of the two, and what they have in common between them: offset, both, film
     */
    static OvenEvidence of(OvenCalibration before, double[] mean, double[] variance) {
        double swingsOffset = SWINGS_C / before.offsetDoubtC();
        double swingsFilm = SWINGS_LOG / before.logFilmDoubt();
        double[][] covariance = {
            {round(variance[0] + swingsOffset * swingsOffset), round(variance[1])},
            {round(variance[1]), round(variance[2] + swingsFilm * swingsFilm)}
        };
        EigenDecompositionSymmetric axes = new EigenDecompositionSymmetric(MatrixUtils.createRealMatrix(covariance));
        OvenEvidence told = NONE;
        for (int i = 0; i < mean.length; i++) {
            double after = Math.max(LEAST_VARIANCE, axes.getEigenvalue(i));
            double more = 1 / after - 1;
            if (more > SAYS_NOTHING) {
                double[] axis = axes.getEigenvector(i).toArray();
                double along = axis[0] * round(mean[0]) + axis[1] * round(mean[1]);
                told = told.and(along(
                        before, axis[0] / before.offsetDoubtC(), axis[1] / before.logFilmDoubt(), along / after, more));
            }
        }
        return told;
    }

    /**
     * What tells of an oven's error alone.
     *
     * @param before what was believed of the oven
     * @param offsetC what is believed of its error after it, K
     * @param doubtC and how surely: one standard deviation, K
     */
    public static OvenEvidence ofOffset(OvenCalibration before, double offsetC, double doubtC) {
        double sure = 1 / (before.offsetDoubtC() * before.offsetDoubtC());
        double surer = 1 / (doubtC * doubtC);
        return surer < sure * (1 + SAYS_NOTHING)
                ? NONE
                : new OvenEvidence(surer * offsetC - sure * before.offsetC(), 0, surer - sure, 0, 0);
    }

    /* One direction, from standard deviations of what was believed into an oven's own terms. */
    private static OvenEvidence along(OvenCalibration before, double offset, double film, double h, double p) {
        double centre = h + p * (offset * before.offsetC() + film * before.logFilm());
        return new OvenEvidence(
                offset * centre, film * centre, p * offset * offset, p * offset * film, p * film * film);
    }

    private static double round(double z) {
        return STEP * Math.rint(z / STEP);
    }

    /** Whether nothing was told. */
    public boolean none() {
        return pOffset == 0 && pFilm == 0;
    }

    /** Both, told by two bakes that know nothing of each other. */
    public OvenEvidence and(OvenEvidence other) {
        return new OvenEvidence(
                hOffset + other.hOffset,
                hFilm + other.hFilm,
                pOffset + other.pOffset,
                pBoth + other.pBoth,
                pFilm + other.pFilm);
    }

    /** What this, told of an oven, tells of a spot in it. */
    public OvenEvidence at(Spot spot) {
        return moved(spot.warmerK(), spot.variance());
    }

    /** What this, told of a spot in an oven, tells of the oven. */
    public OvenEvidence from(Spot spot) {
        return moved(-spot.warmerK(), spot.variance());
    }

    /* Of what lies so much higher, known no better than that: the density folded with a normal one (Woodbury's identity in the information form). */
    private OvenEvidence moved(double byK, double variance) {
        double offset = hOffset + pOffset * byK;
        double film = hFilm + pBoth * byK;
        double less = variance / (1 + pOffset * variance);
        return new OvenEvidence(
                offset - pOffset * less * offset,
                film - pBoth * less * offset,
                pOffset - pOffset * pOffset * less,
                pBoth - pOffset * pBoth * less,
                pFilm - pBoth * pBoth * less);
    }

    /** What is believed of an oven after it; each of the two by itself, as an oven is remembered. */
    public OvenCalibration after(OvenCalibration before) {
        double sureOffset = 1 / (before.offsetDoubtC() * before.offsetDoubtC());
        double sureFilm = 1 / (before.logFilmDoubt() * before.logFilmDoubt());
        double offset = pOffset + sureOffset;
        double film = pFilm + sureFilm;
        double determinant = offset * film - pBoth * pBoth;
        double hWhole = hOffset + sureOffset * before.offsetC();
        double hFilmWhole = hFilm + sureFilm * before.logFilm();
        return OvenCalibration.within(
                (film * hWhole - pBoth * hFilmWhole) / determinant,
                Math.sqrt(film / determinant),
                (offset * hFilmWhole - pBoth * hWhole) / determinant,
                Math.sqrt(offset / determinant),
                before);
    }

    /** What the oven does by it, as the rest of a sentence that begins with the oven; empty where that is as it was thought to be. */
    public Optional<Message> words(OvenCalibration before) {
        OvenCalibration after = after(before);
        return Math.abs(after.offsetC() - before.offsetC()) < WORTH_SAYING_C
                ? Optional.empty()
                : Optional.of(after.words());
    }

    /** Logarithm of the density of an oven, but for a constant. */
    double logDensity(double offsetC, double film) {
        double square = pOffset * offsetC * offsetC + 2 * pBoth * offsetC * film + pFilm * film * film;
        return hOffset * offsetC + hFilm * film - square / 2;
    }
}
