package olla.core.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import olla.core.doneness.Cue;
import olla.core.uncertainty.Assessment.Advice;
import olla.core.uncertainty.Observation.InOven;
import olla.core.uncertainty.Observation.Probe;
import olla.core.uncertainty.Observation.Seen;
import org.junit.jupiter.api.Test;

/** Plain verdicts. That the eye beats the clock is common practice, no source. */
class AssessmentTest {

    private static final CheckWindow WINDOW = new CheckWindow(9, 11, 13);

    private static Assessment at(double minute, double doneShare, double peakC, InOven seen) {
        return new Assessment(minute, 0, doneShare, peakC, 57, WINDOW, Optional.ofNullable(seen));
    }

    @Test
    void asLikelyDoneAsNotItComesOut() {
        assertThat(at(11, 0.5, 57, null).advice()).isEqualTo(Advice.TAKE_OUT);
        Assessment early = at(9.2, 0.1, 52, null);
        assertThat(early.advice()).isEqualTo(Advice.GIVE_IT);
        assertThat(early.giveItMin()).isEqualTo(1.5);
        // Twenty seconds are not worth shutting the door for.
        assertThat(at(10.7, 0.45, 56, null).advice()).isEqualTo(Advice.TAKE_OUT);
        assertThat(at(10.3, 0.4, 55, null).giveItMin()).isEqualTo(1);
    }

    /** With three minutes of grill to come, the hands are back three minutes before it is done. */
    @Test
    void aLookCountsToTheGrill() {
        CheckWindow window = new CheckWindow(13, 16.6, 20);
        Assessment early = new Assessment(10.6, 3, 0.1, 45, 57, window, Optional.of(new Seen(10.6, Cue.JUST_OPAQUE)));
        assertThat(early.advice()).isEqualTo(Advice.GIVE_IT);
        assertThat(early.giveItMin()).isEqualTo(3);
        Assessment due = new Assessment(13.5, 3, 0.48, 56.5, 57, window, Optional.of(new Seen(13.5, Cue.JUST_OPAQUE)));
        assertThat(due.advice()).isEqualTo(Advice.TAKE_OUT);
    }

    @Test
    void farBeyondTheTargetItIsPast() {
        assertThat(at(15, 1, 66, null).advice()).isEqualTo(Advice.PAST);
        assertThat(at(15, 1, 66, null).giveItMin()).isZero();
    }

    @Test
    void whatIsSeenBeatsWhatIsReckoned() {
        Assessment flaky = at(7, 0, 40, new Seen(7, Cue.FLAKES_BY_ITSELF));
        assertThat(flaky.advice()).isEqualTo(Advice.TAKE_OUT);
        assertThat(flaky.surprising()).isTrue();
        Assessment glassy = at(13, 0.99, 62, new Seen(13, Cue.GLASSY));
        assertThat(glassy.advice()).isEqualTo(Advice.GIVE_IT);
        assertThat(glassy.giveItMin()).isEqualTo(2);
        assertThat(glassy.surprising()).isTrue();
        assertThat(at(11, 0.6, 58, new Seen(11, Cue.JUST_OPAQUE)).surprising()).isFalse();
        assertThat(at(9, 0.1, 50, new Probe(9, 60)).advice()).isEqualTo(Advice.TAKE_OUT);
        assertThat(at(12, 0.8, 59, new Probe(12, 40)).advice()).isEqualTo(Advice.GIVE_IT);
    }
}
