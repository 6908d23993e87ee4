package olla.server.bakes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.core.estimate.CheckWindow;
import olla.core.estimate.Observation;
import olla.core.oven.OvenCourse;
import olla.core.oven.OvenEvent;
import olla.server.bakes.Outlooks.Subject;
import olla.server.bakes.Story.Timed;
import olla.server.load.TapsFirst;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What is kept of a bake's outlook is never of another course than asked: the reference is one that has kept nothing. */
class OutlooksTest {

    private static final long WAIT_MS = 60_000;
    private static final UUID ID = UUID.randomUUID();
    private static final OvenCourse TURNED_DOWN = OvenCourse.NONE.and(new OvenEvent.DialTurned(2, 140));
    private static final Timed LOOK = new Timed(9, new Observation.Seen(9, Cue.FLAKES_UNDER_PRESSURE));

    private final Outlooks outlooks = new Outlooks(new TapsFirst());
    private final Outlooks fresh = new Outlooks(new TapsFirst());

    @AfterEach
    void stop() {
        outlooks.destroy();
        fresh.destroy();
    }

    @Test
    void aPictureOfTheBakeAsPlannedLeavesNothingOfWhatWasTakenBack() {
        Outlook turnedDown = outlooks.now(subject(TURNED_DOWN, List.of(LOOK)), WAIT_MS);
        assertThat(outlooks.unobserved(subject(OvenCourse.NONE, List.of()))).isPresent();

        Outlook taken = outlooks.now(subject(OvenCourse.NONE, List.of(LOOK)), WAIT_MS);

        assertThat(taken.window())
                .isEqualTo(fresh.now(subject(OvenCourse.NONE, List.of(LOOK)), WAIT_MS)
                        .window())
                .isNotEqualTo(turnedDown.window());
    }

    @Test
    void thePictureAndTheOutlookShareOneSetOfMembers() {
        Subject plain = subject(OvenCourse.NONE, List.of());

        assertThat(outlooks.unobserved(plain).orElseThrow())
                .isSameAs(outlooks.unobserved(plain).orElseThrow());
    }

    private static Subject subject(OvenCourse course, List<Timed> seen) {
        return new Subject(
                ID,
                Hakes.hake(),
                new CheckWindow(10, 12, 15),
                course,
                seen,
                List.of(),
                0,
                Double.POSITIVE_INFINITY,
                Optional.empty(),
                0,
                Double.POSITIVE_INFINITY);
    }
}
