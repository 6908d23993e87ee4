package olla.core.runsheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import olla.core.units.Dial;

/** A plan to begin with: dish after dish, what takes longest first, each where it costs least beside those before it. */
final class FirstPlan {

    private static final int[] EARLY_MIN = {0, 2, 4, 7, 10, 15, 20, 30, 45, 60, 80, -10, -20, -35, -50, -64};

    private static final int EACH_C = 20;

    private FirstPlan() {}

    static Decision[] of(Problem problem) {
        return of(problem, new Decision[problem.chains().size()]);
    }

    /** @param begin what is decided already, by dish; null for what is not */
    static Decision[] of(Problem problem, Decision[] begin) {
        List<Integer> order = open(problem, begin);
        order.sort(Comparator.comparingDouble(
                        (Integer i) -> longest(problem.chains().get(i)))
                .reversed());
        return of(problem, begin, order);
    }

    /** Another one, dish after dish in an order by chance. */
    static Decision[] anew(Problem problem, Random random) {
        Decision[] begin = new Decision[problem.chains().size()];
        List<Integer> order = open(problem, begin);
        Collections.shuffle(order, random);
        return of(problem, begin, order);
    }

    private static List<Integer> open(Problem problem, Decision[] begin) {
        return new ArrayList<>(IntStream.range(0, begin.length)
                .filter(i -> begin[i] == null && problem.open(problem.chains().get(i)))
                .boxed()
                .toList());
    }

    private static Decision[] of(Problem problem, Decision[] begin, List<Integer> order) {
        Decision[] plan = begin.clone();
        for (int i : order) {
            plan[i] = cheapest(problem, plan, i);
        }
        return plan;
    }

    private static double longest(Chain chain) {
        double longest = chain.hobMin();
        for (int oven : chain.ovens()) {
            int[] dials = chain.dials(oven);
            longest = Math.max(
                    longest, chain.baking(oven, dials[dials.length / 2]).minutes());
        }
        return longest;
    }

    private static Decision cheapest(Problem problem, Decision[] plan, int i) {
        Chain chain = problem.chains().get(i);
        Decision best = null;
        long least = Long.MAX_VALUE;
        int[] ovens = chain.heat() == Chain.Heat.OVEN ? chain.ovens() : new int[] {Decision.NO_OVEN};
        for (int oven : ovens) {
            int[] dials = oven < 0 ? new int[] {0} : dials(chain, oven, plan);
            for (int dial : dials) {
                for (int early : EARLY_MIN) {
                    Decision decision = new Decision(oven, dial, early);
                    plan[i] = decision;
                    long cost = new Decoder(problem, plan).cost().weighed();
                    if (cost < least) {
                        best = decision;
                        least = cost;
                    }
                }
            }
        }
        if (best == null) {
            // Never done in any oven that there is: where it would stand is said, and that it cannot be.
            best = new Decision(Decision.NO_OVEN, 0, 0);
        }
        return best;
    }

    /* Those that the oven is set to already for something else, and some of its own. */
    private static int[] dials(Chain chain, int oven, Decision[] plan) {
        double wanted = chain.wantedC(oven);
        int[] all = chain.dials(oven);
        int[] some = Arrays.stream(all)
                .filter(dial -> Math.abs(dial - wanted) % EACH_C < Dial.CELSIUS_STEP
                        || Arrays.stream(plan)
                                .anyMatch(other -> other != null && other.oven() == oven && other.dialC() == dial))
                .toArray();
        return some.length == 0 ? all : some;
    }
}
