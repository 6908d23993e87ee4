package olla.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Amounts as cooks write them. */
class AmountTest {

    private static final Message SOMETHING = Message.typed("something");

    /** Sizes by 21 CFR 101.9: a teaspoon 5 ml, a tablespoon 15, a cup 240 (from memory). */
    @ParameterizedTest
    @CsvSource({
        "0.2,0,0,0",
        "1.25,0,0,1",
        "2.5,0,0,2",
        "5,0,0,4",
        "7.5,0,0,6",
        "15,0,1,0",
        "20,0,1,4",
        "30,0,2,0",
        "45,0,3,0",
        "56,1,0,0",
        "75,1,1,0",
        "118,2,0,0",
        "220,3,3,0",
        "345,5,3,0",
        "240,4,0,0",
        "360,6,0,0",
        "480,8,0,0"
    })
    void volumesAreSpooned(double ml, int quarterCups, int tablespoons, int quarterTeaspoons) {
        assertThat(Spoons.of(ml)).isEqualTo(new Spoons(quarterCups, tablespoons, quarterTeaspoons));
        assertThat(Spoons.of(ml).pinch()).isEqualTo(ml < 1);
    }

    @ParameterizedTest
    @CsvSource({
        "GRAM,7.4,7",
        "GRAM,83,85",
        "GRAM,412,410",
        "GRAM,1240,1250",
        "MILLILITRE,2000,2000",
        "PIECE,3,3",
        "PIECE,0.5,0.5",
        "GRAM,0.3,1"
    })
    void scalesAreReadAsFinelyAsACookReadsThem(Measure measure, double value, double read) {
        assertThat(new Amount(SOMETHING, value, measure).onAScale()).isEqualTo(new Quantity(read, measure.unit()));
    }

    /** Household weights (published: USDA Standard Reference, from memory): a cup of flour 125 g, a tablespoon of butter 14 g. */
    @ParameterizedTest
    @CsvSource({"flour,125,4,0", "butter,14.2,0,1", "honey,21,0,1"})
    void gramsAreSpoonedWhereAnybodyKnowsWhatTheyWeigh(String what, double grams, int quarterCups, int tablespoons) {
        assertThat(new Amount(Message.typed(what), grams, Measure.GRAM).spooned())
                .contains(new Spoons(quarterCups, tablespoons, 0));
        assertThat(new Amount(Message.of("stuff." + what), grams, Measure.GRAM).spooned())
                .contains(new Spoons(quarterCups, tablespoons, 0));
    }

    @Test
    void whatNobodySpoonsIsNotSpooned() {
        assertThat(new Amount(Message.typed("whole trout"), 500, Measure.GRAM).spooned())
                .isEmpty();
        assertThat(new Amount(Message.typed("flour"), 5000, Measure.GRAM).spooned())
                .isEmpty();
        assertThat(new Amount(SOMETHING, 2, Measure.PIECE).spooned()).isEmpty();
    }

    @Property(tries = 200)
    void aSpoonedAmountIsNearTheRealOne(@ForAll @DoubleRange(min = 2, max = 1500) double ml) {
        double most = ml < 10 ? 0.7 : ml < 55 ? 2.6 : ml < 480 ? 7.6 : 31;
        assertThat(Spoons.nearestMl(ml)).isCloseTo(ml, within(most));
    }
}
