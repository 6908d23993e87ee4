package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/** Runs a model through a programme, and finds the length of its open stages. */
public final class BakeRun {

    private static final double SNAPSHOT_S = 30;

    /* Nobody opens a door to the second. */
    private static final double WAIT_STRIDE_S = 6;

    /* The solved minute is right to this, minutes: half a second. */
    private static final double MINUTE_ACCURACY = 0.008;
    private static final int MOST_EVALUATIONS = 60;
    private static final double LIKELY_FROM = 0.65;
    private static final double LIKELY_BY = 0.92;
    private static final double FIRST_TRY_MINUTES = 8;

    private final BakeModel model;
    private final Programme programme;

    /**
     * @param model what is baked
     * @param programme how; its open stages are solved for, or the last bake's where all lengths are given
     */
    public BakeRun(BakeModel model, Programme programme) {
        this.model = model;
        this.programme = programme;
    }

    /** The programme with an open length; the last bake's where all were given. */
    private Programme open() {
        return programme.opened();
    }

    /** The programme with its open stages at this length; as it is where none was open. */
    public Programme closed(double openMinutes) {
        return open().closed(openMinutes);
    }

    /**
     * The open stages' length for which the coldest point peaks at {@code peakC} by the end of the rest, and a stuffing's
     * at 74 °C, minutes; 0 where the other stages alone go beyond it; empty where the longest bake does not get there.
     */
    public OptionalDouble minutesFor(double peakC) {
        List<Stage> stages = open().stages();
        List<Integer> at = new ArrayList<>();
        for (int i = 0; i < stages.size(); i++) {
            if (stages.get(i) instanceof Stage.Bake bake && bake.open()) {
                at.add(i);
            }
        }
        BakeProgress before = new BakeProgress(model, programme);
        before.finish(stages.subList(0, at.get(0)));
        return at.size() == 1
                ? oneOpen(
                        before, (Stage.Bake) stages.get(at.get(0)), stages.subList(at.get(0) + 1, stages.size()), peakC)
                : severalOpen(before, at.get(0), peakC);
    }

    /**
     * How long the bake at a place goes on until the coldest flesh has come to what it waits for, minutes; empty where the
     * longest bake does not bring it there.
     *
     * @param place of a bake that waits, after stages of given length only
     */
    public OptionalDouble minutesUntil(int place) {
        List<Stage> stages = programme.stages();
        Stage.Bake bake = (Stage.Bake) stages.get(place);
        double untilC = bake.untilC().orElseThrow();
        BakeProgress at = new BakeProgress(model, programme);
        at.finish(stages.subList(0, place));
        double began = at.minutes();
        while (at.coldestC() < untilC) {
            if (at.minutes() > Programme.LONGEST_MINUTES) {
                return OptionalDouble.empty();
            }
            at.pass(bake, WAIT_STRIDE_S);
        }
        return OptionalDouble.of(Math.max(Programme.LEAST_MINUTES, at.minutes() - began));
    }

    /** By how much the coldest points peak above what they must reach where the open stages take so long, K. */
    public double peakMargin(double openMinutes, double peakC) {
        BakeProgress tried = new BakeProgress(model, programme);
        tried.finish(closed(openMinutes).stages());
        return tried.peakMargin(peakC);
    }

    /**
     * A run with its coldest point kept at even strides.
     *
     * @param openMinutes how long the open stages take
     * @param until how long it is watched, minutes; beyond the last stage the oven stays as it was in the last BAKE
     * @param strideMin from one to the next, minutes
     */
    public WatchedRun watch(double openMinutes, double until, double strideMin) {
        return new WatchedRun(this, model, programme, openMinutes, until, strideMin);
    }

    /** When the dish comes out for which the coldest point peaks so, minutes; the longest bake where none does. */
    public double outFor(double peakC) {
        OptionalDouble open = minutesFor(peakC);
        return open.isEmpty()
                ? Programme.LONGEST_MINUTES
                : closed(open.getAsDouble()).bakeMinutes().orElseThrow();
    }

    private OptionalDouble oneOpen(BakeProgress at, Stage.Bake bake, List<Stage> after, double peakC) {
        List<BakeProgress> snapshots = new ArrayList<>();
        double began = at.state().seconds();
        snapshots.add(at.copy());
        while (at.marginNow(peakC) < 0) {
            if (at.state().seconds() - began >= open().mostOpenMinutes() * 60) {
                return OptionalDouble.empty();
            }
            at.pass(bake, SNAPSHOT_S);
            snapshots.add(at.copy());
        }
        UnivariateFunction margin = minutes -> {
            int snapshot = Math.min(snapshots.size() - 1, (int) (minutes * 60 / SNAPSHOT_S));
            BakeProgress tried = snapshots.get(snapshot).copy();
            double left = began + minutes * 60 - tried.state().seconds();
            if (left > 0) {
                tried.pass(bake, left);
            }
            tried.finish(after);
            return tried.peakMargin(peakC);
        };
        // Without any coast the bake ends here; with it, seldom before two thirds of this.
        double longest = (at.state().seconds() - began) / 60;
        return solve(margin, LIKELY_FROM * longest, longest);
    }

    private OptionalDouble severalOpen(BakeProgress before, int first, double peakC) {
        UnivariateFunction margin = minutes -> {
            List<Stage> closed = open().closed(minutes).stages();
            BakeProgress tried = before.copy();
            tried.finish(closed.subList(first, closed.size()));
            return tried.peakMargin(peakC);
        };
        double most = open().mostOpenMinutes();
        double short_ = 0;
        double longest = FIRST_TRY_MINUTES;
        while (margin.value(longest) < 0) {
            short_ = longest;
            longest *= 1.6;
            if (longest > most) {
                return OptionalDouble.empty();
            }
        }
        return solve(margin, short_, longest);
    }

    private static OptionalDouble solve(UnivariateFunction margin, double likelyFrom, double longest) {
        double shortest = likelyFrom > 0 && margin.value(likelyFrom) < 0 ? likelyFrom : 0;
        if (shortest == 0 && margin.value(0) >= 0) {
            return OptionalDouble.of(0);
        }
        BracketingNthOrderBrentSolver brent = new BracketingNthOrderBrentSolver(MINUTE_ACCURACY, 5);
        double start = shortest + (longest - shortest) * (LIKELY_BY - LIKELY_FROM) / (1 - LIKELY_FROM);
        return OptionalDouble.of(brent.solve(MOST_EVALUATIONS, margin, shortest, longest, start));
    }

    /** Runs a closed programme and keeps what the drawing and the ticket need. */
    public BakeRecorder run(Programme closed) {
        BakeRecorder went = new BakeRecorder(model, closed);
        BakeProgress progress = new BakeProgress(model, closed);
        went.keep(progress);
        for (Stage stage : closed.stages()) {
            double until = progress.state().seconds() + BakeProgress.seconds(stage);
            if (stage instanceof Stage.Rest) {
                went.pull(progress);
            }
            if (BakeProgress.seconds(stage) == 0) {
                progress.change(stage);
                went.changed(progress);
            }
            while (until - progress.state().seconds() > 1e-6) {
                double next = Math.min(until, went.nextS(progress.state().seconds()));
                progress.pass(stage, next - progress.state().seconds());
                went.keep(progress);
            }
            went.stage(stage, progress);
        }
        went.end(progress);
        return went;
    }
}
