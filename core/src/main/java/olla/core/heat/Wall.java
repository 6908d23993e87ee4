package olla.core.heat;

/**
 * The bottom of what a dish lies in: a sheet, or a wall of clay, glass or iron. It stands out round the dish as a fin does.
 *
 * @param thicknessM how thick, m; 0 where there is none
 * @param conductivityWmK across it, W/mK; infinite where it resists too little to count
 * @param alongWmK along it, W/mK; 0 where nothing goes along it and it ends with what lies on it
 * @param faceWm2K what each face of it takes from the oven it stands in, film and radiation, W/m²K: with this a fin's length is reckoned
 */
public record Wall(double thicknessM, double conductivityWmK, double alongWmK, double faceWm2K) {

    /** Nothing: the underside meets the oven. */
    public static final Wall NONE = ending(0, Double.POSITIVE_INFINITY);

    /* It stands out so far round a dish, m: pieces on a tray lie some two fingers to a hand apart, and share what is between them (common practice, no source). */
    private static final double STANDS_OUT_M = 0.03;

    /** One that ends with what lies on it, m and W/mK as above. */
    public static Wall ending(double thicknessM, double conductivityWmK) {
        return new Wall(thicknessM, conductivityWmK, 0, 0);
    }

    /** A sheet that is all at one temperature across, so thick in m, and ends with what lies on it. */
    public static Wall sheet(double thicknessM) {
        return ending(thicknessM, Double.POSITIVE_INFINITY);
    }

    boolean there() {
        return thicknessM > 0;
    }

    /** Whether it is warmer on one side than on the other. */
    boolean resists() {
        return conductivityWmK < Double.POSITIVE_INFINITY;
    }

    /**
     * As wide a strip of it all at the temperature of the dish's edge takes in as much as all that stands out, m (a fin with an insulated tip, L
     * tanh(D/L) with L² = k t / 2 h: Incropera, from memory).
     */
    double finM() {
        if (alongWmK == 0) {
            return 0;
        }
        double length = Math.sqrt(alongWmK * thicknessM / (2 * faceWm2K));
        return length * Math.tanh(STANDS_OUT_M / length);
    }
}
