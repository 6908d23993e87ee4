package olla.server.bakes;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import olla.core.oven.OvenKind;
import olla.core.plan.BakeClock;
import olla.core.plan.Moment;
import olla.server.bench.EstimateAnswer.CautionAnswer;
import olla.server.bench.EstimateRequest;
import olla.server.bench.Question;
import olla.server.web.MaybeAbsent;

/**
 * A bake, as shown. What to do now is the moment whose seconds since {@code startedAt} hold the present.
 *
 * @param now the server's clock, so that a tablet whose clock is wrong still counts right
 */
public record BakeView(
        UUID id,
        String title,
        int ovenId,
        String ovenName,
        OvenKind ovenKind,
        EstimateRequest question,
        double thicknessMm,
        double dialC,
        double targetC,
        double predictedMin,
        double checkFromMin,
        double likelyMin,
        double noLaterThanMin,
        double restMinutes,
        Instant startedAt,
        @MaybeAbsent Instant outAt,
        @MaybeAbsent Instant loggedAt,
        @MaybeAbsent Double actualMin,
        @MaybeAbsent Verdict verdict,
        @MaybeAbsent Double probeC,
        @MaybeAbsent String note,
        List<MomentView> moments,
        List<CautionAnswer> cautions,
        Instant now) {

    /** A stretch with one thing to do in it; the last has no end. */
    public record MomentView(
            Moment.Phase phase,
            String say,
            String hint,
            double fromSeconds,
            @MaybeAbsent Double untilSeconds,
            String next) {
        static MomentView of(Moment m) {
            return new MomentView(
                    m.phase(),
                    m.say(),
                    m.hint(),
                    m.fromSeconds(),
                    Double.isInfinite(m.untilSeconds()) ? null : m.untilSeconds(),
                    m.next());
        }
    }

    static BakeView of(Bake bake, ObjectMapper json, Instant now) {
        Predicted p = bake.predicted();
        OptionalDouble actual = bake.outAt() == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        Duration.between(bake.startedAt(), bake.outAt()).toMillis() / 60_000.0);
        List<MomentView> moments = BakeClock.moments(
                        p.checkFromMin().doubleValue(),
                        p.noLaterThanMin().doubleValue(),
                        p.restMin().doubleValue(),
                        actual)
                .stream()
                .map(MomentView::of)
                .toList();
        EstimateRequest question = question(bake, json);
        return new BakeView(
                bake.getId(),
                bake.title(),
                bake.oven().id(),
                bake.oven().name(),
                bake.oven().kind(),
                question,
                p.thicknessMm().doubleValue(),
                p.dialCelsius().doubleValue(),
                p.targetCelsius().doubleValue(),
                p.predictedMin().doubleValue(),
                p.checkFromMin().doubleValue(),
                p.likelyMin().doubleValue(),
                p.noLaterThanMin().doubleValue(),
                p.restMin().doubleValue(),
                bake.startedAt(),
                bake.outAt(),
                bake.loggedAt(),
                actual.isPresent() ? actual.getAsDouble() : null,
                bake.verdict(),
                bake.probeCelsius() == null ? null : bake.probeCelsius().doubleValue(),
                bake.note(),
                moments,
                Question.cautions(question),
                now);
    }

    private static EstimateRequest question(Bake bake, ObjectMapper json) {
        try {
            return json.readValue(bake.questionJson(), EstimateRequest.class);
        } catch (JsonProcessingException broken) {
            throw new IllegalStateException("The stored question of bake " + bake.getId() + " is broken.", broken);
        }
    }
}
