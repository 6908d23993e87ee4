package olla.core.probe;

/**
 * One reading of a tip, as it came.
 *
 * @param minute since the dish went in
 * @param celsius -50 to 350 °C, which is what a tip can meet; anything else is no reading
 */
public record Reading(double minute, double celsius) {

    /** Coldest and hottest that a tip can meet in a kitchen, °C. */
    public static final double COLDEST_C = -50;

    /** The hottest, °C. */
    public static final double HOTTEST_C = 350;

    /** Whether a thermometer can mean this. */
    public static boolean possible(double celsius) {
        return celsius >= COLDEST_C && celsius <= HOTTEST_C;
    }
}
