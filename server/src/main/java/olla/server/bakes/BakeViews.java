package olla.server.bakes;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import olla.core.messages.Message;
import olla.core.oven.Programme;
import olla.core.plan.BakeClock;
import olla.core.plan.BakeFacts;
import olla.core.plan.Carving;
import olla.core.plan.Checking;
import olla.core.plan.Moment;
import olla.core.plan.NextHand;
import olla.core.plan.Shortfall;
import olla.core.probe.OvenThermometer;
import olla.core.probe.OvenThermometer.Suspicion;
import olla.core.probe.ProbeJudge.JudgedReading;
import olla.core.safety.Leftovers;
import olla.core.uncertainty.Assessment;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.OvenEvidence;
import olla.server.bakes.BakeView.AirView;
import olla.server.bakes.BakeView.AskedView;
import olla.server.bakes.BakeView.BakeCard;
import olla.server.bakes.BakeView.CarvingView;
import olla.server.bakes.BakeView.CheckingView;
import olla.server.bakes.BakeView.LacksView;
import olla.server.bakes.BakeView.LeftoversView;
import olla.server.bakes.BakeView.LookView;
import olla.server.bakes.BakeView.MomentView;
import olla.server.bakes.BakeView.ProbeView;
import olla.server.bakes.BakeView.TapView;
import olla.server.bakes.BakeView.WindowView;
import olla.server.bakes.InsideView.FanView;
import olla.server.bakes.InsideView.TraceView;
import olla.server.bakes.Subjects.Rows;
import olla.server.bakes.Subjects.Told;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeTimeline;
import olla.server.bakes.rows.Predicted;
import olla.server.bakes.rows.StoredQuestions;
import olla.server.bakes.rows.Tap;
import olla.server.bakes.rows.TapKind;
import olla.server.forecast.CarryOver;
import olla.server.forecast.Forecast;
import olla.server.forecast.Forecasts;
import olla.server.forecast.Forecasts.Subject;
import olla.server.ovens.Oven;
import olla.server.people.People;
import olla.server.photos.PhotoRepository;
import olla.server.probes.DeviceReading;
import olla.server.probes.ProbeUse;
import olla.server.query.EstimateAnswer;
import olla.server.query.EstimateRequest;
import olla.server.query.Question;
import olla.server.web.NotNow;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** Puts a bake's rows together into what is shown of it. One that cannot be read hides no other. */
@Component
public class BakeViews {

    private static final Logger LOG = LoggerFactory.getLogger(BakeViews.class);

    /* A thermometer that has been silent for longer says nothing of now. */
    private static final Duration AIR_IS_OLD = Duration.ofMinutes(2);

    private static final int TRACE_POINTS = 240;

    /* What was said not to be so within this of a proposal was said of it, minutes. */
    private static final double SAME_MIN = 1.5;

    private final Timelines timelines;
    private final Subjects subjects;
    private final PhotoRepository photos;
    private final Forecasts forecasts;
    private final StoredQuestions questions;
    private final CarryOver carryOver;
    private final People people;
    private final Clock clock;

    BakeViews(
            Timelines timelines,
            Subjects subjects,
            PhotoRepository photos,
            Forecasts forecasts,
            StoredQuestions questions,
            CarryOver carryOver,
            People people,
            Clock clock) {
        this.timelines = timelines;
        this.subjects = subjects;
        this.photos = photos;
        this.forecasts = forecasts;
        this.questions = questions;
        this.carryOver = carryOver;
        this.people = people;
        this.clock = clock;
    }

    /** How a forecast is come by. */
    private interface Look {
        Forecast of(Subject subject);
    }

    /** One bake after all that was observed. */
    BakeView now(Bake bake, long waitMs) {
        return views(List.of(bake), subject -> forecasts.now(subject, waitMs)).get(0);
    }

    /** Bakes as they are known; who is told when more is known of one. */
    public List<BakeView> soon(List<Bake> bakes, Consumer<UUID> ready) {
        return views(bakes, subject -> forecasts.soon(subject, ready));
    }

    /** Bakes as lines of the log. */
    List<LogLine> logged(List<Bake> bakes) {
        Set<UUID> pictured =
                Set.copyOf(photos.findIdsIn(bakes.stream().map(Bake::getId).toList()));
        return bakes.stream()
                .map(bake -> LogLine.of(bake, questions.asked(bake), pictured.contains(bake.getId())))
                .toList();
    }

    /** The members behind a bake, and its probe's readings. */
    InsideView inside(Bake bake, long waitMs) {
        Subject subject = subjects.group(List.of(bake)).told(bake).subject();
        Forecast forecast = forecasts.now(subject, waitMs);
        Ensemble ensemble = forecast.ensemble()
                .or(() -> forecasts.unobserved(subject))
                .orElseThrow(() -> new NotNow("cannot.never-done"));
        return new InsideView(FanView.of(ensemble.spread()), trace(forecast.judged()));
    }

    private static List<TraceView> trace(List<JudgedReading> judged) {
        List<TraceView> trace = new ArrayList<>();
        double last = Double.NEGATIVE_INFINITY;
        double apart = judged.isEmpty()
                ? 0
                : (judged.get(judged.size() - 1).reading().minute()
                                - judged.get(0).reading().minute())
                        / TRACE_POINTS;
        for (JudgedReading j : judged) {
            if (j.reading().minute() - last >= apart) {
                last = j.reading().minute();
                trace.add(new TraceView(last, j.reading().celsius(), j.trust()));
            }
        }
        return trace;
    }

    /** The bake as it was, with the minutes that it really had in the oven, and its rest. */
    EstimateAnswer rest(Bake bake) {
        BakeTimeline timeline = timelines.of(List.of(bake)).get(bake.getId());
        EstimateRequest request = subjects.request(bake, timeline);
        double likely = bake.predicted().likelyMin().doubleValue();
        Question went = carryOver.asWent(questions.understood(request), timeline, likely);
        return EstimateAnswer.of(went, carryOver.went(request, timeline, likely));
    }

    private List<BakeView> views(List<Bake> bakes, Look look) {
        Set<UUID> pictured =
                Set.copyOf(photos.findIdsIn(bakes.stream().map(Bake::getId).toList()));
        Subjects.Group group = subjects.group(bakes);
        return bakes.stream()
                .map(bake -> view(group, bake, pictured.contains(bake.getId()), look))
                .toList();
    }

    private BakeView view(Subjects.Group group, Bake bake, boolean pictured, Look look) {
        try {
            return whole(group.rows(bake), group.told(bake), pictured, look);
        } catch (DataAccessException | TransactionException outOfReach) {
            throw outOfReach;
        } catch (RuntimeException broken) {
            LOG.error("Bake {} cannot be reckoned any more; it is shown by its ticket.", bake.getId(), broken);
            return byTicket(group.rows(bake), pictured);
        }
    }

    /** What these have told of their ovens so far, by id of an oven: by the last that went into each, which is told by the others. */
    Map<Integer, OvenEvidence> found(List<Bake> bakes) {
        Map<Integer, Bake> last = new TreeMap<>();
        bakes.stream()
                .sorted(Comparator.comparing(Bake::putAt).thenComparing(Bake::getId))
                .forEach(bake -> last.put(bake.oven().id(), bake));
        // Where more was observed since, it is told the next time.
        soon(List.copyOf(last.values()), id -> {});
        Set<UUID> counting = bakes.stream().map(Bake::getId).collect(Collectors.toSet());
        Map<Integer, OvenEvidence> found = new TreeMap<>();
        last.forEach((oven, bake) -> {
            OvenEvidence evidence = forecasts.found(bake.getId(), counting);
            if (!evidence.none()) {
                found.put(oven, evidence);
            }
        });
        return found;
    }

    /** What a bake's forecast follows from, what else is in its oven left aside. */
    public Subject subject(Bake bake) {
        return subjects.alone(bake);
    }

    /** What a bake's taps come to, whatever else is in that oven. */
    BakeTimeline timeline(Bake bake) {
        return timelines.alone(bake);
    }

    private static List<AskedView> asked(Rows rows, Programme programme, List<DeviceReading> airs) {
        double dial = rows.bake().predicted().dialCelsius().doubleValue();
        BakeTimeline timeline = rows.timeline();
        if (airs.isEmpty() || programme.hottestC() != dial || timeline.held()) {
            return List.of();
        }
        List<Suspicion> suspected = OvenThermometer.suspicions(
                Subjects.readings(timeline, airs), timeline.events(), dial, Subjects.grillOnMin(timeline, programme));
        return suspected.stream()
                .filter(s -> timeline.notSo().stream().noneMatch(no -> Math.abs(no - s.minute()) <= SAME_MIN))
                .map(s -> new AskedView(
                        s.kind() == OvenThermometer.Kind.DOOR ? TapKind.DOOR : TapKind.DIAL,
                        timeline.startedAt().plusMillis(Math.round(s.minute() * 60_000)),
                        s.kind() == OvenThermometer.Kind.DOOR ? (int) s.seconds() : null,
                        s.kind() == OvenThermometer.Kind.DIAL ? s.dialC() : null))
                .toList();
    }

    private BakeView whole(Rows rows, Told told, boolean pictured, Look look) {
        Bake bake = rows.bake();
        BakeTimeline timeline = rows.timeline();
        EstimateRequest request = subjects.request(bake, timeline);
        Question question = questions.understood(request);
        List<DeviceReading> measured = told.measured();
        boolean in = timeline.outAt() == null;
        List<DeviceReading> airs = told.airs();
        Forecast forecast = look.of(told.subject());
        Predicted p = bake.predicted();
        Optional<Shortfall> lacks = in || bake.loggedAt() != null
                ? Optional.empty()
                : carryOver.lacks(request, timeline, forecast, bake.enoughFromMin());
        BakeFacts facts = facts(rows, question, forecast, lacks);
        double dial = timeline.events().dialC(p.dialCelsius().doubleValue(), Double.MAX_VALUE);
        double enoughFrom = in || !timeline.someOut().isEmpty()
                ? carryOver.enoughFromMin(request, timeline, forecast, bake.enoughFromMin())
                : Double.POSITIVE_INFINITY;
        Checking checking = Checking.of(facts);
        return new BakeView(
                bake.getId(),
                bake.revision(),
                bake.title(),
                bake.oven().id(),
                bake.oven().name(),
                bake.oven().kind(),
                timeline.held(),
                p.thicknessMm().doubleValue(),
                dial,
                question.target().peakC(),
                p.predictedMin().doubleValue(),
                p.checkFromMin().doubleValue(),
                p.likelyMin().doubleValue(),
                p.noLaterThanMin().doubleValue(),
                WindowView.of(forecast.window()),
                p.restMin().doubleValue(),
                timeline.startedAt(),
                timeline.outAt(),
                bake.loggedAt(),
                in ? null : timeline.outMin().getAsDouble(),
                bake.verdict(),
                bake.probeCelsius() == null ? null : bake.probeCelsius().doubleValue(),
                bake.note(),
                people.nameOf(bake.by()),
                people.nameOf(bake.saidBy()),
                moments(timeline.held() ? BakeClock.waiting() : BakeClock.moments(facts)),
                moments(BakeClock.onceOut(facts, 0)),
                moments(BakeClock.onceOutTooSoon(0)),
                ApartView.of(timeline, facts, enoughFrom),
                in ? finite(enoughFrom) : null,
                lacks.map(LacksView::of).orElse(null),
                new CheckingView(checking.say(), checking.how(), checking.where(), checking.cues()),
                in ? asked(rows, question.programme(), airs) : List.of(),
                forecast.look().map(l -> look(l, facts)).orElse(null),
                rows.use().map(u -> probe(u, measured, forecast)).orElse(null),
                in ? airView(bake.oven(), airs, dial) : null,
                in ? found(question, forecast) : null,
                tapViews(timeline),
                timeline.last(TapKind.PORTIONS).map(Tap::number).orElse(null),
                leftovers(timeline),
                forecast.behind() ? true : null,
                lesson(bake),
                pictured,
                card(request, question),
                now());
    }

    private static Double finite(double minutes) {
        return Double.isInfinite(minutes) ? null : minutes;
    }

    private BakeFacts facts(Rows rows, Question question, Forecast forecast, Optional<Shortfall> lacks) {
        CheckWindow window = forecast.window();
        BakeTimeline timeline = rows.timeline();
        Predicted p = rows.bake().predicted();
        boolean past = forecast.look()
                .filter(l -> l.assessment().advice() == Assessment.Advice.PAST)
                .isPresent();
        // What is past it does not go under the grill any more.
        Programme programme = past ? question.programme().ungrilled() : question.programme();
        BakeFacts plain = new BakeFacts(
                programme.rested(p.restMin().doubleValue()),
                question.piece(),
                question.dress(),
                new BakeFacts.Window(window.checkFromMin(), window.likelyMin(), window.noLaterThanMin()),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                timeline.stepsDone(),
                timeline.outMin(),
                timeline.crackedMin(),
                timeline.events().backMin(),
                lacks);
        OptionalDouble next = forecast.look()
                .filter(l -> l.assessment().advice() == Assessment.Advice.GIVE_IT)
                .map(l -> OptionalDouble.of(l.assessment().minute() + giveItMin(l.assessment(), plain)))
                .orElse(OptionalDouble.empty());
        return plain.looked(next, takeOutMin(forecast, programme));
    }

    /* A look counts to the next thing that hands do, whatever comes first. */
    private static double giveItMin(Assessment assessment, BakeFacts facts) {
        double give = assessment.giveItMin();
        return NextHand.after(facts, assessment.minute())
                .map(next -> Math.min(give, next.minute() - assessment.minute()))
                .orElse(give);
    }

    /* A probe that is believed tells when; without one the window's end does, or a look. */
    private static OptionalDouble takeOutMin(Forecast forecast, Programme programme) {
        boolean trusted = !forecast.judged().isEmpty()
                && forecast.judged().get(forecast.judged().size() - 1).trust().believed();
        if (forecast.takeOutMin().isPresent() || !trusted) {
            return forecast.takeOutMin();
        }
        return OptionalDouble.of(forecast.window().likelyMin() - programme.tailMinutes());
    }

    /* A bake that can no longer be reckoned, by what its own columns say. */
    private BakeView byTicket(Rows rows, boolean pictured) {
        Bake bake = rows.bake();
        BakeTimeline timeline = rows.timeline();
        Predicted p = bake.predicted();
        CheckWindow window = p.window();
        double rest = p.restMin().doubleValue();
        BakeFacts.Window shown =
                new BakeFacts.Window(window.checkFromMin(), window.likelyMin(), window.noLaterThanMin());
        return new BakeView(
                bake.getId(),
                bake.revision(),
                bake.title(),
                bake.oven().id(),
                bake.oven().name(),
                bake.oven().kind(),
                timeline.held(),
                p.thicknessMm().doubleValue(),
                p.dialCelsius().doubleValue(),
                p.targetCelsius().doubleValue(),
                p.predictedMin().doubleValue(),
                p.checkFromMin().doubleValue(),
                p.likelyMin().doubleValue(),
                p.noLaterThanMin().doubleValue(),
                WindowView.of(window),
                rest,
                timeline.startedAt(),
                timeline.outAt(),
                bake.loggedAt(),
                timeline.outMin().isPresent() ? timeline.outMin().getAsDouble() : null,
                bake.verdict(),
                bake.probeCelsius() == null ? null : bake.probeCelsius().doubleValue(),
                bake.note(),
                people.nameOf(bake.by()),
                people.nameOf(bake.saidBy()),
                moments(BakeClock.byTicket(shown, rest, timeline.outMin())),
                moments(BakeClock.byTicket(shown, rest, OptionalDouble.of(0))),
                moments(BakeClock.byTicket(shown, rest, OptionalDouble.of(0))),
                List.of(),
                null,
                null,
                new CheckingView(Checking.ANY.say(), Checking.ANY.how(), Checking.ANY.where(), Checking.ANY.cues()),
                List.of(),
                null,
                null,
                null,
                null,
                tapViews(timeline),
                timeline.last(TapKind.PORTIONS).map(Tap::number).orElse(null),
                leftovers(timeline),
                null,
                lesson(bake),
                pictured,
                new BakeCard(questions.asked(bake), List.of(), List.of(), 1),
                now());
    }

    private List<TapView> tapViews(BakeTimeline timeline) {
        return timeline.taps().stream()
                .map(tap -> TapView.of(tap, people.nameOf(tap.by())))
                .sorted(Comparator.comparing(TapView::at).reversed())
                .toList();
    }

    private static Message lesson(Bake bake) {
        return bake.lesson() == null
                ? null
                : bake.oven().calibration().words(bake.oven().lessons());
    }

    private static List<MomentView> moments(List<Moment> moments) {
        return moments.stream().map(MomentView::of).toList();
    }

    private static LookView look(Forecast.Look look, BakeFacts facts) {
        Assessment assessment = look.assessment();
        boolean giveIt = assessment.advice() == Assessment.Advice.GIVE_IT;
        double minutes = giveIt ? giveItMin(assessment, facts) : 0;
        Message then = assessment.advice() == Assessment.Advice.PAST
                ? null
                : NextHand.after(facts, assessment.minute())
                        .filter(next -> !giveIt || next.minute() <= assessment.minute() + minutes + 1)
                        .map(next -> next.say().form("next"))
                        .orElse(null);
        return new LookView(
                assessment.minute(),
                assessment.advice(),
                minutes,
                then,
                assessment.peakIfOutC(),
                look.widthBeforeMin(),
                look.widthAfterMin(),
                look.early(),
                assessment.surprising());
    }

    private static ProbeView probe(ProbeUse use, List<DeviceReading> measured, Forecast forecast) {
        DeviceReading last = measured.isEmpty() ? null : measured.get(measured.size() - 1);
        JudgedReading judged = forecast.judged().isEmpty()
                ? null
                : forecast.judged().get(forecast.judged().size() - 1);
        return new ProbeView(
                use.device(),
                use.since(),
                use.until(),
                last == null ? null : last.celsius(),
                last == null ? null : last.at(),
                judged == null ? null : judged.trust(),
                judged == null ? null : Message.word(judged.trust()),
                last == null ? null : last.battery());
    }

    private AirView airView(Oven oven, List<DeviceReading> airs, double dial) {
        if (airs.isEmpty()) {
            return null;
        }
        DeviceReading last = airs.get(airs.size() - 1);
        if (last.at().isBefore(now().minus(AIR_IS_OLD))) {
            return null;
        }
        return new AirView(oven.sensor(), last.celsius(), last.at(), OvenThermometer.hotInMin(last.celsius(), dial));
    }

    private static Message found(Question question, Forecast forecast) {
        return forecast.told()
                .words(question.calibration())
                .map(does -> Message.of("oven.found-tonight", "oven", does))
                .orElse(null);
    }

    private static LeftoversView leftovers(BakeTimeline timeline) {
        if (timeline.outAt() == null) {
            return null;
        }
        Optional<Tap> cleared = timeline.cleared();
        return new LeftoversView(
                timeline.outAt().plus(Duration.ofMinutes(Math.round(Leftovers.FRIDGE_WITHIN_MIN))),
                cleared.map(Tap::kind).orElse(null),
                cleared.filter(t -> t.kind() == TapKind.CHILLED)
                        .map(t -> timeline.outAt().plus(Duration.ofDays(Leftovers.KEPT_DAYS)))
                        .orElse(null),
                Leftovers.rule());
    }

    private static BakeCard card(EstimateRequest request, Question question) {
        return new BakeCard(
                request,
                question.cautions(),
                Carving.of(question.piece(), question.dress()).stream()
                        .map(s -> new CarvingView(s.picture(), s.say(), s.hint()))
                        .toList(),
                question.helpings());
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
