package olla.server.stream;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeView;
import olla.server.bakes.BakeViews;
import olla.server.bakes.rows.BakeRepository;
import olla.server.evening.EveningService;
import olla.server.forecast.Forecasts;
import olla.server.load.Asker;
import olla.server.load.Pools;
import olla.server.load.Shares;
import olla.server.people.ScreenService;
import olla.server.store.Room;
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
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Tells every open screen what has changed. Four times a second it asks the store how often each followed bake has changed,
 * so that it does not matter which instance of the application changed it. A screen gets everything first and then, of each
 * bake that changed, the fields that did, null where one is no longer there; one that reads slowly gets the latest of each
 * field and not all between.
 */
@Component
public class BakeStream implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(BakeStream.class);
    private static final Duration EVERY = Duration.ofMillis(250);

    /* A screen that hears nothing for longer takes the line for dead, so there is always something to hear. */
    private static final int BEAT_TURNS = 12;

    /* Longer than from one look at who was shown out to the next, also where a store was out of reach meanwhile. */
    private static final Duration SHOWN_OUT_WITHIN = Duration.ofMinutes(10);

    private final BakeRepository bakes;
    private final BakeViews views;
    private final EveningService evenings;
    private final Map<UUID, Long> eveningsTold = new HashMap<>();
    private final Forecasts forecasts;
    private final ObjectMapper json;
    private final Clock clock;
    private final Room room;
    private final ScreenService people;
    private final Set<Screen> screens = ConcurrentHashMap.newKeySet();
    /* After a restart all screens come at once: what they are told first is read once for all of them. */
    private final Set<Screen> newcomers = ConcurrentHashMap.newKeySet();
    private final AtomicBoolean soon = new AtomicBoolean();
    private final Set<UUID> moreKnown = ConcurrentHashMap.newKeySet();
    private final Map<UUID, Long> told = new HashMap<>();
    /* The oven of each bake that is in one: what is seen of one of them tells of the others. */
    private final Map<UUID, Integer> inOven = new HashMap<>();
    /* By the language and the units it was told in. */
    private final Map<Locale, Map<UUID, ObjectNode>> lastTold = new HashMap<>();
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

    private Map<UUID, ObjectNode> whole(List<BakeView> views, Locale asked) {
        Map<UUID, ObjectNode> all = new LinkedHashMap<>();
        LocaleContextHolder.setLocale(asked);
        try {
            views.forEach(view -> all.put(view.id(), json.valueToTree(view)));
        } finally {
            LocaleContextHolder.resetLocaleContext();
        }
        return all;
    }

    /* The fields that are not as they were told last; the whole bake where it was never told. */
    private Map<UUID, ObjectNode> news(Map<UUID, ObjectNode> last, Map<UUID, ObjectNode> whole) {
        Map<UUID, ObjectNode> news = new LinkedHashMap<>();
        whole.forEach((id, now) -> {
            ObjectNode before = last.get(id);
            news.put(id, before == null ? now : difference(before, now));
        });
        return news;
    }

    /* The first to ask in a language is told what the others know, in it. */
    private void begin(Locale asked) {
        if (lastTold.containsKey(asked)) {
            return;
        }
        lastTold.put(
                asked, whole(views.soon(bakes.findWithOvenByIdIn(List.copyOf(told.keySet())), moreKnown::add), asked));
    }

    private ObjectNode difference(ObjectNode before, ObjectNode now) {
        ObjectNode changed = json.createObjectNode();
        for (Map.Entry<String, JsonNode> field : now.properties()) {
            if (!field.getValue().equals(before.get(field.getKey()))) {
                changed.set(field.getKey(), field.getValue());
            }
        }
        before.propertyNames().forEach(name -> {
            if (!now.has(name)) {
                changed.putNull(name);
            }
        });
        changed.set("id", now.get("id"));
        changed.set("revision", now.get("revision"));
        return changed;
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
        Set<UUID> again = new HashSet<>();
        try {
            again.addAll(moreKnown);
            moreKnown.removeAll(again);
            Map<UUID, Long> there = bakes.findPulses(since()).stream()
                    .collect(Collectors.toMap(BakeRepository.Pulse::id, BakeRepository.Pulse::revision));
            List<UUID> gone =
                    told.keySet().stream().filter(id -> !there.containsKey(id)).toList();
            List<UUID> changed = new ArrayList<>();
            there.forEach((id, revision) -> {
                if (!revision.equals(told.get(id)) || again.contains(id)) {
                    changed.add(id);
                }
            });
            boolean back = !reachable;
            reachable = true;
            if (screens.isEmpty() && come.isEmpty()) {
                // Whoever comes next is told everything first.
                told.clear();
                inOven.clear();
                lastTold.clear();
                return;
            }
            List<BakeView> seen = new ArrayList<>(views(changed));
            seen.addAll(views(feeling(seen, gone)));
            come.forEach(screen -> begin(screen.asked));
            Map<Locale, Map<UUID, ObjectNode>> wholes = new HashMap<>();
            Map<Locale, Map<UUID, ObjectNode>> news = new HashMap<>();
            lastTold.forEach((asked, last) -> {
                wholes.put(asked, whole(seen, asked));
                news.put(asked, news(last, wholes.get(asked)));
            });
            Map<UUID, Long> eveningsThere = evenings.revisions();
            // Remembered only once all of it could be read, so that what failed is tried again.
            wholes.forEach((asked, whole) -> lastTold.get(asked).putAll(whole));
            told.clear();
            told.putAll(there);
            seen.forEach(this::remember);
            inOven.keySet().retainAll(there.keySet());
            gone.forEach(forecasts::forget);
            lastTold.values().forEach(last -> gone.forEach(last::remove));
            tell(news, gone, changed(eveningsThere), back);
            for (Screen screen : come) {
                newcomers.remove(screen);
                screens.add(screen);
                screen.tell(lastTold.get(screen.asked), List.of(), List.of());
            }
        } catch (DataAccessException | TransactionException outOfReach) {
            if (reachable) {
                LOG.warn("The stream cannot read the bakes: {}", outOfReach.toString());
            }
            reachable = false;
            moreKnown.addAll(again);
            tell(Map.of(), List.of(), List.of(), true);
            come.forEach(screen -> screen.tell(Map.of(), List.of(), List.of()));
        } catch (Throwable broken) {
            // Not the store's fault, and no reason to stop looking for good.
            LOG.error("The stream could not tell what has changed.", broken);
            moreKnown.addAll(again);
        }
    }

    private List<BakeView> views(List<UUID> ids) {
        return ids.isEmpty() ? List.of() : views.soon(bakes.findWithOvenByIdIn(ids), moreKnown::add);
    }

    /* What is in an oven feels its door, and learns of it from whatever else is in it. */
    private List<UUID> feeling(List<BakeView> changed, List<UUID> gone) {
        Set<Integer> ovens = changed.stream()
                .filter(bake -> !Long.valueOf(bake.revision()).equals(told.get(bake.id())))
                .map(BakeView::ovenId)
                .collect(Collectors.toSet());
        gone.stream().map(inOven::get).filter(Objects::nonNull).forEach(ovens::add);
        Set<UUID> themselves = changed.stream().map(BakeView::id).collect(Collectors.toSet());
        return inOven.entrySet().stream()
                .filter(other -> ovens.contains(other.getValue()))
                .map(Map.Entry::getKey)
                .filter(id -> !themselves.contains(id) && !gone.contains(id))
                .toList();
    }

    private void remember(BakeView bake) {
        if (bake.outAt() == null) {
            inOven.put(bake.id(), bake.ovenId());
        } else {
            inOven.remove(bake.id());
        }
    }

    /* The evenings of which something has changed since they were looked at last. */
    private List<UUID> changed(Map<UUID, Long> there) {
        List<UUID> changed = new ArrayList<>();
        there.forEach((id, revision) -> {
            if (!revision.equals(eveningsTold.get(id))) {
                changed.add(id);
            }
        });
        eveningsTold.clear();
        eveningsTold.putAll(there);
        return changed;
    }

    private void tell(Map<Locale, Map<UUID, ObjectNode>> news, List<UUID> gone, List<UUID> evenings, boolean anyway) {
        boolean beat = turn++ % BEAT_TURNS == 0;
        if (beat) {
            showOut();
        }
        boolean anything = news.values().stream().anyMatch(n -> !n.isEmpty());
        if (anything || !gone.isEmpty() || !evenings.isEmpty() || anyway || beat) {
            screens.forEach(screen -> screen.tell(news.getOrDefault(screen.asked, Map.of()), gone, evenings));
        }
    }

    /* Whoever was shown out hears no more of it, whichever instance of the application was told so. */
    private void showOut() {
        if (screens.stream().noneMatch(screen -> screen.letInAs != null)) {
            return;
        }
        Set<UUID> out = Set.copyOf(people.removedWithin(SHOWN_OUT_WITHIN));
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
