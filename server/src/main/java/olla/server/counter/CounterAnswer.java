package olla.server.counter;

import java.time.Instant;
import java.util.List;
import olla.core.doneness.Band;
import olla.core.dress.Style;
import olla.core.estimate.TaperAdvice;
import olla.core.fish.MeasuredBy;
import olla.core.freshness.Score;
import olla.core.freshness.Sense;
import olla.core.messages.Message;
import olla.core.safety.Caution;
import olla.server.query.EstimateAnswer.SlipAnswer;
import olla.server.web.MaybeAbsent;

/** The counter's findings. Lengths mm, masses g, times minutes unless said otherwise. */
public record CounterAnswer(
        SizeAnswer size,
        List<SlipAnswer> slips,
        List<SuitabilityAnswer> suitability,
        JudgementAnswer judgement,
        HelpingsAnswer helpings,
        List<PrepAnswer> prep,
        int prepMinutes,
        @MaybeAbsent TrayAnswer tray,
        @MaybeAbsent KeepingAnswer keeping,
        @MaybeAbsent Double thawHours,
        @MaybeAbsent EvennessAnswer evenness,
        @MaybeAbsent List<TurnAnswer> order,
        List<CounterCaution> cautions) {

    /** How big it is and how surely. */
    public record SizeAnswer(
            double thicknessMm,
            double widthMm,
            double lengthMm,
            double massG,
            MeasuredBy measured,
            double doubtMm,
            double rulerWouldGainMinutes) {}

    /** How well it suits a way to dress it. */
    public record SuitabilityAnswer(Style style, Style.Fit fit, Message reason) {}

    /** Is it good? No grade while too little was looked at. */
    public record JudgementAnswer(
            @MaybeAbsent Score grade, Message reason, Message advice, boolean eat, List<Sense> missing) {}

    /** How many it feeds. */
    public record HelpingsAnswer(
            @MaybeAbsent Double toBuyG, @MaybeAbsent Integer pieces, double oneFeeds, double edibleG) {}

    /** A step before the oven. */
    public record PrepAnswer(String key, Message what, Message why, int minutes) {}

    /** Whether it fits the tray. */
    public record TrayAnswer(boolean straight, Message words) {}

    /** How long it keeps. */
    public record KeepingAnswer(Instant useBy, boolean past, Message words) {}

    /** A taper, judged. */
    public record EvennessAnswer(
            double thickMinutes,
            double thinMinutes,
            double thinPeakC,
            Band thinBand,
            boolean even,
            List<RemedyAnswer> remedies) {}

    /** When a piece comes out; first out first. */
    public record TurnAnswer(double thicknessMm, double minutes) {}

    /** What can be done about a taper. */
    public record RemedyAnswer(TaperAdvice.Way way, Message words) {}

    /** Something that can hurt somebody. */
    public record CounterCaution(String code, Caution.Weight weight, Message text, Message source) {}
}
