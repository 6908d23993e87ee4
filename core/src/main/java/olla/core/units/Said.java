package olla.core.units;

/**
 * Amounts inside a sentence. Whoever reads it has a ruler and a dial of their own, so a sentence carries the amount and its
 * kind in square brackets, for instance {@code [57 °C]}, and whoever shows it writes that in the reader's units.
 */
public final class Said {

    private Said() {}

    /** A temperature of flesh, air or a freezer: {@code [57 °C]}. */
    public static String celsius(double value) {
        return in(value, "°C");
    }

    /** What an oven is set to, shown as its dial has it: {@code [220 °C dial]}. */
    public static String dial(double celsius) {
        return in(celsius, "°C dial");
    }

    /** A rise or a difference of temperature: {@code [4 K]}. */
    public static String kelvin(double value) {
        return in(value, "K");
    }

    /** A length: {@code [26 mm]}. */
    public static String mm(double value) {
        return in(value, "mm");
    }

    /** A mass: {@code [160 g]}. */
    public static String grams(double value) {
        return in(value, "g");
    }

    /** A volume: {@code [120 ml]}. */
    public static String ml(double value) {
        return in(value, "ml");
    }

    /**
     * An amount with its unit's sign; one that has no units to choose from stands as it is.
     *
     * @param unit {@code °C}, {@code mm}, {@code g} or {@code ml}, or any other sign, or none
     */
    public static String in(double value, String unit) {
        return switch (unit) {
            case "°C", "°C dial", "K", "mm", "g", "ml" -> "[" + Refusals.plain(value) + " " + unit + "]";
            case "" -> Refusals.plain(value);
            default -> Refusals.plain(value) + " " + unit;
        };
    }
}
