package olla.core.units;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;

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

    private Bulk() {}

    /** Grams in a millilitre of it; empty for what nobody spoons. */
    public static OptionalDouble gramsPerMl(String what) {
        String lower = what.toLowerCase(Locale.ROOT);
        return GRAMS_PER_ML.entrySet().stream()
                .filter(e -> lower.contains(e.getKey()))
                .mapToDouble(Map.Entry::getValue)
                .findFirst();
    }
}
