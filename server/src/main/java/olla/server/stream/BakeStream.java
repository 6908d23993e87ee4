package olla.server.stream;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.MeterBinder;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeViews;
import olla.server.bakes.rows.BakeRepository;
import olla.server.evening.EveningService;
import olla.server.forecast.Forecasts;
import olla.server.load.Asker;
import olla.server.load.Pools;
import olla.server.load.Shares;
import olla.server.people.ScreenService;
import olla.server.store.Room;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.KitchenClock;
import olla.server.web.MaybeAbsent;
import olla.server.web.TooMany;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Tells every open screen what has changed. Four times a second it asks the store how often each followed bake has changed,
 * so that it does not matter which instance of the application changed it. A screen hears of its own kitchen, gets everything first and then, of each
 * bake that changed, the fields that did, null where one is no longer there; one that reads slowly gets the latest of each
 * field and not all between.
 */
@Component
public class BakeStream implements SmartLifecycle, MeterBinder {

    private static final Logger LOG = LoggerFactory.getLogger(BakeStream.class);
    private static final Duration EVERY = Duration.ofMillis(250);

    /* A screen that hears nothing for longer takes the line for dead, so there is always something to hear. */
    private static final int BEAT_TURNS = 12;

    /* Longer than from one look at who was shown out to the next, also where a store was out of reach meanwhile. */
    private static final Duration SHOWN_OUT_WITHIN = Duration.ofMinutes(10);

    private final BakeRepository bakes;
    private final BakeViews views;
    private final EveningService evenings;
    private final Forecasts forecasts;
    private final ObjectMapper json;
    private final Clock clock;
    private final Room room;
    private final ScreenService people;
    private final Set<Screen> screens = ConcurrentHashMap.newKeySet();
    /* After a restart all screens come at once: what they are told first is read once for all of them. */
    private final Set<Screen> newcomers = ConcurrentHashMap.newKeySet();
    private final AtomicBoolean soon = new AtomicBoolean();
    private final Map<Integer, Followed> followed = new HashMap<>();
    private final ThreadPoolTaskScheduler turns;
    private final Executor senders;
    /* Each holds a connection, and a thread while it is sent to. */
    private final Shares places;
    private volatile boolean running;
    private Future<?> looking;
    private boolean reachable = true;
    private int turn;

    BakeStream(
            BakeRepository bakes,
            BakeViews views,
            EveningService evenings,
            Forecasts forecasts,
            ObjectMapper json,
            Clock clock,
            Room room,
            ScreenService people,
            @Qualifier(Pools.STREAM_TURNS) ThreadPoolTaskScheduler turns,
            @Qualifier(Pools.STREAM_SENDERS) Executor senders,
            @Value("${olla.screens.most}") int mostScreens,
            @Value("${olla.screens.most-each}") int mostScreensEach) {
        this.bakes = bakes;
        this.views = views;
        this.evenings = evenings;
        this.forecasts = forecasts;
        this.json = json;
        this.clock = clock;
        this.room = room;
        this.people = people;
        this.turns = turns;
        this.senders = senders;
        this.places = new Shares(mostScreens, mostScreensEach);
    }

    /**
     * An event.
     *
     * @param bakes all of them in the first event, then the changed fields of those that changed
     * @param gone those that are followed no longer
     * @param evenings those of which something has changed since the last event
     * @param now the server's clock
     * @param speed how fast that clock runs
     * @param stored false while the store is out of reach
     * @param roomMb how much room is left for the store, MB, where that is little
     */
    record Event(
            Collection<ObjectNode> bakes,
            List<UUID> gone,
            List<UUID> evenings,
            Instant now,
            double speed,
            boolean stored,
            @MaybeAbsent Long roomMb) {}

    /** A screen that follows, with what it has not been told yet. */
    private final class Screen {
        private final SseEmitter emitter;
        private final String asker;
        private final Locale asked;
        private final UUID letInAs;
        private final int kitchen = WhoseKitchen.here();
        private final AtomicBoolean left = new AtomicBoolean();
        private final Map<UUID, ObjectNode> waiting = new LinkedHashMap<>();
        private final Set<UUID> gone = ConcurrentHashMap.newKeySet();
        private final Set<UUID> changedEvenings = new LinkedHashSet<>();
        private boolean beat;
        private boolean sending;

        Screen(SseEmitter emitter, String asker, Locale asked, UUID letInAs) {
            this.emitter = emitter;
            this.asker = asker;
            this.asked = asked;
            this.letInAs = letInAs;
        }

        synchronized void tell(Map<UUID, ObjectNode> changed, List<UUID> left, List<UUID> evenings) {
            changedEvenings.addAll(evenings);
            changed.forEach((id, fields) ->
                    waiting.computeIfAbsent(id, i -> json.createObjectNode()).setAll(fields));
            left.forEach(waiting::remove);
            gone.addAll(left);
            beat = true;
            if (!sending && running) {
                begin();
            }
        }

        /* Where there is no thread for it, what waits is sent the next time, and the other screens get theirs now. */
        private void begin() {
            sending = true;
            try {
                senders.execute(this::send);
            } catch (RuntimeException | OutOfMemoryError noThread) {
                sending = false;
                LOG.warn("A screen waits for a thread to be sent to with: {}", noThread.toString());
            }
        }

        private void send() {
            try {
                for (String event = next(); event != null; event = next()) {
                    emitter.send(SseEmitter.event().name("bakes").data(event));
                }
            } catch (Throwable away) {
                // Hung up, or out of memory: in either case it comes again, and is told everything.
                leave(this);
                emitter.completeWithError(away);
            }
        }

        private synchronized String next() {
            if (!beat) {
                sending = false;
                return null;
            }
            String event = written(new Event(
                    List.copyOf(waiting.values()),
                    List.copyOf(gone),
                    List.copyOf(changedEvenings),
                    now(),
                    KitchenClock.speed(clock),
                    reachable,
                    roomMb()));
            waiting.clear();
            gone.clear();
            changedEvenings.clear();
            beat = false;
            return event;
        }
    }

    /**
     * A new screen: everything at once, then what changes.
     *
     * @param letInAs its id, where it came from the network; null on the machine itself
     */
    public SseEmitter follow(UUID letInAs) {
        SseEmitter emitter = new SseEmitter(0L);
        if (!running) {
            // On its way down; the screen finds another instance, or this one again.
            emitter.complete();
            return emitter;
        }
        String asker = Asker.nameHere();
        if (!places.take(asker, 1)) {
            throw new TooMany("busy.screens");
        }
        Screen screen = new Screen(emitter, asker, LocaleContextHolder.getLocale(), letInAs);
        emitter.onCompletion(() -> leave(screen));
        emitter.onError(failed -> leave(screen));
        newcomers.add(screen);
        if (soon.compareAndSet(false, true)) {
            turns.execute(this::look);
        }
        return emitter;
    }

    private void leave(Screen screen) {
        screens.remove(screen);
        newcomers.remove(screen);
        if (screen.left.compareAndSet(false, true)) {
            places.give(screen.asker, 1);
        }
    }

    private String written(Object value) {
        try {
            return json.writeValueAsString(value);
        } catch (JacksonException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private void look() {
        soon.set(false);
        List<Screen> come = List.copyOf(newcomers);
        boolean beat = turn++ % BEAT_TURNS == 0;
        try {
            Map<Integer, Map<UUID, Long>> there =
                    WhoseKitchen.in(WhoseKitchen.ALL, () -> bakes.findPulses(since())).stream()
                            .collect(Collectors.groupingBy(
                                    BakeRepository.Pulse::kitchenId,
                                    Collectors.toMap(BakeRepository.Pulse::id, BakeRepository.Pulse::revision)));
            Map<Integer, Map<UUID, Long>> eveningsThere = evenings.revisions();
            boolean back = !reachable;
            reachable = true;
            if (beat) {
                showOut();
            }
            Set<Integer> kitchens = Stream.concat(screens.stream(), come.stream())
                    .map(screen -> screen.kitchen)
                    .collect(Collectors.toSet());
            // Whoever comes next is told everything first.
            followed.keySet().retainAll(kitchens);
            for (int kitchen : kitchens) {
                look(
                        kitchen,
                        there.getOrDefault(kitchen, Map.of()),
                        eveningsThere.getOrDefault(kitchen, Map.of()),
                        come.stream()
                                .filter(screen -> screen.kitchen == kitchen)
                                .toList(),
                        back || beat);
            }
        } catch (DataAccessException | TransactionException outOfReach) {
            if (reachable) {
                LOG.warn("The stream cannot read the bakes: {}", outOfReach.toString());
            }
            reachable = false;
            screens.forEach(screen -> screen.tell(Map.of(), List.of(), List.of()));
            come.forEach(screen -> screen.tell(Map.of(), List.of(), List.of()));
        } catch (Throwable broken) {
            // Not the store's fault, and no reason to stop looking for good.
            LOG.error("The stream could not tell what has changed.", broken);
        }
    }

    /* What one kitchen cannot be told keeps nothing from another. */
    private void look(
            int kitchen, Map<UUID, Long> there, Map<UUID, Long> eveningsThere, List<Screen> come, boolean anyway) {
        Followed its = followed.computeIfAbsent(kitchen, k -> new Followed(bakes, views, forecasts, json));
        List<Locale> asked = come.stream().map(screen -> screen.asked).toList();
        try {
            Followed.News news = WhoseKitchen.in(kitchen, () -> its.look(there, eveningsThere, asked));
            if (anyway || !news.nothing()) {
                screens.stream()
                        .filter(screen -> screen.kitchen == kitchen)
                        .forEach(screen -> screen.tell(news.in(screen.asked), news.gone(), news.evenings()));
            }
            for (Screen screen : come) {
                newcomers.remove(screen);
                screens.add(screen);
                screen.tell(its.everything(screen.asked), List.of(), List.of());
            }
        } catch (DataAccessException | TransactionException outOfReach) {
            throw outOfReach;
        } catch (Throwable broken) {
            LOG.error("The stream could not tell kitchen {} what has changed.", kitchen, broken);
        }
    }

    /* Whoever was shown out hears no more of it, whichever instance of the application was told so. */
    private void showOut() {
        if (screens.stream().noneMatch(screen -> screen.letInAs != null)) {
            return;
        }
        Set<UUID> out = Set.copyOf(WhoseKitchen.in(WhoseKitchen.ALL, () -> people.removedWithin(SHOWN_OUT_WITHIN)));
        screens.stream()
                .filter(screen -> screen.letInAs != null && out.contains(screen.letInAs))
                .forEach(screen -> {
                    leave(screen);
                    screen.emitter.complete();
                });
    }

    private Instant since() {
        return clock.instant().minus(BakeService.FOLLOWED);
    }

    private Long roomMb() {
        OptionalLong left = room.leftMb();
        return left.isPresent() ? left.getAsLong() : null;
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    /** How many screens follow, for whoever watches the machine. */
    @Override
    public void bindTo(MeterRegistry registry) {
        Gauge.builder("olla.screens", screens, Set::size)
                .description("Screens that follow the bakes here")
                .register(registry);
    }

    @Override
    public void start() {
        running = true;
        looking = turns.scheduleWithFixedDelay(this::look, EVERY);
    }

    /** Before the web server, which otherwise would wait for these answers to end. */
    @Override
    public void stop() {
        running = false;
        looking.cancel(true);
        screens.forEach(screen -> screen.emitter.complete());
        newcomers.forEach(screen -> screen.emitter.complete());
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
