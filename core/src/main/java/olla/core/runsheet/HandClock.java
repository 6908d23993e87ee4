package olla.core.runsheet;

/** How many pairs of hands are at something, cell by cell of the clock. Mutable. */
final class HandClock {

    private final Problem problem;
    private final int[] busy;
    private final int[] moments;
    private final int[] loose;

    HandClock(Problem problem) {
        this.problem = problem;
        this.busy = new int[problem.hands().length];
        this.moments = new int[busy.length];
        this.loose = new int[busy.length];
    }

    /**
     * Work as it was laid.
     *
     * @param cells those of the clock in which hands are at it; between them it is put down
     */
    record Work(double fromMin, double untilMin, int[] cells) {}

    /** Hands are at something that takes a moment, and for which work is put down. */
    void moment(double from, double until) {
        for (int cell = first(from); cell < end(until); cell++) {
            busy[cell]++;
            moments[cell]++;
        }
    }

    /** The same, where nobody can say to the minute when: of two at once one waits. */
    void looseMoment(double from, double until) {
        moment(from, until);
        for (int cell = first(from); cell < end(until); cell++) {
            loose[cell]++;
        }
    }

    /** Hands are at work that goes through. */
    void work(double from, double until) {
        for (int cell = first(from); cell < end(until); cell++) {
            busy[cell]++;
        }
    }

    /** Hands are at work that was laid. */
    void work(Work laid) {
        for (int cell : laid.cells()) {
            busy[cell]++;
        }
    }

    private int first(double minute) {
        return Math.max(0, problem.cell(minute));
    }

    private int end(double minute) {
        return Math.min(busy.length, problem.cell(minute - 1e-6) + 1);
    }

    private static int cells(double minutes) {
        return (int) Math.ceil(minutes / Problem.CELL_MIN - 1e-9);
    }

    private boolean free(int cell) {
        return busy[cell] < problem.hands()[cell];
    }

    /** The first moment from which on hands are free for so long. */
    double slotAfter(double from, double minutes) {
        int length = cells(minutes);
        int start = Math.max(0, problem.cell(from + Problem.CELL_MIN - 1e-6));
        for (int cell = start; cell < start + length; cell++) {
            if (cell >= busy.length) {
                return from;
            }
            if (!free(cell)) {
                start = cell + 1;
            }
        }
        return Math.max(from, problem.minute(start));
    }

    /** The last moment from which on hands are free for so long before another; right before it where none is. */
    double slotBefore(double due, double minutes) {
        int length = cells(minutes);
        int end = Math.min(busy.length, problem.cell(due));
        for (int cell = end - 1; cell >= end - length; cell--) {
            if (cell < 0) {
                return Math.min(due - minutes, problem.minute(0) - minutes);
            }
            if (!free(cell)) {
                end = cell;
            }
        }
        return problem.minute(end - length);
    }

    /**
     * The last moments before another in which hands are free for so long in all: work is put down for what takes a moment, but not for
     * other work. Right before it where there are none.
     */
    Work workBefore(double due, double minutes) {
        return before(due, minutes, false);
    }

    /** The same where work is put down for other work as well: as hands do that have no other choice. */
    Work patchworkBefore(double due, double minutes) {
        return before(due, minutes, true);
    }

    private Work before(double due, double minutes, boolean patchwork) {
        int need = cells(minutes);
        int[] its = new int[need];
        int end = Math.min(busy.length, problem.cell(due));
        int left = need;
        int last = end;
        for (int cell = end - 1; left > 0; cell--) {
            if (cell < 0) {
                double from = Math.min(due - minutes, problem.minute(0) - minutes);
                return new Work(from, from + minutes, new int[0]);
            }
            if (free(cell)) {
                last = left == need ? cell + 1 : last;
                its[--left] = cell;
            } else if (moments[cell] == 0 && !patchwork) {
                left = need;
            }
        }
        return new Work(problem.minute(its[0]), problem.minute(last), its);
    }

    /** The next moments in which hands are free for so long in all. */
    Work workFrom(double from, double minutes) {
        int[] its = new int[cells(minutes)];
        int cell = first(from);
        double until = from;
        for (int i = 0; i < its.length; cell++) {
            if (cell >= busy.length) {
                return new Work(from, from + minutes, new int[0]);
            }
            if (free(cell)) {
                its[i++] = cell;
                until = problem.minute(cell + 1);
            }
        }
        return new Work(from, until, its);
    }

    /**
     * For how long more hands are wanted from a moment on than there are, minutes times hands; what nobody can say to the minute aside.
     */
    double overrun(double nowMin) {
        double overrun = 0;
        for (int cell = first(nowMin); cell < busy.length; cell++) {
            overrun += Problem.CELL_MIN * Math.max(0, busy[cell] - loose[cell] - problem.hands()[cell]);
        }
        return overrun;
    }

    /** For how long something waits for hands that are at what nobody can say to the minute, minutes times hands. */
    double waiting(double nowMin) {
        double all = 0;
        for (int cell = first(nowMin); cell < busy.length; cell++) {
            all += Problem.CELL_MIN * Math.max(0, busy[cell] - problem.hands()[cell]);
        }
        return all - overrun(nowMin);
    }
}
