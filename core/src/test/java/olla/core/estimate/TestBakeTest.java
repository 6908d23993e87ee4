package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import olla.core.estimate.TestBake.TestDish;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.Reads;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class TestBakeTest {

    private static final OvenCalibration NOT_KNOWN = OvenCalibration.UNCHECKED;
    private static List<TestBake> all;

    @BeforeAll
    static void reckoned() {
        all = TestBake.of(OvenKind.STILL, NOT_KNOWN);
    }

    private static TestBake of(TestDish what, Reads reads, boolean air) {
        return all.stream()
                .filter(t -> t.dish() == what && t.reads() == reads && t.air() == air)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyDishIsRatedInEveryWay() {
        assertThat(all).hasSize(TestDish.values().length * Reads.values().length * 2);
    }

    @Test
    void theOneThatNarrowsMostStandsFirst() {
        assertThat(all).isSortedAccordingTo((a, b) -> Double.compare(a.toMin(), b.toMin()));
        assertThat(all.get(0).toMin()).isLessThan(all.get(0).fromMin());
    }

    @Test
    void nothingMakesAnOvenLessKnown() {
        assertThat(all).allSatisfy(t -> {
            assertThat(t.offsetDoubtC()).isLessThanOrEqualTo(NOT_KNOWN.offsetDoubtC());
            assertThat(t.logFilmDoubt()).isLessThanOrEqualTo(NOT_KNOWN.logFilmDoubt());
            assertThat(t.toMin()).isLessThanOrEqualTo(t.fromMin());
        });
    }

    /* TestDish tells more of the fish tells more of its oven: a probe that stays in, one that is put in once, the table's word. */
    @Test
    void theMoreIsReadTheMoreIsLearned() {
        for (TestDish what : TestDish.values()) {
            double tasted = of(what, Reads.TASTED, false).toMin();
            assertThat(of(what, Reads.LEFT_IN, false).toMin()).as("%s", what).isLessThan(tasted);
            assertThat(of(what, Reads.ONCE, false).toMin()).as("%s", what).isLessThan(tasted);
        }
    }

    /* A thermometer that hangs in the oven is off by 4 K where the oven is by 14: two normal errors leave 1/sqrt(1/14² + 1/4²). */
    @Test
    void aThermometerTellsOfTheAirAsTwoNormalErrorsDo() {
        double doubt = NOT_KNOWN.offsetDoubtC();
        double left = 1 / Math.sqrt(1 / (doubt * doubt) + 1 / 16.0);
        for (TestDish what : TestDish.values()) {
            assertThat(of(what, Reads.TASTED, true).offsetDoubtC())
                    .as("%s", what)
                    .isBetween(left - 0.3, left + 0.05);
        }
    }

    /* An oven that is known already has nothing left to teach. */
    @Test
    void anOvenThatIsKnownTeachesHardlyAnything() {
        List<TestBake> known = TestBake.of(OvenKind.STILL, new OvenCalibration(5, 3, 0, 0.06));
        double gained = known.get(0).fromMin() - known.get(0).toMin();
        assertThat(gained).isLessThan(0.3 * (all.get(0).fromMin() - all.get(0).toMin()));
    }
}
