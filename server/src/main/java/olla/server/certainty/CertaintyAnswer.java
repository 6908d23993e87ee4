package olla.server.certainty;

import java.util.List;
import olla.core.estimate.Certainty;
import olla.core.estimate.RuleOfThumb;
import olla.core.messages.Message;
import olla.server.query.EstimateAnswer.DoubtAnswer;
import olla.server.web.MaybeAbsent;

/**
 * How sure the minutes are. Without a window where this oven never brings the piece to its target.
 *
 * @param window from when to look
 * @param doubts what makes it wide, largest first
 * @param rulesOfThumb the ways of reckoning, side by side
 */
public record CertaintyAnswer(
        @MaybeAbsent WindowAnswer window, List<DoubtAnswer> doubts, List<RuleAnswer> rulesOfThumb) {

    /** Minutes after the door is shut: 10th, 50th and 90th percentile of the members. */
    public record WindowAnswer(double checkFromMin, double likelyMin, double noLaterThanMin) {}

    /** One way of reckoning; without minutes where it has nothing to say. */
    public record RuleAnswer(
            RuleOfThumb.Way way,
            @MaybeAbsent Double fromMin,
            @MaybeAbsent Double toMin,
            Message says,
            Message source) {}

    /** Nobody is sure of what never happens. */
    static final CertaintyAnswer NONE = new CertaintyAnswer(null, List.of(), List.of());

    static CertaintyAnswer of(Certainty certainty) {
        return new CertaintyAnswer(
                new WindowAnswer(
                        round(certainty.window().checkFromMin()),
                        round(certainty.window().likelyMin()),
                        round(certainty.window().noLaterThanMin())),
                certainty.doubts().stream().map(DoubtAnswer::of).toList(),
                certainty.rulesOfThumb().stream().map(CertaintyAnswer::rule).toList());
    }

    private static RuleAnswer rule(RuleOfThumb rule) {
        return new RuleAnswer(
                rule.way(),
                rule.span().map(s -> round(s.fromMin())).orElse(null),
                rule.span().map(s -> round(s.toMin())).orElse(null),
                rule.says(),
                rule.source());
    }

    private static double round(double minutes) {
        return Math.round(minutes * 100) / 100.0;
    }
}
