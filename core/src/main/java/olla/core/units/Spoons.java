package olla.core.units;

import java.util.ArrayList;
import java.util.List;

/**
 * A volume in the measures that lie in a drawer: cups down to a quarter, tablespoons, teaspoons down to a quarter. A
 * spoon of 15 ml, one of 5, a cup of 240 (published: the sizes of US nutrition labelling, 21 CFR 101.9(b)(5)(viii), from
 * memory).
 */
public final class Spoons {

    /** A tablespoon, ml. */
    public static final double TABLESPOON_ML = 15;

    /** A teaspoon, ml. */
    public static final double TEASPOON_ML = 5;

    /** A cup, ml. */
    public static final double CUP_ML = 240;

    /* From here on a cook reaches for a cup, ml (common practice, no source). */
    private static final double CUPS_FROM_ML = 55;

    /* From here on nobody adds spoons to the cups, ml (common practice, no source). */
    private static final double CUPS_ALONE_ML = 2 * CUP_ML;
    private static final double QUARTERS = 4;
    private static final double QUARTER_CUP_ML = CUP_ML / QUARTERS;
    private static final String[] FRACTION = {"", "¼", "½", "¾"};

    private Spoons() {}

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

    /** In words: "1½ cups", "¼ cup + 1 tbsp", "2 tbsp + 1 tsp", "¼ tsp", "a pinch". */
    public static String words(double ml) {
        double snapped = nearestMl(ml);
        if (snapped < TEASPOON_ML / QUARTERS) {
            return "a pinch";
        }
        if (ml >= CUPS_FROM_ML) {
            double cups = Math.floor(snapped / QUARTER_CUP_ML) * QUARTER_CUP_ML;
            int more = (int) Math.round((snapped - cups) / TABLESPOON_ML);
            return mixed(cups / CUP_ML)
                    + (cups > CUP_ML ? " cups" : " cup")
                    + (more == 0 ? "" : " + " + more + " tbsp");
        }
        int tablespoons = (int) (snapped / TABLESPOON_ML + 1e-9);
        double rest = snapped - tablespoons * TABLESPOON_ML;
        List<String> parts = new ArrayList<>();
        if (tablespoons > 0) {
            parts.add(tablespoons + " tbsp");
        }
        if (rest > 1e-9) {
            parts.add(mixed(rest / TEASPOON_ML) + " tsp");
        }
        return String.join(" + ", parts);
    }

    private static String mixed(double value) {
        int quarters = (int) Math.round(value * QUARTERS);
        int whole = quarters / 4;
        return (whole > 0 ? String.valueOf(whole) : "") + FRACTION[quarters % 4];
    }
}
