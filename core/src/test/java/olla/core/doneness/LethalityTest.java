package olla.core.doneness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import olla.core.messages.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LethalityTest {

    /**
     * Source: FDA Fish and Fishery Products Hazards and Controls Guidance, appendix table "Inactivation of Listeria
     * monocytogenes", minutes for six decimal reductions (from memory).
     */
    @ParameterizedTest
    @CsvSource({"63,17.0", "65,9.3", "67,5.0", "70,2.0", "72,1.0", "75,0.4"})
    void sixLogTimesAreThoseOfTheTable(double celsius, double minutes) {
        assertThat(Lethality.sixLogMinutesAt(celsius)).isCloseTo(minutes, within(0.08 * minutes + 0.05));
    }

    @Test
    void aSteadyTemperatureCountsByItsRate() {
        double[] minute = {0, 1, 5};
        assertThat(Lethality.minutesAt70(minute, new double[] {70, 70, 70})).isCloseTo(5, within(1e-9));
        assertThat(Lethality.minutesAt70(minute, new double[] {62.5, 62.5, 62.5}))
                .isCloseTo(0.5, within(1e-9));
    }

    @Test
    void unlikeLengthsAreRefused() {
        assertThatThrownBy(() -> Lethality.minutesAt70(new double[2], new double[3]))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource({"8,RAW", "43,BARELY_SET", "49.9,BARELY_SET", "50,JUST_OPAQUE", "57,FLAKES", "63,FIRM", "70,DRY"})
    void bandsBeginWhereTheTradeSays(double celsius, Band band) {
        assertThat(Band.of(celsius)).isEqualTo(band);
    }

    /** FDA Food Code 3-401.11 and USDA FSIS chart: 63 °C / 145 °F, from memory. */
    @Test
    void onlyTheOfficialMinimumIsNotBelowIt() {
        assertThat(Doneness.values()).filteredOn(d -> !d.belowOfficial()).containsExactly(Doneness.OFFICIAL);
        assertThat(Doneness.OFFICIAL.peakC() * 9 / 5 + 32).isBetween(145.0, 146.0);
        assertThat(Doneness.values())
                .filteredOn(Doneness::underDone)
                .containsExactly(Doneness.BARELY_SET, Doneness.JUST_OPAQUE);
    }

    @Test
    void everyTargetLiesInTheBandOfItsName() {
        for (Doneness target : Doneness.values()) {
            String name = target == Doneness.OFFICIAL ? "FIRM" : target.name();
            assertThat(Band.of(target.peakC()).name()).isEqualTo(name);
        }
    }

    @Test
    void theFigureIsSaidBesideWhatItIsMeasuredAgainst() {
        assertThat(Lethality.meaning(0.031).values())
                .containsEntry("minutes", 0.031)
                .containsEntry("reference", Quantity.celsius(70))
                .containsEntry("sixLog", 2.0);
    }
}
