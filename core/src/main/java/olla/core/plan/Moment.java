package olla.core.plan;

/**
 * A stretch of a running bake with one thing to do in it.
 *
 * @param phase which stretch
 * @param say the one sentence, as spoken
 * @param hint how, in a sentence
 * @param fromSeconds since the fish went in, inclusive
 * @param untilSeconds since the fish went in, exclusive; infinite for the last
 * @param next what the clock counts down to, as spoken; empty where nothing follows
 */
public record Moment(Phase phase, String say, String hint, double fromSeconds, double untilSeconds, String next) {

    /** The stretches, in order. */
    public enum Phase {
        SHUT,
        CHECK,
        TAKE_OUT,
        REST,
        SERVE
    }
}
