package olla.core.units;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import olla.core.messages.Message;

/**
 * What a millilitre of a kitchen's goods weighs, so that grams can be spooned. Usual household values (published: USDA
 * Standard Reference, weights of household measures, from memory, rounded).
 */
public final class Bulk {

    private static final Map<String, Double> GRAMS_PER_ML = new LinkedHashMap<>();

    static {
        GRAMS_PER_ML.put("breadcrumb", 0.45);
        GRAMS_PER_ML.put("crumb", 0.45);
        GRAMS_PER_ML.put("oat", 0.40);
        GRAMS_PER_ML.put("flour", 0.53);
        GRAMS_PER_ML.put("butter", 0.95);
        GRAMS_PER_ML.put("oil", 0.92);
        GRAMS_PER_ML.put("honey", 1.42);
        GRAMS_PER_ML.put("sugar", 0.85);
        GRAMS_PER_ML.put("salt", 1.2);
        GRAMS_PER_ML.put("mustard", 1.05);
        GRAMS_PER_ML.put("mayonnaise", 0.93);
        GRAMS_PER_ML.put("horseradish", 1.0);
        GRAMS_PER_ML.put("cheese", 0.42);
        GRAMS_PER_ML.put("almond", 0.42);
        GRAMS_PER_ML.put("nut", 0.45);
        GRAMS_PER_ML.put("zest", 0.4);
        GRAMS_PER_ML.put("parsley", 0.25);
        GRAMS_PER_ML.put("dill", 0.15);
        GRAMS_PER_ML.put("herb", 0.2);
        GRAMS_PER_ML.put("onion", 0.65);
        GRAMS_PER_ML.put("tomato", 0.9);
        GRAMS_PER_ML.put("cream", 1.0);
        GRAMS_PER_ML.put("yoghurt", 1.03);
        GRAMS_PER_ML.put("egg", 1.03);
        GRAMS_PER_ML.put("milk", 1.03);
    }

    private static final Pattern WORD = Pattern.compile("\\p{L}+");

    /* What comes after these says more of it, and not what it is. */
    private static final Pattern HEAD = Pattern.compile("[,;(]| in | from | for ");

    private Bulk() {}

    private static Double of(String word) {
        Double one = GRAMS_PER_ML.get(word);
        return one != null || !word.endsWith("s") ? one : GRAMS_PER_ML.get(word.substring(0, word.length() - 1));
    }

    /**
     * Grams in a millilitre of it; empty for what nobody spoons.
     *
     * @param what typed, or a key of the catalogue, which is spelled as what it is
     */
    public static OptionalDouble gramsPerMl(Message what) {
        boolean typed = what.key().equals(Message.TYPED);
        return gramsPerMl(
                typed ? (String) what.values().get(Message.VALUE) : what.key().replace('-', ' '));
    }

    private static OptionalDouble gramsPerMl(String what) {
        Double found = null;
        // What it is stands last, before what was done to it: coconut milk is milk, and cheese, grated, is cheese.
        Matcher words = WORD.matcher(HEAD.split(what.toLowerCase(Locale.ROOT))[0]);
        while (words.find()) {
            found = of(words.group());
        }
        return found == null ? OptionalDouble.empty() : OptionalDouble.of(found);
    }
}
