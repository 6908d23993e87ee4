package olla.core.units;

/** Inches, ounces and pounds (exact, by the international yard and pound agreement of 1959). */
public final class Imperial {

    /** An inch, mm. */
    public static final double MM_PER_INCH = 25.4;

    /** An ounce, g. */
    public static final double GRAMS_PER_OUNCE = 28.349523125;

    /** Ounces in a pound. */
    public static final int OUNCES_PER_POUND = 16;

    /** A pound, g. */
    public static final double GRAMS_PER_POUND = GRAMS_PER_OUNCE * OUNCES_PER_POUND;

    /* Longer than this nobody reads eighths off a ruler, in (common practice, no source). */
    private static final double EIGHTHS_TO_IN = 6;

    private Imperial() {}

    /** A length in eighths of an inch as it is read off a ruler: to the eighth, a long one to the quarter. */
    public static int eighths(double mm) {
        double inches = mm / MM_PER_INCH;
        return (int) (inches < EIGHTHS_TO_IN ? Math.round(inches * 8) : 2 * Math.round(inches * 4));
    }
}
