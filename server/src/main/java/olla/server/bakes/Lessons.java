package olla.server.bakes;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import olla.core.estimate.Observation;
import olla.core.estimate.OvenTruth;
import olla.server.bakes.Outlooks.Subject;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What the log teaches of each oven: what was believed after one bake is where the next begins. Worked out beside, in the
 * order of the log, from the first line on that has not been worked out; a line opened again lets all after it be worked
 * out anew. The same on every instance, so that two may do it at once.
 */
@Component
@Order(3)
class Lessons implements ApplicationRunner, DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(Lessons.class);

    private final BakeRepository bakes;
    private final OvenRepository ovens;
    private final BakeViews views;
    private final Outlooks outlooks;
    private final TransactionTemplate transaction;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(r -> {
        Thread thread = new Thread(r, "lessons");
        thread.setDaemon(true);
        return thread;
    });

    Lessons(
            BakeRepository bakes,
            OvenRepository ovens,
            BakeViews views,
            Outlooks outlooks,
            TransactionTemplate transaction) {
        this.bakes = bakes;
        this.ovens = ovens;
        this.views = views;
        this.outlooks = outlooks;
        this.transaction = transaction;
    }

    /** What was logged while nobody was there to learn from it. */
    @Override
    public void run(ApplicationArguments args) {
        ovens.findAllByOrderById().forEach(oven -> later(oven.id()));
    }

    @TransactionalEventListener
    void logChanged(BakeService.LogChanged changed) {
        later(changed.ovenId());
    }

    private void later(int ovenId) {
        worker.execute(() -> {
            try {
                catchUp(ovenId);
            } catch (RuntimeException failed) {
                // The next line of the log, or the next start, tries again.
                LOG.warn("Oven {} could not be learned: {}", ovenId, failed.toString());
            }
        });
    }

    /** Works out what is missing. */
    void catchUp(int ovenId) {
        OvenTruth believed = OvenTruth.UNCHECKED;
        boolean missing = false;
        List<Bake> log = bakes.findByOvenIdAndLoggedAtIsNotNullOrderByLoggedAt(ovenId);
        for (Bake line : log) {
            missing |= line.lesson() == null;
            if (!missing) {
                believed = line.lesson().truth();
                continue;
            }
            Bake bake = bakes.findWithOvenById(line.getId()).orElse(null);
            if (bake == null || bake.loggedAt() == null) {
                continue;
            }
            believed = learned(bake, believed);
            Lesson lesson = Lesson.of(believed);
            transaction.executeWithoutResult(status -> {
                bakes.touch(line.getId().toString());
                bakes.findWithOvenById(line.getId())
                        .filter(still -> still.loggedAt() != null)
                        .ifPresent(still -> {
                            still.teach(lesson);
                            bakes.save(still);
                        });
            });
        }
        OvenTruth taught = believed;
        transaction.executeWithoutResult(status -> {
            Oven oven = ovens.findById(ovenId).orElseThrow();
            oven.learn(taught, log.size());
            ovens.save(oven);
        });
    }

    private OvenTruth learned(Bake bake, OvenTruth believed) {
        Subject subject = views.subject(bake);
        double out = minutes(bake.startedAt(), bake.outAt());
        List<Observation> after = new ArrayList<>();
        if (bake.probeCelsius() != null) {
            after.add(new Observation.Peak(out, bake.probeCelsius().doubleValue()));
        }
        after.add(new Observation.Judged(out, bake.verdict()));
        return outlooks.lesson(subject, believed, after).orElse(believed);
    }

    private static double minutes(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / 60_000.0;
    }

    @Override
    public void destroy() {
        worker.shutdownNow();
    }
}
