package olla.core.habits;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import olla.core.fish.Habit;
import olla.core.habits.Which.About;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * What a kitchen's log tells beside what it tells of its ovens: what goes slower or quicker here than it is reckoned to, by what and by whom. One
 * linear model with a normal prior about nothing for each of them, so that few bakes move little and what two of them could explain is shared
 * between them (best linear unbiased prediction: Henderson 1975; shrinkage: Efron and Morris 1975; from memory). A bake that is far off counts
 * for less (Huber 1964, from memory). Immutable.
 */
public final class Habits {

    /** A habit is believed from so many bakes on. */
    public static final int LEAST_BAKES = 3;

    /* What of the model's doubt is of what: of the kitchen, the dish and the fish in general, the rest of each bake (ours: most of what a model
     * leaves out of a dish is left out of every dish like it). The squares of the four add up to that of Habit.USUAL_DOUBT. */
    private static final double KITCHEN_SD = 0.03;
    private static final double DISH_SD = 0.06;
    private static final double FISH_SD = 0.04;

    /** Of each bake alone. */
    public static final double OWN_SD =
            Math.sqrt(square(Habit.USUAL_DOUBT) - square(KITCHEN_SD) - square(DISH_SD) - square(FISH_SD));

    /* How far a hand that measures is off on the average: half a millimetre of 25 (ours). */
    private static final double RULER_SD = 0.02;

    /* How far off cooks are from each other in what they call right, K (ours). */
    private static final double VERDICT_SD_K = 1.5;

    /* Kitchen probes are sold as good to 1 K (common practice, no source). */
    private static final double PROBE_SD_K = 1;

    /* Where a bake begins to count for less, in standard deviations, and how often its weight is settled. */
    private static final double HUBER = 2;
    private static final int ROUNDS = 4;

    private final List<Told> log;
    private final Set<Which> off;
    private final Map<Which, Integer> bakes;
    private final Solved all;
    /* Worked out when it is first asked for. */
    private final Map<Which, Solved> without = new ConcurrentHashMap<>();

    /** What was found with some of them left out. */
    private record Solved(Map<Object, Integer> column, RealVector mean, RealMatrix covariance) {}

    private Habits(List<Told> log, Set<Which> off) {
        this.log = List.copyOf(log);
        this.off = Set.copyOf(off);
        this.bakes = counted(log);
        this.all = solve(this.off);
    }

    /**
     * What a log tells.
     *
     * @param log in any order
     * @param off what is not to be learned
     */
    public static Habits of(List<Told> log, Set<Which> off) {
        return new Habits(log, off);
    }

    /** What may be off for a bake, and by how much its logarithm moves with it. */
    private static Map<Which, Double> parts(Told bake) {
        Map<Which, Double> parts = new LinkedHashMap<>();
        parts.put(Which.KITCHEN, 1.0);
        parts.put(new Which(About.DISH, bake.dish()), 1.0);
        parts.put(new Which(About.FISH, bake.fish()), 1.0);
        if (bake.cook() != null && bake.perThickness() != 0) {
            parts.put(new Which(About.RULER, bake.cook()), bake.perThickness());
        }
        if (bake.probe() != null) {
            parts.put(new Which(About.PROBE, bake.probe()), -bake.perKelvin());
        } else if (bake.judge() != null) {
            parts.put(new Which(About.VERDICT, bake.judge()), bake.perKelvin());
        }
        return parts;
    }

    private static double sd(About about) {
        return switch (about) {
            case KITCHEN -> KITCHEN_SD;
            case DISH -> DISH_SD;
            case FISH -> FISH_SD;
            case RULER -> RULER_SD;
            case VERDICT -> VERDICT_SD_K;
            case PROBE -> PROBE_SD_K;
        };
    }

    private static Map<Which, Integer> counted(List<Told> log) {
        Map<Which, Integer> bakes = new LinkedHashMap<>();
        log.forEach(bake -> parts(bake).keySet().forEach(which -> bakes.merge(which, 1, Integer::sum)));
        return bakes;
    }

    private boolean believed(Which which) {
        return bakes.getOrDefault(which, 0) >= LEAST_BAKES;
    }

    private Solved solve(Set<Which> without) {
        Map<Object, Integer> column = new LinkedHashMap<>();
        List<Map<Object, Double>> rows = new ArrayList<>();
        for (Told bake : log) {
            Map<Object, Double> row = new LinkedHashMap<>();
            parts(bake).forEach((which, by) -> {
                if (!without.contains(which)) {
                    row.put(which, by * sd(which.about()));
                }
            });
            row.put(bake.oven(), bake.ofOven());
            row.keySet().forEach(of -> column.putIfAbsent(of, column.size()));
            rows.add(row);
        }
        double[] weight = new double[log.size()];
        Arrays.fill(weight, 1);
        Solved solved = null;
        for (int round = 0; round < ROUNDS; round++) {
            solved = solve(column, rows, weight);
            for (int i = 0; i < weight.length; i++) {
                double off = Math.abs(log.get(i).logSlower() - at(solved, rows.get(i)))
                        / Math.sqrt(log.get(i).variance());
                weight[i] = off <= HUBER ? 1 : HUBER / off;
            }
        }
        return solved;
    }

    /* Each unknown in its own standard deviations, so that its prior is of variance 1. */
    private Solved solve(Map<Object, Integer> column, List<Map<Object, Double>> rows, double[] weight) {
        int n = column.size();
        if (n == 0) {
            return new Solved(column, null, null);
        }
        RealMatrix precision = MatrixUtils.createRealIdentityMatrix(n);
        double[] told = new double[n];
        for (int i = 0; i < weight.length; i++) {
            double sure = weight[i] / log.get(i).variance();
            for (Map.Entry<Object, Double> one : rows.get(i).entrySet()) {
                int k = column.get(one.getKey());
                told[k] += sure * one.getValue() * log.get(i).logSlower();
                for (Map.Entry<Object, Double> other : rows.get(i).entrySet()) {
                    precision.addToEntry(k, column.get(other.getKey()), one.getValue() * other.getValue() * sure);
                }
            }
        }
        RealMatrix covariance = new CholeskyDecomposition(precision).getSolver().getInverse();
        return new Solved(column, covariance.operate(MatrixUtils.createRealVector(told)), covariance);
    }

    private static double at(Solved solved, Map<Object, Double> row) {
        return row.entrySet().stream()
                .mapToDouble(one ->
                        one.getValue() * solved.mean().getEntry(solved.column().get(one.getKey())))
                .sum();
    }

    /**
     * A habit that was found.
     *
     * @param which which
     * @param bakes how many bakes it was found from
     * @param size how large it is: of a logarithm; of a probe's or a verdict's, K
     * @param doubt one standard deviation of that
     * @param on whether it is believed
     */
    public record Found(Which which, int bakes, double size, double doubt, boolean on) {

        /* What would be rounded to nothing is nothing. */
        private static final double LEAST_SAID = 0.005;
        private static final double LEAST_SAID_K = 0.5;

        /** How large it is, as a sentence without who does it. */
        public Message words() {
            return switch (which.about()) {
                case KITCHEN, DISH, FISH -> said("habit.takes", percent(size), percent(doubt));
                case RULER -> said("habit.measures", percent(size), percent(doubt));
                case VERDICT -> said("habit.right", kelvin(size), kelvin(doubt));
                case PROBE -> said("habit.reads", kelvin(size), kelvin(doubt));
            };
        }

        private boolean none() {
            boolean kelvin = which.about() == About.VERDICT || which.about() == About.PROBE;
            return Math.abs(size) < (kelvin ? LEAST_SAID_K : LEAST_SAID);
        }

        private Message said(String key, Object much, Object surely) {
            return Message.of(key, "way", none() ? "none" : size < 0 ? "less" : "more", "size", much, "doubt", surely);
        }

        private static Object percent(double log) {
            return Math.round(100 * Math.expm1(Math.abs(log)));
        }

        private static Object kelvin(double kelvin) {
            return Quantity.kelvin(Math.abs(kelvin));
        }
    }

    /** All that there are bakes enough for, those that move most first; what is switched off as it would be. */
    public List<Found> found() {
        Solved whole = off.isEmpty() ? all : solve(Set.of());
        return bakes.keySet().stream()
                .filter(this::believed)
                .map(which -> found(which, off.contains(which) ? whole : all))
                .sorted(Comparator.comparingDouble(
                        one -> -Math.abs(one.size() / sd(one.which().about()))))
                .toList();
    }

    private Found found(Which which, Solved in) {
        int k = in.column().get(which);
        double sd = sd(which.about());
        return new Found(
                which,
                bakes.get(which),
                size(in, which),
                sd * Math.sqrt(in.covariance().getEntry(k, k)),
                !off.contains(which));
    }

    /**
     * What is to be laid.
     *
     * @param dish what it is dressed in
     * @param fish which fish
     * @param cook who measures it; null where nobody said
     * @param byRuler whether its thickness is measured with a ruler
     */
    public record Laid(String dish, String fish, String cook, boolean byRuler) {}

    /**
     * What a habit does to what is laid: its own share of it, or, of what only colours what was learned, what would be otherwise without it.
     *
     * @param which which
     * @param logSlower how much later it makes that, as a logarithm; below 0 for sooner
     */
    public record Part(Which which, double logSlower) {}

    /**
     * How what is laid goes here.
     *
     * @param habit in all
     * @param parts what each of them does, those that do most first
     */
    public record Tonight(Habit habit, List<Part> parts) {}

    /** How a dish goes here. */
    public Tonight tonight(Laid dish) {
        Map<Which, Double> applying = applying(dish);
        double whole = logSlower(all, applying);
        List<Part> parts = bakes.keySet().stream()
                .filter(which -> believed(which) && !off.contains(which))
                .filter(which -> applying.containsKey(which) || which.about().colours())
                .map(which -> new Part(
                        which,
                        applying.containsKey(which)
                                ? applying.get(which) * size(all, which)
                                : whole - logSlower(without(which), applying)))
                .sorted(Comparator.comparingDouble(part -> -Math.abs(part.logSlower())))
                .toList();
        return new Tonight(parts.isEmpty() ? Habit.NONE : Habit.within(whole, doubt(applying)), parts);
    }

    private Solved without(Which which) {
        return without.computeIfAbsent(which, one -> {
            Set<Which> less = new HashSet<>(off);
            less.add(one);
            return solve(less);
        });
    }

    private static double size(Solved in, Which which) {
        return sd(which.about()) * in.mean().getEntry(in.column().get(which));
    }

    private Map<Which, Double> applying(Laid dish) {
        Map<Which, Double> applying = new LinkedHashMap<>();
        applying.put(Which.KITCHEN, 1.0);
        applying.put(new Which(About.DISH, dish.dish()), 1.0);
        applying.put(new Which(About.FISH, dish.fish()), 1.0);
        if (dish.cook() != null && dish.byRuler()) {
            applying.put(new Which(About.RULER, dish.cook()), perThickness(dish));
        }
        return applying;
    }

    /* As it was for the dishes like it; where there was none, for all. */
    private double perThickness(Laid dish) {
        return log.stream()
                .filter(bake -> bake.perThickness() != 0 && bake.dish().equals(dish.dish()))
                .mapToDouble(Told::perThickness)
                .average()
                .orElseGet(() -> log.stream()
                        .mapToDouble(Told::perThickness)
                        .filter(slope -> slope != 0)
                        .average()
                        .orElse(0));
    }

    private double logSlower(Solved solved, Map<Which, Double> applying) {
        double sum = 0;
        for (Map.Entry<Which, Double> one : applying.entrySet()) {
            if (solved.column().containsKey(one.getKey()) && believed(one.getKey())) {
                sum += one.getValue() * size(solved, one.getKey());
            }
        }
        return sum;
    }

    /* What is known of the dish and its fish narrows the doubt; a ruler's is in what is said of the thickness. */
    private double doubt(Map<Which, Double> applying) {
        List<Which> known = new ArrayList<>();
        double variance = square(OWN_SD);
        for (Which which : applying.keySet()) {
            if (which.about() == About.RULER) {
                continue;
            }
            if (all.column().containsKey(which) && believed(which)) {
                known.add(which);
            } else {
                variance += square(sd(which.about()));
            }
        }
        for (Which one : known) {
            for (Which other : known) {
                variance += sd(one.about())
                        * sd(other.about())
                        * all.covariance()
                                .getEntry(all.column().get(one), all.column().get(other));
            }
        }
        return Math.sqrt(variance);
    }

    private static double square(double x) {
        return x * x;
    }
}
