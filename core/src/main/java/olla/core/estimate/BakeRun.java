package olla.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.heat.SectionSolver;
import olla.core.heat.SectionState;
import olla.core.heat.Surroundings;
import olla.core.oven.Programme;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/** Runs a model through a programme, and finds the length of its open stage. */
final class BakeRun {

    private static final double SNAPSHOT_S = 30;
    private static final double REST_STRIDE_S = 30;

    /* The solved minute is right to this, minutes: half a second. */
    private static final double MINUTE_ACCURACY = 0.008;
    private static final int MOST_EVALUATIONS = 60;
    private static final double LIKELY_FROM = 0.65;
    private static final double LIKELY_BY = 0.92;

    private final BakeModel model;
    private final SectionSolver solver;
    private final Surroundings baking;
    private final Surroundings resting;
    private final Programme programme;
    private final List<SectionState> snapshots = new ArrayList<>();
    private final SectionState scratch;

    BakeRun(BakeModel model, Programme programme) {
        this.model = model;
        this.solver = model.solver();
        this.programme = programme;
        this.baking = model.baking(programme.bakeTempC());
        this.resting = model.resting();
        this.scratch = model.start();
    }

    /**
     * The bake's length for which the coldest point peaks at {@code peakC} by the end of the rest, minutes; empty where
     * the longest bake does not get there.
     */
    OptionalDouble minutesFor(double peakC) {
        snapshots.clear();
        SectionState state = model.start();
        snapshots.add(state.copy());
        while (state.coldestC() < peakC) {
            if (state.seconds() >= Programme.LONGEST_MINUTES * 60) {
                return OptionalDouble.empty();
            }
            solver.advance(state, baking, SNAPSHOT_S);
            snapshots.add(state.copy());
        }
        // Without any coast the bake ends here; with it, seldom before two thirds of this.
        double longest = state.seconds() / 60;
        double shortest = peakAfter(LIKELY_FROM * longest) < peakC ? LIKELY_FROM * longest : 0;
        BracketingNthOrderBrentSolver brent = new BracketingNthOrderBrentSolver(MINUTE_ACCURACY, 5);
        return OptionalDouble.of(
                brent.solve(MOST_EVALUATIONS, m -> peakAfter(m) - peakC, shortest, longest, LIKELY_BY * longest));
    }

    private double peakAfter(double minutes) {
        int snapshot = Math.min(snapshots.size() - 1, (int) (minutes * 60 / SNAPSHOT_S));
        scratch.set(snapshots.get(snapshot));
        solver.advance(scratch, baking, minutes * 60 - scratch.seconds());
        double left = programme.restMinutes() * 60;
        while (left > 0 && scratch.coldestC() >= scratch.coldestPeakC() - 1) {
            double stride = Math.min(left, REST_STRIDE_S);
            solver.advance(scratch, resting, stride);
            left -= stride;
        }
        return scratch.coldestPeakC();
    }

    /** Runs the whole programme with a bake of given length and keeps what the drawing and the ticket need. */
    Course run(double bakeMinutes) {
        Course course = new Course(model, bakeMinutes, programme.restMinutes());
        SectionState state = model.start();
        course.keep(state);
        follow(course, state, baking, bakeMinutes * 60);
        course.pull(state);
        follow(course, state, resting, (bakeMinutes + programme.restMinutes()) * 60);
        course.end(state);
        return course;
    }

    private void follow(Course course, SectionState state, Surroundings around, double untilS) {
        while (untilS - state.seconds() > 1e-6) {
            double next = Math.min(untilS, course.nextS(state.seconds()));
            solver.advance(state, around, next - state.seconds());
            course.keep(state);
        }
    }
}
