package olla.core.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class OvenThermometerTest {

    private static List<Reading> until(double minute, DoubleUnaryOperator celsius) {
        List<Reading> readings = new ArrayList<>();
        for (double m = 0; m <= minute; m += 0.25) {
            readings.add(new Reading(m, celsius.applyAsDouble(m)));
        }
        return readings;
    }

    @Test
    void aHotOvenTellsItsOffsetAfterThreeMinutesAndNotBefore() {
        assertThat(OvenThermometer.offset(until(2.5, m -> 242), 230)).isEmpty();
        OvenThermometer.Offset offset = OvenThermometer.offset(until(6, m -> 242 + Math.sin(9 * m)), 230)
                .orElseThrow();
        assertThat(offset.celsius()).isCloseTo(12, within(0.7));
        assertThat(offset.minute()).isEqualTo(3);
    }

    @Test
    void anOvenThatHeatsUpIsNotTakenForOneThatLies() {
        assertThat(OvenThermometer.offset(until(9, m -> 60 + 10 * m), 230)).isEmpty();
        assertThat(OvenThermometer.hotInMin(100, 230)).isBetween(8.0, 13.0);
        assertThat(OvenThermometer.hotInMin(220, 230)).isZero();
    }
}
