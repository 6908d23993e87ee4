package olla.server.forecast;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.estimate.Estimate;
import olla.core.fish.Filling;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.plan.Shortfall;
import olla.core.uncertainty.Assessment;
import olla.core.uncertainty.Observation.InOven;
import olla.core.uncertainty.Pace;
import olla.server.bakes.rows.BakeTimeline;
import olla.server.bakes.rows.StoredQuestions;
import olla.server.query.EstimateRequest;
import olla.server.query.Question;
import org.springframework.stereotype.Component;

/** Whether a bake that comes out coasts as far as it has to. It follows from stored moments alone. */
@Component
public class CarryOver {

    private static final int KEPT = 400;

    /* What was seen so shortly before it came out is what it was taken out for, minutes. */
    private static final double LOOKED_BEFORE_MIN = 3;

    private record Peaking(EstimateRequest request, OvenEvents events, double peakC) {}

    private record Lasting(EstimateRequest request, OvenEvents events, double minutes, boolean grilled) {}

    private final Cache<Peaking, OptionalDouble> minutes =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final Cache<Lasting, Estimate> went =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final StoredQuestions questions;

    CarryOver(StoredQuestions questions) {
        this.questions = questions;
    }

    private double enoughC(Question question) {
        return Shortfall.enoughC(question.target().peakC(), question.leastPeakC());
    }

    private OptionalDouble minutesTo(double peakC, EstimateRequest request, OvenEvents events) {
        return minutes.get(
                new Peaking(request, events, peakC),
                key -> questions.understood(request).minutesTo(peakC, events));
    }

    /** From which minute on its coast is enough, as it was reckoned when it went in; infinite where none is. */
    public double enoughFromMin(EstimateRequest request) {
        return minutesTo(enoughC(questions.understood(request)), request, OvenEvents.NONE)
                .orElse(Double.POSITIVE_INFINITY);
    }

    /**
     * The same after all that was observed.
     *
     * @param foretold what was reckoned when it went in, where that still holds
     */
    public double enoughFromMin(
            EstimateRequest request, BakeTimeline timeline, Forecast forecast, OptionalDouble foretold) {
        double enough = enoughC(questions.understood(request));
        if (forecast.ensemble().isPresent()) {
            return forecast.ensemble().get().minuteFor(enough);
        }
        // What the oven did moves it a little; that is known once the members have been worked out.
        return timeline.target().isEmpty() && foretold.isPresent()
                ? foretold.getAsDouble()
                : minutesTo(enough, request, timeline.events()).orElse(Double.POSITIVE_INFINITY);
    }

    /** The bake as it went, with the minutes that it had in the oven, and its rest. */
    public Estimate went(EstimateRequest request, BakeTimeline timeline, double likelyMin) {
        Question question = questions.understood(request);
        double out = timeline.outMin().orElseThrow();
        return went.get(
                new Lasting(request, timeline.events(), out, grilled(question, timeline, likelyMin)),
                key -> asWent(question, timeline, likelyMin).answer(timeline.events()));
    }

    /** The question of the bake as it went. */
    public Question asWent(Question question, BakeTimeline timeline, double likelyMin) {
        return question.lasting(timeline.outMin().orElseThrow(), grilled(question, timeline, likelyMin));
    }

    /* A grill that nobody tapped was on all the same, but not where it came out before its time. */
    private static boolean grilled(Question question, BakeTimeline timeline, double likelyMin) {
        double tail = question.programme().tailMinutes();
        boolean tapped = timeline.stepsDone().keySet().stream()
                .anyMatch(i -> question.programme().isGrill(i));
        return tapped || timeline.outMin().orElseThrow() >= likelyMin - tail;
    }

    /** What it lacks that came out; empty where it lacks nothing. What is seen beats what is reckoned. */
    public Optional<Shortfall> lacks(
            EstimateRequest request, BakeTimeline timeline, Forecast forecast, OptionalDouble foretold) {
        Question question = questions.understood(request);
        double out = timeline.outMin().orElseThrow();
        double target = question.target().peakC();
        boolean seenRaw = timeline.seenOutside().stream()
                .reduce((a, b) -> b)
                .filter(s -> Assessment.raw(s, target, pace(question, forecast, s, out)))
                .isPresent();
        if (!seenRaw
                && (out >= enoughFromMin(request, timeline, forecast, foretold)
                        || seenDone(timeline, forecast, target))) {
            return Optional.empty();
        }
        double likely = forecast.window().likelyMin();
        double peak = Math.min(peakC(question, request, timeline, forecast), seenBelowC(timeline));
        boolean stuffed = question.piece().filling() == Filling.STUFFING;
        double back = out + Shortfall.SOON_MIN;
        OptionalDouble to = minutesTo(target, request, timeline.events().and(new OvenEvent.Outside(out, back)));
        // What the oven turned out to be makes the way there longer or shorter by as much.
        double pace = forecast.ensemble().isEmpty()
                ? 1
                : likely / minutesTo(target, request, timeline.events()).orElse(likely);
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

    private double peakC(Question question, EstimateRequest request, BakeTimeline timeline, Forecast forecast) {
        double likely = forecast.window().likelyMin();
        boolean asPlanned = grilled(question, timeline, likely);
        return forecast.ensemble().isPresent() && asPlanned
                ? forecast.ensemble()
                        .get()
                        .assess(timeline.outMin().orElseThrow())
                        .peakIfOutC()
                : went(request, timeline, likely).peakC();
    }

    /* What it still warms by where it is seen outside: less with each minute of its rest. */
    private static Pace pace(Question question, Forecast forecast, InOven seen, double out) {
        if (forecast.ensemble().isEmpty()) {
            return Pace.UNKNOWN;
        }
        Pace pace = forecast.ensemble().get().pace(out);
        double rest = Math.max(1, question.programme().restMinutes());
        double left = Math.max(0, Math.min(1, 1 - (seen.minute() - out) / rest));
        return new Pace(left * pace.coastsK(), pace.kPerMin());
    }

    private static double seenBelowC(BakeTimeline timeline) {
        return timeline.seenOutside().stream()
                .reduce((a, b) -> b)
                .map(InOven::colderThanC)
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static boolean seenDone(BakeTimeline timeline, Forecast forecast, double targetC) {
        double out = timeline.outMin().orElseThrow();
        boolean before = forecast.look()
                .filter(l -> l.assessment().minute() >= out - LOOKED_BEFORE_MIN)
                .filter(l -> l.assessment().advice() != Assessment.Advice.GIVE_IT)
                .isPresent();
        return before || timeline.seenOutside().stream().anyMatch(s -> Assessment.done(s, targetC));
    }
}
