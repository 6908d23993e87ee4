package olla.server.bakes.rows;

import jakarta.persistence.Embeddable;
import java.math.BigDecimal;
import java.math.RoundingMode;
import olla.core.estimate.Estimate;
import olla.core.uncertainty.CheckWindow;
import olla.server.query.Question;

/** What the ticket said when the fish went in, so that later models do not rewrite the past. */
@Embeddable
public record Predicted(
        BigDecimal thicknessMm,
        BigDecimal dialCelsius,
        BigDecimal targetCelsius,
        BigDecimal predictedMin,
        BigDecimal checkFromMin,
        BigDecimal likelyMin,
        BigDecimal noLaterThanMin,
        BigDecimal restMin) {

    public static Predicted of(Question question, Estimate estimate, CheckWindow window) {
        return new Predicted(
                decimal(estimate.piece().thicknessMm(), 1),
                decimal(question.programme().bakeTempC(), 1),
                decimal(question.target().peakC(), 1),
                decimal(estimate.bakeMinutes(), 2),
                decimal(window.checkFromMin(), 2),
                decimal(window.likelyMin(), 2),
                decimal(window.noLaterThanMin(), 2),
                decimal(estimate.restMinutes(), 2));
    }

    /** What the ticket said. */
    public CheckWindow window() {
        return new CheckWindow(checkFromMin.doubleValue(), likelyMin.doubleValue(), noLaterThanMin.doubleValue());
    }

    public static BigDecimal decimal(double value, int places) {
        return BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_EVEN);
    }
}
