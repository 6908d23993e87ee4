package olla.core.uncertainty;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import olla.core.uncertainty.Doubt.About;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.stat.correlation.Covariance;

/**
 * What members that nobody has observed yet would tell of their oven, on the average over what might be read of them: the
 * readings, the minutes and the oven are taken for jointly normal, with the covariances that the members have (linear Bayesian
 * experimental design: Chaloner and Verdinelli 1995, from memory), and the oven is then read off the minutes as by whoever
 * observes them ({@link OvenShare}).
 */
final class WouldTell {

    /* From one reading of a probe that stays in to the next that is counted here, minutes: between them hardly anything is new. */
    private static final double EVERY_MIN = 2;

    /* When a probe that is put in once is put in, as a share of the likely time (ours). */
    private static final double LOOK = 0.8;

    /* A verdict says that a peak is somewhere in a band: the standard deviation of an even spread over it, K. */
    private static final double TASTED_K = (Observation.NOTICED_UNDER_K + Observation.NOTICED_OVER_K) / Math.sqrt(12);

    private final List<Member> members;

    WouldTell(List<Member> members) {
        this.members = members;
    }

    /**
     * How well the oven is known after it, in standard deviations of what was believed of it before.
     *
     * @param likelyMin when the members are likely to come out, on their own clock
     * @param perLog by how much a peak rises as the minutes' logarithm does, K
     * @param offsetDoubtC how far the oven was in doubt, K
     * @param air whether a thermometer hangs in the oven too
     */
    OvenShare.Posterior of(
            OvenShare share, Reads reads, double likelyMin, double perLog, double offsetDoubtC, boolean air) {
        List<ToDoubleFunction<Member>> read = readings(reads, likelyMin, perLog);
        RealMatrix errors = errors(reads, read.size() - 1, air);
        if (air) {
            read.add(member -> member.z()[About.OVEN.ordinal()] * offsetDoubtC);
        }
        if (!air) {
            double left = left(read, errors, List.of(WouldTell::slowness)).getEntry(0, 0);
            return share.knowing(1 - left / share.variance());
        }
        RealMatrix left = left(
                read,
                errors,
                List.of(member -> member.z()[About.OVEN.ordinal()], member -> member.z()[About.FILM.ordinal()]));
        return new OvenShare.Posterior(0, left.getEntry(0, 0), left.getEntry(0, 1), 0, left.getEntry(1, 1));
    }

    private static double slowness(Member member) {
        return Math.log(member.openMinutes());
    }

    /* The table's word is there in any case; it comes last. */
    private static List<ToDoubleFunction<Member>> readings(Reads reads, double likelyMin, double perLog) {
        List<ToDoubleFunction<Member>> read = new ArrayList<>();
        switch (reads) {
            case LEFT_IN -> {
                for (double at = EVERY_MIN; at <= likelyMin; at += EVERY_MIN) {
                    double minute = at;
                    read.add(member -> member.coldestAt(minute));
                }
            }
            case ONCE -> read.add(member -> member.coldestAt(LOOK * likelyMin));
            case TASTED -> {}
        }
        read.add(member -> -perLog * slowness(member));
        return read;
    }

    /* What readings are off by, those of the same tip together, K². */
    private static RealMatrix errors(Reads reads, int probed, boolean air) {
        int all = probed + (air ? 2 : 1);
        RealMatrix errors = MatrixUtils.createRealMatrix(all, all);
        double alone = reads == Reads.ONCE ? Observation.PROBE_ERROR_K : Observation.WANDERS_K;
        double together = reads == Reads.ONCE ? 0 : Observation.PLACED_K;
        for (int i = 0; i < probed; i++) {
            for (int j = 0; j < probed; j++) {
                errors.setEntry(i, j, together * together + (i == j ? alone * alone : 0));
            }
        }
        errors.setEntry(probed, probed, TASTED_K * TASTED_K);
        if (air) {
            errors.setEntry(probed + 1, probed + 1, Observation.AIR_ERROR_K * Observation.AIR_ERROR_K);
        }
        return errors;
    }

    /* The covariance that is left of what is wanted once all has been read. */
    private RealMatrix left(
            List<ToDoubleFunction<Member>> read, RealMatrix errors, List<ToDoubleFunction<Member>> wanted) {
        List<ToDoubleFunction<Member>> all = new ArrayList<>(read);
        all.addAll(wanted);
        double[][] values = members.stream()
                .map(member -> all.stream()
                        .mapToDouble(one -> one.applyAsDouble(member))
                        .toArray())
                .toArray(double[][]::new);
        RealMatrix covariance = new Covariance(values).getCovarianceMatrix();
        int n = read.size();
        int last = all.size() - 1;
        RealMatrix both = covariance.getSubMatrix(0, n - 1, n, last);
        RealMatrix readings = covariance.getSubMatrix(0, n - 1, 0, n - 1).add(errors);
        RealMatrix told = new CholeskyDecomposition(readings).getSolver().solve(both);
        return covariance.getSubMatrix(n, last, n, last).subtract(both.transposeMultiply(told));
    }
}
