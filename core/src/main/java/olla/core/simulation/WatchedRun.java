package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/**
 * A run whose coldest point is kept at even strides, and of which other lengths can be tried without going all the way again:
 * where the open stage is the last in the oven, a shorter or longer bake is the same bake taken out at another moment. Made by
 * {@link BakeRun#watch}; for one thread.
 */
public final class WatchedRun {

    /* From one state that is kept to go on from to the next, in strides. */
    private static final int KEPT_EVERY = 4;

    private final BakeRun run;
    private final List<Stage> rests;
    private final Stage.Bake last;
    private final boolean oneBakeIsOpen;
    private final double fixedMin;
    private final List<BakeProgress> kept = new ArrayList<>();
    private final double[] coldestC;

    WatchedRun(BakeRun run, BakeModel model, Programme programme, double openMinutes, double until, double strideMin) {
        this.run = run;
        List<Stage> open = programme.opened().stages();
        List<Stage> closed = run.closed(openMinutes).stages();
        List<Stage> inOven =
                closed.stream().filter(s -> !(s instanceof Stage.Rest)).toList();
        this.rests = closed.stream().filter(s -> s instanceof Stage.Rest).toList();
        this.last = (Stage.Bake) inOven.stream()
                .filter(s -> s instanceof Stage.Bake)
                .reduce((earlier, later) -> later)
                .orElseThrow();
        this.oneBakeIsOpen =
                open.stream().filter(WatchedRun::isOpen).count() == 1 && isOpen(open.get(inOven.size() - 1));
        this.fixedMin = run.closed(openMinutes).bakeMinutes().orElseThrow() - openMinutes;
        this.coldestC = new double[(int) Math.ceil((fixedMin + until) / strideMin) + 1];
        List<Stage> stages = new ArrayList<>(inOven);
        stages.add(new Stage.Bake(last.tempC(), OptionalDouble.of(Programme.LONGEST_MINUTES)));
        go(new BakeProgress(model, programme), stages, inOven.size() - 1, strideMin);
    }

    private static boolean isOpen(Stage stage) {
        return stage instanceof Stage.Bake bake && bake.open();
    }

    private void go(BakeProgress progress, List<Stage> stages, int lastInOven, double strideMin) {
        coldestC[0] = progress.coldestC();
        int strides = 1;
        for (int at = 0; at < stages.size(); at++) {
            Stage stage = stages.get(at);
            double left = BakeProgress.seconds(stage);
            if (left == 0) {
                progress.change(stage);
            }
            if (at == lastInOven && oneBakeIsOpen) {
                kept.add(progress.copy());
            }
            while (left > 1e-6 && strides < coldestC.length) {
                double next = Math.min(
                        left, 60 * strides * strideMin - progress.state().seconds());
                progress.pass(stage, next);
                left -= next;
                if (progress.state().seconds() >= 60 * strides * strideMin - 1e-6) {
                    coldestC[strides++] = progress.coldestC();
                    if (!kept.isEmpty() && strides % KEPT_EVERY == 0) {
                        kept.add(progress.copy());
                    }
                }
            }
        }
    }

    /** The coldest point in the oven, °C, at each stride from 0 on; as it was in the last BAKE where the dish stays in. */
    public double[] coldestC() {
        return coldestC.clone();
    }

    /** By how much the coldest points peak above what they must reach where the open stages take so long, K. */
    public double peakMargin(double openMinutes, double peakC) {
        if (!oneBakeIsOpen) {
            return run.peakMargin(openMinutes, peakC);
        }
        double outS = 60 * (fixedMin + Math.max(Programme.LEAST_MINUTES, openMinutes));
        BakeProgress tried = kept.get(0);
        for (BakeProgress before : kept) {
            if (before.state().seconds() <= outS) {
                tried = before;
            }
        }
        tried = tried.copy();
        double left = outS - tried.state().seconds();
        if (left > 1e-6) {
            tried.pass(last, left);
        }
        tried.finish(rests);
        return tried.peakMargin(peakC);
    }
}
