package olla.core.estimate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import olla.core.oven.Programme;

/**
 * The same dish a few hundred times over, each with its own draw of what nobody knows: how thick it really is, what the
 * oven really does, how cold it went in. Each member is solved on a coarse grid: one run at the length that first-order
 * propagation gives it, and a correction. The spread of their times is the check window.
 *
 * <p>Immutable, and the same for the same seed.
 */
public final class Ensemble {

    /** As many members: a power of two, for which a Sobol sequence is even. */
    public static final int MEMBERS = 256;

    private static final double EARLY = 0.10;
    private static final double HALF = 0.50;
    private static final double LATE = 0.90;

    /* A run that misses by more is done again at its corrected length, K. */
    private static final double NEAR_K = 2;
    private static final double PROBE_FACTOR = 1.1;

    private final double[] openMinutes;
    private final double[] weight;
    private final double fixedMin;
    private final Doubts doubts;

    private Ensemble(double[] openMinutes, double[] weight, double fixedMin, Doubts doubts) {
        this.openMinutes = openMinutes;
        this.weight = weight;
        this.fixedMin = fixedMin;
        this.doubts = doubts;
    }

    /**
     * Solves the members.
     *
     * @param likelyMin the open length on the fine grid, minutes: the members' median is put there
     * @param fixedMin what the other stages in the oven take, minutes
     */
    static Ensemble of(Dish dish, double likelyMin, double fixedMin, long seed) {
        BakeModel plain = dish.model(BakeModel.Fineness.COARSE);
        Doubts doubts = new Doubts(dish, plain, likelyMin);
        double perLog = marginPerLogMinute(dish, plain, doubts);
        Draws draws = new Draws(dish.dress(), seed);
        Map<List<Double>, BakeModel> sections = new HashMap<>();
        double[] minutes = new double[MEMBERS];
        for (int i = 0; i < MEMBERS; i++) {
            double[] z = draws.next();
            Unknowns unknowns = Unknowns.of(z, dish.piece(), dish.truth());
            BakeModel section =
                    sections.computeIfAbsent(unknowns.ofSection(dish.dress()), key -> plain.under(unknowns));
            BakeRun run = new BakeRun(section.elsewise(unknowns), dish.programme());
            minutes[i] = solve(run, dish.targetC(), doubts.logMinutes(z), perLog);
        }
        double[] weight = new double[MEMBERS];
        Arrays.fill(weight, 1.0 / MEMBERS);
        double scale = likelyMin / new Ensemble(minutes, weight, 0, doubts).percentile(HALF);
        for (int i = 0; i < MEMBERS; i++) {
            minutes[i] *= scale;
        }
        return new Ensemble(minutes, weight, fixedMin, doubts);
    }

    private static double marginPerLogMinute(Dish dish, BakeModel plain, Doubts doubts) {
        double more =
                new BakeRun(plain, dish.programme()).peakMargin(doubts.plainMinutes() * PROBE_FACTOR, dish.targetC());
        return Math.max(NEAR_K, more / Math.log(PROBE_FACTOR));
    }

    private static double solve(BakeRun run, double targetC, double logGuess, double perLog) {
        double first = clamp(logGuess);
        double miss = run.peakMargin(Math.exp(first), targetC);
        double second = clamp(first - miss / perLog);
        if (Math.abs(miss) > NEAR_K && second != first) {
            double left = run.peakMargin(Math.exp(second), targetC);
            double slope = (left - miss) / (second - first);
            return Math.exp(clamp(second - left / (slope > 0 ? slope : perLog)));
        }
        return Math.exp(second);
    }

    private static double clamp(double logMinutes) {
        return Math.max(Math.log(Doubts.LEAST_MINUTES / 2), Math.min(Math.log(Programme.LONGEST_MINUTES), logMinutes));
    }

    /** From when to look: the 10th, 50th and 90th percentile of the members' times. */
    public CheckWindow window() {
        return new CheckWindow(fixedMin + percentile(EARLY), fixedMin + percentile(HALF), fixedMin + percentile(LATE));
    }

    /** What makes the window wide, largest first. */
    public List<Doubt> doubts() {
        return doubts.found(percentile(HALF), window().widthMin());
    }

    /* Between members by straight lines; a member stands at the middle of its weight. */
    private double percentile(double share) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < openMinutes.length; i++) {
            order.add(i);
        }
        order.sort((a, b) -> Double.compare(openMinutes[a], openMinutes[b]));
        double below = 0;
        double lastAt = 0;
        double last = openMinutes[order.get(0)];
        for (int i : order) {
            double at = below + weight[i] / 2;
            if (at >= share) {
                return at == lastAt ? last : last + (openMinutes[i] - last) * (share - lastAt) / (at - lastAt);
            }
            below += weight[i];
            lastAt = at;
            last = openMinutes[i];
        }
        return last;
    }
}
