package olla.server.lessons;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.util.List;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.Reads;
import olla.server.ovens.OvenRepository;
import olla.server.query.Question;
import org.junit.jupiter.api.Test;

class TestBakesTest {

    private final TestBakes tests = new TestBakes(mock(OvenRepository.class));

    @Test
    void whatIsToBePutInCanBeLaidOnTheBenchAndComesToItsTarget() {
        List<TestBakeAnswer> dishes = tests.of(OvenKind.FAN, OvenCalibration.UNCHECKED, Reads.ONCE, false);
        assertThat(dishes).hasSize(6).allSatisfy(dish -> {
            assertThat(dish.narrowsMin()).isPositive();
            assertThat(Question.asked(dish.question()).answer().window()).isPresent();
        });
        assertThat(dishes).isSortedAccordingTo((a, b) -> Double.compare(b.narrowsMin(), a.narrowsMin()));
    }

    @Test
    void aThermometerInTheOvenTellsMoreThanAnyDishWithoutOne() {
        double without = tests.of(OvenKind.FAN, OvenCalibration.UNCHECKED, Reads.LEFT_IN, false)
                .get(0)
                .narrowsMin();
        assertThat(tests.of(OvenKind.FAN, OvenCalibration.UNCHECKED, Reads.TASTED, true))
                .allSatisfy(dish -> assertThat(dish.narrowsMin()).isGreaterThan(without));
    }
}
