package olla.server.recipes;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import olla.core.messages.Quantity;
import olla.core.units.Imperial;
import olla.core.units.Measure;
import olla.core.units.Spoons;
import olla.server.recipes.RecipeInput.Ingredient;

/** A line of a list of ingredients as cooks write it: "30 g rye crumbs", "1½ tbsp oil", "2 lemons", "salt". */
final class IngredientLine {

    /* Every part is bounded, so that there are few ways to match, however long a line is. */
    private static final Pattern LINE = Pattern.compile(
            "^(\\d{1,6}(?:[.,]\\d{1,6})?)? ?(?:(\\d{1,3})/(\\d{1,3})|([¼½¾⅓⅔⅛]))? ?(kg|kilos?|kilograms?|g|grams?|ml|l|litres?|liters?|dl|cl"
                    + "|tbsp|tablespoons?|tsp|teaspoons?|cups?|oz|ounces?|lbs?|pounds?|handfuls?|pinch(?:es)?|splash(?:es)?|knobs?)?"
                    + "\\.?(?: of)? (\\S.*)$",
            Pattern.CASE_INSENSITIVE);

    /* "2–3 tbsp" is read as what lies between. */
    private static final Pattern RANGE =
            Pattern.compile("^(\\d{1,6}(?:[.,]\\d{1,6})?) ?[-–] ?(\\d{1,6}(?:[.,]\\d{1,6})?)(.*)$");

    /* "a handful", "an onion". */
    private static final Pattern ONE = Pattern.compile("^an? (?=\\S)", Pattern.CASE_INSENSITIVE);

    private static final Pattern BLANKS = Pattern.compile("\\s++");

    private static final Map<String, Double> FRACTIONS =
            Map.of("¼", 0.25, "½", 0.5, "¾", 0.75, "⅓", 1 / 3.0, "⅔", 2 / 3.0, "⅛", 0.125);

    private static final Set<String> WEIGHED = Set.of(
            "kg", "kilo", "kilogram", "g", "gram", "oz", "ounce", "lb", "pound", "handful", "pinch", "pinche", "knob");

    private IngredientLine() {}

    /** Reads a line that is meant for so many pieces; what has no amount is to taste, 0 of it. */
    static Ingredient read(String text, int pieces) {
        String line = BLANKS.matcher(text.strip()).replaceAll(" ");
        Matcher m = LINE.matcher(ONE.matcher(between(line)).replaceFirst("1 "));
        boolean amount = m.matches() && (m.group(1) != null || m.group(2) != null || m.group(4) != null);
        if (!amount) {
            return new Ingredient(line, 0, Measure.PIECE);
        }
        double value = m.group(1) == null ? 0 : number(m.group(1));
        if (m.group(2) != null && !m.group(3).matches("0+")) {
            value += Double.parseDouble(m.group(2)) / Double.parseDouble(m.group(3));
        } else if (m.group(4) != null) {
            value += FRACTIONS.get(m.group(4));
        }
        String unit =
                m.group(5) == null ? "" : m.group(5).toLowerCase(Locale.ROOT).replaceAll("s$", "");
        return new Ingredient(m.group(6).strip(), value * factor(unit) / pieces, measure(unit));
    }

    private static String between(String line) {
        Matcher range = RANGE.matcher(line);
        return range.matches()
                ? Quantity.plain((number(range.group(1)) + number(range.group(2))) / 2) + range.group(3)
                : line;
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static double factor(String unit) {
        return switch (unit) {
            case "kg", "kilo", "kilogram", "l", "litre", "liter" -> 1000;
            case "dl" -> 100;
            case "cl" -> 10;
            case "tbsp", "tablespoon" -> Spoons.TABLESPOON_ML;
            case "tsp", "teaspoon" -> Spoons.TEASPOON_ML;
            case "cup" -> Spoons.CUP_ML;
            case "oz", "ounce" -> Imperial.GRAMS_PER_OUNCE;
            case "lb", "pound" -> Imperial.GRAMS_PER_POUND;
            case "handful" -> Spoons.HANDFUL_G;
            case "pinch", "pinche" -> Spoons.PINCH_G;
            case "knob" -> Spoons.KNOB_G;
            case "splash", "splashe" -> Spoons.SPLASH_ML;
            default -> 1;
        };
    }

    private static Measure measure(String unit) {
        if (unit.isEmpty()) {
            return Measure.PIECE;
        }
        return WEIGHED.contains(unit) ? Measure.GRAM : Measure.MILLILITRE;
    }

    /** Writes a line for a total amount. */
    static String write(Ingredient ingredient, double total) {
        if (total == 0) {
            return ingredient.what();
        }
        String sign = ingredient.measure().sign();
        return Quantity.plain(total) + (sign.isEmpty() ? "" : " " + sign) + " " + ingredient.what();
    }
}
