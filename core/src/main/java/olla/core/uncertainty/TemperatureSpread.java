package olla.core.uncertainty;

/**
 * Where the coldest point may be over time, in the oven, all arrays of one length.
 *
 * @param minute since it went in, rising
 * @param lowC one in ten is colder, °C
 * @param middleC as many colder as warmer, °C
 * @param highC one in ten is warmer, °C
 */
public record TemperatureSpread(double[] minute, double[] lowC, double[] middleC, double[] highC) {

    /** About as many points. */
    static final int POINTS = 60;
}
