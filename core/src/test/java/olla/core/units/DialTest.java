package olla.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DialTest {

    /** Source: the usual conversion table of oven dials in British cookery books (from memory). */
    @ParameterizedTest
    @CsvSource({
        "140,275,1,120",
        "150,300,2,130",
        "160,325,3,140",
        "180,350,4,160",
        "190,375,5,170",
        "200,400,6,180",
        "220,425,7,200",
        "230,450,8,210",
        "240,475,9,220"
    })
    void theDialsAreThoseOfTheTable(int celsius, int fahrenheit, double gas, int fan) {
        Dial dial = Dial.forStillOven(celsius);
        assertThat(dial.celsius()).isEqualTo(celsius);
        assertThat(dial.fahrenheit()).isEqualTo(fahrenheit);
        assertThat(dial.gasMark()).isCloseTo(gas, within(0.5));
        assertThat(dial.fanCelsius()).isEqualTo(fan);
    }

    @Test
    void aFanOvenMatchesAStillOneSetHigher() {
        assertThat(Dial.forFanOven(210)).isEqualTo(Dial.forStillOven(230));
    }

    @Test
    void gasMarksEndWhereGasOvensEnd() {
        assertThat(Dial.forStillOven(300).gasMark()).isNull();
        assertThat(Dial.forStillOven(100).gasMark()).isNull();
        // Source: the same table; half a mark is 250 °F.
        assertThat(Dial.forStillOven(Temperature.celsius(250)).gasMark()).isEqualTo(0.5);
        assertThat(Dial.forStillOven(Temperature.celsius(275)).gasMark()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"0,32", "100,212", "63,145.4", "-40,-40"})
    void fahrenheitAndCelsiusMeet(double celsius, double fahrenheit) {
        assertThat(Temperature.fahrenheit(celsius)).isCloseTo(fahrenheit, within(1e-9));
        assertThat(Temperature.celsius(fahrenheit)).isCloseTo(celsius, within(1e-9));
    }
}
