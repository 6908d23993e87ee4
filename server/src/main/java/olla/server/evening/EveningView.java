package olla.server.evening;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import olla.core.messages.Message;
import olla.core.runsheet.Kind;
import olla.core.runsheet.Shortage;
import olla.server.query.EstimateRequest;
import olla.server.web.MaybeAbsent;

/**
 * An evening with its run sheet. Minutes are counted from when the first course is served, negative before.
 *
 * @param evening as it was typed
 * @param version what an If-Match names to change it
 * @param revision counts up with everything that changes what is shown
 * @param sheet missing until there is one
 * @param making how far what the dishes take is worked out; missing once it is
 * @param searching whether a better plan is looked for
 * @param improved how often one was found
 * @param moved what is at another moment than before, the furthest first
 * @param advice how likely it holds and what would help; missing until that is worked out
 * @param shortage what is missing where not all can be in time
 * @param found what has been found tonight of its ovens
 * @param days what is done on the days before
 * @param moves what was done, for undoing; the last last
 * @param now the server's clock
 */
record EveningView(
        UUID id,
        EveningInput evening,
        int version,
        long revision,
        @MaybeAbsent SheetView sheet,
        @MaybeAbsent MakingView making,
        boolean searching,
        int improved,
        List<MovedView> moved,
        @MaybeAbsent AdviceView advice,
        @MaybeAbsent ShortageView shortage,
        List<Message> found,
        List<EarlyView> days,
        List<MoveView> moves,
        Instant now) {

    /** How far the tables are made. */
    record MakingView(int made, int of) {}

    /**
     * The sheet.
     *
     * @param kept whether nothing on it is that cannot be
     */
    record SheetView(
            List<SheetStepView> steps,
            List<SheetDishView> dishes,
            List<SheetCourseView> courses,
            double lateMin,
            boolean kept) {}

    /**
     * A step.
     *
     * @param dish key of the dish or side; missing for what belongs to a course or an oven
     * @param how how; missing where that goes without saying
     * @param handsMin for how much of it hands are at it: work is put down for what takes a moment
     * @param hands index of the pair of hands; missing where nobody is at it
     * @param ovenId missing where it has none
     * @param dialC missing where it has none
     */
    record SheetStepView(
            String key,
            @MaybeAbsent String dish,
            Kind kind,
            Message say,
            @MaybeAbsent Message how,
            double fromMin,
            double untilMin,
            double handsMin,
            double earliestMin,
            double latestMin,
            @MaybeAbsent Integer hands,
            @MaybeAbsent Integer ovenId,
            @MaybeAbsent Double dialC,
            boolean pinned) {}

    /**
     * A dish in its oven, or a pot on the hob.
     *
     * @param question of a fish that is not in yet: what is put in, at the sheet's dial, rested for as long as it likely waits;
     *     missing for all else
     */
    record SheetDishView(
            String key,
            Message name,
            @MaybeAbsent Integer ovenId,
            double dialC,
            double wantedC,
            double inMin,
            double checkFromMin,
            double likelyMin,
            double noLaterThanMin,
            double readyMin,
            double waitsMin,
            double mostWaitMin,
            double minutes,
            double wantedMinutes,
            double doorsMin,
            double marginMin,
            double wantedMarginMin,
            boolean started,
            @MaybeAbsent EstimateRequest question) {}

    /** A course. */
    record SheetCourseView(double wantedMin, double servedMin) {}

    /** Something that moved. */
    record MovedView(String step, Message say, double byMin) {}

    /**
     * How likely it holds.
     *
     * @param within3 share of evenings in which every course is served within 3 minutes
     * @param within5 the same within 5 minutes
     * @param weakest key of the dish that makes it late most often; missing where none does
     * @param why what of it is
     * @param change the one change that helps most
     * @param changedWithin3 share of evenings within 3 minutes then
     */
    record AdviceView(
            double within3,
            double within5,
            @MaybeAbsent String weakest,
            @MaybeAbsent Message why,
            @MaybeAbsent Message change,
            @MaybeAbsent Double changedWithin3) {}

    /** What is missing. */
    record ShortageView(Shortage.What what, Message say, double fromMin, double untilMin, Message nearest) {}

    /** What is done on a day before. */
    record EarlyView(String key, String dish, Message say, Instant earliest, Instant latest) {}

    /**
     * A move that counts.
     *
     * @param by who made it; missing where it was the machine itself
     */
    record MoveView(
            UUID id,
            MoveKind kind,
            String step,
            Instant at,
            @MaybeAbsent UUID bakeId,
            @MaybeAbsent String by) {}
}
