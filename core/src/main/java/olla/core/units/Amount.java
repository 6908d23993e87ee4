package olla.core.units;

import java.util.OptionalDouble;

/**
 * So much of something.
 *
 * @param what its name, as a cook writes it on a list
 * @param value how much, 0 or more
 * @param measure counted in what
 */
public record Amount(String what, double value, Measure measure) {

    private static final double BIG = 1000;

    /* Beyond eight cups a scale is quicker, ml (common practice, no source). */
    private static final double MOST_SPOONED_ML = 8 * Spoons.CUP_ML;

    /** As many times as much. */
    public Amount times(double factor) {
        return new Amount(what, value * factor, measure);
    }

    /** On a scale and in a jug, as finely as a cook weighs: "7 g", "85 g", "1.2 kg", "3". */
    public String metric() {
        if (measure == Measure.PIECE) {
            return Refusals.plain(Math.round(value * 4) / 4.0);
        }
        if (value >= BIG) {
            return Refusals.plain(Math.round(value / 50) / 20.0) + (measure == Measure.GRAM ? " kg" : " l");
        }
        double step = value < 20 ? 1 : value < 300 ? 5 : 10;
        return Refusals.plain(Math.max(value > 0 ? 1 : 0, Math.round(value / step) * step)) + " " + measure.sign();
    }

    /** In spoons and cups, where it is spooned at all; otherwise as on a scale. */
    public String spoons() {
        if (measure == Measure.MILLILITRE && value < MOST_SPOONED_ML) {
            return Spoons.words(value);
        }
        OptionalDouble perMl = measure == Measure.GRAM ? Bulk.gramsPerMl(what) : OptionalDouble.empty();
        return perMl.isPresent() && value / perMl.getAsDouble() < MOST_SPOONED_ML
                ? Spoons.words(value / perMl.getAsDouble())
                : metric();
    }
}
