package olla.core.uncertainty;

/** What tests have told of an oven. */
public final class Tellings {

    private Tellings() {}

    /** Error and film as independent normal distributions, in °C and of the logarithm; infinite where nothing is told of one. */
    public static OvenEvidence normal(double offsetC, double offsetSdC, double logFilm, double logFilmSd) {
        double offset = 1 / (offsetSdC * offsetSdC);
        double film = 1 / (logFilmSd * logFilmSd);
        return new OvenEvidence(offsetC * offset, logFilm * film, offset, 0, film);
    }
}
