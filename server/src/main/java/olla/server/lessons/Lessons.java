package olla.server.lessons;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import olla.core.plan.BakeClock;
import olla.core.uncertainty.Observation;
import olla.core.uncertainty.OvenCalibration;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeViews;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeRepository;
import olla.server.bakes.rows.Lesson;
import olla.server.bakes.rows.StoredSlowness;
import olla.server.forecast.Forecasts;
import olla.server.forecast.Forecasts.Subject;
import olla.server.forecast.Forecasts.Teaches;
import olla.server.load.Pools;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import olla.server.ovens.OvenService;
import olla.server.probes.ProbeUse;
import olla.server.probes.ProbeUseRepository;
import olla.server.tenancy.WhoseKitchen;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What the log teaches of each oven: what was believed after one bake is where the next begins. Worked out beside, in the
 * order of the log, from the first line on that has not been worked out; a line opened again lets all after it be worked
 * out anew. The same on every instance, so that two may do it at once; what was worked out of a log that has changed
 * meanwhile is thrown away. The log can wait: between two lines it gives way to what is in the oven.
 */
@Component
@Order(3)
public class Lessons implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(Lessons.class);

    private final BakeRepository bakes;
    private final OvenRepository ovens;
    private final BakeViews views;
    private final Forecasts forecasts;
    private final ProbeUseRepository uses;
    private final TransactionTemplate transaction;
    private final Executor worker;

    Lessons(
            BakeRepository bakes,
            OvenRepository ovens,
            BakeViews views,
            Forecasts forecasts,
            ProbeUseRepository uses,
            TransactionTemplate transaction,
            @Qualifier(Pools.LESSONS) Executor worker) {
        this.bakes = bakes;
        this.ovens = ovens;
        this.views = views;
        this.forecasts = forecasts;
        this.uses = uses;
        this.transaction = transaction;
        this.worker = worker;
    }

    /** What was logged while nobody was there to learn from it. */
    @Override
    public void run(ApplicationArguments args) {
        WhoseKitchen.in(WhoseKitchen.ALL, ovens::findAllByOrderById)
                .forEach(oven -> WhoseKitchen.in(oven.kitchenId(), () -> later(oven.id())));
    }

    @TransactionalEventListener
    void logChanged(BakeService.LogChanged changed) {
        later(changed.ovenId());
    }

    /** What was taught of an oven that is another now is worked out anew, in the transaction that says so. */
    @EventListener
    void ovenChanged(OvenService.Changed changed) {
        bakes.forgetLessons(changed.ovenId(), changed.since());
    }

    @TransactionalEventListener
    void ovenIsAnother(OvenService.Changed changed) {
        later(changed.ovenId());
    }

    private void later(int ovenId) {
        worker.execute(() -> {
            try {
                catchUp(ovenId);
            } catch (Throwable failed) {
                // The next line of the log, or the next start, tries again.
                LOG.warn("Oven {} could not be learned: {}", ovenId, failed.toString());
            }
        });
    }

    /** Works out what is missing. */
    public void catchUp(int ovenId) {
        // A line that changes meanwhile counts the turn up, and comes here again itself.
        int turn = ovens.lessonsTurn(ovenId);
        Instant another = ovens.findById(ovenId).map(Oven::forgetBefore).orElse(Instant.MIN);
        // One that was changed is two: each is learned from what was baked in it, in whatever order that was judged.
        OvenCalibration asItWas = OvenCalibration.UNCHECKED;
        OvenCalibration asItIs = OvenCalibration.UNCHECKED;
        boolean missing = false;
        int lessons = 0;
        for (Bake line : bakes.findByOvenIdAndLoggedAtIsNotNullOrderByLoggedAtAscIdAsc(ovenId)) {
            boolean before = line.startedAt().isBefore(another);
            OvenCalibration believed;
            missing |= line.lesson() == null || !line.lesson().todays();
            if (missing) {
                Bake bake = bakes.findWithOvenById(line.getId()).orElse(null);
                if (bake == null || bake.loggedAt() == null) {
                    return;
                }
                forecasts.giveWay();
                Teaches teaches = learned(bake, before ? asItWas : asItIs);
                believed = teaches.oven();
                if (!taught(line.getId(), Lesson.of(believed), told(bake, teaches), turn, ovenId)) {
                    return;
                }
            } else {
                believed = line.lesson().calibration();
            }
            if (before) {
                asItWas = believed;
            } else {
                asItIs = believed;
                lessons++;
            }
        }
        learn(ovenId, turn, lessons, asItIs);
    }

    private void learn(int ovenId, int turn, int lessons, OvenCalibration taught) {
        transaction.executeWithoutResult(status -> ovens.learn(
                ovenId,
                turn,
                lessons,
                taught.offsetC(),
                taught.offsetDoubtC(),
                taught.logFilm(),
                taught.logFilmDoubt()));
    }

    /* Kept, where no line has changed since. The bake's row is taken before the oven's, as by whoever logs. */
    private boolean taught(UUID bakeId, Lesson lesson, StoredSlowness told, int turn, int ovenId) {
        return Boolean.TRUE.equals(transaction.execute(status -> {
            bakes.touch(bakeId.toString());
            if (ovens.keepLesson(ovenId, turn) == 0) {
                status.setRollbackOnly();
                return false;
            }
            Bake bake = bakes.findWithOvenById(bakeId).orElse(null);
            if (bake == null || bake.loggedAt() == null) {
                status.setRollbackOnly();
                return false;
            }
            bake.teach(lesson, told);
            bakes.save(bake);
            return true;
        }));
    }

    /* One line that cannot be understood, or says nothing, teaches nothing and hides no other. */
    private Teaches learned(Bake bake, OvenCalibration believed) {
        Teaches nothing = new Teaches(believed, Optional.empty(), false);
        if (bake.verdict() == null || bake.outAt() == null) {
            return nothing;
        }
        double out = minutes(bake.startedAt(), bake.outAt());
        if (!(out > 0 && out < BakeClock.FORGOTTEN_MIN)) {
            return nothing;
        }
        try {
            Subject subject = views.subject(bake);
            List<Observation> after = new ArrayList<>();
            if (bake.probeCelsius() != null) {
                after.add(new Observation.Peak(out, bake.probeCelsius().doubleValue()));
            }
            after.add(new Observation.Outcome(out, bake.verdict()));
            return forecasts.lesson(subject, believed, after).orElse(nothing);
        } catch (DataAccessException | TransactionException | CancellationException notNow) {
            // Out of reach, or stopped in the middle: that says nothing of the bake, and the next start learns from it.
            throw notNow;
        } catch (RuntimeException broken) {
            LOG.error("Bake {} teaches its oven nothing; it cannot be reckoned any more.", bake.getId(), broken);
            return nothing;
        }
    }

    /* What it was read by: the probe that was in it, one that has no name, or none. */
    private StoredSlowness told(Bake bake, Teaches teaches) {
        return teaches.slowness()
                .map(slowness -> StoredSlowness.of(slowness, probe(bake, teaches)))
                .orElse(null);
    }

    private String probe(Bake bake, Teaches teaches) {
        return bake.probeCelsius() == null && !teaches.probed()
                ? null
                : uses.findById(bake.getId()).map(ProbeUse::device).orElse("");
    }

    private static double minutes(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / 60_000.0;
    }
}
