package olla.server.load;

import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.RecursiveTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.Busy;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Where questions are reckoned: few at once, each asker in turn, and none on for somebody who has hung up. What takes long has
 * a line of its own, so that the ticket never waits behind how sure it is.
 */
@Component
public class Reckoner implements DisposableBean {

    private static final int CORES = Runtime.getRuntime().availableProcessors();

    /* One of these uses all cores where it can. */
    private static final int LONG_SEATS = Math.max(1, CORES / 2);
    private static final int LONG_WAITING = 48;
    private static final int LONG_WAITING_EACH = 24;

    private static final int SHORT_SEATS = CORES;
    private static final int SHORT_WAITING = 64;
    private static final int SHORT_WAITING_EACH = 48;

    private static final int YIELD_MS = 20;

    /* How often it is looked whether the asker is still there, ms: a hand on a slider asks anew ten times a second, and what was asked
     * before must not hold the processors. */
    private static final int LOOK_MS = 15;

    /* No screen waits longer for an answer, ms. */
    private static final int PATIENCE_MS = 15_000;

    /* For so long at most what takes long waits for taps once it has its seat, ms: taps come and go, a question stays. */
    private static final int YIELDS_MS = 2_000;

    private final TapsFirst taps;
    private final Turns longOnes = new Turns(LONG_SEATS, LONG_WAITING, LONG_WAITING_EACH);
    private final Turns shortOnes = new Turns(SHORT_SEATS, SHORT_WAITING, SHORT_WAITING_EACH);
    /* Apart from the pool in which what was tapped is worked out, and what is short from what takes long and fills all it finds. */
    private final ForkJoinPool shortPool = new ForkJoinPool(CORES);
    private final ForkJoinPool longPool = new ForkJoinPool(CORES);

    Reckoner(TapsFirst taps) {
        this.taps = taps;
    }

    /** Reckons what takes some hundredths of a second. */
    public <T> T reckon(Supplier<T> work) {
        return reckon(work, shortOnes, shortPool);
    }

    /** Reckons what takes tenths of a second and more. */
    public <T> T reckonLong(Supplier<T> work) {
        return reckon(work, longOnes, longPool);
    }

    private <T> T reckon(Supplier<T> work, Turns turns, ForkJoinPool pool) {
        Asker asker = Asker.here();
        if (asker == null) {
            return work.get();
        }
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(PATIENCE_MS);
        try (Turns.Place place = turns.ask(asker.name())) {
            while (!place.called(LOOK_MS)) {
                stopFor(asker, end);
            }
            if (turns == longOnes) {
                yieldToTaps(asker, end);
            }
            Work<T> task = new Work<>(WhoseKitchen.carried(work));
            pool.execute(task);
            try {
                return answer(task, asker, end);
            } finally {
                // Its seat is free when its work has ended, not before.
                task.giveUp();
                task.quietlyJoin();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Busy("busy.on-its-way-down");
        }
    }

    private void yieldToTaps(Asker asker, long end) throws InterruptedException {
        for (int waited = 0; taps.anybody() && waited < YIELDS_MS; waited += YIELD_MS) {
            Thread.sleep(YIELD_MS);
            stopFor(asker, end);
        }
    }

    private static <T> T answer(Work<T> task, Asker asker, long end) throws InterruptedException {
        while (true) {
            try {
                return task.get(LOOK_MS, TimeUnit.MILLISECONDS);
            } catch (TimeoutException notYet) {
                stopFor(asker, end);
            } catch (ExecutionException failed) {
                throw task.failure();
            }
        }
    }

    private static void stopFor(Asker asker, long end) {
        if (asker.gone()) {
            throw new CancellationException("Whoever asked has hung up.");
        }
        if (System.nanoTime() > end) {
            throw new Busy("busy.takes-too-long");
        }
    }

    /** Work that can be given up: its thread is interrupted, once, and only while it works. */
    private static final class Work<T> extends RecursiveTask<T> {

        private static final long serialVersionUID = 1;

        private final transient Supplier<T> work;
        private transient Thread worker;
        private boolean over;
        private transient RuntimeException failure;

        Work(Supplier<T> work) {
            this.work = work;
        }

        @Override
        protected T compute() {
            synchronized (this) {
                if (over) {
                    throw new CancellationException();
                }
                worker = Thread.currentThread();
            }
            try {
                return work.get();
            } catch (RuntimeException failed) {
                failure = failed;
                throw failed;
            } finally {
                synchronized (this) {
                    over = true;
                    Thread.interrupted();
                }
            }
        }

        synchronized void giveUp() {
            if (!over && worker != null) {
                worker.interrupt();
            }
            over = true;
        }

        RuntimeException failure() {
            return failure == null ? new CompletionException(getException()) : failure;
        }
    }

    @Override
    public void destroy() {
        shortPool.shutdownNow();
        longPool.shutdownNow();
    }
}
