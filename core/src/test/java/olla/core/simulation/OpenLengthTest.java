package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a growing margin comes to nothing, against functions whose root is known. */
class OpenLengthTest {

    private static final double HALF_A_SECOND = 0.009;

    @ParameterizedTest
    @CsvSource({
        "14.3, 12, 2",
        "14.3, 12, NaN",
        "14.3, 40, 2",
        "0.7, 12, 2",
        "170, 12, 2",
        "14.3, 12, 0.01",
        "14.3, 12, 500"
    })
    void aCurveThatFlattensIsFollowedToItsRoot(double root, double guess, double slope) {
        AtomicInteger tries = new AtomicInteger();
        DoubleUnaryOperator margin = minutes -> {
            tries.incrementAndGet();
            return 150 * (Math.exp(-root / 20) - Math.exp(-minutes / 20));
        };
        assertThat(OpenLength.of(margin, guess, slope, 240)).hasValueCloseTo(root, within(HALF_A_SECOND));
        assertThat(tries.get()).isLessThan(20);
    }

    @Test
    void aGoodGuessCostsThreeTries() {
        AtomicInteger tries = new AtomicInteger();
        DoubleUnaryOperator margin = minutes -> {
            tries.incrementAndGet();
            return 60 * Math.log(minutes / 14.3);
        };
        assertThat(OpenLength.of(margin, 13.6, 4.1, 240)).hasValueCloseTo(14.3, within(HALF_A_SECOND));
        assertThat(tries.get()).isLessThanOrEqualTo(3);
    }

    @Test
    void aStepIsFoundByHalves() {
        assertThat(OpenLength.of(minutes -> minutes < 23.4 ? -50 : 3, 8, Double.NaN, 240))
                .hasValueCloseTo(23.4, within(3 * HALF_A_SECOND));
    }

    @Test
    void whatIsEnoughAlreadyTakesNothing() {
        assertThat(OpenLength.of(minutes -> 4 + minutes, 8, 2, 240)).hasValue(0);
        assertThat(OpenLength.of(minutes -> 4, 8, Double.NaN, 240)).hasValue(0);
    }

    @Test
    void whatTheLongestDoesNotReachIsNeverReached() {
        assertThat(OpenLength.of(minutes -> -1 - 1 / minutes, 8, 3, 240)).isEmpty();
        assertThat(OpenLength.of(minutes -> minutes - 241, 8, 1, 240)).isEmpty();
        assertThat(OpenLength.of(minutes -> minutes - 240, 8, Double.NaN, 240)).hasValueCloseTo(240.0, within(1e-9));
    }
}
