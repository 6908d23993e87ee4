package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import olla.core.heat.DenseOutput;
import olla.core.heat.SectionState;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.interpolation.UnivariateInterpolator;

/**
 * A run whose coldest point is kept at even strides, and of which other lengths can be tried without going all the way again:
 * where the open stage is the last in the oven, a shorter or longer bake is the same bake taken out at another moment. Made by
 * {@link BakeRun#watch}; for one thread.
 */
public final class WatchedRun {

    /* A step is looked at in so many parts, or there would be too few places to draw a curve through. */
    private static final int LOOKS = 4;

    /* Akima's spline wants so many points or more. */
    private static final int ENOUGH_FOR_A_CURVE = 5;

    private final BakeRun run;
    private final List<Stage> rests;
    private final boolean oneBakeIsOpen;
    private final double fixedMin;
    private final OpenBake way;

    /* Whether a stride is one of the solver's steps, between whose ends it is known. */
    private final boolean steady;
    private final double[] coldestC;

    WatchedRun(BakeRun run, BakeModel model, Programme programme, double openMinutes, double until, double strideMin) {
        this.run = run;
        this.steady = !model.unsteady();
        List<Stage> open = programme.opened().stages();
        List<Stage> closed = run.closed(openMinutes).stages();
        List<Stage> inOven =
                closed.stream().filter(s -> !(s instanceof Stage.Rest)).toList();
        this.rests = closed.stream().filter(s -> s instanceof Stage.Rest).toList();
        Stage.Bake last = (Stage.Bake) inOven.stream()
                .filter(s -> s instanceof Stage.Bake)
                .reduce((earlier, later) -> later)
                .orElseThrow();
        this.oneBakeIsOpen =
                open.stream().filter(WatchedRun::isOpen).count() == 1 && isOpen(open.get(inOven.size() - 1));
        this.fixedMin = run.closed(openMinutes).bakeMinutes().orElseThrow() - openMinutes;
        this.coldestC = new double[(int) Math.ceil((fixedMin + until) / strideMin) + 1];
        List<Stage> before = oneBakeIsOpen ? inOven.subList(0, inOven.size() - 1) : inOven;
        this.way = new OpenBake(new BakeProgress(model, programme), before, last, Double.MAX_VALUE);
        while (way.farthest().minutes() < (coldestC.length - 1) * strideMin) {
            way.stride(Double.MAX_VALUE);
        }
        between(strideMin);
    }

    private static boolean isOpen(Stage stage) {
        return stage instanceof Stage.Bake bake && bake.open();
    }

    /* Between the solver's steps the coldest goes as smoothly as it can; a fish that is out after a few of them has too few for a curve. */
    private void between(double strideMin) {
        List<double[]> went = new ArrayList<>();
        BakeProgress before = null;
        for (int stage = 0; stage <= way.place(); stage++) {
            for (BakeProgress at : way.through(stage)) {
                if (went.isEmpty() || at.minutes() > went.get(went.size() - 1)[0]) {
                    if (steady && !went.isEmpty()) {
                        lookBetween(before, at, went);
                    }
                    went.add(new double[] {at.minutes(), at.coldestC()});
                }
                before = at;
            }
        }
        UnivariateInterpolator smooth =
                went.size() < ENOUGH_FOR_A_CURVE ? new LinearInterpolator() : new AkimaSplineInterpolator();
        UnivariateFunction curve = smooth.interpolate(
                went.stream().mapToDouble(w -> w[0]).toArray(),
                went.stream().mapToDouble(w -> w[1]).toArray());
        double last = went.get(went.size() - 1)[0];
        for (int i = 0; i < coldestC.length; i++) {
            coldestC[i] = curve.value(Math.min(last, i * strideMin));
        }
    }

    private static void lookBetween(BakeProgress from, BakeProgress to, List<double[]> went) {
        DenseOutput between = new DenseOutput(to.solver());
        between.from(from.state());
        between.to(to.state());
        SectionState then = from.state().copy();
        for (int look = 1; look < LOOKS; look++) {
            double part = (double) look / LOOKS;
            between.at(
                    from.state().seconds()
                            + part * (to.state().seconds() - from.state().seconds()),
                    then);
            went.add(new double[] {then.seconds() / 60, to.seenAt(then).coldestC()});
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
        BakeProgress tried = way.at(60 * Math.max(Programme.LEAST_MINUTES, openMinutes));
        tried.finish(rests);
        return tried.peakMargin(peakC);
    }
}
