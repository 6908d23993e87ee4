package olla.server.bakes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import olla.core.plan.BakeClock;
import olla.core.plan.BakeFacts;
import olla.server.bakes.BakeView.MomentView;
import olla.server.bakes.rows.BakeTimeline;

/**
 * Pieces that came out while the rest went on.
 *
 * @param id the tap's
 * @param number how many
 * @param at when
 * @param moments what to do with them, in seconds since then
 */
public record ApartView(UUID id, int number, Instant at, List<MomentView> moments) {

    /**
     * Those of a bake.
     *
     * @param enoughFromMin from which minute on its coast is enough; what came out sooner is put back before it is eaten
     */
    static List<ApartView> of(BakeTimeline timeline, BakeFacts facts, double enoughFromMin) {
        return timeline.someOut().stream()
                .map(tap -> new ApartView(
                        tap.getId(),
                        tap.number(),
                        tap.at(),
                        (timeline.minute(tap.at()) < enoughFromMin
                                        ? BakeClock.onceOutTooSoon(0)
                                        : BakeClock.onceOut(facts, 0))
                                .stream().map(MomentView::of).toList()))
                .toList();
    }
}
