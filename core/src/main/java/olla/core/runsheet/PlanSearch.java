package olla.core.runsheet;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.heuristic.selector.entity.EntitySelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.entity.pillar.PillarSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.MoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.CartesianProductMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.ChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.PillarChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.SwapMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.value.ValueSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.score.director.ScoreDirectorFactoryConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;

/**
 * Looks for a better plan than the first: Timefold's simulated annealing over the dishes' ovens, dials and moments. The same seed and
 * effort give the same plan, unless the clock ends it.
 */
final class PlanSearch {

    /* What the search would at first rather lose than stay, in thousandths of a minute (ours; tried on random evenings). */
    private static final String TEMPERATURE = "8000";

    private PlanSearch() {}

    /**
     * Looks.
     *
     * @param begin by dish; null for what is not to be decided
     * @param better is told of each plan that is better than all before it
     * @param stopped takes what ends it with the best so far
     */
    static Decision[] better(
            Problem problem, Decision[] begin, Effort effort, Consumer<Decision[]> better, Stop stopped) {
        if (nothing(begin) || effort.plans() == 0) {
            return begin;
        }
        Best best = new Best(problem, begin);
        long end = System.nanoTime() + effort.mostMs() * 1_000_000;
        int rounds = effort.rounds();
        Brake brake = new Brake();
        stopped.onStop(brake::pull);
        Random random = new Random(effort.seed());
        Decision[] from = begin;
        for (int round = 0; round < rounds && !brake.pulled(); round++) {
            long left = (end - System.nanoTime()) / 1_000_000;
            if (left <= 0) {
                break;
            }
            SolverFactory<ChainChoices> factory =
                    SolverFactory.create(config(effort.plans() / rounds, effort.seed() + round, left));
            Solver<ChainChoices> solver = factory.buildSolver();
            brake.holds(solver);
            solver.addEventListener(event -> {
                Decision[] found = event.getNewBestSolution().decisions();
                if (best.takes(found)) {
                    better.accept(found);
                }
            });
            best.takes(solver.solve(new ChainChoices(problem, from)).decisions());
            from = round % 2 == 0 ? FirstPlan.anew(problem, random) : best.decisions;
        }
        return best.decisions;
    }

    /** Ends the round that is on, and all that would follow. */
    private static final class Brake {

        private Solver<ChainChoices> solver;
        private boolean pulled;

        synchronized void holds(Solver<ChainChoices> next) {
            solver = next;
        }

        synchronized void pull() {
            pulled = true;
            if (solver != null) {
                solver.terminateEarly();
            }
        }

        synchronized boolean pulled() {
            return pulled;
        }
    }

    /** The best so far, by what cannot be first. */
    private static final class Best {

        private final Problem problem;
        private Decision[] decisions;
        private Cost cost;

        Best(Problem problem, Decision[] begin) {
            this.problem = problem;
            this.decisions = begin;
            this.cost = new Decoder(problem, begin).cost();
        }

        boolean takes(Decision[] found) {
            Cost other = new Decoder(problem, found).cost();
            boolean better = other.compareTo(cost) < 0;
            if (better) {
                decisions = found;
                cost = other;
            }
            return better;
        }
    }

    private static boolean nothing(Decision[] begin) {
        for (Decision decision : begin) {
            if (decision != null) {
                return false;
            }
        }
        return true;
    }

    private static SolverConfig config(long plans, long seed, long mostMs) {
        return new SolverConfig()
                .withSolutionClass(ChainChoices.class)
                .withEntityClasses(ChainChoice.class)
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed(seed)
                .withScoreDirectorFactory(
                        new ScoreDirectorFactoryConfig().withEasyScoreCalculatorClass(CostCalculator.class))
                .withTerminationConfig(new TerminationConfig()
                        .withScoreCalculationCountLimit(plans)
                        .withMillisecondsSpentLimit(mostMs))
                .withPhases(new LocalSearchPhaseConfig()
                        .withAcceptorConfig(
                                new LocalSearchAcceptorConfig().withSimulatedAnnealingStartingTemperature(TEMPERATURE))
                        .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1))
                        .withMoveSelectorConfig(new UnionMoveSelectorConfig()
                                .withMoveSelectors(
                                        change("minute", 3),
                                        change("block", 2),
                                        change("oven", 1),
                                        change("dialC", 1),
                                        together("anew", 2, "oven", "dialC", "block"),
                                        together("moved", 1, "block", "minute"),
                                        new SwapMoveSelectorConfig().withFixedProbabilityWeight(1.0),
                                        pillar("dialC"))));
    }

    /* Several things of one dish at once. Timefold's own list is of the raw type. */
    @SuppressWarnings("rawtypes")
    private static CartesianProductMoveSelectorConfig together(String name, double weight, String... variables) {
        List<MoveSelectorConfig> moves = new ArrayList<>();
        for (String variable : variables) {
            EntitySelectorConfig same = moves.isEmpty()
                    ? new EntitySelectorConfig().withId(name)
                    : new EntitySelectorConfig().withMimicSelectorRef(name);
            moves.add(new ChangeMoveSelectorConfig()
                    .withEntitySelectorConfig(same)
                    .withValueSelectorConfig(new ValueSelectorConfig().withVariableName(variable)));
        }
        return new CartesianProductMoveSelectorConfig()
                .withMoveSelectorList(moves)
                .withFixedProbabilityWeight(weight);
    }

    private static ChangeMoveSelectorConfig change(String variable, double weight) {
        return new ChangeMoveSelectorConfig()
                .withFixedProbabilityWeight(weight)
                .withValueSelectorConfig(new ValueSelectorConfig().withVariableName(variable));
    }

    private static PillarChangeMoveSelectorConfig pillar(String variable) {
        return new PillarChangeMoveSelectorConfig()
                .withFixedProbabilityWeight(1.0)
                .withPillarSelectorConfig(new PillarSelectorConfig())
                .withValueSelectorConfig(new ValueSelectorConfig().withVariableName(variable));
    }
}
