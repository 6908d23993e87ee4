package olla.core.heat;

/**
 * What is between the two ends of a solver's step: each node's enthalpy on the cubic that begins and ends as high and rises there as
 * fast as it does (published: Hairer, Norsett and Wanner, Solving Ordinary Differential Equations I, section II.6, from memory). So a
 * picture or a curve costs no step. For one thread and one solver.
 */
public final class DenseOutput {

    private final SectionSolver solver;
    private final SectionState before;
    private final SectionState after;
    private final double[][] gains;
    private boolean known;

    /** @param solver whose steps they are */
    public DenseOutput(SectionSolver solver) {
        this.solver = solver;
        this.before = solver.blank();
        this.after = solver.blank();
        this.gains = new double[2][before.enthalpy.length];
    }

    /** Whose steps they are. */
    public SectionSolver solver() {
        return solver;
    }

    /** A step is about to be made from here. */
    public void from(SectionState state) {
        before.set(state);
        known = false;
    }

    /** It has come to here. */
    public void to(SectionState state) {
        after.set(state);
        known = false;
    }

    /** When it began, s. */
    public double beganS() {
        return before.seconds;
    }

    /**
     * The state at a moment of the step.
     *
     * @param seconds since the start of the solve, from the step's beginning to its end
     * @param into receives it
     */
    public void at(double seconds, SectionState into) {
        if (!known) {
            solver.gains(before, after, gains);
            known = true;
        }
        into.set(after);
        double h = after.seconds - before.seconds;
        double part = h > 0 ? Math.max(0, Math.min(1, (seconds - before.seconds) / h)) : 1;
        for (int i = 0; i < into.enthalpy.length; i++) {
            double holdsMore = after.enthalpy[i] - before.enthalpy[i];
            double first = h * gains[0][i];
            double last = h * gains[1][i];
            if (solver.nodes().boils(i, before) || solver.nodes().boils(i, after)) {
                // What boils off is not held: such a node goes straight.
                first = holdsMore;
                last = holdsMore;
            }
            into.enthalpy[i] = cubic(before.enthalpy[i], after.enthalpy[i], first, last, part);
            into.waterKgM3[i] = before.waterKgM3[i] + part * (after.waterKgM3[i] - before.waterKgM3[i]);
            into.letGo[i] = before.letGo[i] + part * (after.letGo[i] - before.letGo[i]);
        }
        into.seconds = before.seconds + part * h;
        into.arrivedJ = before.arrivedJ + part * (after.arrivedJ - before.arrivedJ);
        into.vapourJ = before.vapourJ + part * (after.vapourJ - before.vapourJ);
        into.driedJ = before.driedJ + part * (after.driedJ - before.driedJ);
        into.lostKg = before.lostKg + part * (after.lostKg - before.lostKg);
        solver.nodes().temperatures(into);
        for (int m = 0; m < into.coldest.length; m++) {
            into.coldestPeak[m] = Math.max(before.coldestPeak[m], into.coldest[m]);
        }
    }

    /**
     * A cubic between two values.
     *
     * @param first by how much it would rise on the whole way if it went on as it begins
     * @param last by how much if it had risen as it does at the end
     * @param part of the way, 0 to 1
     */
    static double cubic(double from, double to, double first, double last, double part) {
        double gains = to - from;
        double bends = 3 * gains - 2 * first - last;
        double sways = first + last - 2 * gains;
        return from + part * (first + part * (bends + part * sways));
    }
}
