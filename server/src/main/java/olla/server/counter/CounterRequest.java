package olla.server.counter;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import olla.core.dress.Style;
import olla.core.freshness.Keeping;
import olla.core.freshness.Score;
import olla.core.freshness.Sense;
import olla.core.plan.Helpings.Appetite;
import olla.core.plan.PrepList.Extra;
import olla.server.query.EstimateRequest;
import olla.server.web.MaybeAbsent;

/**
 * What was found at the counter.
 *
 * @param bench the piece with the dress, oven and target it is meant for
 * @param thinMm thickness at the thinnest end, mm, where it tapers
 * @param senses what was looked at and how it was
 * @param guests how many eat, 1 to 500
 * @param appetite how hungry they are; USUAL where it is not said
 * @param style how it will be dressed
 * @param rinse the school that rinses fillets
 * @param stuffed cavity or pocket filled
 * @param burstGut the gut was cut open
 * @param extra what is done to the flesh beforehand; NONE where it is not said
 * @param othersMm thickness of the other pieces on the tray, mm
 * @param tray the tray, where its size is known
 * @param kept how it is kept and since when
 */
public record CounterRequest(
        EstimateRequest bench,
        @MaybeAbsent Double thinMm,
        @MaybeAbsent Map<Sense, Score> senses,
        @MaybeAbsent Integer guests,
        @MaybeAbsent Appetite appetite,
        Style style,
        @MaybeAbsent Boolean rinse,
        @MaybeAbsent Boolean stuffed,
        @MaybeAbsent Boolean burstGut,
        @MaybeAbsent Extra extra,
        @MaybeAbsent List<Double> othersMm,
        @MaybeAbsent TrayInput tray,
        @MaybeAbsent KeptInput kept) {

    /** Inner sides of a tray, mm. */
    public record TrayInput(double lengthMm, double widthMm) {}

    /** How it is kept, and when it was bought. */
    public record KeptInput(Keeping how, Instant boughtAt) {}
}
