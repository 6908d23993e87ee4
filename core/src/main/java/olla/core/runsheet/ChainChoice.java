package olla.core.runsheet;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.util.Arrays;
import java.util.List;

/** What the search may change about one dish: Timefold's planning entity. Mutable, as that wants it. */
@PlanningEntity
public class ChainChoice {

    /* A moment is parted in two, so that there are small moves as well as large ones, minutes. */
    static final int BLOCK_MIN = 8;

    @PlanningId
    private int chain;

    private List<Integer> ovens;
    private List<Integer> dials;

    @PlanningVariable(valueRangeProviderRefs = "ovens")
    private Integer oven;

    @PlanningVariable(valueRangeProviderRefs = "dials")
    private Integer dialC;

    @PlanningVariable(valueRangeProviderRefs = "blocks")
    private Integer block;

    @PlanningVariable(valueRangeProviderRefs = "minutes")
    private Integer minute;

    /** For Timefold, which clones. */
    ChainChoice() {}

    ChainChoice(int chain, Problem problem, Decision begin) {
        this.chain = chain;
        int[] its = problem.chains().get(chain).ovens();
        this.ovens = its.length == 0
                ? List.of(Decision.NO_OVEN)
                : Arrays.stream(its).boxed().toList();
        this.dials = its.length == 0
                ? List.of(0)
                : Arrays.stream(its)
                        .flatMap(i -> Arrays.stream(problem.chains().get(chain).dials(i)))
                        .distinct()
                        .sorted()
                        .boxed()
                        .toList();
        this.oven = begin.oven();
        this.dialC = begin.dialC();
        this.block = Math.floorDiv(begin.earlyMin(), BLOCK_MIN);
        this.minute = Math.floorMod(begin.earlyMin(), BLOCK_MIN);
    }

    /** Ovens it may go into. */
    @ValueRangeProvider(id = "ovens")
    List<Integer> ovens() {
        return ovens;
    }

    /** Dials it may have in any of these, °C. */
    @ValueRangeProvider(id = "dials")
    List<Integer> dials() {
        return dials;
    }

    int chain() {
        return chain;
    }

    Decision decision() {
        return new Decision(oven, dialC, BLOCK_MIN * block + minute);
    }
}
