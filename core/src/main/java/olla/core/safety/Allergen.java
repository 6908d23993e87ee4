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
    GLUTEN("(?<!gluten.free )(wheat|rye|barley|oats?|oatmeal|spelt|semolina|flour|crumbs?|breads?|panko|couscous|"
            + "beer|pasta)"),
    CRUSTACEANS("shrimps?|prawns?|crabs?|lobsters?|crayfish|langoustines?"),
    EGG("eggs?|egg whites?|yolks?|mayonnaise|aioli|meringue"),
    FISH("fish|anchov(y|ies)|cod|haddock|hake|salmon|trout|tuna|roe|caviar|worcester sauce"),
    PEANUTS("peanuts?|groundnuts?"),
    SOYA("soya?|soy sauce|tofu|miso|tamari|edamame"),
    MILK("milk|butter|buttermilk|cream|cheese|yoghurt|yogurt|ricotta|mascarpone|ghee|whey|parmesan"),
    NUTS("nuts?|almonds?|hazelnuts?|walnuts?|cashews?|pecans?|pistachios?|macadamias?|pesto|marzipan|praline"),
    CELERY("celery|celeriac|stock|bouillon"),
    MUSTARD("mustard|mayonnaise"),
    SESAME("sesame|tahini"),
    SULPHITES("wine|cider|vinegar|raisins|sultanas|apricots|sulphites?"),
    LUPIN("lupins?"),
    MOLLUSCS("mussels?|clams?|oysters?|squid|octopus|scallops?|cockles?|whelks?");

    private final Pattern givesAway;

    Allergen(String givesAway) {
        this.givesAway = Pattern.compile("\\b(" + givesAway + ")\\b");
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
