package olla.server.bakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
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

    @Test
    void whatIsTappedMeanwhileIsWorkedOutOnceAndByTheLastWord() {
        Subject first = subject(1, TURNED_DOWN, List.of());
        Subject last = subject(9, OvenCourse.NONE.and(new OvenEvent.DialTurned(2, 225)), List.of(LOOK));
        List<UUID> told = new CopyOnWriteArrayList<>();

        outlooks.soon(first, told::add);
        for (int turned = 2; turned < 9; turned++) {
            outlooks.soon(
                    subject(turned, OvenCourse.NONE.and(new OvenEvent.DialTurned(2, 200 + turned)), List.of()),
                    told::add);
        }
        Outlook answered = outlooks.now(last, WAIT_MS);
        // Who has read the rows before that and comes late changes nothing.
        Outlook late = outlooks.now(subject(3, TURNED_DOWN, List.of()), WAIT_MS);

        Outlook alone = fresh.now(last, WAIT_MS);
        assertThat(answered.window()).isEqualTo(alone.window());
        assertThat(late.window()).isEqualTo(alone.window());
        await().untilAsserted(() -> assertThat(told).hasSize(8).containsOnly(ID));
    }

    private static Subject subject(OvenCourse course, List<Timed> seen) {
        return subject(1, course, seen);
    }

    private static Subject subject(long revision, OvenCourse course, List<Timed> seen) {
        return new Subject(
                ID,
                revision,
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
