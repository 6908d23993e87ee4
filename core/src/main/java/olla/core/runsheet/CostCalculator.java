package olla.core.runsheet;

import ai.timefold.solver.core.api.score.buildin.simplelong.SimpleLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;

/** Says a plan's {@link Cost} in Timefold's terms, as one number: the search may pass through what cannot be kept, and ends elsewhere. */
public class CostCalculator implements EasyScoreCalculator<ChainChoices, SimpleLongScore> {

    @Override
    public SimpleLongScore calculateScore(ChainChoices plan) {
        Cost cost = new Decoder(plan.problem(), plan.decisions()).cost();
        return SimpleLongScore.of(-cost.weighed());
    }
}
