package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import olla.core.oven.Stage;

/**
 * The way of a dish through stages of given length and on through a bake that may end at any moment, kept at each of the solver's
 * strides. Another length is gone on to from the last of them that is no later, so that it costs a step and not the whole way. Mutable,
 * for one thread.
 */
final class OpenBake {

    private static final double SAME_S = 1e-6;

    private final List<Stage> before;
    private final Stage.Bake bake;
    private final double longestStrideS;
    private final List<List<BakeProgress>> ways = new ArrayList<>();
    private final List<BakeProgress> way = new ArrayList<>();

    /**
     * @param from where it begins
     * @param before stages of given length
     * @param bake what comes then
     * @param longestStrideS no stride is longer, s
     */
    OpenBake(BakeProgress from, List<Stage> before, Stage.Bake bake, double longestStrideS) {
        this.before = List.copyOf(before);
        this.bake = bake;
        this.longestStrideS = longestStrideS;
        BakeProgress at = from.copy();
        for (Stage stage : before) {
            List<BakeProgress> through = new ArrayList<>();
            through.add(at.copy());
            double end = at.state().seconds() + BakeProgress.seconds(stage);
            if (BakeProgress.seconds(stage) == 0) {
                at.change(stage);
                through.add(at.copy());
            }
            while (end - at.state().seconds() > SAME_S) {
                at.stride(stage, Math.min(longestStrideS, end - at.state().seconds()));
                through.add(at.copy());
            }
            ways.add(through);
        }
        way.add(at);
        ways.add(way);
    }

    /** How many stages there are before the bake. */
    int place() {
        return before.size();
    }

    /** Whether a programme goes this way: the same stages, and the same bake, however long. */
    boolean leadsInto(List<Stage> stages) {
        return stages.size() > place()
                && stages.subList(0, place()).equals(before)
                && stages.get(place()) instanceof Stage.Bake other
                && other.tempC() == bake.tempC();
    }

    /** What was kept of the stage at a place, from its beginning to its end, or to where anybody went; not to be changed. */
    List<BakeProgress> through(int place) {
        return ways.get(place);
    }

    /** Where it has come to: the farthest that was kept; not to be changed. */
    BakeProgress farthest() {
        return way.get(way.size() - 1);
    }

    /** A place that was kept of the bake, from its beginning on; not to be changed. */
    BakeProgress kept(int index) {
        return way.get(index);
    }

    /**
     * Goes one stride on from the farthest.
     *
     * @param most no more than this, s
     */
    void stride(double most) {
        BakeProgress next = farthest().copy();
        next.stride(bake, Math.min(longestStrideS, most));
        way.add(next);
    }

    /** Seconds since the bake began. */
    double seconds(BakeProgress at) {
        return at.state().seconds() - way.get(0).state().seconds();
    }

    /** The dish after so many seconds of the bake, for the asker to go on with. */
    BakeProgress at(double seconds) {
        while (seconds - seconds(farthest()) > SAME_S) {
            stride(seconds - seconds(farthest()));
        }
        int last = way.size() - 1;
        while (last > 0 && seconds(way.get(last)) > seconds + SAME_S) {
            last--;
        }
        BakeProgress at = way.get(last).copy();
        at.pass(bake, seconds - seconds(at));
        return at;
    }
}
