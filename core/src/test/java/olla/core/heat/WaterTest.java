package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WaterTest {

    /** Source: IAPWS steam tables as printed in handbooks, kPa (from memory). Antoine's equation holds to 1 %. */
    @ParameterizedTest
    @CsvSource({"20,2.339", "40,7.385", "60,19.95", "80,47.41", "100,101.42", "120,198.7"})
    void saturationPressureAgreesWithTheSteamTables(double celsius, double kPa) {
        assertThat(Water.saturationPa(celsius) / 1000).isCloseTo(kPa, within(0.015 * kPa));
    }

    @ParameterizedTest
    @CsvSource({"10", "55", "99.9"})
    void theSlopeIsThatOfThePressure(double celsius) {
        double rise = (Water.saturationPa(celsius + 0.01) - Water.saturationPa(celsius - 0.01)) / 0.02;
        assertThat(Water.saturationSlope(celsius)).isCloseTo(rise, within(0.02 * rise));
    }

    /** Source: Lewis relation, h/(k_m cp) near 1 for water in air (Incropera, from memory): 40 W/m²K is about 0.035 m/s. */
    @ParameterizedTest
    @CsvSource({"11", "40"})
    void evaporationFollowsTheLewisRelation(double film) {
        double kilogramsPerPa = Water.evaporationPerPa(film) / Water.EVAPORATION_J_KG;
        double metresPerSecond = kilogramsPerPa * 461.5 * 350;
        double airDensity = 101_325 / (287 * 350.0);
        double lewis = film / (airDensity * 1010) / Math.pow(0.87, 2.0 / 3);
        assertThat(metresPerSecond).isCloseTo(lewis, within(0.01 * lewis));
    }
}
