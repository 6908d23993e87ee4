package olla.core.uncertainty;

import java.util.Optional;

/**
 * How a bake stands at one moment.
 *
 * @param minute since the first thing went in
 * @param tailMin what it still gets under the grill once the bake itself is over, minutes: the hands come back to it that much sooner
 * @param doneShare how likely it is done if the tail begins now, or it comes out now where there is none, 0 to 1
 * @param peakIfOutC the warmest its coldest point gets then, as likely more as less, °C
 * @param targetC what that should be, °C
 * @param window when it is done
 * @param pace how its coldest point goes on from there
 * @param seen what was seen or read then; empty where nobody looked
 */
public record Assessment(
        double minute,
        double tailMin,
        double doneShare,
        double peakIfOutC,
        double targetC,
        CheckWindow window,
        Pace pace,
        Optional<Observation.InOven> seen) {

    /* No longer than this where the eye and the reckoning disagree, minutes. */
    private static final double DOUBTFUL_MIN = 2;

    /** As likely done as not: nobody waits longer, since nothing undoes overcooking. */
    private static final double LIKELY = 0.5;

    /** The shortest time that is worth shutting the door for, minutes. */
    private static final double SHORTEST_MIN = 1;

    /* So unlikely was it by the reckoning. */
    private static final double SURPRISING = 0.05;

    /** What to do. */
    public enum Advice {
        /** It has had its bake: the next thing, which is the grill where one is to come. */
        TAKE_OUT,
        GIVE_IT,
        PAST
    }

    /** The same, with what was seen before its tail. */
    Assessment seeing(Observation.InOven what, double tail, Pace then) {
        return new Assessment(what.minute(), tail, doneShare, peakIfOutC, targetC, window, then, Optional.of(what));
    }

    /** What to do, in one word. What is seen beats what is reckoned. */
    public Advice advice() {
        if (seenDone()) {
            return peakIfOutC > targetC + Observation.NOTICED_OVER_K ? Advice.PAST : Advice.TAKE_OUT;
        }
        if (seenRaw()) {
            return Advice.GIVE_IT;
        }
        if (peakIfOutC > targetC + Observation.NOTICED_OVER_K) {
            return Advice.PAST;
        }
        return doneShare >= LIKELY || leftMin() == 0 ? Advice.TAKE_OUT : Advice.GIVE_IT;
    }

    /** Whether what was seen is so far from what was reckoned that it may have been another piece. */
    public boolean surprising() {
        return seenDone() && doneShare < SURPRISING || seenRaw() && doneShare > 1 - SURPRISING;
    }

    private boolean seenDone() {
        return seen.filter(s -> done(s, targetC)).isPresent();
    }

    private boolean seenRaw() {
        return seen.filter(s -> raw(s, targetC, pace)).isPresent();
    }

    /** Whether what was seen comes to its target on the board, taken at its word. */
    public static boolean done(Observation.InOven seen, double targetC) {
        return seen.warmerThanC() >= targetC - Pace.LEAST_COAST_K;
    }

    /** Whether what was seen does not come to its target on the board, as it goes on from there. */
    public static boolean raw(Observation.InOven seen, double targetC, Pace pace) {
        return seen.colderThanC() + pace.coastsK() < targetC;
    }

    /** How much longer until the hands come back to it, to half minutes; 0 where they are there. */
    public double giveItMin() {
        if (advice() != Advice.GIVE_IT) {
            return 0;
        }
        return leftMin() == 0 ? doubtfulMin() : leftMin();
    }

    /* What it lacks by what was read: a thin piece is through it in less than a minute. An eye tells less than that. */
    private double doubtfulMin() {
        double minutes = seen.filter(Observation.Probe.class::isInstance)
                .map(s -> (targetC - pace.coastsK() - s.colderThanC()) / pace.kPerMin())
                .orElse(DOUBTFUL_MIN);
        return Math.max(SHORTEST_MIN, Math.min(DOUBTFUL_MIN, Math.round(2 * minutes) / 2.0));
    }

    /* Until its tail begins or it is likely done, sooner where that is not well known; 0 where that is not worth shutting the door
    again. */
    private double leftMin() {
        double left = window.likelyMin() - tailMin - minute;
        if (left < SHORTEST_MIN / 2) {
            return 0;
        }
        double early = Math.max(0, (window.likelyMin() - window.checkFromMin() - SHORTEST_MIN) / 2);
        return Math.max(SHORTEST_MIN, Math.floor(2 * (left - early)) / 2);
    }
}
