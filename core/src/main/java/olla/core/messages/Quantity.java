package olla.core.messages;

import java.util.Locale;

/**
 * A number with its unit, inside a message.
 *
 * @param value in that unit; NaN and infinities may stand in a refusal of them
 * @param unit what it is counted in
 */
public record Quantity(double value, Unit unit) {

    /** A temperature of flesh, air or a freezer, °C. */
    public static Quantity celsius(double value) {
        return new Quantity(value, Unit.CELSIUS);
    }

    /** What an oven is set to, °C. */
    public static Quantity dial(double celsius) {
        return new Quantity(celsius, Unit.DIAL);
    }

    /** A rise or a difference of temperature, K. */
    public static Quantity kelvin(double value) {
        return new Quantity(value, Unit.KELVIN);
    }

    /** A length, mm. */
    public static Quantity mm(double value) {
        return new Quantity(value, Unit.MM);
    }

    /** A mass, g. */
    public static Quantity grams(double value) {
        return new Quantity(value, Unit.GRAM);
    }

    /** A volume, ml. */
    public static Quantity ml(double value) {
        return new Quantity(value, Unit.ML);
    }

    /** Seconds, to the nearest five. */
    public static Quantity seconds(double value) {
        return new Quantity(5 * Math.round(value / 5), Unit.SECOND);
    }

    /** Minutes in a sentence, to the half. */
    public static Quantity minutes(double value) {
        return new Quantity(value, Unit.MINUTE);
    }

    /** The number and the unit's name: for logs and tests. */
    @Override
    public String toString() {
        return unit == Unit.NUMBER ? plain(value) : plain(value) + " " + unit;
    }

    /** A number without trailing zeros, at most two decimals, with a point in any language. */
    public static String plain(double value) {
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
    }
}
