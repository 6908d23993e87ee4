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
        return new Assessment(minute, 0, doneShare, peakC, 57, WINDOW, Pace.UNKNOWN, Optional.ofNullable(seen));
    }

    @Test
    void asLikelyDoneAsNotItComesOut() {
        assertThat(at(11, 0.5, 57, null).advice()).isEqualTo(Advice.TAKE_OUT);
        Assessment early = at(9.2, 0.1, 52, null);
        assertThat(early.advice()).isEqualTo(Advice.GIVE_IT);
        // Known to two minutes either way: half a minute before the likely moment.
        assertThat(early.giveItMin()).isEqualTo(1);
        // Twenty seconds are not worth shutting the door for.
        assertThat(at(10.7, 0.45, 56, null).advice()).isEqualTo(Advice.TAKE_OUT);
        assertThat(at(10.3, 0.4, 55, null).giveItMin()).isEqualTo(1);
    }

    /** With three minutes of grill to come, the hands are back three minutes before it is done. */
    @Test
    void aLookCountsToTheGrill() {
        CheckWindow window = new CheckWindow(13, 16.6, 20);
        Assessment early = new Assessment(
                10.6, 3, 0.1, 45, 57, window, Pace.UNKNOWN, Optional.of(new Seen(10.6, Cue.JUST_OPAQUE)));
        assertThat(early.advice()).isEqualTo(Advice.GIVE_IT);
        // Three minutes until the grill, and not known to better than three and a half.
        assertThat(early.giveItMin()).isEqualTo(1.5);
        Assessment due = new Assessment(
                13.5, 3, 0.48, 56.5, 57, window, Pace.UNKNOWN, Optional.of(new Seen(13.5, Cue.JUST_OPAQUE)));
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

    /** On the bound it is not beyond it: what flakes is past only where its peak is noticed as too much. */
    @Test
    void whatFlakesIsPastOnlyWhereItsPeakIsTooMuch() {
        double noticed = 57 + Observation.NOTICED_OVER_K;
        assertThat(at(11, 0.6, 60, new Seen(11, Cue.FLAKES_BY_ITSELF)).advice()).isEqualTo(Advice.TAKE_OUT);
        assertThat(at(12, 0.9, noticed, new Seen(12, Cue.FLAKES_BY_ITSELF)).advice())
                .isEqualTo(Advice.TAKE_OUT);
        assertThat(at(14, 1, noticed + 0.1, new Seen(14, Cue.FLAKES_BY_ITSELF)).advice())
                .isEqualTo(Advice.PAST);
        assertThat(at(12, 0.9, noticed, null).advice()).isEqualTo(Advice.TAKE_OUT);
    }

    /** Half of the shortest that a door is shut for again is worth it, less is not. */
    @Test
    void halfAMinuteIsWorthShuttingTheDoorFor() {
        assertThat(at(10.5, 0.45, 56, null).giveItMin()).isEqualTo(1);
        assertThat(at(10.51, 0.45, 56, null).giveItMin()).isZero();
    }

    private static Assessment reads(double celsius, Pace pace) {
        return new Assessment(12, 0, 0.99, 58, 57, WINDOW, pace, Optional.of(new Probe(12, celsius)));
    }

    /** Carry-over in a salt crust comes to ten degrees and more (common practice, no source); a thin open piece has little of it. */
    @Test
    void whatStillCoastsIsNotRaw() {
        Pace salt = new Pace(14.5, 2.3);
        Pace thin = new Pace(6, 3);
        assertThat(reads(45, salt).advice()).isEqualTo(Advice.TAKE_OUT);
        assertThat(reads(45, thin).advice()).isEqualTo(Advice.GIVE_IT);
        assertThat(reads(40, salt).advice()).isEqualTo(Advice.GIVE_IT);
    }

    @Test
    void whatLacksLittleIsGivenLittle() {
        assertThat(reads(45, new Pace(6, 5)).giveItMin()).isEqualTo(1);
        assertThat(reads(45, new Pace(6, 3)).giveItMin()).isEqualTo(2);
        assertThat(reads(30, new Pace(6, 3)).giveItMin()).isEqualTo(2);
    }

    @Test
    void theBetterItIsKnownTheCloserTheHandsComeToTheLikelyMoment() {
        CheckWindow sharp = new CheckWindow(40.5, 41, 41.5);
        CheckWindow blunt = new CheckWindow(35, 41, 48);
        assertThat(new Assessment(31, 0, 0, 40, 57, sharp, Pace.UNKNOWN, Optional.empty()).giveItMin())
                .isEqualTo(10);
        assertThat(new Assessment(31, 0, 0, 40, 57, blunt, Pace.UNKNOWN, Optional.empty()).giveItMin())
                .isEqualTo(7.5);
    }
}
