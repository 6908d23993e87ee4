package olla.core.runsheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import olla.core.evening.Baking;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.oven.Programme;
import olla.core.uncertainty.BakeSpec;
import olla.core.uncertainty.BakeTimes;

/**
 * The evening many times over, each time with its own draw of what nobody knows: how long each dish really takes. What of a plan
 * is decided stays; the hands take a dish out when it is done, a little late, what is ready waits for what is not.
 */
public final class Scenarios {

    private static final double NEAR_MIN = 3;
    private static final double NOT_FAR_MIN = 5;

    /** How long a dish takes in each of the evenings, from the bench's own members or from where that is kept. */
    public interface Times {
        /**
         * In the oven in each of the evenings, minutes.
         *
         * @param baking at which dial
         * @param left what would be known better
         */
        double[] of(FishDish dish, EveningOven oven, Baking baking, BakeTimes.Left left);
    }

    private final Problem problem;
    private final Times times;
    private final Map<String, double[]> over;

    Scenarios(Problem problem, Times times) {
        this(problem, times, new HashMap<>());
    }

    private Scenarios(Problem problem, Times times, Map<String, double[]> over) {
        this.problem = problem;
        this.times = times;
        this.over = over;
    }

    /** The same evenings in another kitchen with the same ovens. */
    Scenarios in(Problem other) {
        return new Scenarios(other, times, over);
    }

    /** Reckons them: what an oven is in an evening it is for all that goes into it. */
    public static double[] solve(FishDish dish, EveningOven oven, Baking baking, BakeTimes.Left left) {
        BakeSpec spec = dish.in(oven, baking.tempC());
        double fixed = spec.programme().fixedMinutes();
        return BakeTimes.minutes(
                spec,
                Math.max(Programme.LEAST_MINUTES, baking.minutes() - fixed),
                fixed,
                BakeTimes.oven(oven.key().hashCode()),
                left,
                dish.key().hashCode());
    }

    /** How likely a plan holds. */
    Chance chance(Decision[] decisions) {
        return chance(decisions, Map.of());
    }

    /**
     * How likely a plan holds where some dishes were known better.
     *
     * @param better by dish: what is left of the doubts about it
     */
    Chance chance(Decision[] decisions, Map<String, BakeTimes.Left> better) {
        Decoder plan = new Decoder(problem, decisions);
        int evenings = BakeTimes.EVENINGS;
        int count = problem.chains().size();
        double[][] done = new double[count][];
        IntStream.range(0, count)
                .boxed()
                .sorted(Comparator.comparingDouble(plan::in))
                .forEach(i -> done[i] = held(plan, i, outs(plan, decisions, i, better), done));
        double[] lateBy = new double[count];
        double[] tooLongBy = new double[count];
        int near = 0;
        int notFar = 0;
        for (int k = 0; k < evenings; k++) {
            double worst = 0;
            for (int course = 0; course < problem.evening().coursesMin().size(); course++) {
                worst = Math.max(worst, course(plan, done, course, k, lateBy, tooLongBy));
            }
            near += worst <= NEAR_MIN ? 1 : 0;
            notFar += worst <= NOT_FAR_MIN ? 1 : 0;
        }
        Map<String, Double> late = new HashMap<>();
        Map<String, Double> tooLong = new HashMap<>();
        for (int i = 0; i < count; i++) {
            if (done[i] != null) {
                late.put(problem.chains().get(i).key(), lateBy[i] / evenings);
                tooLong.put(problem.chains().get(i).key(), tooLongBy[i] / evenings);
            }
        }
        return new Chance((double) near / evenings, (double) notFar / evenings, late, tooLong);
    }

    /* How late a course is in one evening. */
    private double course(Decoder plan, double[][] done, int course, int k, double[] lateBy, double[] tooLongBy) {
        double plated = problem.platedFrom(course);
        double at = plated;
        int last = -1;
        for (int i = 0; i < done.length; i++) {
            if (done[i] != null && problem.chains().get(i).course() == course) {
                double ready = ready(plan, done, i, k);
                if (ready > at) {
                    at = ready;
                    last = i;
                }
            }
        }
        at = Math.max(at, plan.plated(course));
        if (last >= 0 && at - plated > NEAR_MIN) {
            lateBy[last]++;
        }
        for (int i = 0; i < done.length; i++) {
            if (done[i] != null && problem.chains().get(i).course() == course) {
                tooLongBy[i] += at - ready(plan, done, i, k) > plan.mostWaitMin(i) ? 1 : 0;
            }
        }
        return at - plated;
    }

    private double ready(Decoder plan, double[][] done, int i, int k) {
        return done[i][k] + plan.restMin(i) + problem.chains().get(i).afterMin();
    }

    /* The same, where what is before it in its place may be late. */
    private static double[] held(Decoder plan, int i, double[] outs, double[][] done) {
        if (outs == null) {
            return null;
        }
        double[] its = outs.clone();
        for (int k = 0; k < its.length; k++) {
            double held = 0;
            for (Queue.Before before : plan.before(i)) {
                held = Math.max(held, Queue.in(before, done[before.chain()][k]) - plan.in(i));
            }
            its[k] += held;
        }
        return its;
    }

    /* When a dish is out in each of the evenings, if its place is free; null for what needs no heat. */
    private double[] outs(Decoder plan, Decision[] decisions, int i, Map<String, BakeTimes.Left> better) {
        Chain chain = problem.chains().get(i);
        if (chain.heat() == Chain.Heat.NONE || plan.out(i) == 0 && plan.in(i) == 0) {
            return null;
        }
        double[] over = over(plan, decisions, i, better.getOrDefault(chain.key(), BakeTimes.Left.ALL));
        boolean ran = problem.facts().baked().containsKey(chain.key());
        double floor = ran ? problem.facts().nowMin() : Double.NEGATIVE_INFINITY;
        boolean out = ran && problem.facts().baked().get(chain.key()).outMin().isPresent();
        double[] hands = this.over.computeIfAbsent("hands " + chain.key(), this::normal);
        return IntStream.range(0, over.length)
                .mapToDouble(k -> out
                        ? plan.out(i)
                        : Math.max(floor, plan.out(i) + plan.lookedMin(i) + over[k] * Decoder.STRAYS * plan.sdMin(i))
                                + Math.max(0, Decoder.HANDS_LATE_MIN + Decoder.HANDS_SD_MIN * hands[k]))
                .toArray();
    }

    /* How far off in each of the evenings, in standard deviations as the plan has them: that much changes little with the dial. */
    private double[] over(Decoder plan, Decision[] decisions, int i, BakeTimes.Left left) {
        Chain chain = problem.chains().get(i);
        boolean fish = i < problem.evening().fish().size();
        boolean ran = problem.facts().baked().containsKey(chain.key());
        if (!fish || ran || plan.baking(i) == null) {
            return over.computeIfAbsent(chain.key(), this::normal);
        }
        FishDish dish = problem.evening().fish().get(i);
        EveningOven oven = problem.evening().kitchen().ovens().get(decisions[i].oven());
        return over.computeIfAbsent(chain.key() + " " + oven.key() + " " + left, key -> {
            double[] minutes = times.of(dish, oven, plan.baking(i), left);
            double sd = plan.baking(i).sdMin();
            return Arrays.stream(minutes)
                    .map(m -> (m - plan.baking(i).minutes()) / sd)
                    .toArray();
        });
    }

    private double[] normal(String key) {
        Random random = new Random(key.hashCode());
        List<Double> draws = new ArrayList<>();
        for (int k = 0; k < BakeTimes.EVENINGS / 2; k++) {
            double z = random.nextGaussian();
            draws.add(z);
            draws.add(-z);
        }
        return draws.stream().mapToDouble(z -> z).toArray();
    }
}
