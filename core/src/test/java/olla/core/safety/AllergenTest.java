package olla.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.Pour;
import olla.core.dress.Topping;
import olla.core.dress.Vegetable;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Kept;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.fish.Stuffing;
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

    /** What the usual mixes are made of carries them (the mixes: common practice, no source). */
    @Test
    void aDishCarriesWhatIsInIt() {
        OptionalDouble none = OptionalDouble.empty();
        Piece hake = Piece.from(Species.HAKE, Cut.PORTION, OptionalDouble.of(30), none, none, none, none, false);
        assertThat(Allergen.in(hake, Dress.open())).containsExactly(Allergen.FISH);
        Dress full = Dress.in(new Coat(2.5, Coat.Dip.MAYONNAISE))
                .lyingIn(Pour.PAN_SAUCE)
                .spread(List.of(new Topping(Mix.SHELLFISH, Topping.When.BEFORE, 5)));
        assertThat(Allergen.in(hake, full))
                .containsExactly(
                        Allergen.GLUTEN,
                        Allergen.CRUSTACEANS,
                        Allergen.EGG,
                        Allergen.FISH,
                        Allergen.MILK,
                        Allergen.MUSTARD,
                        Allergen.SULPHITES,
                        Allergen.MOLLUSCS);
        Piece stuffed =
                hake.set(Orientation.LYING, Filling.STUFFING, new Stuffing(none, Kept.MIXED, Stuffing.Of.SHELLFISH));
        assertThat(Allergen.in(stuffed, Dress.open())).contains(Allergen.CRUSTACEANS, Allergen.MOLLUSCS);
        assertThat(Allergen.in(hake, Dress.onto(new Bed(List.of(Vegetable.CELERIAC), 20))))
                .contains(Allergen.CELERY);
    }

    /** No mix, liquid or dip of which the wire knows is without an answer. */
    @Test
    void everythingThatCanBeLaidIsJudged() {
        OptionalDouble none = OptionalDouble.empty();
        Piece hake = Piece.from(Species.HAKE, Cut.PORTION, OptionalDouble.of(30), none, none, none, none, false);
        for (Mix mix : Mix.values()) {
            assertThat(Allergen.in(hake, Dress.under(new Topping(mix, Topping.When.BEFORE, 5))))
                    .contains(Allergen.FISH);
        }
        for (Pour.Liquid liquid : Pour.Liquid.values()) {
            assertThat(Allergen.in(hake, Dress.open().lyingIn(new Pour(liquid, none, none, false))))
                    .contains(Allergen.FISH);
        }
    }
}
