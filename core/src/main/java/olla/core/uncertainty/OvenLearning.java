package olla.core.uncertainty;

/** How well an oven is known once something has been learned of it: no better than any oven can be. Immutable. */
public final class OvenLearning {

    private final OvenCalibration before;
    private final OvenShare.Posterior posterior;

    OvenLearning(OvenCalibration before, OvenShare.Posterior posterior) {
        this.before = before;
        this.posterior = posterior;
    }

    OvenShare.Posterior posterior() {
        return posterior;
    }

    /** Standard deviation of its air's error, °C. */
    public double offsetDoubtC() {
        return after().offsetDoubtC();
    }

    /** Standard deviation of the logarithm of its film. */
    public double logFilmDoubt() {
        return after().logFilmDoubt();
    }

    private OvenCalibration after() {
        return OvenCalibration.within(
                before.offsetC(),
                Math.sqrt(posterior.offsetVariance()) * before.offsetDoubtC(),
                before.logFilm(),
                Math.sqrt(posterior.filmVariance()) * before.logFilmDoubt(),
                before);
    }
}
