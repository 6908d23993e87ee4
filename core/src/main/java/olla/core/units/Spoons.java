package olla.core.units;

/**
 * A volume in the measures that lie in a drawer: cups down to a quarter, tablespoons, teaspoons down to a quarter. A
 * spoon of 15 ml, one of 5, a cup of 240 (published: the sizes of US nutrition labelling, 21 CFR 101.9(b)(5)(viii), from
 * memory).
 *
 * @param quarterCups quarters of a cup, 0 or more
 * @param tablespoons whole tablespoons, 0 or more
 * @param quarterTeaspoons quarters of a teaspoon, 0 or more; less than one altogether is a pinch
 */
public record Spoons(int quarterCups, int tablespoons, int quarterTeaspoons) {

    /** A tablespoon, ml. */
    public static final double TABLESPOON_ML = 15;

    /** A teaspoon, ml. */
    public static final double TEASPOON_ML = 5;

    /** A cup, ml. */
    public static final double CUP_ML = 240;

    /** A handful of leaves, a pinch of salt, a knob of butter, g; a splash, ml (common practice, no source). */
    public static final double HANDFUL_G = 30;

    public static final double PINCH_G = 0.4;
    public static final double KNOB_G = 15;
    public static final double SPLASH_ML = 15;

    /* From here on a cook reaches for a cup, ml (common practice, no source). */
    private static final double CUPS_FROM_ML = 55;

    /* From here on nobody adds spoons to the cups, ml (common practice, no source). */
    private static final double CUPS_ALONE_ML = 2 * CUP_ML;
    private static final double QUARTERS = 4;
    private static final double QUARTER_CUP_ML = CUP_ML / QUARTERS;

    /** The nearest volume that those measures give, ml; what is less than an eighth of a teaspoon is a pinch, 0.3 ml. */
    public static double nearestMl(double ml) {
        double quarterSpoon = TEASPOON_ML / QUARTERS;
        if (ml < quarterSpoon / 2) {
            return 0.3;
        }
        if (ml >= CUPS_FROM_ML) {
            double cups = ml < CUPS_ALONE_ML ? TABLESPOON_ML : QUARTER_CUP_ML;
            return Math.round(ml / cups) * cups;
        }
        // Above two teaspoons nobody measures quarters.
        double step = ml < 2 * TEASPOON_ML ? quarterSpoon : TEASPOON_ML;
        return Math.max(quarterSpoon, Math.round(ml / step) * step);
    }

    /** The nearest that those measures give. */
    public static Spoons of(double ml) {
        double snapped = nearestMl(ml);
        if (snapped < TEASPOON_ML / QUARTERS) {
            return new Spoons(0, 0, 0);
        }
        if (ml >= CUPS_FROM_ML) {
            int quarters = (int) Math.floor(snapped / QUARTER_CUP_ML);
            return new Spoons(quarters, (int) Math.round((snapped - quarters * QUARTER_CUP_ML) / TABLESPOON_ML), 0);
        }
        int tablespoons = (int) (snapped / TABLESPOON_ML + 1e-9);
        double rest = snapped - tablespoons * TABLESPOON_ML;
        return new Spoons(0, tablespoons, (int) Math.round(rest / TEASPOON_ML * QUARTERS));
    }

    /** Whether it is too little for any of them. */
    public boolean pinch() {
        return quarterCups == 0 && tablespoons == 0 && quarterTeaspoons == 0;
    }
}
