package olla.server.bakes;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.estimate.Estimate;
import olla.core.estimate.Observation.InOven;
import olla.core.estimate.Standing;
import olla.core.fish.Filling;
import olla.core.oven.OvenCourse;
import olla.core.oven.OvenEvent;
import olla.core.plan.Shortfall;
import olla.server.bench.EstimateRequest;
import olla.server.bench.Question;
import org.springframework.stereotype.Component;

/** Whether a bake that comes out coasts as far as it has to. It follows from stored moments alone. */
@Component
class Coasts {

    private static final int KEPT = 400;

    /* What was seen so shortly before it came out is what it was taken out for, minutes. */
    private static final double LOOKED_BEFORE_MIN = 3;

    private record Peaking(EstimateRequest request, OvenCourse course, double peakC) {}

    private record Lasting(EstimateRequest request, OvenCourse course, double minutes, boolean grilled) {}

    private final Cache<Peaking, OptionalDouble> minutes =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final Cache<Lasting, Estimate> went =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final Questions questions;

    Coasts(Questions questions) {
        this.questions = questions;
    }

    private double enoughC(Question question) {
        return Shortfall.enoughC(question.target().peakC(), question.leastPeakC());
    }

    private OptionalDouble minutesTo(double peakC, EstimateRequest request, OvenCourse course) {
        return minutes.get(
                new Peaking(request, course, peakC),
                key -> questions.understood(request).minutesTo(peakC, course));
    }

    /** From which minute on its coast is enough, as it was reckoned when it went in; infinite where none is. */
    double enoughFromMin(EstimateRequest request) {
        return minutesTo(enoughC(questions.understood(request)), request, OvenCourse.NONE)
                .orElse(Double.POSITIVE_INFINITY);
    }

    /**
     * The same after all that was observed.
     *
     * @param foretold what was reckoned when it went in, where that still holds
     */
    double enoughFromMin(EstimateRequest request, Story story, Outlook outlook, OptionalDouble foretold) {
        double enough = enoughC(questions.understood(request));
        if (outlook.ensemble().isPresent()) {
            return outlook.ensemble().get().minuteFor(enough);
        }
        // What the oven did moves it a little; that is known once the members have been worked out.
        return story.target().isEmpty() && foretold.isPresent()
                ? foretold.getAsDouble()
                : minutesTo(enough, request, story.course()).orElse(Double.POSITIVE_INFINITY);
    }

    /** The bake as it went, with the minutes that it had in the oven, and its rest. */
    Estimate went(EstimateRequest request, Story story, double likelyMin) {
        Question question = questions.understood(request);
        double out = story.outMin().orElseThrow();
        return went.get(
                new Lasting(request, story.course(), out, grilled(question, story, likelyMin)),
                key -> asWent(question, story, likelyMin).answer(story.course()));
    }

    /** The question of the bake as it went. */
    Question asWent(Question question, Story story, double likelyMin) {
        return question.lasting(story.outMin().orElseThrow(), grilled(question, story, likelyMin));
    }

    /* A grill that nobody tapped was on all the same, but not where it came out before its time. */
    private static boolean grilled(Question question, Story story, double likelyMin) {
        double tail = question.programme().tailMinutes();
        boolean tapped = story.stepsDone().keySet().stream()
                .anyMatch(i -> question.programme().isGrill(i));
        return tapped || story.outMin().orElseThrow() >= likelyMin - tail;
    }

    /** What it lacks that came out; empty where it lacks nothing. What is seen beats what is reckoned. */
    Optional<Shortfall> lacks(EstimateRequest request, Story story, Outlook outlook, OptionalDouble foretold) {
        Question question = questions.understood(request);
        double out = story.outMin().orElseThrow();
        double target = question.target().peakC();
        boolean seenRaw = story.seenOutside().stream()
                .reduce((a, b) -> b)
                .filter(s -> Standing.raw(s, target))
                .isPresent();
        if (!seenRaw && (out >= enoughFromMin(request, story, outlook, foretold) || seenDone(story, outlook, target))) {
            return Optional.empty();
        }
        double likely = outlook.window().likelyMin();
        double peak = Math.min(peakC(question, request, story, outlook), seenBelowC(story));
        boolean stuffed = question.piece().filling() == Filling.STUFFING;
        double back = out + Shortfall.SOON_MIN;
        OptionalDouble to = minutesTo(target, request, story.course().and(new OvenEvent.Outside(out, back)));
        // What the oven turned out to be makes the way there longer or shorter by as much.
        double pace = outlook.ensemble().isEmpty()
                ? 1
                : likely / minutesTo(target, request, story.course()).orElse(likely);
        OptionalDouble more = to.isPresent()
                ? OptionalDouble.of(Math.max(1, pace * (to.getAsDouble() - back)))
                : OptionalDouble.empty();
        return Optional.of(new Shortfall(
                peak,
                target,
                question.leastPeakC(),
                stuffed ? OptionalDouble.of(Doneness.STUFFING_C) : OptionalDouble.empty(),
                more,
                stuffed || seenRaw ? java.util.List.of() : question.lowerTargets(peak)));
    }

    private double peakC(Question question, EstimateRequest request, Story story, Outlook outlook) {
        double likely = outlook.window().likelyMin();
        boolean asPlanned = grilled(question, story, likely);
        return outlook.ensemble().isPresent() && asPlanned
                ? outlook.ensemble()
                        .get()
                        .standing(story.outMin().orElseThrow())
                        .peakIfOutC()
                : went(request, story, likely).peakC();
    }

    private static double seenBelowC(Story story) {
        return story.seenOutside().stream()
                .reduce((a, b) -> b)
                .map(InOven::colderThanC)
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static boolean seenDone(Story story, Outlook outlook, double targetC) {
        double out = story.outMin().orElseThrow();
        boolean before = outlook.look()
                .filter(l -> l.standing().minute() >= out - LOOKED_BEFORE_MIN)
                .filter(l -> l.standing().advice() != Standing.Advice.GIVE_IT)
                .isPresent();
        return before || story.seenOutside().stream().anyMatch(s -> Standing.done(s, targetC));
    }
}
