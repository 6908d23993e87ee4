package olla.core.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import olla.core.doneness.Cue;
import olla.core.messages.RefusedInput;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Shelf;
import olla.core.oven.Spot;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is believed of an oven, and what may be said of a bake at all. */
class OvenCalibrationTest {

    private static OvenCalibration off(double celsius) {
        return new OvenCalibration(celsius, 5, 0, 0.1);
    }

    /** By a degree and a half nobody calls an oven a liar (ours). */
    @ParameterizedTest
    @CsvSource({"1.4,oven.true", "-1.4,oven.true", "1.5,oven.hot", "8,oven.hot", "-1.5,oven.cool", "-8,oven.cool"})
    void itIsHotOrCoolFromADegreeAndAHalf(double offsetC, String says) {
        assertThat(off(offsetC).words().toString()).startsWith(says);
    }

    @Test
    void itIsCheckedOnceItIsKnownBetterThanOneFromNowhere() {
        assertThat(OvenCalibration.UNCHECKED.checked()).isFalse();
        assertThat(OvenCalibration.UNCHECKED.words().toString()).startsWith("oven.unchecked");
        double doubt = OvenModel.UNCHECKED_DOUBT_C;
        assertThat(new OvenCalibration(4, doubt, 0, 0.1).checked()).isFalse();
        assertThat(new OvenCalibration(4, doubt - 0.1, 0, 0.1).checked()).isTrue();
        assertThat(off(4).words(0).toString()).startsWith("oven.no-log");
        assertThat(off(4).words(3).toString()).startsWith("oven.learnt").contains("oven.hot");
    }

    @Test
    void noOvenIsFurtherOffThanAnyIs() {
        for (double[] wrong : new double[][] {{61, 5, 0, 0.1}, {-61, 5, 0, 0.1}, {0, 41, 0, 0.1}, {0, 5, 1.1, 0.1}}) {
            assertThatThrownBy(() -> new OvenCalibration(wrong[0], wrong[1], wrong[2], wrong[3]))
                    .isInstanceOf(RefusedInput.class);
        }
        assertThat(OvenCalibration.within(90, 1, -2, 0.01, OvenCalibration.UNCHECKED))
                .isEqualTo(new OvenCalibration(60, 2, -1, 0.04));
    }

    @Test
    void whereADishStandsItIsOtherwiseAndLessWellKnown() {
        Spot above = Shelf.UPPER.in(OvenKind.STILL);
        OvenCalibration there = off(4).at(above);
        assertThat(there.offsetC()).isEqualTo(4 + above.warmerK());
        assertThat(there.offsetDoubtC()).isEqualTo(Math.hypot(5, above.doubtK()));
        assertThat(there.logFilm()).isEqualTo(off(4).logFilm());
        assertThat(off(4).at(Spot.MIDDLE)).isEqualTo(off(4));
        // What is off already by as much as can be is no further off up there.
        assertThat(off(58).at(above).offsetC()).isEqualTo(60);
    }

    /** A dish that was slower by what it was reckoned to gain up there was just as slow; how surely is less sure. */
    @Test
    void whatStoodHigherWasSlowerThanItSeems() {
        Spot above = Shelf.UPPER.in(OvenKind.STILL);
        Slowness there = new Slowness(0.04, 0.01, -0.005, -0.4, 1.5, 0.02);
        Slowness found = there.from(above);
        assertThat(found.in(off(4)) - there.in(off(4).at(above))).isCloseTo(0, Offset.offset(1e-12));
        assertThat(found.variance()).isEqualTo(0.01 + 0.005 * 0.005 * above.variance());
        assertThat(there.from(Spot.MIDDLE)).isEqualTo(there);
    }

    /** A thermometer hangs in the middle: of a dish above it, it says that it is hotter there by as much as that is reckoned to be. */
    @Test
    void whatHangsInTheMiddleSaysOfAShelfWhatTheShelfIs() {
        Spot above = Shelf.UPPER.in(OvenKind.STILL);
        Observation.OvenAir air = new Observation.OvenAir(8);
        assertThat(air.at(above).offC()).isEqualTo(8 + above.warmerK());
        assertThat(air.at(Spot.MIDDLE)).isEqualTo(air);
        assertThat(new Observation.OvenAir(98).at(above).offC()).isEqualTo(100);
    }

    /** A number is read before it is tapped in; nothing is read before the fish went in. */
    @Test
    void whatIsTappedInWasReadALittleBefore() {
        assertThat(Observation.Probe.tapped(10, 50)).isEqualTo(new Observation.Probe(9.75, 50));
        assertThat(Observation.Probe.tapped(0.1, 9).minute()).isZero();
        assertThatThrownBy(() -> Observation.Probe.tapped(-0.1, 9)).isInstanceOf(RefusedInput.class);
    }

    @Test
    void whatNobodyCanHaveReadIsRefusedByName() {
        assertThatThrownBy(() -> new Observation.Probe(-1, 50)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Observation.Probe(5, Observation.HOTTEST_C + 1))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Observation.Probe(5, Observation.COLDEST_C - 1))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Observation.Seen(-1, Cue.GLASSY)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Observation.OvenAir(101)).isInstanceOf(RefusedInput.class);
    }

    /** A probe is at its word between 2.7 K and, warm as it reads, 0.7 K above what is so (ours, from memory). */
    @Test
    void aReadingTakenAtItsWord() {
        Observation.Probe probe = new Observation.Probe(8, 50);
        assertThat(probe.warmerThanC()).isEqualTo(50 - Observation.PROBE_WARM_K - Observation.PROBE_ERROR_K);
        assertThat(probe.colderThanC()).isEqualTo(50 - Observation.PROBE_WARM_K + Observation.PROBE_ERROR_K);
    }
}
