package olla.core.plan;

import olla.core.messages.Message;

/**
 * A stretch of a running bake with one thing to do in it.
 *
 * @param phase which stretch
 * @param say the one sentence
 * @param hint how
 * @param fromSeconds since the fish went in, inclusive
 * @param untilSeconds since the fish went in, exclusive; infinite for the last
 * @param next what the clock counts down to, nothing where nothing follows
 * @param step which of the programme's stages is to be done by hand; -1 for none
 */
public record Moment(
        Phase phase, Message say, Message hint, double fromSeconds, double untilSeconds, Message next, int step) {

    /** The stretches, in the order in which they may come. */
    public enum Phase {
        /** It stands outside until the oven is hot. */
        WAIT,
        SHUT,
        /** Something is to be added or turned. */
        STEP,
        CHECK,
        /** Under the grill. */
        GRILL,
        TAKE_OUT,
        /** It came out too soon. */
        PUT_BACK,
        REST,
        /** The crust is to be opened. */
        CRACK,
        SERVE,
        /** Nobody has said anything of it for so long that nobody will. */
        FORGOTTEN
    }

    Moment(Phase phase, Message say, Message hint, double fromSeconds, double untilSeconds, Message next) {
        this(phase, say, hint, fromSeconds, untilSeconds, next, -1);
    }

    Moment within(double from, double until) {
        return new Moment(phase, say, hint, from, until, next, step);
    }
}
