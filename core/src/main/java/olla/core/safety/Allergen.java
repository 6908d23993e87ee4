package olla.core.safety;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import olla.core.dress.Coat.Dip;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.Pour.Liquid;
import olla.core.dress.Side;
import olla.core.dress.Vegetable;
import olla.core.fish.Filling;
import olla.core.fish.Piece;
import olla.core.fish.Stuffing;

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

    /** Those that what is in a dish usually carries, in the order of the regulation; fish first of all. */
    public static Set<Allergen> in(Piece piece, Dress dress) {
        Set<Allergen> found = EnumSet.of(FISH);
        if (piece.filling() == Filling.STUFFING) {
            found.addAll(of(piece.stuffing().of()));
        }
        dress.on().forEach(topping -> found.addAll(of(topping.mix())));
        dress.pour().ifPresent(pour -> found.addAll(of(pour.of())));
        Stream.concat(dress.bed().of().stream(), dress.sides().stream().map(Side::of))
                .filter(v -> v == Vegetable.CELERIAC)
                .forEach(v -> found.add(CELERY));
        dress.coat().ifPresent(coat -> found.addAll(of(coat.dip())));
        dress.salt().filter(salt -> salt.damping().whitesAKilo() > 0).ifPresent(salt -> found.add(EGG));
        return found;
    }

    private static Set<Allergen> of(Mix mix) {
        return switch (mix) {
            case CRUMB -> EnumSet.of(GLUTEN, MILK);
            case PASTE -> EnumSet.of(NUTS);
            case MAYONNAISE -> EnumSet.of(EGG, MUSTARD, MILK);
            case BUTTER -> EnumSet.of(MILK);
            case SHELLFISH -> EnumSet.of(CRUSTACEANS, MOLLUSCS, MILK);
            case HERBS, COOKED, VEGETABLES, CITRUS -> EnumSet.noneOf(Allergen.class);
        };
    }

    private static Set<Allergen> of(Liquid liquid) {
        return switch (liquid) {
            case WINE_BUTTER -> EnumSet.of(MILK, SULPHITES);
            case WINE, CIDER -> EnumSet.of(SULPHITES);
            case STOCK -> EnumSet.of(CELERY);
            case MILK, BUTTER -> EnumSet.of(MILK);
            case OLIVE_OIL -> EnumSet.noneOf(Allergen.class);
        };
    }

    private static Set<Allergen> of(Dip dip) {
        return switch (dip) {
            case EGG -> EnumSet.of(GLUTEN, EGG);
            case MAYONNAISE -> EnumSet.of(GLUTEN, EGG, MUSTARD);
            case BUTTER -> EnumSet.of(GLUTEN, MILK);
        };
    }

    private static Set<Allergen> of(Stuffing.Of stuffing) {
        return switch (stuffing) {
            case BREAD -> EnumSet.of(GLUTEN, EGG, MILK);
            case SHELLFISH -> EnumSet.of(CRUSTACEANS, MOLLUSCS);
            case EGG -> EnumSet.of(EGG);
            case VEGETABLES -> EnumSet.noneOf(Allergen.class);
        };
    }
}
