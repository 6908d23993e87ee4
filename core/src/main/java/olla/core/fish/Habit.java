package olla.core.fish;

import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * How fish like this goes in this kitchen, as its log has it: how much longer it takes than it is reckoned to, and how far that is
 * known. All that it is reckoned to hold of heat is taken that much larger, so that every moment of a bake is later by the same factor.
 *
 * @param logSlower natural logarithm of how long it takes over what is reckoned, {@value #LEAST_LOG} to {@value #MOST_LOG}
 * @param logDoubt how far the reckoning is off for a fish like this, as the standard deviation of a logarithm, {@value #LEAST_DOUBT} to
 *     {@value #USUAL_DOUBT}
 */
public record Habit(double logSlower, double logDoubt) {

    /**
     * Of the logarithm of how long it takes, one standard deviation, where nothing is known of a kitchen (published: the best ways to reckon
     * how long food takes to freeze or thaw are 5 to 10 % off where all that goes into them is known, Cleland and Earle, Pham; from
     * memory; a dressed fish is no easier).
     */
    public static final double USUAL_DOUBT = 0.1;

    /* No two fish are so alike that less is left (ours). */
    private static final double LEAST_DOUBT = 0.03;

    /* What is further off is not a habit but a mistake, and wants to be looked for (ours): a quarter quicker, a third slower. */
    private static final double LEAST_LOG = -0.25;
    private static final double MOST_LOG = 0.3;

    /** Where nothing is known of a kitchen. */
    public static final Habit NONE = new Habit(0, USUAL_DOUBT);

    /** @throws olla.core.messages.RefusedInput where either is out of range */
    public Habit {
        new Refusals()
                .range("logSlower", "habit-of-fish", logSlower, LEAST_LOG, MOST_LOG, Unit.NUMBER)
                .range("logDoubt", "doubt-about-a-habit", logDoubt, LEAST_DOUBT, USUAL_DOUBT, Unit.NUMBER)
                .throwIfAny();
    }

    /** The nearest that there can be. */
    public static Habit within(double logSlower, double logDoubt) {
        return new Habit(
                Math.max(LEAST_LOG, Math.min(MOST_LOG, logSlower)),
                Math.max(LEAST_DOUBT, Math.min(USUAL_DOUBT, logDoubt)));
    }

    /** How much longer everything takes. */
    public double slower() {
        return Math.exp(logSlower);
    }

    /** The same, but nothing is taken to be quicker than it is reckoned: what has to be safe is not left to a log. */
    public Habit neverQuicker() {
        return logSlower >= 0 ? this : new Habit(0, logDoubt);
    }
}
