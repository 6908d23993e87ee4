package olla.core.probe;

import java.util.List;
import java.util.Optional;
import olla.core.oven.OvenCourse;

/** What a thermometer that hangs in an oven tells of it. */
public final class OvenThermometer {

    /* A thermostat swings by about so much round its dial, and no oven is called cold within it, °C (from memory). */
    private static final double SWING_C = 15;

    /* An oven that lies is still hot: further below its dial than this it has not come to its heat, °C (common practice:
    ovens lie by 10 to 20, and a swing on top, no source). */
    private static final double COLD_BELOW_C = 45;

    /* A swing is averaged out over so long, minutes (from memory). */
    private static final double AVERAGED_MIN = 3;

    private OvenThermometer() {}

    /**
     * How far an oven is from its dial.
     *
     * @param minute by when that was known, since the dish went in
     * @param celsius air less dial, °C
     */
    public record Offset(double minute, double celsius) {}

    /**
     * The first steady stretch of a hot oven.
     *
     * @param readings in order of their minutes
     * @param dialC the dial, which has not been touched, °C
     * @return empty while the oven has not been hot for long enough
     */
    public static Optional<Offset> offset(List<Reading> readings, double dialC) {
        double from = Double.NaN;
        double sum = 0;
        int count = 0;
        for (Reading reading : readings) {
            if (Double.isNaN(from) && reading.celsius() < dialC - COLD_BELOW_C) {
                continue;
            }
            from = Double.isNaN(from) ? reading.minute() : from;
            sum += reading.celsius() - dialC;
            count++;
            if (reading.minute() - from >= AVERAGED_MIN) {
                return Optional.of(new Offset(reading.minute(), sum / count));
            }
        }
        return Optional.empty();
    }

    /** How long until an oven has the heat of its dial, minutes; 0 where it has. */
    public static double hotInMin(double celsius, double dialC) {
        return celsius >= dialC - SWING_C ? 0 : OvenCourse.heatingMinutes(celsius, dialC);
    }
}
