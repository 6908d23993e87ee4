package olla.server.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import olla.core.doneness.Cue;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Observation;
import olla.server.bakes.Hakes;
import olla.server.bakes.rows.BakeTimeline.Timed;
import olla.server.forecast.Forecasts.Subject;
import olla.server.load.TapsFirst;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What is kept of a bake's forecast is never of another course than asked: the reference is one that has kept nothing. */
class ForecastsTest {

    private static final long WAIT_MS = 60_000;
    private static final UUID ID = UUID.randomUUID();
    private static final OvenEvents TURNED_DOWN = OvenEvents.NONE.and(new OvenEvent.DialTurned(2, 140));
    private static final Timed LOOK = new Timed(9, new Observation.Seen(9, Cue.FLAKES_UNDER_PRESSURE));

    private final ExecutorService workers = Executors.newFixedThreadPool(2);
    private final Forecasts forecasts = new Forecasts(new TapsFirst(), workers);
    private final Forecasts fresh = new Forecasts(new TapsFirst(), workers);

    @AfterEach
    void stop() {
        workers.shutdownNow();
    }

    @Test
    void aPictureOfTheBakeAsPlannedLeavesNothingOfWhatWasTakenBack() {
        Forecast turnedDown = forecasts.now(subject(TURNED_DOWN, List.of(LOOK)), WAIT_MS);
        assertThat(forecasts.unobserved(subject(OvenEvents.NONE, List.of()))).isPresent();

        Forecast taken = forecasts.now(subject(OvenEvents.NONE, List.of(LOOK)), WAIT_MS);

        assertThat(taken.window())
                .isEqualTo(fresh.now(subject(OvenEvents.NONE, List.of(LOOK)), WAIT_MS)
                        .window())
                .isNotEqualTo(turnedDown.window());
    }

    @Test
    void thePictureAndTheForecastShareOneSetOfMembers() {
        Subject plain = subject(OvenEvents.NONE, List.of());

        assertThat(forecasts.unobserved(plain).orElseThrow())
                .isSameAs(forecasts.unobserved(plain).orElseThrow());
    }

    @Test
    void whatIsTappedMeanwhileIsWorkedOutOnceAndByTheLastWord() {
        Subject first = subject(1, TURNED_DOWN, List.of());
        Subject last = subject(9, OvenEvents.NONE.and(new OvenEvent.DialTurned(2, 225)), List.of(LOOK));
        List<UUID> told = new CopyOnWriteArrayList<>();

        forecasts.soon(first, told::add);
        for (int turned = 2; turned < 9; turned++) {
            forecasts.soon(
                    subject(turned, OvenEvents.NONE.and(new OvenEvent.DialTurned(2, 200 + turned)), List.of()),
                    told::add);
        }
        Forecast answered = forecasts.now(last, WAIT_MS);
        // Who has read the rows before that and comes late changes nothing.
        Forecast late = forecasts.now(subject(3, TURNED_DOWN, List.of()), WAIT_MS);

        Forecast alone = fresh.now(last, WAIT_MS);
        assertThat(answered.window()).isEqualTo(alone.window());
        assertThat(late.window()).isEqualTo(alone.window());
        await().untilAsserted(() -> assertThat(told).hasSize(8).containsOnly(ID));
    }

    private static Subject subject(OvenEvents events, List<Timed> seen) {
        return subject(1, events, seen);
    }

    private static Subject subject(long revision, OvenEvents events, List<Timed> seen) {
        return new Subject(
                ID,
                revision,
                Hakes.hake(),
                new CheckWindow(10, 12, 15),
                events,
                seen,
                List.of(),
                0,
                Double.POSITIVE_INFINITY,
                Optional.empty(),
                0,
                Double.POSITIVE_INFINITY);
    }
}
