package olla.core.runsheet;

import java.util.Arrays;
import java.util.Random;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * A course some dozens of times over, each time with its own draw of when each of its dishes is ready: it is served with the last
 * of them, and the others wait. Every dish has the same quantiles of a normal spread, in an order of its own; the same for the same
 * input. Mutable while it is filled.
 */
final class CourseDraws {

    /** As many draws. */
    static final int DRAWS = 32;

    /* More dishes than any evening has; beyond it orders repeat. */
    private static final int ORDERS = 64;

    private static final double[][] NORMAL = normal();

    private final double[][] ready;
    private final double[] served = new double[DRAWS];
    private final double sharpMin;

    /**
     * @param dishes of how many chains the evening is
     * @param sharpMin when it is plated where everything is ready by then, minutes
     * @param soonestMin before this it is not plated whatever is ready, minutes
     */
    CourseDraws(int dishes, double sharpMin, double soonestMin) {
        this.ready = new double[dishes][];
        this.sharpMin = sharpMin;
        Arrays.fill(served, Math.max(sharpMin, soonestMin));
    }

    private static double[][] normal() {
        NormalDistribution spread = new NormalDistribution();
        double[] quantile = new double[DRAWS];
        for (int k = 0; k < DRAWS; k++) {
            quantile[k] = spread.inverseCumulativeProbability((k + 0.5) / DRAWS);
        }
        double[][] orders = new double[ORDERS][];
        Random random = new Random(DRAWS);
        for (int i = 0; i < ORDERS; i++) {
            orders[i] = quantile.clone();
            for (int k = DRAWS - 1; k > 0; k--) {
                int other = random.nextInt(k + 1);
                double swapped = orders[i][k];
                orders[i][k] = orders[i][other];
                orders[i][other] = swapped;
            }
        }
        return orders;
    }

    /**
     * When a dish is out in each of the draws.
     *
     * @param dish which of the chains
     * @param likelyMin when on the average
     * @param sdMin standard deviation of that, minutes
     * @param soonestMin it is not out sooner
     */
    static double[] outs(int dish, double likelyMin, double sdMin, double soonestMin) {
        double[] its = new double[DRAWS];
        for (int k = 0; k < DRAWS; k++) {
            its[k] = Math.max(soonestMin, likelyMin + sdMin * NORMAL[dish % ORDERS][k]);
        }
        return its;
    }

    /**
     * Adds a dish.
     *
     * @param dish which of the chains
     * @param outMin when it is out, by draw
     * @param afterMin how long from there until it is ready, minutes
     */
    void add(int dish, double[] outMin, double afterMin) {
        double[] its = new double[DRAWS];
        for (int k = 0; k < DRAWS; k++) {
            its[k] = outMin[k] + afterMin;
            served[k] = Math.max(served[k], its[k]);
        }
        ready[dish] = its;
    }

    /** How late the course is on the average, minutes. */
    double lateMin() {
        double sum = 0;
        for (double at : served) {
            sum += at - sharpMin;
        }
        return sum / DRAWS;
    }

    /**
     * How long a dish waits on the average beyond what it can, minutes.
     *
     * @param canMin how long it can; 0 for all it waits
     */
    double waitsBeyondMin(int dish, double canMin) {
        double sum = 0;
        for (int k = 0; k < DRAWS; k++) {
            sum += Math.max(0, served[k] - ready[dish][k] - canMin);
        }
        return sum / DRAWS;
    }
}
