package olla.core.uncertainty;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import olla.core.uncertainty.Doubt.About;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.random.SobolSequenceGenerator;

/**
 * How long one dish takes in each of many evenings. Dishes of one oven share what that oven really does in each of them, so that
 * they are late together; all else of a dish is drawn for itself.
 */
public final class BakeTimes {

    /** As many evenings: a power of two, for which a Sobol sequence is even. */
    public static final int EVENINGS = Ensemble.MEMBERS;

    private static final int OVEN = 0;
    private static final int FILM = 1;

    private BakeTimes() {}

    /**
     * What one oven does in each of the evenings, in standard deviations of what is believed of it: its error and its film. In
     * mirrored pairs.
     *
     * @param seed another for each oven
     */
    public static List<double[]> oven(long seed) {
        SobolSequenceGenerator sobol = new SobolSequenceGenerator(2);
        Random random = new Random(seed);
        double[] turn = {random.nextDouble(), random.nextDouble()};
        NormalDistribution normal = new NormalDistribution();
        List<double[]> draws = new ArrayList<>();
        for (int i = 0; i < EVENINGS / 2; i++) {
            double[] u = sobol.nextVector();
            double[] z = new double[2];
            for (int d = 0; d < 2; d++) {
                double turned = (u[d] + turn[d]) % 1;
                z[d] = normal.inverseCumulativeProbability(Math.min(1 - 1e-9, Math.max(1e-9, turned)));
            }
            draws.add(z);
            draws.add(new double[] {-z[0], -z[1]});
        }
        return draws;
    }

    /**
     * What would be known better.
     *
     * @param thickness share of the doubt about the thickness that is left, 0 to 1
     * @param oven share of the doubt about the oven's error that is left, 0 to 1
     */
    public record Left(double thickness, double oven) {
        /** As it is. */
        public static final Left ALL = new Left(1, 1);
    }

    /**
     * In the oven in each of the evenings, minutes.
     *
     * @param openMin the likely open length, minutes
     * @param fixedMin what its other stages take, minutes
     * @param oven what the oven does in each of them
     * @param seed another for each dish
     * @throws java.util.concurrent.CancellationException where the calling thread is interrupted meanwhile
     */
    public static double[] minutes(
            BakeSpec dish, double openMin, double fixedMin, List<double[]> oven, Left left, long seed) {
        MemberSolver solver = new MemberSolver(dish, openMin, false);
        Draws own = new Draws(dish.dress(), seed);
        List<double[]> draws = Stream.generate(own::next).limit(EVENINGS).toList();
        // Two dishes turn the same sequence: in another order each, they know nothing of each other.
        List<Integer> pairs =
                new ArrayList<>(IntStream.range(0, EVENINGS / 2).boxed().toList());
        Collections.shuffle(pairs, new Random(seed));
        List<double[]> joined = new ArrayList<>();
        for (int i = 0; i < EVENINGS; i++) {
            double[] z = draws.get(2 * pairs.get(i / 2) + i % 2).clone();
            z[About.OVEN.ordinal()] = left.oven() * oven.get(i)[OVEN];
            z[About.FILM.ordinal()] = oven.get(i)[FILM];
            z[About.THICKNESS.ordinal()] *= left.thickness();
            joined.add(z);
        }
        double[] open =
                solver.solve(joined).stream().mapToDouble(Member::openMinutes).toArray();
        double[] sorted = open.clone();
        Arrays.sort(sorted);
        double middle = (sorted[EVENINGS / 2 - 1] + sorted[EVENINGS / 2]) / 2;
        return Arrays.stream(open).map(m -> fixedMin + openMin * m / middle).toArray();
    }
}
