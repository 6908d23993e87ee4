package olla.server.evening;

import java.time.Instant;
import java.util.List;
import olla.core.evening.SideDish;
import olla.server.query.EstimateRequest;
import olla.server.web.MaybeAbsent;

/**
 * An evening as a cook wants it.
 *
 * @param name 1 to 120 characters
 * @param serveAt when the first course is on the table
 * @param guests 1 to 500
 * @param atRisk true where a guest is pregnant, very young, old or ill
 * @param coursesMin when each course is served, minutes after the first; [0] where there is one
 * @param fish dishes from the bench, at most 12
 * @param sides everything else, at most 24
 * @param ovens which ovens, at most 6
 * @param burners on the hob, 0 to 12
 * @param hands 1 to 8
 */
public record EveningInput(
        String name,
        Instant serveAt,
        int guests,
        @MaybeAbsent Boolean atRisk,
        @MaybeAbsent List<Double> coursesMin,
        List<EveningFishInput> fish,
        List<EveningSideInput> sides,
        List<EveningOvenInput> ovens,
        int burners,
        List<EveningHandsInput> hands) {

    /** Which ovens it has. */
    List<Integer> kitchenOvens() {
        return ovens.stream().map(EveningOvenInput::ovenId).toList();
    }

    /**
     * A dish from the bench.
     *
     * @param key stable name, 1 to 40 characters, unlike that of every other dish and side of the evening
     * @param title 1 to 120 characters
     * @param course 0 for the first; that where it is not said
     * @param question what lies on the bench; its oven says which kind the programme was made for
     * @param frozen true where it comes frozen and is thawed before
     * @param ovenIds ovens it may go into; any where it is not said
     */
    public record EveningFishInput(
            String key,
            String title,
            @MaybeAbsent Integer course,
            EstimateRequest question,
            @MaybeAbsent Boolean frozen,
            @MaybeAbsent List<Integer> ovenIds) {}

    /**
     * A side or another task.
     *
     * @param key stable name, 1 to 40 characters
     * @param title 1 to 120 characters
     * @param course 0 for the first; that where it is not said
     * @param where where it is cooked
     * @param prepareMin hands before that, minutes
     * @param cookMin how long it cooks, minutes; 0 for what is cold
     * @param dialC OVEN: a still oven's dial, °C
     * @param giveC OVEN: how far the dial may lie off that, °C; 20 where it is not said
     * @param shelves OVEN: how many trays; 1 where it is not said
     * @param finishMin hands once it has cooked, minutes
     * @param waitsMin how long it can wait hot, or made up, minutes
     * @param aheadH how long before it may be prepared, hours; not at all where it is not said
     */
    public record EveningSideInput(
            String key,
            String title,
            @MaybeAbsent Integer course,
            SideDish.Where where,
            double prepareMin,
            double cookMin,
            @MaybeAbsent Double dialC,
            @MaybeAbsent Double giveC,
            @MaybeAbsent Integer shelves,
            double finishMin,
            double waitsMin,
            @MaybeAbsent Double aheadH) {}

    /**
     * An oven of the kitchen's.
     *
     * @param ovenId which
     * @param shelves how many trays stand in it at once
     * @param trayLengthMm inner length of its trays, mm; a dish takes one tray where it is not said
     * @param trayWidthMm inner width of its trays, mm
     * @param dialC the one dial that everything in it has, °C; each its own where it is not said
     */
    public record EveningOvenInput(
            int ovenId,
            int shelves,
            @MaybeAbsent Double trayLengthMm,
            @MaybeAbsent Double trayWidthMm,
            @MaybeAbsent Double dialC) {}

    /**
     * A pair of hands.
     *
     * @param name a role, 1 to 40 characters
     * @param fromMin from when it is there, minutes from the first course; always where it is not said
     * @param untilMin until when
     */
    public record EveningHandsInput(
            String name,
            @MaybeAbsent Double fromMin,
            @MaybeAbsent Double untilMin) {}
}
