package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/** Runs a model through a programme, and finds the length of its open stages. */
public final class BakeRun {

    /* Long strides would leave few places to go on from. */
    private static final double LONGEST_STRIDE_S = 120;

    /* Where it comes out, as a share of when it would without any coast. */
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
        if (at.coldestC() >= untilC) {
            return OptionalDouble.of(Programme.LEAST_MINUTES);
        }
        BakeProgress before = at.copy();
        while (at.coldestC() < untilC) {
            if (at.minutes() > Programme.LONGEST_MINUTES) {
                return OptionalDouble.empty();
            }
            before = at.copy();
            at.stride(bake, LONGEST_STRIDE_S);
        }
        BakeProgress last = before;
        double slope = (at.coldestC() - last.coldestC()) / (at.minutes() - last.minutes());
        DoubleUnaryOperator margin = minutes -> {
            BakeProgress tried = last.copy();
            tried.pass(bake, 60 * Math.max(0, began + minutes - tried.minutes()));
            return tried.coldestC() - untilC;
        };
        double guess = last.minutes() - began + (untilC - last.coldestC()) / slope;
        double minutes =
                OpenLength.of(margin, guess, slope, at.minutes() - began).orElse(at.minutes() - began);
        return OptionalDouble.of(Math.max(Programme.LEAST_MINUTES, minutes));
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
        double slope = Double.NaN;
        while (at.marginNow(peakC) < 0) {
            if (at.state().seconds() - began >= open().mostOpenMinutes() * 60) {
                return OptionalDouble.empty();
            }
            double before = at.marginNow(peakC);
            double since = at.minutes();
            at.stride(bake, LONGEST_STRIDE_S);
            slope = (at.marginNow(peakC) - before) / (at.minutes() - since);
            snapshots.add(at.copy());
        }
        DoubleUnaryOperator margin = minutes -> {
            BakeProgress tried = last(snapshots, began + minutes * 60).copy();
            tried.pass(bake, began + minutes * 60 - tried.state().seconds());
            tried.finish(after);
            return tried.peakMargin(peakC);
        };
        // Without any coast the bake ends here.
        double longest = Math.max(Programme.LEAST_MINUTES, (at.state().seconds() - began) / 60);
        return OpenLength.of(margin, LIKELY_BY * longest, slope, longest);
    }

    /* The last snapshot that is no later; the first where none is. */
    private static BakeProgress last(List<BakeProgress> snapshots, double seconds) {
        int at = snapshots.size() - 1;
        while (at > 0 && snapshots.get(at).state().seconds() > seconds) {
            at--;
        }
        return snapshots.get(at);
    }

    private OptionalDouble severalOpen(BakeProgress before, int first, double peakC) {
        DoubleUnaryOperator margin = minutes -> {
            List<Stage> closed = open().closed(minutes).stages();
            BakeProgress tried = before.copy();
            tried.finish(closed.subList(first, closed.size()));
            return tried.peakMargin(peakC);
        };
        return OpenLength.of(margin, FIRST_TRY_MINUTES, Double.NaN, open().mostOpenMinutes());
    }

    /** Runs a closed programme and keeps what the ticket needs. */
    public BakeRecorder run(Programme closed) {
        return recorded(closed, false);
    }

    /** The same, with pictures of the section. */
    public BakeRecorder drawn(Programme closed) {
        return recorded(closed, true);
    }

    private BakeRecorder recorded(Programme closed, boolean draws) {
        BakeRecorder went = new BakeRecorder(model, closed, draws);
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
                double most = progress.strideIsAStep(stage)
                        ? until
                        : Math.min(until, went.nextS(progress.state().seconds()));
                went.from(progress);
                progress.stride(stage, most - progress.state().seconds());
                went.keepUpTo(progress, until);
            }
            went.stage(stage, progress);
        }
        went.end(progress);
        return went;
    }
}
