package olla.server.recipes;

import java.util.List;
import java.util.Locale;
import java.util.Map;
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
            "^(\\d{1,6}(?:[.,]\\d{1,6})?)? ?(?:(\\d{1,3})/(\\d{1,3})|([¼½¾⅓⅔⅛]))? ?(kg|g|ml|l|dl|cl|tbsp|tablespoons?|tsp|teaspoons?|cups?|oz|lb)?\\.?(?: of)? (\\S.*)$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern BLANKS = Pattern.compile("\\s++");

    private static final Map<String, Double> FRACTIONS =
            Map.of("¼", 0.25, "½", 0.5, "¾", 0.75, "⅓", 1 / 3.0, "⅔", 2 / 3.0, "⅛", 0.125);

    private IngredientLine() {}

    /** Reads a line that is meant for so many pieces; what has no amount is to taste, 0 of it. */
    static Ingredient read(String text, int pieces) {
        String line = BLANKS.matcher(text.strip()).replaceAll(" ");
        Matcher m = LINE.matcher(line);
        boolean amount = m.matches() && (m.group(1) != null || m.group(2) != null || m.group(4) != null);
        if (!amount) {
            return new Ingredient(line, 0, Measure.PIECE);
        }
        double value = m.group(1) == null ? 0 : Double.parseDouble(m.group(1).replace(',', '.'));
        if (m.group(2) != null && !m.group(3).matches("0+")) {
            value += Double.parseDouble(m.group(2)) / Double.parseDouble(m.group(3));
        } else if (m.group(4) != null) {
            value += FRACTIONS.get(m.group(4));
        }
        String unit =
                m.group(5) == null ? "" : m.group(5).toLowerCase(Locale.ROOT).replaceAll("s$", "");
        return new Ingredient(m.group(6).strip(), value * factor(unit) / pieces, measure(unit));
    }

    private static double factor(String unit) {
        return switch (unit) {
            case "kg", "l" -> 1000;
            case "dl" -> 100;
            case "cl" -> 10;
            case "tbsp", "tablespoon" -> Spoons.TABLESPOON_ML;
            case "tsp", "teaspoon" -> Spoons.TEASPOON_ML;
            case "cup" -> Spoons.CUP_ML;
            case "oz" -> Imperial.GRAMS_PER_OUNCE;
            case "lb" -> Imperial.GRAMS_PER_POUND;
            default -> 1;
        };
    }

    private static Measure measure(String unit) {
        if (unit.isEmpty()) {
            return Measure.PIECE;
        }
        return List.of("kg", "g", "oz", "lb").contains(unit) ? Measure.GRAM : Measure.MILLILITRE;
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
