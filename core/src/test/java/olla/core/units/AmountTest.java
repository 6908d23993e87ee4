package olla.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Amounts as cooks write them. */
class AmountTest {

    /** Sizes by 21 CFR 101.9: a teaspoon 5 ml, a tablespoon 15, a cup 240 (from memory). */
    @ParameterizedTest
    @CsvSource({
        "0.2,a pinch",
        "1.25,¼ tsp",
        "2.5,½ tsp",
        "5,1 tsp",
        "7.5,1½ tsp",
        "15,1 tbsp",
        "20,1 tbsp + 1 tsp",
        "30,2 tbsp",
        "45,3 tbsp",
        "56,¼ cup",
        "75,¼ cup + 1 tbsp",
        "118,½ cup",
        "220,¾ cup + 3 tbsp",
        "345,1¼ cups + 3 tbsp",
        "240,1 cup",
        "360,1½ cups",
        "480,2 cups"
    })
    void volumesAreSpokenInSpoonsThatExist(double ml, String words) {
        assertThat(Spoons.words(ml)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "GRAM,7.4,7 g",
        "GRAM,83,85 g",
        "GRAM,412,410 g",
        "GRAM,1240,1.25 kg",
        "MILLILITRE,2000,2 l",
        "PIECE,3,3",
        "PIECE,0.5,0.5",
        "GRAM,0.3,1 g"
    })
    void scalesAreReadAsFinelyAsACookReadsThem(Measure measure, double value, String words) {
        assertThat(new Amount("something", value, measure).metric()).isEqualTo(words);
    }

    /** Household weights (published: USDA Standard Reference, from memory): a cup of flour 125 g, a tablespoon of butter 14 g. */
    @ParameterizedTest
    @CsvSource({"flour,125,1 cup", "butter,14.2,1 tbsp", "honey,21,1 tbsp", "whole trout,500,500 g"})
    void gramsAreSpoonedWhereAnybodyKnowsWhatTheyWeigh(String what, double grams, String words) {
        assertThat(new Amount(what, grams, Measure.GRAM).spoons()).isEqualTo(words);
    }

    @Property(tries = 200)
    void aSpoonedAmountIsNearTheRealOne(@ForAll @DoubleRange(min = 2, max = 1500) double ml) {
        double most = ml < 10 ? 0.7 : ml < 55 ? 2.6 : ml < 480 ? 7.6 : 31;
        assertThat(Spoons.nearestMl(ml)).isCloseTo(ml, within(most));
    }
}
