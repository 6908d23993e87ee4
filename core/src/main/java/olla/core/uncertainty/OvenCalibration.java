package olla.core.uncertainty;

import java.util.Optional;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Spot;

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

    /* Nobody knows an oven better than its thermostat swings and its door leaks (from memory). */
    static final double LEAST_OFFSET_DOUBT_C = 2;
    static final double LEAST_FILM_DOUBT = 0.04;

    /* No oven that is used at all is further off. */
    private static final double MOST_OFFSET_C = 60;
    private static final double MOST_LOG_FILM = 1;
    private static final double MOST_DOUBT_C = 40;

    /** @throws olla.core.messages.RefusedInput where a value is out of range */
    public OvenCalibration {
        new Refusals()
                .range("offsetC", "oven-error", offsetC, -MOST_OFFSET_C, MOST_OFFSET_C, Unit.CELSIUS)
                .range(
                        "offsetDoubtC",
                        "doubt-about-an-oven-error",
                        offsetDoubtC,
                        LEAST_DOUBT,
                        MOST_DOUBT_C,
                        Unit.CELSIUS)
                .range("logFilm", "film-factor-logarithm", logFilm, -MOST_LOG_FILM, MOST_LOG_FILM, Unit.NUMBER)
                .range("logFilmDoubt", "doubt-about-a-film-factor", logFilmDoubt, LEAST_DOUBT, 1, Unit.NUMBER)
                .throwIfAny();
    }

    /** An oven that loses its heat as its kind usually does. */
    public OvenCalibration(double offsetC, double offsetDoubtC, double logFilm, double logFilmDoubt) {
        this(offsetC, offsetDoubtC, logFilm, logFilmDoubt, Optional.empty());
    }

    /** What was learned of an oven: no surer than anybody can be of one, and no further off than any is. */
    static OvenCalibration within(
            double offsetC, double offsetDoubtC, double logFilm, double logFilmDoubt, OvenCalibration before) {
        return new OvenCalibration(
                Math.max(-MOST_OFFSET_C, Math.min(MOST_OFFSET_C, offsetC)),
                Math.max(Math.min(LEAST_OFFSET_DOUBT_C, before.offsetDoubtC), offsetDoubtC),
                Math.max(-MOST_LOG_FILM, Math.min(MOST_LOG_FILM, logFilm)),
                Math.max(Math.min(LEAST_FILM_DOUBT, before.logFilmDoubt), logFilmDoubt),
                before.cooling);
    }

    /**
     * What is believed of the same oven where a dish stands in it.
     *
     * @param spot beside its middle
     */
    public OvenCalibration at(Spot spot) {
        if (spot.middle()) {
            return this;
        }
        return new OvenCalibration(
                Math.max(-MOST_OFFSET_C, Math.min(MOST_OFFSET_C, offsetC + spot.warmerK())),
                Math.min(MOST_DOUBT_C, Math.hypot(offsetDoubtC, spot.doubtK())),
                logFilm,
                logFilmDoubt,
                cooling);
    }

    /**
     * What is believed of its middle once something was learned elsewhere in it: as much of that as is likely the oven's and not the shelf's (the sum
     * of two normal distributions).
     *
     * @param spot where it was learned
     * @param there what was found there, where {@link #at} was believed
     */
    public OvenCalibration learned(Spot spot, OvenCalibration there) {
        if (spot.middle()) {
            return there;
        }
        double own = offsetDoubtC * offsetDoubtC;
        double both = own + spot.variance();
        double share = own / both;
        return within(
                offsetC + share * (there.offsetC - offsetC - spot.warmerK()),
                Math.sqrt(own * (1 - share * (1 - there.offsetDoubtC * there.offsetDoubtC / both))),
                there.logFilm,
                there.logFilmDoubt,
                this);
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
    public Message words() {
        if (!checked()) {
            return Message.of("oven.unchecked");
        }
        String how = Math.abs(offsetC) < TRUE_C ? "oven.true" : offsetC > 0 ? "oven.hot" : "oven.cool";
        return Message.of(how, "offset", Quantity.kelvin(Math.abs(offsetC)), "doubt", Quantity.kelvin(offsetDoubtC));
    }

    /** The same as a sentence, with what it rests on. */
    public Message words(int bakes) {
        if (bakes == 0) {
            return Message.of("oven.no-log");
        }
        return Message.of("oven.learnt", "oven", checked() ? words() : Message.of("oven.not-told-yet"), "bakes", bakes);
    }

    /** Whether it is known better than an oven fresh from nowhere. */
    public boolean checked() {
        return offsetDoubtC < OvenModel.UNCHECKED_DOUBT_C;
    }
}
