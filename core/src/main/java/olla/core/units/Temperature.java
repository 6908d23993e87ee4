package olla.core.units;

/** Conversions between temperature scales. */
public final class Temperature {

    /** 0 °C in kelvin (exact, by definition of the degree Celsius). */
    public static final double ZERO_CELSIUS_K = 273.15;

    /** A kitchen's air and what has stood in it, °C (from memory). */
    public static final double ROOM_C = 22;

    /** What has been mixed for a fish is as warm as this when it goes on or in, °C (common practice, no source). */
    public static final double MIXED_C = 12;

    /** Where water boils at sea level, °C; flesh that still holds water does not pass it (general knowledge). */
    public static final double BOILING_C = 100;

    private Temperature() {}

    /** Kelvin from degrees Celsius. */
    public static double kelvin(double celsius) {
        return celsius + ZERO_CELSIUS_K;
    }

    /** Degrees Fahrenheit from degrees Celsius (exact). */
    public static double fahrenheit(double celsius) {
        return celsius * 9 / 5 + 32;
    }

    /** Degrees Celsius from degrees Fahrenheit (exact). */
    public static double celsius(double fahrenheit) {
        return (fahrenheit - 32) * 5 / 9;
    }
}
