package olla.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Allergens by their words, against Regulation (EU) No 1169/2011, Annex II (from memory). */
class AllergenTest {

    @Test
    void annexIiHasFourteen() {
        assertThat(Allergen.values()).hasSize(14);
    }

    @ParameterizedTest
    @CsvSource({
        "rye crumbs,GLUTEN", "oat crumbs,GLUTEN", "brown shrimps,CRUSTACEANS", "egg whites,EGG", "butter,MILK",
        "hazelnuts,NUTS", "celeriac,CELERY", "grain mustard,MUSTARD", "tahini,SESAME", "white wine,SULPHITES",
        "mussels,MOLLUSCS", "soy sauce,SOYA", "peanut oil,PEANUTS", "anchovies,FISH", "lupin flour,LUPIN"
    })
    void aWordGivesItAway(String ingredient, Allergen allergen) {
        assertThat(Allergen.in(List.of(ingredient))).contains(allergen);
    }

    @ParameterizedTest
    @CsvSource({"coconut", "nutmeg", "butternut squash", "eggplant", "leek", "coarse sea salt"})
    void likeSoundingThingsDoNot(String ingredient) {
        assertThat(Allergen.in(List.of(ingredient))).isEmpty();
    }

    @Test
    void aListGivesAllOfThemOnceInTheOrderOfTheAnnex() {
        Set<Allergen> found = Allergen.in(List.of("butter", "Rye Crumbs", "cream", "mayonnaise"));
        assertThat(found).containsExactly(Allergen.GLUTEN, Allergen.EGG, Allergen.MILK, Allergen.MUSTARD);
    }
}
