package olla.server.evening;

import java.util.List;
import java.util.Optional;
import olla.core.messages.Message;
import olla.core.runsheet.Advice;
import olla.core.runsheet.Moved;
import olla.core.runsheet.Planner;
import olla.core.runsheet.RunSheet;
import olla.core.runsheet.Shortage;

/**
 * What was worked out of an evening.
 *
 * @param sheet empty where none could be
 * @param improved how many better ones were found since the first
 * @param moved what is not where it was on the sheet before this turn's
 * @param advice how likely it holds
 * @param shortage what cannot be
 * @param found what has been found tonight of its ovens
 * @param signs of its bakes, as they were when it was worked out
 */
record Worked(
        Optional<RunSheet> sheet,
        int improved,
        List<Moved> moved,
        Optional<Advice> advice,
        Optional<Shortage> shortage,
        List<Message> found,
        String signs) {

    /** Nothing yet. */
    static final Worked NOTHING =
            new Worked(Optional.empty(), 0, List.of(), Optional.empty(), Optional.empty(), List.of(), "");

    /** Takes over copies. */
    Worked {
        moved = List.copyOf(moved);
        found = List.copyOf(found);
    }

    /**
     * A turn's first sheet. What is short and how likely it is stays said of the sheet before, until it is known of this one.
     *
     * @param before what was worked out last, of the same evening
     */
    static Worked first(RunSheet sheet, Worked before, List<Message> found, String signs) {
        return new Worked(
                Optional.of(sheet), 0, movedSince(before, sheet), before.advice, before.shortage, found, signs);
    }

    /**
     * A better sheet of the same turn. What moved is said of the sheet before the turn, however often it is bettered.
     *
     * @param before what was worked out before the turn
     */
    Worked better(RunSheet better, Worked before) {
        return new Worked(
                Optional.of(better), improved + 1, movedSince(before, better), advice, shortage, found, signs);
    }

    /**
     * The best sheet of the turn, with what is said of it.
     *
     * @param before what was worked out before the turn
     */
    Worked told(RunSheet best, Worked before, Advice likely, Optional<Shortage> amiss) {
        return new Worked(
                Optional.of(best),
                improved,
                movedSince(before, best),
                Optional.ofNullable(likely),
                amiss,
                found,
                signs);
    }

    private static List<Moved> movedSince(Worked before, RunSheet now) {
        return before.sheet.map(was -> Planner.moved(was, now)).orElse(List.of());
    }
}
