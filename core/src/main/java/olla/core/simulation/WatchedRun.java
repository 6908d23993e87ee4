package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;

/**
 * A run whose coldest point is kept at even strides, and of which other lengths can be tried without going all the way again:
 * where the open stage is the last in the oven, a shorter or longer bake is the same bake taken out at another moment. Made by
 * {@link BakeRun#watch}; for one thread.
 */
public final class WatchedRun {

    /* Longer strides would leave too few places to draw a curve through and to go on from, s. */
    private static final double LONGEST_STRIDE_S = 90;

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
        double until = (coldestC.length - 1) * strideMin;
        List<double[]> went = new ArrayList<>();
        went.add(new double[] {0, progress.coldestC()});
        for (int at = 0; at < stages.size(); at++) {
            Stage stage = stages.get(at);
            double end = progress.state().seconds() + BakeProgress.seconds(stage);
            if (BakeProgress.seconds(stage) == 0) {
                progress.change(stage);
            }
            if (at == lastInOven && oneBakeIsOpen) {
                kept.add(progress.copy());
            }
            while (end - progress.state().seconds() > 1e-6 && progress.minutes() < until) {
                progress.stride(
                        stage, Math.min(LONGEST_STRIDE_S, end - progress.state().seconds()));
                went.add(new double[] {progress.minutes(), progress.coldestC()});
                if (!kept.isEmpty()) {
                    kept.add(progress.copy());
                }
            }
        }
        between(went, strideMin);
    }

    /* Between the solver's steps the coldest goes as smoothly as it can. */
    private void between(List<double[]> went, double strideMin) {
        UnivariateFunction curve = new AkimaSplineInterpolator()
                .interpolate(
                        went.stream().mapToDouble(w -> w[0]).toArray(),
                        went.stream().mapToDouble(w -> w[1]).toArray());
        double last = went.get(went.size() - 1)[0];
        for (int i = 0; i < coldestC.length; i++) {
            coldestC[i] = curve.value(Math.min(last, i * strideMin));
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
