package olla.core.simulation;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import olla.core.oven.HeatDraw;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/** Runs a model through a programme, and finds the length of its open stages. For one thread: it remembers how far it went. */
public final class BakeRun {

    /* Long strides would leave few places to go on from. */
    private static final double LONGEST_STRIDE_S = 120;

    /* Where it comes out, as a share of when it would without any coast. */
    private static final double LIKELY_BY = 0.92;
    private static final double FIRST_TRY_MINUTES = 8;

    /* What is drawn is read over so long, s. */
    private static final double DRAWN_OVER_S = 60;

    private final BakeModel model;
    private final Programme programme;
    private OpenBake way;

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
        if (openBakes() > 1 && programme.fishJoins()) {
            return minutesFor(peakC, FIRST_TRY_MINUTES, Double.NaN);
        }
        OpenBake way = way();
        int at = 0;
        double rises = Double.NaN;
        while (way.kept(at).marginNow(peakC) < 0) {
            BakeProgress before = way.kept(at);
            if (way.seconds(before) >= 60 * open().mostOpenMinutes()) {
                return openBakes() > 1 ? minutesFor(peakC, FIRST_TRY_MINUTES, Double.NaN) : OptionalDouble.empty();
            }
            if (before == way.farthest()) {
                way.stride(Double.MAX_VALUE);
            }
            BakeProgress after = way.kept(++at);
            rises = (after.marginNow(peakC) - before.marginNow(peakC)) / (after.minutes() - before.minutes());
        }
        BakeProgress beyond = way.kept(at);
        double longest = Math.max(Programme.LEAST_MINUTES, way.seconds(beyond) / 60);
        // Without any coast the bake ends where the coldest point is warm enough.
        double enough = rises > 0 ? longest - beyond.marginNow(peakC) / rises : longest;
        double guess = Math.max(Programme.LEAST_MINUTES, LIKELY_BY * enough);
        // Further stages may be in a cooler oven, or with more on the fish: then the longest is not known.
        double most = openBakes() > 1 ? open().mostOpenMinutes() : longest;
        return OpenLength.of(minutes -> peakMargin(minutes, peakC), guess, rises, most);
    }

    /**
     * The same where it is about known, which costs much less.
     *
     * @param guess minutes, above 0
     * @param perMin by how much the peak is thought to rise with each minute, K; not a number where nobody knows
     */
    public OptionalDouble minutesFor(double peakC, double guess, double perMin) {
        return OpenLength.of(minutes -> peakMargin(minutes, peakC), guess, perMin, open().mostOpenMinutes());
    }

    private long openBakes() {
        return open().stages().stream().filter(BakeRun::isOpen).count();
    }

    private static boolean isOpen(Stage stage) {
        return stage instanceof Stage.Bake bake && bake.open();
    }

    /* Up to where the first open bake may end; what was gone through once is not gone through again. */
    private OpenBake way() {
        if (way == null) {
            List<Stage> stages = open().stages();
            int first = 0;
            while (!isOpen(stages.get(first))) {
                first++;
            }
            BakeProgress start = new BakeProgress(model, programme);
            way = new OpenBake(start, stages.subList(0, first), (Stage.Bake) stages.get(first), Double.MAX_VALUE);
        }
        return way;
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
        List<Stage> stages = closed(openMinutes).stages();
        int first = way().place();
        BakeProgress tried = way().at(openBakes() == 1 ? 60 * openMinutes : BakeProgress.seconds(stages.get(first)));
        tried.finish(stages.subList(first + 1, stages.size()));
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

    /**
     * What one piece, with all that lies on and under it, takes from its oven: in the first minute that the fish is in, and in the last
     * before it comes out.
     */
    public HeatDraw draws(Programme closed) {
        BakeProgress at = new BakeProgress(model, closed);
        OptionalDouble first = OptionalDouble.empty();
        double last = 0;
        for (Stage stage : closed.stages()) {
            double seconds = BakeProgress.seconds(stage);
            if (stage instanceof Stage.Rest) {
                break;
            }
            if (seconds == 0) {
                at.change(stage);
            } else if (stage instanceof Stage.Bake) {
                double edge = Math.min(DRAWN_OVER_S, seconds / 2);
                double w = drawsW(at, stage, edge);
                if (first.isEmpty() && at.load().fish()) {
                    first = OptionalDouble.of(w);
                }
                at.pass(stage, seconds - 2 * edge);
                last = drawsW(at, stage, edge);
            } else {
                at.pass(stage, seconds);
            }
        }
        return new HeatDraw(Math.max(0, first.orElse(0)), Math.max(0, last));
    }

    private double drawsW(BakeProgress at, Stage stage, double seconds) {
        double before = model.takenInJ(at.load(), at.state());
        at.pass(stage, seconds);
        return (model.takenInJ(at.load(), at.state()) - before) / seconds;
    }

    /** When the dish comes out for which the coldest point peaks so, minutes; the longest bake where none does. */
    public double outFor(double peakC) {
        OptionalDouble open = minutesFor(peakC);
        return open.isEmpty()
                ? Programme.LONGEST_MINUTES
                : closed(open.getAsDouble()).bakeMinutes().orElseThrow();
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
        List<Stage> stages = closed.stages();
        // In an unsteady oven a stride is many steps, between whose ends nothing is known.
        boolean known = !model.unsteady() && way().leadsInto(stages);
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            double until = progress.state().seconds() + BakeProgress.seconds(stage);
            if (stage instanceof Stage.Rest) {
                went.pull(progress);
            }
            if (known && i <= way().place()) {
                progress = again(went, i, until);
            } else if (BakeProgress.seconds(stage) == 0) {
                progress.change(stage);
            }
            if (BakeProgress.seconds(stage) == 0) {
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

    /* Goes again through what is known of a stage up to a moment, and says where that ends. */
    private BakeProgress again(BakeRecorder went, int place, double until) {
        List<BakeProgress> through = way().through(place);
        BakeProgress at = through.get(0);
        for (BakeProgress next : through.subList(1, through.size())) {
            if (next.state().seconds() > until + 1e-6) {
                break;
            }
            if (next.state().seconds() > at.state().seconds()) {
                went.from(at);
                went.keepUpTo(next, until);
            }
            at = next;
        }
        return at.copy();
    }
}
