package olla.core.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import olla.core.fish.Habit;
import org.junit.jupiter.api.Test;

class ModelClockTest {

    private static ModelClock clock(double pace, double drift) {
        double[] z = new double[ModelClock.DRAWS];
        z[Doubt.About.MODEL.ordinal()] = pace;
        z[ModelClock.DRIFT] = drift;
        return new ModelClock(z, Habit.USUAL_DOUBT, 5, 20);
    }

    @Property
    void oneClockUndoesTheOther(
            @ForAll @DoubleRange(min = -3, max = 3) double pace,
            @ForAll @DoubleRange(min = -3, max = 3) double drift,
            @ForAll @DoubleRange(min = 0, max = 35) double minute) {
        ModelClock clock = clock(pace, drift);

        assertThat(clock.model(clock.real(minute))).isCloseTo(minute, within(1e-6));
    }

    @Property
    void timeNeverGoesBack(
            @ForAll @DoubleRange(min = -4, max = 4) double pace,
            @ForAll @DoubleRange(min = -4, max = 4) double drift,
            @ForAll @DoubleRange(min = 0, max = 35) double minute) {
        ModelClock clock = clock(pace, drift);

        assertThat(clock.real(minute + 0.1)).isGreaterThan(clock.real(minute));
        assertThat(clock.model(minute + 0.1)).isGreaterThanOrEqualTo(clock.model(minute));
    }

    /** By hand: a standard deviation is a tenth, from where the open stages begin. */
    @Test
    void aSlowDishTakesATenthLonger() {
        assertThat(clock(1, 0).real(25)).isCloseTo(5 + 20 * Math.exp(0.1), within(1e-9));
        assertThat(clock(1, 0).real(4)).isEqualTo(4);
        assertThat(clock(1, 0).model(4)).isEqualTo(4);
        assertThat(clock(0, 0).real(25)).isCloseTo(25, within(1e-9));
    }

    /**
     * By hand, with k = 0.1 sqrt(3) the change of pace: exp(-k) (exp(2 k s) - 1) / (2 k) of the length is gone at a share s. A dish that is
     * quick at first and slow at last is about as late as it was early, and hardly off altogether.
     */
    @Test
    void whatDriftsIsEarlyFirstAndMadeUpForAtTheEnd() {
        double k = 0.1 * Math.sqrt(3);
        ModelClock clock = clock(0, 1);

        assertThat(clock.real(15)).isCloseTo(5 + 20 * Math.exp(-k) * Math.expm1(k) / (2 * k), within(1e-9));
        assertThat(clock.real(15)).isLessThan(14.4);
        assertThat(clock.real(25)).isCloseTo(25, within(0.15));
    }

    /** Half of what the constant part leaves unsure is known once the middle was met at seven tenths of the way. */
    @Test
    void aProbeOnTheWayLeavesHalfOfIt() {
        double onTheWay = (clock(1, 0).real(19) - clock(-1, 0).real(19)) / 2;
        double drifted = (clock(0, 1).real(19) - clock(0, -1).real(19)) / 2;
        double atTheEnd = (clock(1, 0).real(25) - clock(-1, 0).real(25)) / 2;
        double left = 1 - onTheWay * onTheWay / (onTheWay * onTheWay + drifted * drifted);

        assertThat(Math.sqrt(left)).isBetween(0.35, 0.6);
        assertThat(atTheEnd / 20).isCloseTo(0.1, within(0.002));
    }
}
