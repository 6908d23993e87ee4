package olla.bench;

import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import olla.core.estimate.Estimate;

/** Minutes, peak and cost of four unlike dishes in one line, for {@code bench/solver-constants.sh}. */
public final class FourDishes {

    /** The least of so many is what it costs. */
    private static final int TURNS = 6;

    private static final double MS = 1e6;

    private FourDishes() {}

    /** @param arguments what the line begins with */
    public static void main(String[] arguments) {
        List<String> line = new ArrayList<>(List.of(arguments));
        for (EstimateBenchmark.Question question : List.of(
                EstimateBenchmark.Question.PORTION_ON_A_TRAY,
                EstimateBenchmark.Question.PORTION_FROM_FROZEN,
                EstimateBenchmark.Question.WHOLE_FISH_IN_SALT,
                EstimateBenchmark.Question.TOPPED_THEN_GRILLED)) {
            line.add(reckoned(question));
        }
        System.out.println(String.join(" | ", line));
    }

    private static String reckoned(EstimateBenchmark.Question question) {
        double cheapest = Double.POSITIVE_INFINITY;
        Estimate estimate = null;
        for (int turn = 0; turn < TURNS; turn++) {
            long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
            estimate = question.estimate();
            long after = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
            cheapest = Math.min(cheapest, (after - before) / MS);
        }
        return String.format(
                Locale.ROOT, "%.3f min, %.2f °C, %.0f ms", estimate.bakeMinutes(), estimate.peakC(), cheapest);
    }
}
