package olla.core.runsheet;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;

/** The one way in: an evening, what its dishes take, what has happened; out comes the run sheet. */
public final class Planner {

    private final Problem problem;
    private final Decision[] begin;

    private Planner(Problem problem, Decision[] begin) {
        this.problem = problem;
        this.begin = begin;
    }

    /** For an evening of which there is no sheet yet. */
    public static Planner of(Evening evening, DialTables tables, Facts facts) {
        Problem problem = new Problem(evening, tables, facts);
        return new Planner(problem, new Decision[problem.chains().size()]);
    }

    /**
     * For an evening that has a sheet: what is on it moves only where that is worth it.
     *
     * @param before what is kept of the sheet; of this evening or of one before a dish was added, changed or left out
     */
    public static Planner of(Evening evening, DialTables tables, Facts facts, List<Kept> before) {
        Map<String, Kept> kept = new HashMap<>();
        before.forEach(dish -> kept.put(dish.dish(), dish));
        Problem problem = new Problem(evening, tables, facts, kept);
        return new Planner(problem, decisions(problem, before));
    }

    private static Decision[] decisions(Problem problem, List<Kept> before) {
        Decision[] decisions = new Decision[problem.chains().size()];
        for (Kept was : before) {
            for (int i = 0; i < decisions.length; i++) {
                Chain chain = problem.chains().get(i);
                if (chain.key().equals(was.dish()) && problem.open(chain)) {
                    int oven = was.oven().isEmpty() ? Decision.NO_OVEN : problem.oven(was.oven());
                    boolean can = chain.heat() == Chain.Heat.HOB || chain.goes(oven, was.dialC());
                    decisions[i] = can ? new Decision(oven, was.dialC(), was.earlyMin()) : null;
                }
            }
        }
        return decisions;
    }

    /** The sheet as it was, with what has happened since: nothing is looked for. */
    public RunSheet asItWas() {
        return SheetWriter.write(problem, FirstPlan.of(problem, begin));
    }

    /**
     * Looks for a plan.
     *
     * @param better is told of each sheet that is better than all before it
     * @param stop ends it with the best so far
     */
    public RunSheet plan(Effort effort, Consumer<RunSheet> better, Stop stop) {
        Decision[] first = FirstPlan.of(problem, begin);
        Decision[] found = PlanSearch.better(
                problem, first, effort, plan -> better.accept(SheetWriter.write(problem, plan)), stop);
        return SheetWriter.write(problem, found);
    }

    /** The same without anybody looking on. */
    public RunSheet plan(Effort effort) {
        return plan(effort, sheet -> {}, Stop.NEVER);
    }

    /** How likely a sheet holds. */
    public Chance chance(RunSheet sheet, Scenarios.Times times) {
        return new Scenarios(problem, times).chance(decisions(problem, sheet.kept()));
    }

    /** Where a sheet is weakest, and what would help most. */
    public Advice advice(RunSheet sheet, Scenarios.Times times) {
        return Adviser.of(problem, decisions(problem, sheet.kept()), new Scenarios(problem, times));
    }

    /** What is missing where not all can be in time; empty where it can. */
    public Optional<Shortage> shortage(RunSheet sheet) {
        return ShortageFinder.of(problem, decisions(problem, sheet.kept()), sheet);
    }

    /** What moved from one sheet to another. */
    public static List<Moved> moved(RunSheet before, RunSheet after) {
        return Moved.between(before, after);
    }
}
