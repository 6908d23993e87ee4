package olla.server.evening;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
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
import olla.core.runsheet.Moved;
import olla.core.runsheet.Planner;
import olla.core.runsheet.RunSheet;
import olla.core.runsheet.Shortage;
import olla.core.uncertainty.OvenEvidence;
import olla.server.load.Pools;
import olla.server.web.NotThere;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;
import org.springframework.stereotype.Component;
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
    private static final int KEPT_PLANS = 200;
    private static final Effort NO_MORE = new Effort(0, 0, 0);

    private final Cache<UUID, Plan> plans =
            Caffeine.newBuilder().maximumSize(KEPT_PLANS).build();
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

    /** @param better for how long a better plan is looked for */
    EveningPlans(
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

    /**
     * What is known of one evening's plan.
     *
     * @param made how many tables of {@code of} are made; both 0 once all are
     * @param found what has been found tonight of its ovens
     * @param signs of its bakes, as they were when it was worked out
     */
    record Known(
            Optional<RunSheet> sheet,
            int made,
            int of,
            boolean searching,
            int improved,
            List<Moved> moved,
            Optional<Advice> advice,
            Optional<Shortage> shortage,
            List<Message> found,
            String signs) {}

    /** One evening's plan on its way. Guarded by itself. */
    private static final class Plan {
        private RunSheet sheet;
        private RunSheet soFar;
        private List<Moved> moved = List.of();
        private Advice advice;
        private Shortage shortage;
        private List<Message> found = List.of();
        private int made;
        private int of;
        private boolean searching;
        private int improved;
        private int asked;
        private String signs = "";
        private Runnable end;

        synchronized Known known() {
            return new Known(
                    Optional.ofNullable(sheet),
                    made,
                    of,
                    searching,
                    improved,
                    moved,
                    Optional.ofNullable(advice),
                    Optional.ofNullable(shortage),
                    found,
                    signs);
        }

        /* What moved is said of the sheet before this turn, however often it is bettered. */
        synchronized void is(RunSheet now) {
            moved = soFar == null ? List.of() : Planner.moved(soFar, now);
            sheet = now;
        }

        synchronized int begin() {
            if (end != null) {
                end.run();
            }
            return ++asked;
        }

        synchronized boolean latest(int turn) {
            return turn == asked;
        }

        synchronized void made(int done, int all) {
            made = done;
            of = all;
        }

        synchronized void onStop(Runnable stop) {
            end = stop;
        }

        synchronized void stop() {
            if (end != null) {
                end.run();
            }
        }
    }

    /** What is known now. */
    Known known(UUID id) {
        Plan plan = plans.getIfPresent(id);
        return plan == null
                ? new Known(
                        Optional.empty(), 0, 0, false, 0, List.of(), Optional.empty(), Optional.empty(), List.of(), "")
                : plan.known();
    }

    /** Whether anything has been worked out here since the start. */
    boolean there(UUID id) {
        return plans.getIfPresent(id) != null;
    }

    /**
     * Works it out anew.
     *
     * @param changed whether what is wanted has changed, so that a better plan is looked for as well
     * @param waitMs how long the caller waits for the first plan
     */
    void again(UUID id, boolean changed, long waitMs) {
        Plan plan = plans.get(id, i -> new Plan());
        int turn = plan.begin();
        CompletableFuture<Void> coming = CompletableFuture.runAsync(() -> first(id, plan, turn, changed), planners);
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

    /** Ends the search for a better plan; the best so far stays. */
    void stop(UUID id) {
        Plan plan = plans.getIfPresent(id);
        if (plan != null) {
            plan.stop();
        }
    }

    private void first(UUID id, Plan plan, int turn, boolean changed) {
        try {
            EveningRow row = evenings.findById(id).orElse(null);
            if (row == null) {
                // Thrown away, or not committed yet: whoever asks for it next begins anew.
                plans.invalidate(id);
                return;
            }
            if (!plan.latest(turn)) {
                return;
            }
            EveningInput input = json.read(row.inputJson());
            Evening said = reader.read(input);
            List<Kept> before = kept(row);
            DialTables made = tables.of(said, (done, of) -> told(id, plan, done, of));
            List<Move> done = moves.findByEveningIdAndUndoneFalseOrderByAtAscIdAsc(id);
            // Before the facts: what happens between the two is seen to be new.
            String signs = happened.signs(input.kitchenOvens(), done);
            Found tonight = happened.found(said, row.serveAt(), input.kitchenOvens(), done, before);
            Map<String, OvenEvidence> found = tonight.all();
            Evening evening = said.in(said.kitchen().told(found));
            // Of an evening that was changed, nobody knows what hands are at.
            Optional<RunSheet> last = changed ? Optional.empty() : plan.known().sheet();
            Facts facts = happened.facts(said, tonight, row.serveAt(), done, before, last);
            Turn its = new Turn(evening, made.told(said, evening), facts, before);
            Effort whole = before.isEmpty() ? Effort.FIRST : Effort.AGAIN;
            Effort share = whole.among(planners.getQueueSize());
            RunSheet sheet = its.plan(share);
            RunSheet was = plan.known().sheet().orElse(null);
            synchronized (plan) {
                if (turn != plan.asked) {
                    return;
                }
                plan.made = 0;
                plan.of = 0;
                plan.soFar = changed ? null : was;
                plan.is(sheet);
                plan.signs = signs;
                plan.found = foundOf(said, found);
                if (changed) {
                    // Of another evening than this one.
                    plan.shortage = null;
                    plan.advice = null;
                }
                plan.improved = 0;
                plan.searching = true;
            }
            keep(id, sheet);
            // What many waited for was looked for only shortly.
            Effort more = changed ? effort : share.equals(whole) ? NO_MORE : whole;
            betterers.execute(() -> better(id, plan, turn, its, sheet, more));
        } catch (RefusedInput notToday) {
            // An oven was put away since, or a rule is another: it is shown as it was typed, without a sheet.
            LOG.info("The run sheet of evening {} cannot be worked out any more: {}", id, notToday.getMessage());
            plan.made(0, 0);
        } catch (RuntimeException broken) {
            LOG.error("The run sheet of evening {} could not be worked out.", id, broken);
            plan.made(0, 0);
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

    private void told(UUID id, Plan plan, int done, int of) {
        plan.made(done, of);
        evenings.touchNow(id.toString());
    }

    private void better(UUID id, Plan plan, int turn, Turn its, RunSheet first, Effort more) {
        RunSheet best = first;
        try {
            if (!plan.latest(turn)) {
                return;
            }
            if (more.plans() > 0) {
                best = its.better(first, more, better -> improved(id, plan, turn, better), plan::onStop);
                if (!improvedLast(id, plan, turn, best)) {
                    return;
                }
            }
            // Of the best plan, and not of the first: what that could not do, this one perhaps can.
            Shortage shortage = its.shortage(best).orElse(null);
            Advice advice = its.advice(best, tables.times());
            synchronized (plan) {
                if (turn == plan.asked) {
                    plan.shortage = shortage;
                    plan.advice = advice;
                }
            }
        } catch (RuntimeException broken) {
            LOG.error("The run sheet of evening {} could not be bettered.", id, broken);
        } finally {
            synchronized (plan) {
                if (turn == plan.asked) {
                    plan.searching = false;
                    plan.end = null;
                }
            }
            if (plan.latest(turn)) {
                evenings.touchNow(id.toString());
            }
        }
    }

    private void improved(UUID id, Plan plan, int turn, RunSheet better) {
        synchronized (plan) {
            if (turn != plan.asked) {
                return;
            }
            plan.is(better);
            plan.improved++;
        }
        evenings.touchNow(id.toString());
    }

    private boolean improvedLast(UUID id, Plan plan, int turn, RunSheet best) {
        synchronized (plan) {
            if (turn != plan.asked) {
                return false;
            }
            plan.is(best);
        }
        keep(id, best);
        return true;
    }

    private void keep(UUID id, RunSheet sheet) {
        try {
            evenings.keep(id.toString(), mapper.writeValueAsString(sheet.kept()));
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
