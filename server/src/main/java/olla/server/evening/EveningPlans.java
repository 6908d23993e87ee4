package olla.server.evening;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.messages.Message;
import olla.core.messages.RefusedInput;
import olla.core.runsheet.Advice;
import olla.core.runsheet.Effort;
import olla.core.runsheet.Facts;
import olla.core.runsheet.Kept;
import olla.core.runsheet.RunSheet;
import olla.core.runsheet.Shortage;
import olla.core.uncertainty.OvenEvidence;
import olla.server.load.Pools;
import olla.server.web.NotThere;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/**
 * Works run sheets out: a first plan at once, then a better one while nobody changes anything, then how likely it holds. What is
 * kept of a sheet is a row; all else can be worked out again by any instance.
 */
@Component
class EveningPlans {

    private static final Logger LOG = LoggerFactory.getLogger(EveningPlans.class);
    private static final Effort NO_MORE = new Effort(0, 0, 0);

    private final PlanStore store;
    private final EveningRepository evenings;
    private final MoveRepository moves;
    private final EveningReader reader;
    private final EveningJson json;
    private final Happened happened;
    private final Tables tables;
    private final ObjectMapper mapper;
    private final ThreadPoolTaskExecutor planners;
    private final Executor betterers;
    private final Effort effort;
    /* What is being worked out by this instance. */
    private final Map<UUID, Working> here = new ConcurrentHashMap<>();

    /** @param better for how long a better plan is looked for */
    EveningPlans(
            PlanStore store,
            EveningRepository evenings,
            MoveRepository moves,
            EveningReader reader,
            EveningJson json,
            Happened happened,
            Tables tables,
            ObjectMapper mapper,
            @Qualifier(Pools.EVENINGS) ThreadPoolTaskExecutor planners,
            @Qualifier(Pools.BETTER_EVENINGS) Executor betterers,
            @Value("${olla.evenings.better}") Duration better) {
        this.store = store;
        this.evenings = evenings;
        this.moves = moves;
        this.reader = reader;
        this.json = json;
        this.happened = happened;
        this.tables = tables;
        this.mapper = mapper;
        this.planners = planners;
        this.betterers = betterers;
        this.effort = new Effort(Effort.BETTER.plans(), Effort.BETTER.seed(), better.toMillis());
    }

    /** A turn that is worked out here. Guarded by itself. */
    private static final class Working {
        private final int turn;
        private Worked worked = Worked.NOTHING;
        private Runnable end;
        private boolean ended;

        Working(int turn) {
            this.turn = turn;
        }

        synchronized void onStop(Runnable stop) {
            end = stop;
            if (ended) {
                stop.run();
            }
        }

        synchronized void end() {
            ended = true;
            if (end != null) {
                end.run();
            }
        }
    }

    /** What is known now; nothing where nobody has asked for it yet. */
    Optional<Known> known(UUID id) {
        return store.known(id);
    }

    /**
     * Works it out anew.
     *
     * @param changed whether what is wanted has changed, so that a better plan is looked for as well
     * @param waitMs how long the caller waits for the first plan
     */
    void again(UUID id, boolean changed, long waitMs) {
        work(id, store.begin(id, changed), changed, waitMs);
    }

    /**
     * The same, where nobody else has asked for it since.
     *
     * @return whether it was begun here
     */
    boolean againAfter(UUID id, Known seen) {
        boolean anew = seen.lost() && seen.anew();
        int turn = store.beginAfter(id, seen.turn(), anew);
        work(id, turn, anew, 0);
        return turn != PlanStore.NONE;
    }

    private void work(UUID id, int turn, boolean changed, long waitMs) {
        if (turn == PlanStore.NONE) {
            return;
        }
        Working working = new Working(turn);
        Working before = here.put(id, working);
        if (before != null) {
            before.end();
        }
        CompletableFuture<Void> coming;
        try {
            coming = CompletableFuture.runAsync(() -> first(id, working, changed), planners);
        } catch (RuntimeException full) {
            over(id, working);
            throw full;
        }
        if (waitMs > 0) {
            try {
                coming.get(waitMs, TimeUnit.MILLISECONDS);
            } catch (TimeoutException | ExecutionException later) {
                // What is not there yet is told once it is.
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        }
    }

    /** Ends the search for a better plan, here or at another instance within a second; the best so far stays. */
    void stop(UUID id) {
        store.stop(id);
        Working working = here.get(id);
        if (working != null) {
            working.end();
        }
    }

    /** Says of what is worked out here that it still is, and ends what somebody asked to end, or is worked out elsewhere by now. */
    @Scheduled(fixedDelayString = "${olla.evenings.alive}")
    void stillHere() {
        if (here.isEmpty()) {
            return;
        }
        try {
            store.alive(here.keySet()).forEach((id, standing) -> {
                Working working = here.get(id);
                if (working != null && (standing.stopped() || standing.turn() > working.turn)) {
                    working.end();
                }
            });
        } catch (DataAccessException | TransactionException outOfReach) {
            LOG.debug("Nobody can be told what is worked out here: {}", outOfReach.toString());
        }
    }

    private void first(UUID id, Working working, boolean changed) {
        try {
            if (!firstOf(id, working, changed)) {
                over(id, working);
            }
        } catch (CancellationException stopped) {
            // This instance is on its way down: another, or the next start, takes it over.
            here.remove(id, working);
        } catch (RefusedInput notToday) {
            // An oven was put away since, or a rule is another: it is shown as it was typed, without a sheet.
            LOG.info("The run sheet of evening {} cannot be worked out any more: {}", id, notToday.getMessage());
            over(id, working);
        } catch (RuntimeException | Error broken) {
            // Whatever it is: what nobody works out any more is not said to be on its way.
            LOG.error("The run sheet of evening {} could not be worked out.", id, broken);
            over(id, working);
        }
    }

    /* Whether somebody goes on with it. */
    private boolean firstOf(UUID id, Working working, boolean changed) {
        EveningRow row = evenings.findById(id).orElse(null);
        if (row == null || !store.latest(id, working.turn)) {
            return false;
        }
        EveningInput input = json.read(row.inputJson());
        Evening said = reader.read(input);
        List<Kept> before = kept(row);
        Worked was = store.known(id).map(Known::worked).filter(w -> !changed).orElse(Worked.NOTHING);
        DialTables made = tables.of(said, (done, of) -> store.made(id, working.turn, done, of));
        List<Move> done = moves.findByEveningIdAndUndoneFalseOrderByAtAscIdAsc(id);
        // Before the facts: what happens between the two is seen to be new.
        String signs = happened.signs(input.kitchenOvens(), done);
        Found tonight = happened.found(said, row.serveAt(), input.kitchenOvens(), done, before);
        Map<String, OvenEvidence> found = tonight.all();
        Evening evening = said.in(said.kitchen().told(found));
        // Of an evening that was changed, nobody knows what hands are at.
        Facts facts = happened.facts(said, tonight, row.serveAt(), done, before, was.sheet());
        Turn its = new Turn(evening, made.told(said, evening), facts, before);
        Effort whole = before.isEmpty() ? Effort.FIRST : Effort.AGAIN;
        Effort share = whole.among(planners.getQueueSize());
        RunSheet sheet = its.plan(share);
        working.worked = Worked.first(sheet, was, foundOf(said, found), signs);
        if (!store.keep(id, working.turn, working.worked, true, kept(sheet))) {
            return false;
        }
        // What many waited for was looked for only shortly.
        Effort more = changed ? effort : share.equals(whole) ? NO_MORE : whole;
        betterers.execute(() -> better(id, working, its, was, sheet, more));
        return true;
    }

    private void over(UUID id, Working working) {
        here.remove(id, working);
        try {
            store.over(id, working.turn);
        } catch (DataAccessException | TransactionException outOfReach) {
            LOG.warn(
                    "Nobody was told that the run sheet of evening {} is not worked out: {}",
                    id,
                    outOfReach.toString());
        }
    }

    private static List<Message> foundOf(Evening said, Map<String, OvenEvidence> found) {
        return said.kitchen().ovens().stream()
                .filter(oven -> found.containsKey(oven.key()))
                .flatMap(oven -> found.get(oven.key()).words(oven.calibration()).stream()
                        .map(does ->
                                Message.of("sheet.found-of-oven", "name", Message.typed(oven.name()), "oven", does)))
                .toList();
    }

    private void better(UUID id, Working working, Turn its, Worked was, RunSheet first, Effort more) {
        RunSheet best = first;
        try {
            if (more.plans() > 0) {
                best = its.better(first, more, better -> improved(id, working, was, better), working::onStop);
            }
            // Of the best plan, and not of the first: what that could not do, this one perhaps can.
            if (store.latest(id, working.turn)) {
                Optional<Shortage> shortage = its.shortage(best);
                Advice advice = its.advice(best, tables.times());
                synchronized (working) {
                    working.worked = working.worked.told(best, was, advice, shortage);
                }
                store.keep(id, working.turn, working.worked, false, kept(best));
            }
            here.remove(id, working);
        } catch (CancellationException stopped) {
            here.remove(id, working);
        } catch (RuntimeException | Error broken) {
            LOG.error("The run sheet of evening {} could not be bettered.", id, broken);
            over(id, working);
        }
    }

    private void improved(UUID id, Working working, Worked was, RunSheet better) {
        synchronized (working) {
            working.worked = working.worked.better(better, was);
        }
        if (!store.keep(id, working.turn, working.worked, true, null)) {
            working.end();
        }
    }

    private String kept(RunSheet sheet) {
        try {
            return mapper.writeValueAsString(sheet.kept());
        } catch (JacksonException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private List<Kept> kept(EveningRow row) {
        try {
            return mapper.readValue(row.keptJson(), new TypeReference<ArrayList<Kept>>() {}).stream()
                    .filter(k -> k != null && k.dish() != null && k.oven() != null)
                    .toList();
        } catch (JacksonException ofALaterVersion) {
            return List.of();
        }
    }

    /**
     * What every dish of an evening takes, for the strip of common dials, by what its ovens were found to be tonight.
     *
     * @throws NotThere where there is no such evening
     */
    List<DialView> dials(UUID id) {
        List<DialView> views = new ArrayList<>();
        EveningRow row = evenings.findById(id).orElseThrow(() -> new NotThere("not-there.evening"));
        EveningInput input = json.read(row.inputJson());
        Evening said = reader.read(input);
        List<Move> done = moves.findByEveningIdAndUndoneFalseOrderByAtAscIdAsc(row.getId());
        Found tonight = happened.found(said, row.serveAt(), input.kitchenOvens(), done, kept(row));
        Evening found = said.in(said.kitchen().told(tonight.all()));
        DialTables made = tables.of(said, (ready, of) -> {}).told(said, found);
        made.tables()
                .forEach((place, table) -> table.bakings()
                        .forEach(b -> views.add(new DialView(
                                place.dish(), Integer.parseInt(place.oven()), b.tempC(), b.minutes(), b.marginMin()))));
        views.sort(Comparator.comparing(DialView::dish)
                .thenComparing(DialView::ovenId)
                .thenComparing(DialView::dialC));
        return views;
    }
}
