package olla.core.uncertainty;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import olla.core.fish.Piece;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRun;
import olla.core.simulation.GivenUp;
import olla.core.simulation.Unknowns;
import olla.core.simulation.WatchedRun;
import olla.core.uncertainty.Doubt.About;

/**
 * Solves members on a coarse grid: one run at the length that first-order propagation gives a member, and a correction;
 * a second run where the first missed by much. Members that are built alike share their section.
 */
final class MemberSolver {

    /* What is watched is watched for so much longer than the likely length. */
    private static final double WATCHED_LONGER = 1.6;

    private final BakeSpec dish;
    private final Sensitivities doubts;
    private final boolean watched;
    private final BakeModel.Fineness fineness;
    private final double beforeMin;

    /**
     * @param likelyMin the open length on the fine grid, minutes
     * @param watched whether each member's way through the oven is kept
     */
    MemberSolver(BakeSpec dish, double likelyMin, boolean watched) {
        this.dish = dish;
        this.beforeMin = dish.programme().beforeOpenMinutes();
        this.watched = watched;
        this.fineness = watched ? BakeModel.Fineness.WATCHED : BakeModel.Fineness.COARSE;
        this.doubts = new Sensitivities(dish, new CoarseSolve(dish, fineness), likelyMin);
    }

    Sensitivities doubts() {
        return doubts;
    }

    OvenCalibration calibration() {
        return dish.calibration();
    }

    Piece piece() {
        return dish.piece();
    }

    double targetC() {
        return dish.targetC();
    }

    double startC() {
        return dish.piece().startTempC();
    }

    /** By how much the peak rises as the open length's logarithm does, K. */
    double perLog() {
        return doubts.minutes().perLog();
    }

    /** Whether a section is built from this unknown. */
    boolean ofSection(int about) {
        return about == About.THICKNESS.ordinal()
                || about == About.CONTACT.ordinal()
                || about == About.WETNESS.ordinal() && dish.dress().salt().isPresent();
    }

    /**
     * A member for each of these, in their order; those of one section after each other, sections beside each other.
     *
     * @throws java.util.concurrent.CancellationException where the calling thread is interrupted meanwhile
     */
    List<Member> solve(List<double[]> draws) {
        Map<List<Double>, List<Integer>> bySection = IntStream.range(0, draws.size())
                .boxed()
                .collect(Collectors.groupingBy(i -> unknowns(draws.get(i)).ofSection(dish.dress())));
        Member[] members = new Member[draws.size()];
        Thread asker = Thread.currentThread();
        // The sections go with it: an ensemble is kept for as long as its bake, and they are some megabytes.
        BakeModel plain = dish.model(fineness);
        bySection.values().parallelStream().forEach(group -> {
            GivenUp.stopIf(asker);
            BakeModel section = plain.under(unknowns(draws.get(group.get(0))));
            group.forEach(i -> {
                GivenUp.stopIf(asker);
                members[i] = solve(section, draws.get(i));
            });
        });
        return List.of(members);
    }

    private Unknowns unknowns(double[] z) {
        return StandardDeviations.unknowns(z, dish.piece(), dish.calibration());
    }

    private Member solve(BakeModel section, double[] z) {
        BakeRun run = new BakeRun(section.elsewise(unknowns(z)), dish.programme());
        double guess = doubts.logMinutes(z);
        Member asReckoned = watched ? watched(run, z, guess) : unwatched(run, z, guess);
        return asReckoned.by(
                new ModelClock(z, dish.piece().habit().logDoubt(), beforeMin, doubts.plainMinutes()), beforeMin);
    }

    private Member unwatched(BakeRun run, double[] z, double guess) {
        return new Member(z, doubts.minutes().of(open -> run.peakMargin(open, dish.targetC()), guess), new double[0]);
    }

    private Member watched(BakeRun run, double[] z, double guess) {
        WatchedRun way = run.watch(doubts.plainMinutes(), WATCHED_LONGER * doubts.plainMinutes(), Member.STRIDE_MIN);
        return new Member(z, doubts.minutes().of(open -> way.peakMargin(open, dish.targetC()), guess), way.coldestC());
    }
}
