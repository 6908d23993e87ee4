package olla.core.uncertainty;

import java.util.Locale;
import java.util.Optional;
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.units.Refusals;

/**
 * What is believed of one oven: how far its air is from its dial, and how strongly its air moves against its kind's usual.
 * Both as independent normal distributions.
 *
 * @param offsetC air less dial, °C
 * @param offsetDoubtC its standard deviation, above 0 to 40 °C
 * @param logFilm natural logarithm of the film coefficient over the kind's usual one
 * @param logFilmDoubt its standard deviation, above 0 to 1
 * @param cooling how it loses its heat; empty for as its kind usually does
 */
public record OvenCalibration(
        double offsetC, double offsetDoubtC, double logFilm, double logFilmDoubt, Optional<Cooling> cooling) {

    /** An oven that nobody has checked. */
    public static final OvenCalibration UNCHECKED =
            new OvenCalibration(0, OvenModel.UNCHECKED_DOUBT_C, 0, OvenModel.FILM_DOUBT);

    private static final double LEAST_DOUBT = 1e-3;

    /** @throws olla.core.units.RefusedInput where a value is out of range */
    public OvenCalibration {
        new Refusals()
                .range("offsetC", "An oven's error", offsetC, -60, 60, "°C")
                .range("offsetDoubtC", "The doubt about an oven's error", offsetDoubtC, LEAST_DOUBT, 40, "°C")
                .range("logFilm", "A film factor's logarithm", logFilm, -1, 1, "")
                .range("logFilmDoubt", "The doubt about a film factor", logFilmDoubt, LEAST_DOUBT, 1, "")
                .throwIfAny();
    }

    /** An oven that loses its heat as its kind usually does. */
    public OvenCalibration(double offsetC, double offsetDoubtC, double logFilm, double logFilmDoubt) {
        this(offsetC, offsetDoubtC, logFilm, logFilmDoubt, Optional.empty());
    }

    /** The same oven, losing its heat otherwise. */
    public OvenCalibration cooling(Optional<Cooling> other) {
        return new OvenCalibration(offsetC, offsetDoubtC, logFilm, logFilmDoubt, other);
    }

    /** The oven as it most likely is. */
    public OvenModel likely(OvenKind kind) {
        return new OvenModel(kind, offsetC, Math.exp(logFilm), cooling.orElseGet(kind::usualCooling));
    }

    /* Less than this, nobody would call an oven a liar, °C. */
    private static final double TRUE_C = 1.5;

    /** What it does, as the rest of a sentence that begins with the oven. */
    public String words() {
        if (!checked()) {
            return "does what its dial says";
        }
        return Math.abs(offsetC) < TRUE_C
                ? String.format(Locale.ROOT, "runs true, ±[%.0f K]", offsetDoubtC)
                : String.format(
                        Locale.ROOT,
                        "runs about [%.0f K] %s, ±[%.0f K]",
                        Math.abs(offsetC),
                        offsetC > 0 ? "hot" : "cool",
                        offsetDoubtC);
    }

    /** The same as a sentence, with what it rests on. */
    public String words(int bakes) {
        if (bakes == 0) {
            return "Nothing is logged for this oven yet.";
        }
        return String.format(
                Locale.ROOT,
                "This oven %s, after %d %s.",
                checked() ? words() : "cannot be told from its dial yet",
                bakes,
                bakes == 1 ? "bake" : "bakes");
    }

    /** Whether it is known better than an oven fresh from nowhere. */
    public boolean checked() {
        return offsetDoubtC < OvenModel.UNCHECKED_DOUBT_C;
    }
}
