package olla.server.bakes;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.Predicted;
import olla.server.query.EstimateRequest;
import olla.server.web.MaybeAbsent;

/**
 * A line of the log, as its row has it: what the ticket said, and what came of it. Nothing is reckoned for it.
 *
 * @param actualMin in the oven, minutes; missing where nobody knows
 * @param verdict missing where the bake was closed without a word
 * @param question what the bench was asked
 */
public record LogLine(
        UUID id,
        String title,
        int ovenId,
        String ovenName,
        double thicknessMm,
        double dialC,
        double targetC,
        double checkFromMin,
        double likelyMin,
        double noLaterThanMin,
        Instant startedAt,
        Instant loggedAt,
        @MaybeAbsent Double actualMin,
        @MaybeAbsent Verdict verdict,
        @MaybeAbsent Double probeC,
        @MaybeAbsent String note,
        boolean hasPhoto,
        EstimateRequest question) {

    static LogLine of(Bake bake, EstimateRequest question, boolean hasPhoto) {
        Predicted p = bake.predicted();
        return new LogLine(
                bake.getId(),
                bake.title(),
                bake.oven().id(),
                bake.oven().name(),
                p.thicknessMm().doubleValue(),
                p.dialCelsius().doubleValue(),
                p.targetCelsius().doubleValue(),
                p.checkFromMin().doubleValue(),
                p.likelyMin().doubleValue(),
                p.noLaterThanMin().doubleValue(),
                bake.startedAt(),
                bake.loggedAt(),
                actualMin(bake),
                bake.verdict(),
                number(bake.probeCelsius()),
                bake.note(),
                hasPhoto,
                question);
    }

    private static Double actualMin(Bake bake) {
        return bake.outAt() == null
                ? null
                : Math.max(0, Duration.between(bake.startedAt(), bake.outAt()).toMillis() / 60_000.0);
    }

    private static Double number(BigDecimal value) {
        return value == null ? null : value.doubleValue();
    }
}
