package olla.server.forecast;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.stream.Stream;
import olla.core.fish.MeasuredBy;
import olla.core.oven.OvenEvents;
import olla.core.oven.Spot;
import olla.core.probe.ProbeJudge;
import olla.core.probe.ProbeJudge.JudgedReading;
import olla.core.probe.Reading;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.Observation;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.OvenEvidence;
import olla.core.uncertainty.ProbeObservations;
import olla.core.uncertainty.Slowness;
import olla.server.bakes.rows.BakeTimeline.Timed;
import olla.server.load.Pools;
import olla.server.load.TapsFirst;
import olla.server.query.EstimateRequest;
import olla.server.query.Question;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;
import org.springframework.stereotype.Component;

/**
 * What is believed of the running bakes. It follows from stored moments and readings alone, so that any instance comes to the
 * same; what was worked out is kept so that one reading more costs one reading more.
 */
@Component
public class Forecasts {

    private static final Logger LOG = LoggerFactory.getLogger(Forecasts.class);

    private static final int KEPT = 150;

    /* For so long at most what can wait gives way, ms: a kitchen that is never at rest still learns. */
    private static final int GIVES_WAY_MS = 5_000;
    private static final int LOOK_MS = 50;

    /**
     * All that a forecast follows from.
     *
     * @param revision how often the bake had changed
     * @param ticket what was foretold
     * @param sinceMin when the probe was put in
     * @param outMin when it came out; infinite while it is in
     * @param air what the oven's thermometer said
     * @param grillMin how long it is under the grill at the end, minutes; 0 for none
     * @param grillOnMin when that was tapped; infinite while it was not
     * @param beside what else was observed in its oven tonight, each as if nothing else had been
     */
    public record Subject(
            UUID id,
            long revision,
            EstimateRequest question,
            CheckWindow ticket,
            OvenEvents events,
            List<Timed> seen,
            List<Reading> readings,
            double sinceMin,
            double outMin,
            Optional<Timed> air,
            double grillMin,
            double grillOnMin,
            List<Subject> beside) {

        /* How long under the grill is still to come at a minute, minutes. */
        private double tailAt(double minute) {
            return minute < grillOnMin ? grillMin : Math.max(0, grillOnMin + grillMin - minute);
        }

        boolean nothingObserved() {
            return events.asPlanned() && !observed() && beside.isEmpty();
        }

        /** Whether anything was seen or read of it. */
        public boolean observed() {
            return !seen.isEmpty() || !readings.isEmpty() || air.isPresent();
        }

        /** Whether a probe was put into it, by whatever hand. */
        public boolean probed() {
            return !readings.isEmpty()
                    || seen.stream().anyMatch(timed -> timed.observation() instanceof Observation.Probe);
        }

        /** The same with what else is in its oven. A thermometer that all of them have read counts once. */
        public Subject beside(List<Subject> others) {
            List<Subject> telling = new ArrayList<>();
            boolean read = air.isPresent();
            for (Subject other : others) {
                telling.add(other.with(read ? Optional.empty() : other.air, List.of()));
                read |= other.air.isPresent();
            }
            return with(air, telling.stream().filter(Subject::observed).toList());
        }

        private Subject with(Optional<Timed> otherAir, List<Subject> others) {
            return new Subject(
                    id,
                    revision,
                    question,
                    ticket,
                    events,
                    seen,
                    readings,
                    sinceMin,
                    outMin,
                    otherAir,
                    grillMin,
                    grillOnMin,
                    others);
        }

        private boolean sameBefore(Subject other) {
            return question.equals(other.question) && events.equals(other.events);
        }
    }

    /** After each observation: the members and how wide the window was. */
    private record Step(Timed timed, Ensemble after) {}

    /**
     * What was observed, one after the other.
     *
     * @param start the members before it
     */
    private record Fold(Ensemble start, List<Step> steps) {
        Ensemble last() {
            return steps.isEmpty() ? start : steps.get(steps.size() - 1).after();
        }

        /* The steps up to the first observation that is another one. */
        List<Step> shared(List<Timed> observations) {
            int same = 0;
            while (same < Math.min(steps.size(), observations.size())
                    && steps.get(same).timed().equals(observations.get(same))) {
                same++;
            }
            return steps.subList(0, same);
        }
    }

    /**
     * All that one observation more goes on from.
     *
     * @param own what was observed of it alone; null where nothing was worked out yet
     * @param told what the others in its oven told
     * @param all what was observed of it on top of that; null likewise
     * @param beside what was observed of each of the others alone
     */
    private record Worked(Fold own, OvenEvidence told, Fold all, Map<UUID, Fold> beside) {

        static final Worked NOTHING = new Worked(null, OvenEvidence.NONE, null, Map.of());

        /* The members before anything was observed of it, by what the others tell. */
        Ensemble knowing(Ensemble prior, OvenEvidence now, Spot spot) {
            if (now.none()) {
                return prior;
            }
            boolean same = own != null && own.start() == prior && told.equals(now);
            return same ? all.start() : prior.told(now.at(spot));
        }
    }

    /* What has been found of a bake so far tells this of its oven, in the middle of which other dishes may stand. */
    private static OvenEvidence tells(Subject subject, Fold found) {
        return found.last().tells().from(subject.question().spot());
    }

    /** The members before anything was observed, on their way; empty where it never gets there. */
    private record Plain(Subject of, CompletableFuture<Optional<Ensemble>> members) {}

    private static final class Kept {
        private Subject subject;
        private Plain plain;
        private Worked worked = Worked.NOTHING;
        private Forecast forecast;
        /* The last that was asked for. */
        private Subject wanted;
        /* What is being worked out, and what will be once that is done; each null where there is none. */
        private CompletableFuture<Forecast> coming;
        private CompletableFuture<Forecast> next;
    }

    private final Cache<UUID, Kept> kept =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final TapsFirst taps;
    private final ThreadPoolTaskExecutor workers;

    Forecasts(TapsFirst taps, @Qualifier(Pools.FORECASTS) ThreadPoolTaskExecutor workers) {
        this.taps = taps;
        this.workers = workers;
    }

    /**
     * The forecast that is there. Where it is not yet of all that was observed, that is worked out beside, and {@code ready}
     * is told.
     */
    public Forecast soon(Subject subject, Consumer<UUID> ready) {
        if (subject.nothingObserved()) {
            return Forecast.ticket(subject.ticket());
        }
        Kept k = kept.get(subject.id(), id -> new Kept());
        synchronized (k) {
            if (k.forecast != null && subject.equals(k.subject)) {
                return k.forecast;
            }
            begin(subject, k).thenRun(() -> ready.accept(subject.id()));
            return (k.forecast == null ? Forecast.ticket(subject.ticket()) : k.forecast).whileMoreIsWorkedOut();
        }
    }

    /** The forecast after all that was observed, or the last one where that takes longer than anybody waits. */
    public Forecast now(Subject subject, long waitMs) {
        if (subject.nothingObserved()) {
            return Forecast.ticket(subject.ticket());
        }
        Kept k = kept.get(subject.id(), id -> new Kept());
        CompletableFuture<Forecast> coming;
        synchronized (k) {
            if (k.forecast != null && subject.equals(k.subject)) {
                return k.forecast;
            }
            coming = begin(subject, k);
        }
        taps.begin();
        // Worked out before what others ask for, whether it is still waited for or the stream will tell it.
        coming.whenComplete((forecast, failed) -> taps.end());
        try {
            return coming.get(waitMs, TimeUnit.MILLISECONDS);
        } catch (TimeoutException late) {
            return soon(subject, id -> {});
        } catch (ExecutionException failed) {
            // What was tapped is stored already: it is answered by the ticket rather than not at all.
            LOG.error("The forecast of bake {} failed.", subject.id(), failed.getCause());
            return Forecast.ticket(subject.ticket());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return Forecast.ticket(subject.ticket());
        }
    }

    /* One after the other for one bake. What is asked for while one is worked out is worked out once, by the last word. */
    private CompletableFuture<Forecast> begin(Subject subject, Kept k) {
        if (k.wanted == null || k.wanted.revision() <= subject.revision()) {
            k.wanted = subject;
        }
        if (k.next == null) {
            CompletableFuture<?> before = k.coming == null ? CompletableFuture.completedFuture(null) : k.coming;
            k.next = before.handle((done, failed) -> null).thenComposeAsync(nothing -> last(k), workers);
        }
        return k.next;
    }

    private CompletableFuture<Forecast> last(Kept k) {
        Subject subject;
        synchronized (k) {
            subject = k.wanted;
            k.coming = k.next;
            k.next = null;
        }
        CompletableFuture<List<Optional<Ensemble>>> others = CompletableFuture.completedFuture(List.of());
        for (Subject other : subject.beside()) {
            others = others.thenCombine(plain(other), Forecasts::with);
        }
        return plain(subject, k).thenCombineAsync(others, (own, its) -> work(subject, k, own, its), workers);
    }

    /* One that cannot be reckoned tells the others nothing. */
    private CompletableFuture<Optional<Ensemble>> plain(Subject other) {
        return plain(other, kept.get(other.id(), id -> new Kept())).exceptionally(failed -> Optional.empty());
    }

    private static <T> List<T> with(List<T> some, T more) {
        List<T> all = new ArrayList<>(some);
        all.add(more);
        return all;
    }

    /* Solved once for whoever asks, and outside the lock: a tap on a bake never waits for the drawing of it. */
    private CompletableFuture<Optional<Ensemble>> plain(Subject subject, Kept k) {
        synchronized (k) {
            if (k.plain == null
                    || !k.plain.of().sameBefore(subject)
                    || k.plain.members().isCompletedExceptionally()) {
                k.plain = new Plain(
                        subject,
                        CompletableFuture.supplyAsync(
                                () -> {
                                    Question question = Question.of(subject.question());
                                    return question.watched(question.calibration(), subject.events());
                                },
                                workers));
            }
            return k.plain.members();
        }
    }

    private Forecast work(Subject subject, Kept k, Optional<Ensemble> plain, List<Optional<Ensemble>> others) {
        if (plain.isEmpty()) {
            // Turned down so far that it never gets there: the ticket is all there is.
            synchronized (k) {
                k.subject = subject;
                k.forecast = Forecast.ticket(subject.ticket());
                return k.forecast;
            }
        }
        Worked before;
        synchronized (k) {
            if (subject.equals(k.subject) && k.forecast != null) {
                return k.forecast;
            }
            before = k.worked;
        }
        Worked worked = worked(subject, plain.get(), others, before);
        Forecast forecast =
                worked.told().none() && !subject.observed() && subject.events().asPlanned()
                        ? Forecast.ticket(subject.ticket())
                        : forecast(subject, worked);
        synchronized (k) {
            k.subject = subject;
            k.worked = worked;
            k.forecast = forecast;
        }
        return forecast;
    }

    private Worked worked(Subject subject, Ensemble prior, List<Optional<Ensemble>> others, Worked before) {
        OvenEvidence told = OvenEvidence.NONE;
        Map<UUID, Fold> beside = new LinkedHashMap<>();
        for (int i = 0; i < others.size(); i++) {
            if (others.get(i).isPresent()) {
                Subject other = subject.beside().get(i);
                Fold its = fold(other, others.get(i).get(), before.beside().get(other.id()), own(other.id()));
                beside.put(other.id(), its);
                told = told.and(tells(other, its));
            }
        }
        Fold own = fold(subject, prior, before.own());
        Fold all = told.none()
                ? own
                : fold(subject, before.knowing(prior, told, subject.question().spot()), before.all());
        return new Worked(own, told, all, beside);
    }

    private Fold own(UUID id) {
        Kept k = kept.getIfPresent(id);
        if (k == null) {
            return null;
        }
        synchronized (k) {
            return k.worked.own();
        }
    }

    /* Goes on from whichever was worked out before and shares most with it. */
    private static Fold fold(Subject subject, Ensemble start, Fold... before) {
        List<Timed> observations = observations(subject, judged(subject, start));
        List<Step> steps = List.of();
        for (Fold one : before) {
            List<Step> shared = one == null || one.start() != start ? List.of() : one.shared(observations);
            steps = shared.size() > steps.size() ? shared : steps;
        }
        steps = new ArrayList<>(steps);
        for (Timed timed : observations.subList(steps.size(), observations.size())) {
            steps.add(new Step(timed, new Fold(start, steps).last().observe(timed.observation())));
        }
        return new Fold(start, steps);
    }

    private static List<JudgedReading> judged(Subject subject, Ensemble prior) {
        return ProbeJudge.judge(subject.readings(), subject.sinceMin(), prior::warmestC, subject.outMin());
    }

    private static List<Timed> observations(Subject subject, List<JudgedReading> judged) {
        Stream<Timed> tips = ProbeObservations.of(judged).stream()
                .filter(tip -> tip.minute() < subject.outMin())
                .map(tip -> new Timed(tip.minute(), tip));
        return Stream.of(subject.seen().stream(), tips, air(subject))
                .flatMap(all -> all)
                .sorted(Comparator.comparingDouble(Timed::minute))
                .toList();
    }

    /* The members stand where the dish does. */
    private static Stream<Timed> air(Subject subject) {
        Spot spot = subject.question().spot();
        return subject.air().stream()
                .map(timed -> timed.observation() instanceof Observation.OvenAir air
                        ? new Timed(timed.minute(), air.at(spot))
                        : timed);
    }

    /* A look from before it went back in says nothing of when to look next. */
    private static Forecast forecast(Subject subject, Worked worked) {
        Fold all = worked.all();
        Ensemble last = all.last();
        List<Step> steps = all.steps();
        Forecast.Look look = null;
        for (int i = 0; i < steps.size(); i++) {
            Observation observation = steps.get(i).timed().observation();
            double minute = steps.get(i).timed().minute();
            if (observation instanceof Observation.InOven seen
                    && minute >= subject.events().backMin()) {
                Ensemble before = i == 0 ? all.start() : steps.get(i - 1).after();
                look = new Forecast.Look(
                        last.assess(seen, subject.tailAt(minute)),
                        before.window().widthMin(),
                        steps.get(i).after().window().widthMin(),
                        minute < before.window().likelyMin());
            }
        }
        return new Forecast(
                last.window(),
                Optional.ofNullable(look),
                judged(subject, all.start()),
                Optional.of(last),
                subject.observed() ? tells(subject, worked.own()) : OvenEvidence.NONE,
                worked.told(),
                false);
    }

    /**
     * What a bake that is followed has told of its oven so far, together with some of those beside it; a thermometer that all of them
     * have read counts once.
     *
     * @param others which of those
     */
    public OvenEvidence found(UUID id, Set<UUID> others) {
        Kept k = kept.getIfPresent(id);
        if (k == null) {
            return OvenEvidence.NONE;
        }
        synchronized (k) {
            OvenEvidence found = k.forecast == null ? OvenEvidence.NONE : k.forecast.tells();
            for (Subject other : k.subject == null ? List.<Subject>of() : k.subject.beside()) {
                Fold its = k.worked.beside().get(other.id());
                if (its != null && others.contains(other.id())) {
                    found = found.and(tells(other, its));
                }
            }
            return found;
        }
    }

    /** The members of a bake of which nothing was observed, worked out once. */
    public Optional<Ensemble> unobserved(Subject subject) {
        try {
            return plain(subject, kept.get(subject.id(), id -> new Kept())).join();
        } catch (CompletionException failed) {
            throw failed.getCause() instanceof RuntimeException cause ? cause : failed;
        }
    }

    /**
     * What a finished bake teaches.
     *
     * @param oven what is believed of its oven after it
     * @param slowness what it tells beside that; empty where nothing was observed that tells
     * @param probed whether a probe was put into it while it baked
     */
    public record Teaches(OvenCalibration oven, Optional<Slowness> slowness, boolean probed) {}

    /**
     * What a finished bake teaches.
     *
     * @param believed of the oven until now
     * @param after what was said and read after it came out
     */
    public Optional<Teaches> lesson(Subject subject, OvenCalibration believed, List<Observation> after) {
        Question question = Question.of(subject.question());
        // How its fire was kept is of that evening and not learned.
        OvenCalibration then = believed.cooling(question.calibration().cooling());
        return question.watched(then, subject.events()).map(prior -> {
            Ensemble last = fold(subject, prior).last();
            for (Observation observation : after) {
                last = last.observe(observation);
            }
            boolean byRuler = question.piece().measured() == MeasuredBy.RULER;
            Optional<Slowness> slowness = last.slowness(prior).map(s -> s.from(question.spot()));
            return new Teaches(
                    then.learned(question.spot(), last.learned()),
                    byRuler ? slowness : slowness.map(Slowness::unmeasured),
                    subject.probed());
        });
    }

    /** Waits while a forecast is being worked out, five seconds at most; an interrupted thread waits no more. */
    public void giveWay() {
        try {
            for (int waited = 0; atWork() && waited < GIVES_WAY_MS; waited += LOOK_MS) {
                Thread.sleep(LOOK_MS);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private boolean atWork() {
        return workers.getActiveCount() + workers.getQueueSize() > 0;
    }

    /** Forgets a bake that is no longer followed. */
    public void forget(UUID id) {
        kept.invalidate(id);
    }
}
