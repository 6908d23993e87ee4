package olla.server.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import olla.core.doneness.Cue;
import olla.core.messages.RefusedInput;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Observation;
import olla.core.uncertainty.OvenEvidence;
import olla.server.bakes.Hakes;
import olla.server.bakes.rows.BakeTimeline.Timed;
import olla.server.forecast.Forecasts.Subject;
import olla.server.load.TapsFirst;
import olla.server.query.Question;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;

/** What is kept of a bake's forecast is never of another course than asked: the reference is one that has kept nothing. */
class ForecastsTest {

    private static final long WAIT_MS = 60_000;
    private static final UUID ID = UUID.randomUUID();
    private static final UUID OTHER = UUID.randomUUID();
    private static final Timed COLD = new Timed(10, new Observation.Probe(10, 33));
    private static final OvenEvents TURNED_DOWN = OvenEvents.NONE.and(new OvenEvent.DialTurned(2, 140));
    private static final Timed LOOK = new Timed(9, new Observation.Seen(9, Cue.FLAKES_UNDER_PRESSURE));

    private final ThreadPoolTaskExecutor workers = new ThreadPoolTaskExecutor();
    private final Forecasts forecasts = new Forecasts(new TapsFirst(), workers);
    private final Forecasts fresh = new Forecasts(new TapsFirst(), workers);

    @BeforeEach
    void start() {
        workers.setCorePoolSize(2);
        workers.initialize();
    }

    @AfterEach
    void stop() {
        workers.shutdown();
    }

    @Test
    void whatCanWaitGivesWayUntilNothingIsWorkedOutAnyMore() throws Exception {
        CountDownLatch over = new CountDownLatch(1);
        List<String> order = new CopyOnWriteArrayList<>();
        workers.submit(() -> {
            over.await();
            return order.add("forecast");
        });
        CompletableFuture<Void> lesson = CompletableFuture.runAsync(() -> {
            forecasts.giveWay();
            order.add("lesson");
        });
        assertThatExceptionOfType(TimeoutException.class).isThrownBy(() -> lesson.get(200, TimeUnit.MILLISECONDS));
        over.countDown();
        lesson.get(WAIT_MS, TimeUnit.MILLISECONDS);
        assertThat(order).containsExactly("forecast", "lesson");
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

    /** A fish that is read cold says that the oven is slow, to whatever else is in it. */
    @Test
    void whatIsReadOfOneIsToldToTheOther() {
        Subject slow = other(List.of(COLD));
        Subject plain = subject(OvenEvents.NONE, List.of());

        Forecast alone = forecasts.now(subject(OvenEvents.NONE, List.of(LOOK)), WAIT_MS);
        Forecast told = forecasts.now(plain.beside(List.of(slow)), WAIT_MS);
        Forecast toldAndSeen =
                forecasts.now(subject(OvenEvents.NONE, List.of(LOOK)).beside(List.of(slow)), WAIT_MS);

        double ticket = forecasts.unobserved(plain).orElseThrow().window().likelyMin();
        assertThat(told.told().none()).isFalse();
        assertThat(told.tells().none()).isTrue();
        assertThat(told.look()).isEmpty();
        assertThat(told.window().likelyMin()).isGreaterThan(ticket + 0.2);
        assertThat(toldAndSeen.window().likelyMin())
                .isGreaterThan(alone.window().likelyMin());
        // The same to an instance that is asked only now.
        assertThat(fresh.now(plain.beside(List.of(slow)), WAIT_MS).window()).isEqualTo(told.window());
    }

    /** What one of them tells is never what it was told: told back, it would be believed twice. */
    @Test
    void nobodyIsToldWhatItHasToldItself() {
        Subject slow = other(List.of(COLD));
        Subject looked = subject(OvenEvents.NONE, List.of(LOOK));

        Forecast alone = forecasts.now(slow, WAIT_MS);
        Forecast beside = forecasts.now(slow.beside(List.of(looked)), WAIT_MS);
        forecasts.now(looked.beside(List.of(slow)), WAIT_MS);

        assertThat(beside.tells()).isEqualTo(alone.tells());
        assertThat(beside.told()).isEqualTo(fresh.now(looked, WAIT_MS).tells());
    }

    /** One thermometer in an oven is read by all that is in it, and is one thermometer still. */
    @Test
    void oneThermometerIsReadOnce() {
        Timed air = new Timed(6, new Observation.OvenAir(-15));
        Subject read = with(other(List.of()), air);
        assertThat(subject(OvenEvents.NONE, List.of()).beside(List.of(read)).beside())
                .hasSize(1);
        assertThat(with(subject(OvenEvents.NONE, List.of()), air)
                        .beside(List.of(read))
                        .beside())
                .isEmpty();
    }

    /** What an oven was found to be by all that has been in it: its thermometer once, and without those that do not count. */
    @Test
    void whatWasFoundOfAnOvenIsAllThatWasToldOfIt() {
        Timed air = new Timed(6, new Observation.OvenAir(-15));
        Subject last = with(subject(OvenEvents.NONE, List.of()), air);
        OvenEvidence byAir = forecasts.now(last, WAIT_MS).tells();
        OvenEvidence byReading = fresh.now(other(List.of(COLD)), WAIT_MS).tells();

        forecasts.now(last.beside(List.of(with(other(List.of(COLD)), air))), WAIT_MS);

        assertThat(forecasts.found(ID, Set.of(ID, OTHER))).isEqualTo(byAir.and(byReading));
        assertThat(forecasts.found(ID, Set.of(ID))).isEqualTo(byAir);
        assertThat(forecasts.found(UUID.randomUUID(), Set.of()).none()).isTrue();
    }

    /** What cannot be reckoned in that oven tells nothing, and hides nothing. */
    @Test
    void whatCannotBeReckonedTellsNothing() {
        Subject never = new Subject(
                OTHER,
                1,
                Hakes.hake("\"kind\":\"OPEN_TRAY\"", ",\"atRisk\":true"),
                new CheckWindow(10, 12, 15),
                OvenEvents.NONE,
                List.of(COLD),
                List.of(),
                0,
                Double.POSITIVE_INFINITY,
                Optional.empty(),
                0,
                Double.POSITIVE_INFINITY,
                List.of());
        assertThatThrownBy(() -> Question.of(never.question())).isInstanceOf(RefusedInput.class);
        Subject looked = subject(OvenEvents.NONE, List.of(LOOK));
        assertThat(forecasts.now(looked.beside(List.of(never)), WAIT_MS).window())
                .isEqualTo(fresh.now(looked, WAIT_MS).window());
    }

    private static Subject other(List<Timed> seen) {
        return of(OTHER, 1, OvenEvents.NONE, seen, Optional.empty());
    }

    private static Subject with(Subject subject, Timed air) {
        return of(subject.id(), subject.revision(), subject.events(), subject.seen(), Optional.of(air));
    }

    private static Subject subject(OvenEvents events, List<Timed> seen) {
        return subject(1, events, seen);
    }

    private static Subject subject(long revision, OvenEvents events, List<Timed> seen) {
        return of(ID, revision, events, seen, Optional.empty());
    }

    private static Subject of(UUID id, long revision, OvenEvents events, List<Timed> seen, Optional<Timed> air) {
        return new Subject(
                id,
                revision,
                Hakes.hake(),
                new CheckWindow(10, 12, 15),
                events,
                seen,
                List.of(),
                0,
                Double.POSITIVE_INFINITY,
                air,
                0,
                Double.POSITIVE_INFINITY,
                List.of());
    }
}
