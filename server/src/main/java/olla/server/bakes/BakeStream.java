package olla.server.bakes;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import olla.server.web.KitchenClock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells every open screen what has changed. Four times a second it asks the store how often each followed bake has changed,
 * so that it does not matter which instance of the application changed it. A screen gets everything first and then what
 * changed; one that reads slowly gets the latest of each bake and not all between.
 */
@Component
class BakeStream implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(BakeStream.class);
    private static final long EVERY_MS = 250;

    /* A screen that hears nothing for longer takes the line for dead, so there is always something to hear. */
    private static final int BEAT_TURNS = 12;

    /* So many slow screens hold up no others. */
    private static final int SENDERS = 12;

    private final BakeRepository bakes;
    private final BakeViews views;
    private final Outlooks outlooks;
    private final ObjectMapper json;
    private final Clock clock;
    private final Set<Screen> screens = ConcurrentHashMap.newKeySet();
    private final Set<UUID> moreKnown = ConcurrentHashMap.newKeySet();
    private final Map<UUID, Long> told = new HashMap<>();
    private final ScheduledExecutorService turns = Executors.newSingleThreadScheduledExecutor(named("stream"));
    private final ExecutorService senders = Executors.newFixedThreadPool(SENDERS, named("stream-sender"));
    private volatile boolean running;
    private boolean reachable = true;
    private int turn;

    BakeStream(BakeRepository bakes, BakeViews views, Outlooks outlooks, ObjectMapper json, Clock clock) {
        this.bakes = bakes;
        this.views = views;
        this.outlooks = outlooks;
        this.json = json;
        this.clock = clock;
    }

    private static java.util.concurrent.ThreadFactory named(String name) {
        return r -> {
            Thread thread = new Thread(r, name);
            thread.setDaemon(true);
            return thread;
        };
    }

    /**
     * An event.
     *
     * @param bakes those that changed, or all of them in the first event
     * @param gone those that are followed no longer
     * @param now the server's clock
     * @param speed how fast that clock runs
     * @param stored false while the store is out of reach
     */
    record Event(@JsonRawValue String bakes, List<UUID> gone, Instant now, double speed, boolean stored) {}

    /** A screen that follows, with what it has not been told yet. */
    private final class Screen {
        private final SseEmitter emitter;
        private final Map<UUID, String> waiting = new LinkedHashMap<>();
        private final Set<UUID> gone = ConcurrentHashMap.newKeySet();
        private boolean beat;
        private boolean sending;

        Screen(SseEmitter emitter) {
            this.emitter = emitter;
        }

        /* What changed while everything was read is the newer. */
        synchronized void tellAll(Map<UUID, String> all) {
            all.forEach(waiting::putIfAbsent);
            tell(Map.of(), List.of());
        }

        synchronized void tell(Map<UUID, String> changed, List<UUID> left) {
            waiting.putAll(changed);
            left.forEach(waiting::remove);
            gone.addAll(left);
            beat = true;
            if (!sending && running) {
                sending = true;
                senders.execute(this::send);
            }
        }

        private void send() {
            while (true) {
                String event;
                synchronized (this) {
                    if (!beat) {
                        sending = false;
                        return;
                    }
                    event = written(new Event(
                            "[" + String.join(",", waiting.values()) + "]",
                            List.copyOf(gone),
                            now(),
                            KitchenClock.speed(clock),
                            reachable));
                    waiting.clear();
                    gone.clear();
                    beat = false;
                }
                try {
                    emitter.send(SseEmitter.event().name("bakes").data(event));
                } catch (IOException | IllegalStateException away) {
                    screens.remove(this);
                    emitter.completeWithError(away);
                    return;
                }
            }
        }
    }

    /** A new screen: everything at once, then what changes. */
    SseEmitter follow() {
        SseEmitter emitter = new SseEmitter(0L);
        if (!running) {
            // On its way down; the screen finds another instance, or this one again.
            emitter.complete();
            return emitter;
        }
        Screen screen = new Screen(emitter);
        emitter.onCompletion(() -> screens.remove(screen));
        emitter.onError(failed -> screens.remove(screen));
        // On the list first: what changes while everything is read comes after it.
        screens.add(screen);
        screen.tellAll(written(views.soon(bakes.findFollowed(since()), moreKnown::add), true));
        return emitter;
    }

    private Map<UUID, String> written(List<BakeView> changed, boolean whole) {
        Map<UUID, String> all = new LinkedHashMap<>();
        for (BakeView view : changed) {
            all.put(view.id(), written(whole ? view : view.withoutCard()));
        }
        return all;
    }

    private String written(Object value) {
        try {
            return json.writeValueAsString(value);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private void look() {
        try {
            Set<UUID> again = Set.copyOf(moreKnown);
            moreKnown.removeAll(again);
            Map<UUID, Long> there = bakes.findPulses(since()).stream()
                    .collect(Collectors.toMap(BakeRepository.Pulse::id, BakeRepository.Pulse::revision));
            List<UUID> gone =
                    told.keySet().stream().filter(id -> !there.containsKey(id)).toList();
            List<UUID> changed = new ArrayList<>();
            List<UUID> fresh = new ArrayList<>();
            there.forEach((id, revision) -> {
                if (!told.containsKey(id)) {
                    fresh.add(id);
                } else if (!revision.equals(told.get(id)) || again.contains(id)) {
                    changed.add(id);
                }
            });
            boolean back = !reachable;
            reachable = true;
            if (screens.isEmpty()) {
                told.clear();
                told.putAll(there);
                return;
            }
            Map<UUID, String> news = new LinkedHashMap<>();
            if (!fresh.isEmpty()) {
                news.putAll(written(views.soon(bakes.findWithOvenByIdIn(fresh), moreKnown::add), true));
            }
            if (!changed.isEmpty()) {
                news.putAll(written(views.soon(bakes.findWithOvenByIdIn(changed), moreKnown::add), false));
            }
            // Remembered only once it could be read, so that what failed is tried again.
            told.clear();
            told.putAll(there);
            gone.forEach(outlooks::forget);
            tell(news, gone, back);
        } catch (RuntimeException outOfReach) {
            if (reachable) {
                LOG.warn("The stream cannot read the bakes: {}", outOfReach.toString());
            }
            reachable = false;
            tell(Map.of(), List.of(), true);
        }
    }

    private void tell(Map<UUID, String> news, List<UUID> gone, boolean anyway) {
        boolean beat = turn++ % BEAT_TURNS == 0;
        if (!news.isEmpty() || !gone.isEmpty() || anyway || beat) {
            screens.forEach(screen -> screen.tell(news, gone));
        }
    }

    private Instant since() {
        return clock.instant().minus(BakeService.FOLLOWED);
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    @Override
    public void start() {
        running = true;
        turns.scheduleWithFixedDelay(this::look, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    /** Before the web server, which otherwise would wait for these answers to end. */
    @Override
    public void stop() {
        running = false;
        turns.shutdownNow();
        screens.forEach(screen -> screen.emitter.complete());
        screens.clear();
        senders.shutdown();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
