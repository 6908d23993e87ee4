package olla.server.messages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import olla.core.dress.SaltCrust;
import olla.core.fish.Cut;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Unit;
import olla.core.units.Amount;
import olla.core.units.Measure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Messages as they are said, in metric and in inches, ounces and Fahrenheit. */
class SentencesTest {

    private static final Sentences METRIC = Sentences.in(Units.METRIC.in(Locale.ENGLISH));
    private static final Sentences IMPERIAL = Sentences.in(Units.IMPERIAL.in(Locale.ENGLISH));
    private static final Sentences GAS = Sentences.in(Units.GAS.in(Locale.ENGLISH));

    /** The British scale, from memory: mark 8 is 230 °C; there are none beyond 10. Food is not counted in marks. */
    @ParameterizedTest
    @CsvSource({
        "DIAL,230,gas 8",
        "DIAL,200,gas 5½",
        "DIAL,120,gas ½",
        "DIAL,300,300 °C",
        "CELSIUS,63,63 °C",
        "GRAM,160,160 g"
    })
    void whoHasAGasOvenHearsItsMarks(Unit unit, double value, String said) {
        assertThat(GAS.say(new Quantity(value, unit)).replace('\u00a0', ' ')).isEqualTo(said);
    }

    /**
     * Source: conversions are exact by definition (°F = 9/5 °C + 32; 1 in = 25.4 mm; 1 oz = 28.349523125 g); what a ruler, a
     * scale and a dial show between is common practice, no source.
     */
    @ParameterizedTest
    @CsvSource({
        "CELSIUS,63,63 °C,145 °F",
        "CELSIUS,-20,−20 °C,−4 °F",
        "CELSIUS,-0.2,0 °C,32 °F",
        "DIAL,230,230 °C,450 °F",
        "DIAL,218,220 °C,425 °F",
        "KELVIN,4,4°,7°",
        "MM,26,26 mm,1 in",
        "MM,28,28 mm,1⅛ in",
        "MM,1,1 mm,1/16 in",
        "MM,400,400 mm,15¾ in",
        "GRAM,160,160 g,5.6 oz",
        "GRAM,1250,1.25 kg,2 lb 12 oz",
        "GRAM,453.59237,454 g,1 lb",
        "ML,120,120 ml,½ cup",
        "ML,360,360 ml,1½ cups",
        "ML,20,20 ml,1 tbsp + 1 tsp",
        "ML,0.2,0 ml,a pinch",
        "ML,2000,2 l,8¼ cups",
        "MIN,0.5,0.5 min,0.5 min",
        "MINUTE,1,1 minute,1 minute",
        "MINUTE,10.5,10½ minutes,10½ minutes",
        "MINUTE,0.5,½ minutes,½ minutes",
        "SECOND,600,600 s,600 s",
        "NUMBER,12,12,12",
        "NUMBER,NaN,no number,no number"
    })
    void anAmountIsSaidAsItIsRead(Unit unit, double value, String metric, String imperial) {
        Quantity quantity = new Quantity(value, unit);
        assertThat(METRIC.say(quantity).replace('\u00a0', ' ')).isEqualTo(metric);
        assertThat(IMPERIAL.say(quantity).replace('\u00a0', ' ')).isEqualTo(imperial);
    }

    @Test
    void anAmountIsNeverPartedByALinesEnd() {
        assertThat(METRIC.say(Message.of("caution.below-minimum", "least", Quantity.celsius(63))))
                .isEqualTo(
                        "Stays below the official 63\u00a0°C. Not for guests who are pregnant, very young, old or ill.");
        assertThat(IMPERIAL.say(Message.of("caution.below-minimum", "least", Quantity.celsius(63))))
                .contains("145\u00a0°F");
    }

    /** Household weights (published: USDA Standard Reference, from memory): a tablespoon of butter 14 g. */
    @Test
    void whoeverCountsInOuncesSpoonsWhatCanBeSpooned() {
        Amount butter = new Amount(Message.of("stuff.butter"), 14.2, Measure.GRAM);
        assertThat(METRIC.say(butter)).isEqualTo("14\u00a0g");
        assertThat(IMPERIAL.say(butter)).isEqualTo("1 tbsp");
        assertThat(IMPERIAL.say(new Amount(Message.typed("trout"), 160, Measure.GRAM)))
                .isEqualTo("5.6\u00a0oz");
        assertThat(METRIC.say(new Amount(Message.typed("eggs"), 2.5, Measure.PIECE)))
                .isEqualTo("2.5");
    }

    @Test
    void aSentenceTurnsOnWhatStandsInIt() {
        assertThat(METRIC.say(bags(1))).contains(": 1 bag of ");
        assertThat(METRIC.say(bags(3))).contains(": 3 bags of ");
        assertThat(METRIC.say(thick(Cut.WHOLE))).startsWith("A 200\u00a0mm thick hake does not exist");
        assertThat(METRIC.say(thick(Cut.PORTION))).startsWith("A 200\u00a0mm thick hake portion does not exist");
        assertThat(METRIC.say(Message.of("how.NOT", "length", Quantity.mm(900), "salt", true)))
                .endsWith("Take a larger one.");
        assertThat(METRIC.say(Message.of("how.NOT", "length", Quantity.mm(900), "salt", false)))
                .endsWith("Take a larger one, or cut it in pieces.");
    }

    private static Message bags(int bags) {
        return Message.of(
                "advice.salt-bags",
                "bed",
                Quantity.grams(1000),
                "cover",
                Quantity.grams(1500),
                "bags",
                bags,
                "bag",
                Quantity.grams(1000),
                "poured",
                Quantity.ml(2000));
    }

    private static Message thick(Cut cut) {
        return Message.of(
                "refusal.no-such-thickness",
                "thickness",
                Quantity.mm(200),
                "species",
                Message.of("species.HAKE.inside"),
                "cut",
                cut,
                "least",
                Quantity.mm(8),
                "most",
                Quantity.mm(90));
    }

    /** Beside the figure stand its source and what it is not. */
    @Test
    void theWordsOnLethalityGiveNoPermission() {
        Message words = olla.core.doneness.Lethality.meaning(0.031);
        assertThat(METRIC.say(words))
                .contains("0.03 min at 70\u00a0°C", "2 min there", "FDA", "information and no permission");
    }

    /** What a dish that goes in among others is told, by what there is to tell. */
    @ParameterizedTest
    @CsvSource({"FULL,false,true", "SHELVES,true,false", "BOTH,true,true"})
    void amongOtherTraysItIsSaidWhatThatCosts(String among, boolean shelves, boolean full) {
        Message how = Message.of(
                "sheet.PUT_IN.among", "among", among, "cooler", Quantity.kelvin(12), "longer", Quantity.minutes(2));
        String metric = METRIC.say(how).replace('\u00a0', ' ');
        assertThat(metric.contains("change places half-way")).isEqualTo(shelves);
        assertThat(metric.contains("12° below the dial") && metric.contains("2 minutes longer"))
                .isEqualTo(full);
        assertThat(IMPERIAL.say(how).contains("22°")).isEqualTo(full);
    }

    @Test
    void listsSentencesAndOpeningsAreStrungTogether() {
        Message cold = Message.of("hand.leave-shut");
        assertThat(METRIC.say(Message.sentences(cold, Message.NOTHING, cold)))
                .isEqualTo("Leave the door shut. Leave the door shut.");
        assertThat(METRIC.say(Message.sentences(Message.NOTHING, Message.NOTHING)))
                .isEmpty();
        Message senses = Message.of(
                Message.LIST, Message.VALUE, List.of(Message.of("sense.EYE.inside"), Message.of("sense.SKIN.inside")));
        assertThat(METRIC.say(senses.opening())).isEqualTo("Eye, skin");
        assertThat(METRIC.say(Message.word(SaltCrust.Damping.WET_SAND).opening()))
                .isEqualTo("Wet sand");
    }

    /** What somebody typed stands as it is, whatever it looks like. */
    @Test
    void whatIsTypedIsNoPattern() {
        assertThat(METRIC.say(Message.typed("{least} it's 'so'"))).isEqualTo("{least} it's 'so'");
        assertThat(METRIC.say(Message.of("refusal.unknown-fish", "name", "{x} '{'")))
                .isEqualTo("Olla knows no fish called “{x} '{'”.");
    }

    @Test
    void whatTheCatalogueLacksIsSaidByItsKey() {
        assertThat(METRIC.say(Message.of("no.such.sentence"))).isEqualTo("no.such.sentence");
    }

    @Test
    void anUnknownLanguageIsAnsweredInEnglish() {
        assertThat(Sentences.in(Locale.forLanguageTag("tlh")).say(Message.of("hand.turn")))
                .isEqualTo("Turn it over");
        assertThat(Sentences.in(Locale.forLanguageTag("en-NZ-u-ms-ussystem")).say(Quantity.celsius(63)))
                .isEqualTo("145\u00a0°F");
    }
}
