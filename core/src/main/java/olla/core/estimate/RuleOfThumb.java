package olla.core.estimate;

import java.util.Optional;
import olla.core.messages.Message;

/**
 * One way of reckoning, beside the others.
 *
 * @param way which
 * @param span the minutes it gives this dish in the oven; empty where it has nothing to say
 * @param says what it says of this dish, and where it fails
 * @param source where it comes from
 */
public record RuleOfThumb(Way way, Optional<Span> span, Message says, Message source) {

    /** The ways. */
    public enum Way {
        THICKNESS_RULE,
        WEIGHT_RULE,
        MODERATE_OVEN,
        HEAT_MODEL,
        OVEN_LOG
    }

    /**
     * Minutes.
     *
     * @param fromMin minutes
     * @param toMin minutes, the same where it gives one number
     */
    public record Span(double fromMin, double toMin) {}
}
