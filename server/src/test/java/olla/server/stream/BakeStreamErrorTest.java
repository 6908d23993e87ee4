package olla.server.stream;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import olla.server.bakes.BakeViews;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeRepository;
import olla.server.evening.EveningService;
import olla.server.forecast.Forecasts;
import olla.server.people.ScreenService;
import olla.server.store.Room;
import olla.server.tenancy.WhoseKitchen;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentMatcher;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;
import tools.jackson.databind.ObjectMapper;

/** One turn that ends in an error, of whatever kind, is not the last. */
class BakeStreamErrorTest {

    private static final int PATIENCE_MS = 20_000;

    private final BakeRepository bakes = mock(BakeRepository.class);
    private final BakeViews views = mock(BakeViews.class);
    private final EveningService evenings = mock(EveningService.class);
    private final ObjectMapper json = spy(new ObjectMapper());
    private final ThreadPoolTaskScheduler turns = new ThreadPoolTaskScheduler();
    private BakeStream stream;

    @Test
    void anErrorEndsOneTurnAndNotTheStream() {
        given(bakes.findPulses(any()))
                .willThrow(new OutOfMemoryError("made up"))
                .willThrow(new StackOverflowError())
                .willReturn(List.of());
        stream(Runnable::run).start();

        verify(bakes, timeout(PATIENCE_MS).atLeast(4)).findPulses(any());
    }

    /** The store may fail half way through a turn: what that turn had read already is told by a later one. */
    @Test
    void whatATurnHadReadBeforeItFailedIsToldAllTheSame() {
        UUID bake = UUID.randomUUID();
        AtomicBoolean followed = new AtomicBoolean(true);
        AtomicBoolean fails = new AtomicBoolean();
        given(bakes.findPulses(any())).willAnswer(asked -> followed.get() ? List.of(pulse(bake)) : List.of());
        given(evenings.revisions()).willAnswer(asked -> {
            if (fails.getAndSet(false)) {
                throw new QueryTimeoutException("made up");
            }
            return Map.of();
        });
        stream(Runnable::run);
        stream.start();
        follow();
        verify(json, timeout(PATIENCE_MS).atLeastOnce()).writeValueAsString(any(BakeStream.Event.class));

        fails.set(true);
        followed.set(false);

        verify(json, timeout(PATIENCE_MS)).writeValueAsString(argThat(isGone(bake)));
    }

    /** Nor is it forgotten that more is known of a bake, where the turn that would have looked fails. */
    @Test
    void whatIsKnownMeanwhileIsLookedAtByALaterTurn() {
        UUID bake = UUID.randomUUID();
        AtomicBoolean fails = new AtomicBoolean();
        given(bakes.findPulses(any())).willAnswer(asked -> {
            if (fails.getAndSet(false)) {
                throw new QueryTimeoutException("made up");
            }
            return List.of(pulse(bake));
        });
        given(bakes.findWithOvenByIdIn(List.of(bake))).willReturn(List.of(mock(Bake.class)));
        AtomicBoolean first = new AtomicBoolean(true);
        given(views.soon(argThat(some -> !some.isEmpty()), any())).willAnswer(asked -> {
            if (first.getAndSet(false)) {
                asked.<Consumer<UUID>>getArgument(1).accept(bake);
                fails.set(true);
            }
            return List.of();
        });
        stream(Runnable::run);
        stream.start();
        follow();

        verify(bakes, timeout(PATIENCE_MS).times(2)).findWithOvenByIdIn(List.of(bake));
    }

    /** Where there is no thread to send with, a screen is sent to when there is one again. */
    @Test
    void aScreenThatCouldNotBeSentToIsTriedAgain() {
        given(bakes.findPulses(any())).willReturn(List.of());
        AtomicInteger tried = new AtomicInteger();
        stream(work -> {
            if (tried.getAndIncrement() == 0) {
                throw new OutOfMemoryError("made up: no more threads");
            }
            work.run();
        });
        stream.start();
        follow();

        verify(json, timeout(PATIENCE_MS).atLeastOnce()).writeValueAsString(any(BakeStream.Event.class));
    }

    /** Nor does it cost another screen its news. */
    @Test
    void whereOneScreenCannotBeSentToTheOthersAreToldAllTheSame() {
        UUID bake = UUID.randomUUID();
        AtomicBoolean followed = new AtomicBoolean(true);
        AtomicBoolean fails = new AtomicBoolean();
        given(bakes.findPulses(any())).willAnswer(asked -> followed.get() ? List.of(pulse(bake)) : List.of());
        stream(work -> {
            if (!followed.get() && fails.getAndSet(false)) {
                throw new OutOfMemoryError("made up: no more threads");
            }
            work.run();
        });
        stream.start();
        follow();
        follow();
        verify(json, timeout(PATIENCE_MS).atLeast(2)).writeValueAsString(any(BakeStream.Event.class));

        fails.set(true);
        followed.set(false);

        verify(json, timeout(PATIENCE_MS).times(2)).writeValueAsString(argThat(isGone(bake)));
    }

    private void follow() {
        WhoseKitchen.in(WhoseKitchen.FIRST, () -> stream.follow(null));
    }

    private static ArgumentMatcher<Object> isGone(UUID bake) {
        return told -> told instanceof BakeStream.Event event && event.gone().contains(bake);
    }

    private static BakeRepository.Pulse pulse(UUID id) {
        return new BakeRepository.Pulse(id, 1, WhoseKitchen.FIRST);
    }

    private BakeStream stream(Executor senders) {
        turns.initialize();
        stream = new BakeStream(
                bakes,
                views,
                evenings,
                mock(Forecasts.class),
                json,
                Clock.systemUTC(),
                mock(Room.class),
                mock(ScreenService.class),
                turns,
                senders,
                9,
                9);
        return stream;
    }

    @AfterEach
    void stop() {
        stream.stop();
        turns.shutdown();
    }
}
