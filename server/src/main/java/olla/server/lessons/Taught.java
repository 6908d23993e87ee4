package olla.server.lessons;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import olla.core.messages.Message;
import olla.core.reliability.FirstLooks;
import olla.core.reliability.Reliability;
import olla.core.reliability.Share;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.web.MaybeAbsent;

/**
 * What the log says of the tickets and of whoever follows them.
 *
 * @param all of all bakes
 * @param dresses by how they were dressed, most first
 * @param fish by fish, most first
 * @param cooks who looks when
 * @param dots each bake that came out and was judged, oldest first
 */
record Taught(Held all, List<OfSome> dresses, List<OfSome> fish, List<Looks> cooks, List<Dot> dots) {

    /**
     * How far tickets could be trusted.
     *
     * @param bakes how many came out and were judged
     * @param share how many were done inside the window, of those of which it can be told; missing where it can be told of none
     * @param words the same in a sentence
     * @param side on which side they were off; empty where too few can tell
     * @param mean how much later than likely on the average, in short; empty where too few can tell
     * @param points of the reliability diagram
     */
    record Held(
            int bakes,
            @MaybeAbsent Share share,
            Message words,
            Message side,
            Message mean,
            List<Reliability.Point> points) {

        static Held of(Reliability found) {
            return new Held(
                    found.bakes(),
                    found.held().orElse(null),
                    found.words(),
                    found.side(),
                    found.mean(),
                    found.points());
        }
    }

    /** The same of those that are of one kind. */
    record OfSome(String value, Held held) {}

    /** When somebody first looks. */
    record Looks(String name, Message words, int bakes, double meanMin) {

        static Looks of(String name, FirstLooks looks) {
            return new Looks(name, looks.words(), looks.bakes(), looks.meanMin());
        }
    }

    /**
     * A bake against its ticket.
     *
     * @param at when it went in
     * @param lateMin how much later than likely it came out, minutes
     * @param fromMin where the window began, minutes from likely, 0 or less
     * @param untilMin where it ended, 0 or more
     * @param meanMin the mean of the last ten that were just right; missing before the first
     */
    record Dot(
            UUID id,
            String title,
            Instant at,
            Verdict verdict,
            double lateMin,
            double fromMin,
            double untilMin,
            @MaybeAbsent Double meanMin) {}
}
