package olla.core.units;

/**
 * One oven temperature on the dials of a kitchen, each snapped to a step that a dial has.
 *
 * @param celsius a still oven's dial, °C, in steps of 5
 * @param fahrenheit a still oven's dial, °F, in steps of 25
 * @param gasMark a gas oven's mark, in half marks from 1/2 to 10; null where gas ovens have none
 * @param fanCelsius a fan oven's dial for the same effect, °C, in steps of 5
 */
public record Dial(int celsius, int fahrenheit, Double gasMark, int fanCelsius) {

    /** A fan oven is set this much lower for the same effect, °C (common practice, no source). */
    public static final double FAN_LOWER_C = 20;

    /** A dial in °C has marks so far apart. */
    public static final int CELSIUS_STEP = 5;

    private static final int FAHRENHEIT_STEP = 25;

    /* Gas mark 1 is 275 °F and each mark adds 25 °F; half a mark is as much below it (published: British gas mark scale, from
    memory). */
    private static final double GAS_MARK_ONE_F = 275;
    private static final double GAS_MARK_STEP_F = 25;
    private static final double HIGHEST_GAS_MARK = 10;
    private static final double LOWEST_GAS_MARK = 0.5;

    /** The dials for a still oven at a temperature in °C. */
    public static Dial forStillOven(double celsius) {
        double fahrenheit = Temperature.fahrenheit(celsius);
        return new Dial(
                snap(celsius, CELSIUS_STEP),
                snap(fahrenheit, FAHRENHEIT_STEP),
                gasMark(fahrenheit),
                snap(celsius - FAN_LOWER_C, CELSIUS_STEP));
    }

    /** The dials for a fan oven set to a temperature in °C: the still oven's are higher. */
    public static Dial forFanOven(double fanCelsius) {
        return forStillOven(fanCelsius + FAN_LOWER_C);
    }

    private static int snap(double value, int step) {
        return (int) Math.round(value / step) * step;
    }

    private static Double gasMark(double fahrenheit) {
        double mark = 1 + (fahrenheit - GAS_MARK_ONE_F) / GAS_MARK_STEP_F;
        double snapped = mark < 1 ? Math.round(mark) / 2.0 + LOWEST_GAS_MARK : Math.round(mark * 2) / 2.0;
        return snapped < LOWEST_GAS_MARK || snapped > HIGHEST_GAS_MARK ? null : snapped;
    }
}
