package olla.core.oven;

import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * An oven as it really is: its kind, how far its air lies above what the dial says, and how its film differs from the
 * kind's usual one.
 *
 * @param kind how the air moves
 * @param offsetC air less dial, -60 to 60 °C; what it is nobody knows until the log has taught it
 * @param filmFactor film coefficient over the kind's usual one, 0.3 to 3
 * @param cooling how it loses its heat
 */
public record OvenModel(OvenKind kind, double offsetC, double filmFactor, Cooling cooling) {

    /** How far an unchecked oven may be off its dial, °C (one standard deviation; common practice: ovens lie by 10 to 20). */
    public static final double UNCHECKED_DOUBT_C = 10;

    /** How far the film of one oven may differ, as a standard deviation of its logarithm (from memory). */
    public static final double FILM_DOUBT = 0.15;

    /** @throws olla.core.messages.RefusedInput where offset or film are out of range */
    public OvenModel {
        new Refusals()
                .range("offsetC", "oven-error", offsetC, -60, 60, Unit.CELSIUS)
                .range("filmFactor", "film-factor", filmFactor, 0.3, 3, Unit.NUMBER)
                .throwIfAny();
    }

    /** An oven that keeps its heat as its kind usually does. */
    public OvenModel(OvenKind kind, double offsetC, double filmFactor) {
        this(kind, offsetC, filmFactor, kind.usualCooling());
    }

    /** An oven that does what its dial says, as far as anyone knows. */
    public static OvenModel trusted(OvenKind kind) {
        return new OvenModel(kind, 0, 1);
    }

    /** Convective film coefficient, W/m²K. */
    public double filmWm2K() {
        return kind.filmWm2K() * filmFactor;
    }
}
