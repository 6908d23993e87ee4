package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChoiOkosTest {

    /**
     * Source: ASHRAE Refrigeration Handbook, table of unfrozen and frozen composition data, initial freezing point and
     * specific heats of foods, fish (from memory): water, protein, fat, ash in percent, specific heat above freezing in
     * kJ/kgK and latent heat in kJ/kg.
     */
    @ParameterizedTest
    @CsvSource({
        "cod,81.22,17.81,0.67,1.16,3.78,271",
        "haddock,79.92,18.91,0.72,1.21,3.75,267",
        "halibut,77.92,20.81,2.29,1.36,3.74,260",
        "salmon,76.35,19.94,3.45,1.22,3.68,255",
        "tuna,68.09,23.33,4.90,1.18,3.43,227"
    })
    void fishHaveTheSpecificAndLatentHeatOfTheHandbook(
            String fish, double water, double protein, double fat, double ash, double specific, double latent) {
        ChoiOkos properties = new ChoiOkos(water / 100, protein / 100, fat / 100, ash / 100, -2.2);
        assertThat(properties.sensibleHeat(4) / 1000).isCloseTo(specific, within(0.03 * specific));
        assertThat(properties.latentHeat() / 1000).isCloseTo(latent, within(0.01 * latent));
    }

    /** Source: handbook values for lean fish, 0.50 to 0.58 W/mK unfrozen and 1.4 to 2.0 frozen at -20 °C (from memory). */
    @Test
    void leanFishConductsAsMeasured() {
        ChoiOkos cod = new ChoiOkos(0.8036, 0.1781, 0.0067, 0.0116, -2.2);
        assertThat(cod.conductivity(10)).isBetween(0.48, 0.58);
        assertThat(cod.conductivity(-20)).isBetween(1.3, 2.0);
        assertThat(cod.density(20)).isBetween(1030.0, 1090.0);
    }

    /** Source: pure water's specific heat at 20 °C, 4.182 kJ/kgK (steam tables); the other printing would give 4.13. */
    @Test
    void waterHasItsOwnSpecificHeat() {
        ChoiOkos water = new ChoiOkos(1, 0, 0, 0, -0.001);
        assertThat(water.sensibleHeat(20)).isCloseTo(4182, within(10.0));
    }

    @Test
    void thawingCostsTheLatentHeat() {
        ChoiOkos cod = new ChoiOkos(0.8036, 0.1781, 0.0067, 0.0116, -2.2);
        Material material = cod.material();
        double thaw = (material.enthalpyJm3(0) - material.enthalpyJm3(-40)) / cod.density(20);
        double sensible = 40 * 2100;
        assertThat(thaw - sensible).isBetween(0.75 * cod.latentHeat(), 1.0 * cod.latentHeat());
    }

    @ParameterizedTest
    @CsvSource({"-30", "-2.5", "-1", "20", "95", "180"})
    void enthalpyAndTemperatureAreInverse(double celsius) {
        Material material = new ChoiOkos(0.8036, 0.1781, 0.0067, 0.0116, -2.2).material();
        assertThat(material.temperatureC(material.enthalpyJm3(celsius))).isCloseTo(celsius, within(1e-6));
    }
}
