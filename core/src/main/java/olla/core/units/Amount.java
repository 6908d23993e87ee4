package olla.core.units;

import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.messages.Message;
import olla.core.messages.Quantity;

/**
 * So much of something.
 *
 * @param what its name, as a cook writes it on a list
 * @param value how much, 0 or more
 * @param measure counted in what
 */
public record Amount(Message what, double value, Measure measure) {

    private static final double BIG = 1000;

    /* Beyond eight cups a scale is quicker, ml (common practice, no source). */
    private static final double MOST_SPOONED_ML = 8 * Spoons.CUP_ML;

    /** As many times as much. */
    public Amount times(double factor) {
        return new Amount(what, value * factor, measure);
    }

    /** On a scale and in a jug, as finely as a cook weighs: 7 g, 85 g, 1.2 kg, 3½ lemons. */
    public Quantity onAScale() {
        if (measure == Measure.PIECE) {
            return new Quantity(Math.round(value * 4) / 4.0, measure.unit());
        }
        double step = value < 20 ? 1 : value < 300 ? 5 : value < BIG ? 10 : 50;
        double rounded = Math.max(value > 0 ? 1 : 0, Math.round(value / step) * step);
        return new Quantity(rounded, measure.unit());
    }

    /** In spoons and cups; empty for what is not spooned, and where a scale is quicker. */
    public Optional<Spoons> spooned() {
        if (measure == Measure.MILLILITRE && value < MOST_SPOONED_ML) {
            return Optional.of(Spoons.of(value));
        }
        OptionalDouble perMl = measure == Measure.GRAM ? Bulk.gramsPerMl(what) : OptionalDouble.empty();
        return perMl.isPresent() && value / perMl.getAsDouble() < MOST_SPOONED_ML
                ? Optional.of(Spoons.of(value / perMl.getAsDouble()))
                : Optional.empty();
    }
}
