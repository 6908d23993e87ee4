package olla.core.estimate;

/**
 * How a bake stands at one moment.
 *
 * @param minute since the first thing went in
 * @param doneShare how likely it is done if it comes out now, 0 to 1
 * @param peakIfOutC the warmest its coldest point gets then, as likely more as less, °C
 * @param targetC what that should be, °C
 * @param window when it is done
 */
public record Standing(double minute, double doneShare, double peakIfOutC, double targetC, CheckWindow window) {

    /** As likely done as not: nobody waits longer, since nothing undoes overcooking. */
    private static final double LIKELY = 0.5;

    /** The shortest time that is worth shutting the door for, minutes. */
    private static final double SHORTEST_MIN = 1;

    /** What to do. */
    public enum Advice {
        TAKE_OUT,
        GIVE_IT,
        PAST
    }

    /** What to do, in one word. */
    public Advice advice() {
        if (peakIfOutC > targetC + Observation.NOTICED_OVER_K) {
            return Advice.PAST;
        }
        return doneShare >= LIKELY || giveItMin() == 0 ? Advice.TAKE_OUT : Advice.GIVE_IT;
    }

    /** How much longer, to half minutes; 0 where it is not worth shutting the door again. */
    public double giveItMin() {
        double left = window.likelyMin() - minute;
        if (left < SHORTEST_MIN / 2) {
            return 0;
        }
        return Math.max(SHORTEST_MIN, Math.floor(2 * left) / 2);
    }
}
