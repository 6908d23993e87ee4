package olla.server.lessons;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import olla.core.messages.Message;
import olla.server.web.MaybeAbsent;

/**
 * What an oven's log has taught of it, bake by bake.
 *
 * @param words what is believed of it now
 * @param forgetBefore since when it is another
 * @param learning whether some of its log is not worked out yet
 * @param steps in the order of the log; without those
 */
record OvenTaught(
        int id,
        String name,
        Message words,
        @MaybeAbsent Instant forgetBefore,
        int version,
        boolean learning,
        List<Step> steps) {

    /**
     * What was believed after a bake.
     *
     * @param at when it went in
     * @param offsetC air less dial, K
     * @param offsetDoubtC its standard deviation, K
     * @param draught how much more strongly its air moves than its kind's usually does, as a factor
     * @param draughtLeast one standard deviation below
     * @param draughtMost and above
     * @param forgotten whether that is no longer believed of it
     */
    record Step(
            UUID id,
            String title,
            Instant at,
            double offsetC,
            double offsetDoubtC,
            double draught,
            double draughtLeast,
            double draughtMost,
            boolean forgotten) {}
}
