package olla.core.heat;

/**
 * The bottom of what a dish lies in: a sheet, or a wall of clay, glass or iron.
 *
 * @param thicknessM how thick, m; 0 where there is none
 * @param conductivityWmK across it, W/mK; infinite where it resists too little to count
 */
public record Wall(double thicknessM, double conductivityWmK) {

    /** Nothing: the underside meets the oven. */
    public static final Wall NONE = new Wall(0, Double.POSITIVE_INFINITY);

    /** A sheet that is all at one temperature across, so thick in m. */
    public static Wall sheet(double thicknessM) {
        return new Wall(thicknessM, Double.POSITIVE_INFINITY);
    }

    boolean there() {
        return thicknessM > 0;
    }

    /** Whether it is warmer on one side than on the other. */
    boolean resists() {
        return conductivityWmK < Double.POSITIVE_INFINITY;
    }
}
