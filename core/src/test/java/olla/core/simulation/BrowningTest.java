package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import olla.core.simulation.Browning.Colour;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The colour of a top. */
class BrowningTest {

    @Test
    void theRateDoublesEachTwentyKelvin() {
        double at150 = Browning.added(1, 150);
        assertThat(at150).isCloseTo(1, within(1e-12));
        assertThat(Browning.added(1, 166)).isCloseTo(2 * at150, within(1e-12));
        assertThat(Browning.added(3, 134)).isCloseTo(1.5 * at150, within(1e-12));
    }

    /** Water at 100 °C holds a wet face below browning: what steams for a quarter of an hour is blond at most (common practice, no source). */
    @Test
    void aWetFaceHardlyBrowns() {
        assertThat(Colour.of(Browning.added(5, 100))).isEqualTo(Colour.PALE);
        assertThat(Browning.added(15, 100)).isLessThan(Colour.GOLD.from());
    }

    @ParameterizedTest
    @CsvSource({
        "0,PALE",
        "0.59,PALE",
        "0.6,BLOND",
        "2.5,GOLD",
        "7.9,GOLD",
        "8,BROWN",
        "24.9,BROWN",
        "25,BURNT",
        "900,BURNT"
    })
    void anIndexHasItsWord(double index, Colour colour) {
        assertThat(Colour.of(index)).isEqualTo(colour);
    }
}
