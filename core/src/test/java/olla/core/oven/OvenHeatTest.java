package olla.core.oven;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class OvenHeatTest {

    /** Rating plates of domestic ovens say 2 to 3.5 kW, and 0.7 to 1 kW keep one at 230 °C (both from memory). */
    @Test
    void itsHeaterIsAsStrongAsRatingPlatesSay() {
        assertThat(OvenHeat.powerW()).isBetween(2000.0, 3500.0);
        assertThat(OvenHeat.lostW(230)).isBetween(700.0, 1000.0);
    }

    /** Common practice, no source: a quarter of an hour to 200 °C. */
    @Test
    void emptyItComesToItsHeatAsOvensDo() {
        double cooler = 180;
        int minutes = 0;
        while (cooler > 0) {
            cooler = OvenHeat.aMinuteLater(cooler, OvenHeat.spareW(OvenKind.STILL, 200), 0);
            minutes++;
        }
        assertThat(minutes).isBetween(12, 18);
    }

    @Test
    void whatItHasToSpareDoesNotCoolIt() {
        double spare = OvenHeat.spareW(OvenKind.FAN, 200);
        assertThat(OvenHeat.aMinuteLater(0, spare, spare)).isZero();
        assertThat(OvenHeat.aMinuteLater(0, spare, spare + 150)).isCloseTo(1, within(1e-9));
        assertThat(OvenHeat.spareW(OvenKind.STILL, 250)).isLessThan(spare);
    }

    /** What is drawn for ever is met by what a cooler oven loses less. */
    @Test
    void itComesToRestWhereItLosesSoMuchLess() {
        double spare = OvenHeat.spareW(OvenKind.STILL, 200);
        double cooler = 0;
        for (int m = 0; m < 1000; m++) {
            cooler = OvenHeat.aMinuteLater(cooler, spare, spare + 100);
        }
        assertThat(OvenHeat.lostW(200) - OvenHeat.lostW(200 - cooler)).isCloseTo(100, within(0.1));
    }

    @Test
    void bricksAndFiresAreNotCooledByADish() {
        assertThat(OvenHeat.spareW(OvenKind.WOOD, 250)).isInfinite();
        assertThat(OvenHeat.spareW(OvenKind.CLOSED_BARBECUE, 250)).isInfinite();
    }

    @Test
    void manyDrawSoManyTimesAsMuch() {
        HeatDraw eight = new HeatDraw(80, 60).times(8);
        assertThat(eight.at(0)).isEqualTo(640);
        assertThat(eight.at(1)).isEqualTo(480);
        assertThat(HeatDraw.between(new HeatDraw(0, 0), eight, 0.5).at(0.5)).isEqualTo(280);
    }
}
