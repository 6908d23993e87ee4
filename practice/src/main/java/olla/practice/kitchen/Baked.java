package olla.practice.kitchen;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A hidden bake gone through: when it should have come out, and what there was to see on the way. Minutes are those of the cook's clock,
 * which was started late. Immutable.
 */
final class Baked {

    /* As often a rest is tried, s; from so far below the target on, K. */
    private static final double TRIED_EVERY_S = 45;
    private static final double TRIED_FROM_K = 22;

    private static final double LONGEST_S = 4 * 3600;

    private final HiddenBake bake;
    private final double readyMin;
    private final List<double[]> way = new ArrayList<>();
    private final List<double[]> peaks = new ArrayList<>();

    private Baked(HiddenBake bake, double targetC) {
        this.bake = bake;
        Baking now = new Baking(bake.dish());
        HiddenOven oven = new HiddenOven(bake.oven(), bake.programme().bakeTempC(), bake.phase());
        double dt = now.safeS();
        double ready = Double.NaN;
        double triedS = -TRIED_EVERY_S;
        double peakBefore = Double.NaN;
        while (Double.isNaN(ready) && now.seconds() < LONGEST_S) {
            if (now.coldestC() > targetC - TRIED_FROM_K && now.seconds() - triedS >= TRIED_EVERY_S) {
                double peak = now.peakIfOutC(bake.programme().restMinutes());
                if (peak >= targetC) {
                    double part = Double.isNaN(peakBefore) ? 1 : (targetC - peakBefore) / (peak - peakBefore);
                    ready = triedS < 0 ? now.seconds() : triedS + part * (now.seconds() - triedS);
                }
                peakBefore = peak;
                triedS = now.seconds();
                peaks.add(new double[] {triedS, peak});
            }
            way.add(new double[] {now.seconds(), now.coldestC()});
            now.step(Around.in(oven), dt);
            oven.passes(dt, now.takesW(), now.seconds() - dt < bake.doorS());
        }
        // What is seen after it should have come out is seen too.
        double until = now.seconds() * 1.4;
        while (now.seconds() < until && !Double.isNaN(ready)) {
            now.step(Around.in(oven), dt);
            oven.passes(dt, now.takesW(), now.seconds() - dt < bake.doorS());
            way.add(new double[] {now.seconds(), now.coldestC()});
            if (now.seconds() - triedS >= TRIED_EVERY_S) {
                triedS = now.seconds();
                peaks.add(new double[] {triedS, now.peakIfOutC(bake.programme().restMinutes())});
            }
        }
        readyMin = (ready - bake.tapLateS()) / 60;
    }

    /** Goes through it. */
    static Baked of(HiddenBake bake, double targetC) {
        return new Baked(bake, targetC);
    }

    /** When it has to come out, minutes; empty where the oven does not bring it there. */
    OptionalDouble readyMin() {
        return Double.isNaN(readyMin) ? OptionalDouble.empty() : OptionalDouble.of(readyMin);
    }

    /** The coldest of its thickest part at a minute of the cook's clock, °C. */
    double coldestC(double minute) {
        return at(way, minute);
    }

    /** The warmest that it gets where it comes out at a minute of the cook's clock, °C. */
    double peakC(double minute) {
        return at(peaks, minute);
    }

    /* By straight lines; before the first and beyond the last as those. */
    private double at(List<double[]> series, double minute) {
        double seconds = 60 * minute + bake.tapLateS();
        int next = 1;
        while (next < series.size() - 1 && series.get(next)[0] < seconds) {
            next++;
        }
        if (series.size() == 1) {
            return series.get(0)[1];
        }
        double[] from = series.get(next - 1);
        double[] to = series.get(next);
        double part = Math.max(0, Math.min(1, (seconds - from[0]) / (to[0] - from[0])));
        return from[1] + part * (to[1] - from[1]);
    }
}
