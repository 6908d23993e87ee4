package olla.core.safety;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The fourteen substances that have to be declared (published: Regulation (EU) No 1169/2011, Annex II, from memory), each
 * with words that give it away on a list of ingredients. What is found is a reminder; what is not found may still be
 * there.
 */
public enum Allergen {
    GLUTEN(
            "gluten",
            "(?<!gluten.free )(wheat|rye|barley|oats?|oatmeal|spelt|semolina|flour|crumbs?|breads?|panko|couscous|"
                    + "beer|pasta)"),
    CRUSTACEANS("crustaceans", "shrimps?|prawns?|crabs?|lobsters?|crayfish|langoustines?"),
    EGG("egg", "eggs?|egg whites?|yolks?|mayonnaise|aioli|meringue"),
    FISH("fish", "fish|anchov(y|ies)|cod|haddock|hake|salmon|trout|tuna|roe|caviar|worcester sauce"),
    PEANUTS("peanuts", "peanuts?|groundnuts?"),
    SOYA("soya", "soya?|soy sauce|tofu|miso|tamari|edamame"),
    MILK("milk", "milk|butter|buttermilk|cream|cheese|yoghurt|yogurt|ricotta|mascarpone|ghee|whey|parmesan"),
    NUTS("nuts", "nuts?|almonds?|hazelnuts?|walnuts?|cashews?|pecans?|pistachios?|macadamias?|pesto|marzipan|praline"),
    CELERY("celery", "celery|celeriac|stock|bouillon"),
    MUSTARD("mustard", "mustard|mayonnaise"),
    SESAME("sesame", "sesame|tahini"),
    SULPHITES("sulphites", "wine|cider|vinegar|raisins|sultanas|apricots|sulphites?"),
    LUPIN("lupin", "lupins?"),
    MOLLUSCS("molluscs", "mussels?|clams?|oysters?|squid|octopus|scallops?|cockles?|whelks?");

    private final String words;
    private final Pattern givesAway;

    Allergen(String words, String givesAway) {
        this.words = words;
        this.givesAway = Pattern.compile("\\b(" + givesAway + ")\\b");
    }

    /** As it is declared. */
    public String words() {
        return words;
    }

    /** Those that a list of ingredients gives away, in the order of the regulation. */
    public static Set<Allergen> in(Collection<String> ingredients) {
        List<String> lower =
                ingredients.stream().map(i -> i.toLowerCase(Locale.ROOT)).toList();
        return EnumSet.allOf(Allergen.class).stream()
                .filter(a -> lower.stream().anyMatch(i -> a.givesAway.matcher(i).find()))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Allergen.class)));
    }
}
