package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.Bakes;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.dress.Dress;
import olla.core.dress.Pour;
import olla.core.oven.OvenKind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a vessel does to the minutes, in the order in which cooks have it (common practice, no source). */
class VesselsTest {

    private static final double FLOOR_MM2 = 120 * 160;

    private static double minutes(Dress dress, double dialC) {
        return Bakes.hake().in(dress).oven(OvenKind.STILL, dialC).minutesTo(57);
    }

    private static double cold(Ware ware, double dialC) {
        return minutes(Dress.open().standingIn(Vessel.of(ware)), dialC);
    }

    private static double hot(Ware ware, double dialC) {
        Vessel vessel = new Vessel(ware, Optional.empty(), OptionalDouble.of(dialC));
        return minutes(Dress.open().standingIn(vessel), dialC);
    }

    private static double inStock(boolean hot, double dialC) {
        Pour stock = new Pour(Pour.Liquid.STOCK, OptionalDouble.of(100), OptionalDouble.of(FLOOR_MM2), hot);
        return minutes(Dress.open().standingIn(Vessel.of(Ware.STONEWARE)).lyingIn(stock), dialC);
    }

    @ParameterizedTest
    @ValueSource(doubles = {200, 230})
    void whatIsHeavyIsSlowWhileColdAndQuickWhileHot(double dialC) {
        double tray = cold(Ware.SHEET_TRAY, dialC);

        assertThat(cold(Ware.GLASS, dialC)).isBetween(tray + 0.3, tray + 2);
        assertThat(cold(Ware.CAST_PAN, dialC)).isBetween(tray + 0.5, tray + 3);
        assertThat(cold(Ware.STONEWARE, dialC)).isBetween(cold(Ware.GLASS, dialC) + 0.3, tray + 4);
        assertThat(hot(Ware.SHEET_TRAY, dialC)).isBetween(tray - 2, tray - 0.3);
        assertThat(hot(Ware.STONEWARE, dialC)).isLessThan(hot(Ware.GLASS, dialC));
        assertThat(hot(Ware.CAST_PAN, dialC)).isBetween(tray - 4, hot(Ware.STONEWARE, dialC));
    }

    @ParameterizedTest
    @ValueSource(doubles = {200, 230})
    void stockHasToBeWarmedToo(double dialC) {
        double dry = cold(Ware.STONEWARE, dialC);

        assertThat(inStock(false, dialC)).isBetween(dry + 0.3, dry + 3);
        assertThat(inStock(true, dialC)).isLessThan(inStock(false, dialC));
    }
}
