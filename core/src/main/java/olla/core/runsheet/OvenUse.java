package olla.core.runsheet;

import olla.core.evening.Baking;
import olla.core.oven.OvenEvents;

/**
 * An oven or the hob in use.
 *
 * @param chain by which of the chains
 * @param oven which of the kitchen's; {@link Decision#NO_OVEN} on the hob
 * @param from minutes
 * @param until minutes
 * @param dialC °C; 0 on the hob
 * @param shelves how many of it, or burners
 */
record OvenUse(int chain, int oven, Baking.Where where, double from, double until, double dialC, int shelves) {

    /* A shut oven that is turned down cools by this, minutes, with its door ajar (order of magnitude, from memory), and is
    taken for cool when so near, K. */
    private static final double COOLS_BY_MIN = 5;

    /** How far an oven may be off its dial and is taken for ready, K. */
    static final double NEAR_K = 5;

    private static final double SAME_MIN = 1e-9;

    /** For how long both are at it, minutes; negative for how long it is free between them. */
    double meets(OvenUse other) {
        return Math.min(until, other.until) - Math.max(from, other.from);
    }

    /** Whether both take shelves of one oven, or burners. */
    boolean sharesRoom(OvenUse other) {
        return oven == other.oven && (where == Baking.Where.HOB) == (other.where == Baking.Where.HOB);
    }

    /** Whether it is in at a moment. */
    boolean isIn(double minute) {
        return from <= minute + SAME_MIN && until > minute + SAME_MIN;
    }

    /** How long an oven takes from one dial to another, minutes. */
    static double turningMin(double fromC, double toC) {
        return toC >= fromC
                ? OvenEvents.heatingMinutes(fromC, toC)
                : COOLS_BY_MIN * Math.log(Math.max(1, (fromC - toC) / NEAR_K));
    }
}
