package olla.server.evening;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.runsheet.Advice;
import olla.core.runsheet.Effort;
import olla.core.runsheet.Facts;
import olla.core.runsheet.Kept;
import olla.core.runsheet.Planner;
import olla.core.runsheet.RunSheet;
import olla.core.runsheet.Scenarios;
import olla.core.runsheet.Shortage;
import olla.core.runsheet.Stop;

/** All that one turn of an evening's planning works with: the evening as it was when the turn began. */
record Turn(Evening evening, DialTables tables, Facts facts, List<Kept> before) {

    /** A plan, begun from what was decided before. */
    RunSheet plan(Effort effort) {
        return Planner.of(evening, tables, facts, before).plan(effort);
    }

    /** The best that is found from {@code first} on; each better one is told on the way. */
    RunSheet better(RunSheet first, Effort effort, Consumer<RunSheet> told, Stop stop) {
        return from(first).plan(effort, told, stop);
    }

    /** What this very plan is short of, if anything. */
    Optional<Shortage> shortage(RunSheet sheet) {
        return from(sheet).shortage(sheet);
    }

    /**
     * How likely this very plan holds, and what would help.
     *
     * @param times of every dish in each of many evenings
     */
    Advice advice(RunSheet sheet, Scenarios.Times times) {
        return from(sheet).advice(sheet, times);
    }

    private Planner from(RunSheet sheet) {
        return Planner.of(evening, tables, facts, sheet.kept());
    }
}
