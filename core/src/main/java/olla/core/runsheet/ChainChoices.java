package olla.core.runsheet;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.valuerange.CountableValueRange;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeFactory;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.simplelong.SimpleLongScore;
import java.util.ArrayList;
import java.util.List;

/** A whole plan as the search sees it: Timefold's planning solution. Mutable, as that wants it. */
@PlanningSolution
public class ChainChoices {

    private Problem problem;

    @PlanningEntityCollectionProperty
    private List<ChainChoice> choices;

    @PlanningScore
    private SimpleLongScore score;

    /** For Timefold, which clones. */
    ChainChoices() {}

    ChainChoices(Problem problem, Decision[] begin) {
        this.problem = problem;
        this.choices = new ArrayList<>();
        for (int i = 0; i < begin.length; i++) {
            if (begin[i] != null) {
                choices.add(new ChainChoice(i, problem, begin[i]));
            }
        }
    }

    /** How long before its course is plated anything may be ready, in whole blocks. */
    @ValueRangeProvider(id = "blocks")
    CountableValueRange<Integer> blocks() {
        return ValueRangeFactory.createIntValueRange(
                Math.floorDiv(Decision.LATEST, ChainChoice.BLOCK_MIN),
                Math.floorDiv(Decision.EARLIEST, ChainChoice.BLOCK_MIN) + 1);
    }

    /** And the minutes beyond. */
    @ValueRangeProvider(id = "minutes")
    CountableValueRange<Integer> minutes() {
        return ValueRangeFactory.createIntValueRange(0, ChainChoice.BLOCK_MIN);
    }

    Problem problem() {
        return problem;
    }

    Decision[] decisions() {
        Decision[] decisions = new Decision[problem.chains().size()];
        choices.forEach(choice -> decisions[choice.chain()] = choice.decision());
        return decisions;
    }
}
