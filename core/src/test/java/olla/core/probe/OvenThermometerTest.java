package olla.core.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.probe.OvenThermometer.Kind;
import olla.core.probe.OvenThermometer.Offset;
import olla.core.probe.OvenThermometer.Suspicion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What can be believed of a thermometer in an oven. The ovens here are made of plain curves and not of the model: a door
 * that takes a third to two thirds of the heat and gives it back within minutes, a thermostat that saws 8 K up and down
 * every 3 to 10 minutes (common practice, no source; sizes from memory).
 */
class OvenThermometerTest {

    private static final double DIAL = 220;
    private static final double TO_THE_END = Double.POSITIVE_INFINITY;

    private static List<Reading> until(double minute, DoubleUnaryOperator celsius) {
        List<Reading> readings = new ArrayList<>();
        for (double m = 0; m <= minute; m += 0.25) {
            readings.add(new Reading(m, celsius.applyAsDouble(m)));
        }
        return readings;
    }

    private static double dip(double minute, double at, double depth, double mending) {
        return minute < at ? 0 : -depth * Math.exp(-(minute - at) / mending);
    }

    private static double saw(double minute, double period) {
        double phase = (minute / period) % 1;
        return phase < 0.3 ? -8 + 16 * phase / 0.3 : 8 - 16 * (phase - 0.3) / 0.7;
    }

    private static Optional<Offset> offset(List<Reading> readings) {
        return OvenThermometer.offset(readings, OvenEvents.NONE, DIAL, TO_THE_END);
    }

    private static List<Suspicion> suspicions(List<Reading> readings, OvenEvents events) {
        return OvenThermometer.suspicions(readings, events, DIAL, TO_THE_END);
    }

    @Test
    void aSteadyOvenTellsItsOffsetAndNotBeforeItHasBeenSteadyForLong() {
        assertThat(offset(until(5.5, m -> DIAL + 12))).isEmpty();
        Offset found = offset(until(8, m -> DIAL + 12 + Math.sin(9 * m))).orElseThrow();
        assertThat(found.celsius()).isCloseTo(12, within(0.7));
        assertThat(found.minute()).isEqualTo(6);
    }

    /** A perfectly true oven, into which a cold fish on a cold tray was put, is true. */
    @ParameterizedTest
    @CsvSource({"60,1.5", "90,1.5", "120,2", "100,3", "140,4"})
    void theDipOfPuttingItInIsNotTakenForACoolOven(double depth, double mending) {
        Offset found = offset(until(30, m -> DIAL + dip(m, 0, depth, mending))).orElseThrow();
        assertThat(found.celsius()).isCloseTo(0, within(2.0));
    }

    @ParameterizedTest
    @ValueSource(doubles = {5, 7.5, 9})
    void aSecondDipIsWaitedFor(double second) {
        Offset found = offset(until(40, m -> DIAL + dip(m, 0, 100, 1.5) + dip(m, second, 80, 1.5)))
                .orElseThrow();
        assertThat(found.celsius()).isCloseTo(0, within(2.0));
    }

    @ParameterizedTest
    @ValueSource(doubles = {3, 4, 5, 6.5, 8, 10})
    void aSawingThermostatIsAveragedOut(double period) {
        for (double shift = 0; shift < period; shift += 0.7) {
            double from = shift;
            Optional<Offset> found = offset(until(40, m -> DIAL - 6 + saw(m + from, period) + dip(m, 0, 100, 1.5)));
            assertThat(found).as("shift %s", shift).isPresent();
            assertThat(found.get().celsius()).as("shift %s", shift).isCloseTo(-6, within(3.0));
        }
    }

    @Test
    void anOvenThatNeverSettlesIsNeverBelieved() {
        assertThat(offset(until(60, m -> DIAL - 40 + 0.9 * m))).isEmpty();
        assertThat(offset(until(60, m -> DIAL + 30 * Math.sin(m / 5)))).isEmpty();
        assertThat(offset(until(9, m -> 60 + 10 * m))).isEmpty();
    }

    @Test
    void whatComesAfterTheGrillIsOnIsOfTheGrill() {
        List<Reading> readings = until(20, m -> DIAL);
        assertThat(OvenThermometer.offset(readings, OvenEvents.NONE, DIAL, 5)).isEmpty();
    }

    @Test
    void afterATurnedDialTheNewDialIsWhatCounts() {
        OvenEvents turned = new OvenEvents(List.of(new OvenEvent.DialTurned(4, 180)));
        Offset found = OvenThermometer.offset(
                        until(40, m -> m < 4 ? DIAL + 12 : 192 + 40 * Math.exp(-(m - 4) / 2)), turned, DIAL, TO_THE_END)
                .orElseThrow();
        assertThat(found.celsius()).isCloseTo(12, within(2.0));
    }

    @ParameterizedTest
    @CsvSource({"4.5,60", "8,80", "14,110"})
    void aDoorThatNobodyToldOfIsAskedAboutOnce(double at, double depth) {
        List<Suspicion> found =
                suspicions(until(25, m -> DIAL + dip(m, 0, 100, 1.5) + dip(m, at, depth, 1.5)), OvenEvents.NONE);
        assertThat(found).hasSize(1);
        assertThat(found.get(0).kind()).isEqualTo(Kind.DOOR);
        assertThat(found.get(0).minute()).isCloseTo(at, within(0.6));
        assertThat(found.get(0).seconds()).isBetween(5.0, 70.0);
        OvenEvents told = new OvenEvents(List.of(new OvenEvent.DoorOpened(at + 0.5, 20)));
        assertThat(suspicions(until(25, m -> DIAL + dip(m, at, depth, 1.5)), told))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {3, 5, 8})
    void aSawingThermostatAndTheDoorItWentInByAreNoNews(double period) {
        assertThat(suspicions(until(40, m -> DIAL + saw(m, period) + dip(m, 0, 120, 1.5)), OvenEvents.NONE))
                .isEmpty();
    }

    @Test
    void aDialThatNobodyToldOfIsAskedAbout() {
        List<Suspicion> down =
                suspicions(until(24, m -> m < 10 ? DIAL : 180 + 40 * Math.exp(-(m - 10) / 12)), OvenEvents.NONE);
        assertThat(down).hasSize(1);
        assertThat(down.get(0).kind()).isEqualTo(Kind.DIAL);
        assertThat(down.get(0).dialC()).isCloseTo(180, within(10.0));
        assertThat(down.get(0).minute()).isBetween(10.0, 15.0);
        List<Suspicion> up =
                suspicions(until(24, m -> Math.min(250, m < 10 ? DIAL : DIAL + 13 * (m - 10))), OvenEvents.NONE);
        assertThat(up).hasSize(1);
        assertThat(up.get(0).dialC()).isCloseTo(250, within(5.0));
        OvenEvents told = new OvenEvents(List.of(new OvenEvent.DialTurned(10, 250)));
        assertThat(suspicions(until(24, m -> Math.min(250, m < 10 ? DIAL : DIAL + 13 * (m - 10))), told))
                .isEmpty();
    }

    @Test
    void anOvenIsHotWithinItsSwing() {
        assertThat(OvenThermometer.hotInMin(100, 230)).isBetween(8.0, 13.0);
        assertThat(OvenThermometer.hotInMin(220, 230)).isZero();
    }
}
