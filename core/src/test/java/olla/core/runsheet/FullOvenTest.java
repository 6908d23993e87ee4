package olla.core.runsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import olla.core.oven.HeatDraw;
import olla.core.oven.OvenHeat;
import olla.core.oven.OvenKind;
import org.junit.jupiter.api.Test;

class FullOvenTest {

    private static FullOven.Inside inside(double from, double until, double firstW) {
        return new FullOven.Inside(from, until, 200, new HeatDraw(firstW, firstW / 2));
    }

    @Test
    void whatAnOvenHasToSpareCoolsNothing() {
        FullOven easy = FullOven.of(OvenKind.STILL, List.of(inside(-20, 0, 700), inside(-45, 0, 800)));
        assertThat(easy.cools()).isFalse();
        assertThat(easy.during(0)).isEqualTo(FullOven.Cooler.NOT);
    }

    @Test
    void twoThatAreThereAtOnceCoolEachOther() {
        FullOven full = FullOven.of(OvenKind.STILL, List.of(inside(-20, 0, 1400), inside(-25, 5, 1400)));
        assertThat(full.cools()).isTrue();
        FullOven.Cooler first = full.during(0);
        assertThat(first.mostK()).isBetween(3.0, 60.0);
        assertThat(first.meanK()).isLessThan(first.mostK());
    }

    @Test
    void whatIsThereOneAfterTheOtherDoesNot() {
        FullOven full = FullOven.of(OvenKind.STILL, List.of(inside(-45, -25, 1400), inside(-20, 0, 1400)));
        assertThat(full.cools()).isFalse();
    }

    @Test
    void whoeverComesLaterFindsItWarmAgain() {
        FullOven full = FullOven.of(
                OvenKind.STILL, List.of(inside(-90, -60, 1400), inside(-90, -60, 1400), inside(-20, 0, 100)));
        assertThat(full.during(0).meanK()).isPositive();
        assertThat(full.during(2).mostK()).isZero();
    }

    /** By how much it cools is what was drawn too much over what it holds, as far as it does not lose less meanwhile. */
    @Test
    void theHeatIsCounted() {
        HeatDraw even = new HeatDraw(2000, 2000);
        FullOven full = FullOven.of(OvenKind.FAN, List.of(new FullOven.Inside(0, 10, 200, even)));
        double beyond = 2000 - OvenHeat.spareW(OvenKind.FAN, 200);
        assertThat(full.during(0).mostK()).isCloseTo(10 * 60 * beyond / 9000, within(4.0));
    }
}
