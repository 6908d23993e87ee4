package olla.server.bakes;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
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
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import olla.core.estimate.CheckWindow;
import olla.core.estimate.Ensemble;
import olla.core.estimate.Observation;
import olla.core.oven.OvenCourse;
import olla.core.plan.BakeClock;
import olla.core.plan.BakeFacts;
import olla.core.plan.Carving;
import olla.core.plan.Checking;
import olla.core.plan.Moment;
import olla.core.probe.OvenThermometer;
import olla.core.probe.ProbeJudge.Judged;
import olla.core.probe.Reading;
import olla.core.safety.Leftovers;
import olla.server.bakes.BakeView.AirView;
import olla.server.bakes.BakeView.BakeCard;
import olla.server.bakes.BakeView.CarvingView;
import olla.server.bakes.BakeView.CheckingView;
import olla.server.bakes.BakeView.LeftoversView;
import olla.server.bakes.BakeView.LookView;
import olla.server.bakes.BakeView.MomentView;
import olla.server.bakes.BakeView.ProbeView;
import olla.server.bakes.BakeView.TapView;
import olla.server.bakes.BakeView.WindowView;
import olla.server.bakes.InsideView.FanView;
import olla.server.bakes.InsideView.TraceView;
import olla.server.bakes.Outlooks.Subject;
import olla.server.bakes.Story.Timed;
import olla.server.bench.EstimateRequest;
import olla.server.bench.Question;
import olla.server.ovens.Oven;
import olla.server.probes.Channel;
import olla.server.probes.Measured;
import olla.server.probes.ProbeUse;
import olla.server.probes.ProbeUseRepository;
import olla.server.probes.ReadingStore;
import olla.server.web.NotNow;
import org.springframework.stereotype.Component;

/** Puts a bake's rows together into what is shown of it. */
@Component
class BakeViews {

    /* A thermometer that has been silent for longer says nothing of now. */
    private static final Duration AIR_IS_OLD = Duration.ofMinutes(2);

    private static final int TRACE_POINTS = 240;

    private final TapRepository taps;
    private final ProbeUseRepository uses;
    private final ReadingStore readings;
    private final PhotoRepository photos;
    private final Outlooks outlooks;
    private final ObjectMapper json;
    private final Clock clock;
    private final Cache<EstimateRequest, Question> questions =
            Caffeine.newBuilder().maximumSize(300).build();

    BakeViews(
            TapRepository taps,
            ProbeUseRepository uses,
            ReadingStore readings,
            PhotoRepository photos,
            Outlooks outlooks,
            ObjectMapper json,
            Clock clock) {
        this.taps = taps;
        this.uses = uses;
        this.readings = readings;
        this.photos = photos;
        this.outlooks = outlooks;
        this.json = json;
        this.clock = clock;
    }

    /** How an outlook is come by. */
    private interface Look {
        Outlook of(Subject subject);
    }

    /** One bake after all that was observed. */
    BakeView now(Bake bake, long waitMs) {
        return views(List.of(bake), subject -> outlooks.now(subject, waitMs)).get(0);
    }

    /** Bakes as they are known; who is told when more is known of one. */
    List<BakeView> soon(List<Bake> bakes, Consumer<UUID> ready) {
        return views(bakes, subject -> outlooks.soon(subject, ready));
    }

    /** Bakes as the log has them: by the ticket. */
    List<BakeView> logged(List<Bake> bakes) {
        return views(bakes, subject -> Outlook.ticket(subject.ticket()));
    }

    /** The members behind a bake, and its probe's readings. */
    InsideView inside(Bake bake, long waitMs) {
        Subject subject = subject(bake);
        Outlook outlook = outlooks.now(subject, waitMs);
        Ensemble ensemble = outlook.ensemble()
                .orElseGet(() -> question(subject.question())
                        .watched(question(subject.question()).truth(), subject.course())
                        .orElseThrow(() -> new NotNow("This oven never brings that fish to its target.")));
        List<Judged> judged = outlook.judged();
        List<TraceView> trace = new ArrayList<>();
        double last = Double.NEGATIVE_INFINITY;
        double apart = judged.isEmpty()
                ? 0
                : (judged.get(judged.size() - 1).reading().minute()
                                - judged.get(0).reading().minute())
                        / TRACE_POINTS;
        for (Judged j : judged) {
            if (j.reading().minute() - last >= apart) {
                last = j.reading().minute();
                trace.add(new TraceView(last, j.reading().celsius(), j.trust()));
            }
        }
        return new InsideView(FanView.of(ensemble.fan()), trace);
    }

    private List<BakeView> views(List<Bake> bakes, Look look) {
        List<UUID> ids = bakes.stream().map(Bake::getId).toList();
        Map<UUID, List<Tap>> tapped =
                taps.findByBakeIdInAndUndoneFalseOrderByAt(ids).stream().collect(Collectors.groupingBy(Tap::bakeId));
        Map<UUID, ProbeUse> used =
                uses.findByBakeIdIn(ids).stream().collect(Collectors.toMap(ProbeUse::bakeId, Function.identity()));
        Set<UUID> pictured = Set.copyOf(photos.findIdsIn(ids));
        return bakes.stream()
                .map(bake -> view(
                        bake,
                        story(bake, tapped.getOrDefault(bake.getId(), List.of())),
                        Optional.ofNullable(used.get(bake.getId())),
                        pictured.contains(bake.getId()),
                        look))
                .toList();
    }

    private static Story story(Bake bake, List<Tap> taps) {
        return new Story(bake.startedAt(), bake.outAt(), taps);
    }

    private Question question(EstimateRequest request) {
        return questions.get(request, Question::of);
    }

    /** All that an outlook on a bake follows from. */
    Subject subject(Bake bake) {
        List<Tap> tapped = taps.findByBakeIdInAndUndoneFalseOrderByAt(List.of(bake.getId()));
        Optional<ProbeUse> use = uses.findById(bake.getId());
        return subject(bake, story(bake, tapped), use, measured(use), airs(bake));
    }

    private Subject subject(
            Bake bake, Story story, Optional<ProbeUse> use, List<Measured> measured, List<Measured> airs) {
        return new Subject(
                bake.getId(),
                request(bake),
                bake.predicted().window(),
                story.course(),
                story.seen(),
                readings(story, measured),
                use.map(u -> story.minute(u.since())).orElse(0.0),
                story.outMin().orElse(Double.POSITIVE_INFINITY),
                air(bake, story, airs));
    }

    private List<Measured> measured(Optional<ProbeUse> use) {
        return use.map(u -> readings.of(u.device(), Channel.TIP, u.since(), u.until() == null ? now() : u.until()))
                .orElse(List.of());
    }

    private List<Measured> airs(Bake bake) {
        String sensor = bake.oven().sensor();
        if (sensor == null) {
            return List.of();
        }
        Instant until = bake.outAt() == null ? now() : bake.outAt();
        return readings.of(sensor, Channel.AIR, bake.startedAt(), until);
    }

    /* What the oven's thermometer says of the dial: the first stretch in which the oven was hot and nothing happened. */
    private Optional<Timed> air(Bake bake, Story story, List<Measured> airs) {
        OvenCourse course = story.course();
        double dial = bake.predicted().dialCelsius().doubleValue();
        boolean steadyDial = question(request(bake)).programme().hottestC() == dial;
        if (!course.asPlanned() || !steadyDial) {
            return Optional.empty();
        }
        return OvenThermometer.offset(readings(story, airs), dial)
                .map(offset -> new Timed(offset.minute(), new Observation.OvenAir(offset.celsius())));
    }

    private static List<Reading> readings(Story story, List<Measured> measured) {
        return measured.stream()
                .map(m -> new Reading(story.minute(m.at()), m.celsius()))
                .toList();
    }

    private BakeView view(Bake bake, Story story, Optional<ProbeUse> use, boolean hasPhoto, Look look) {
        EstimateRequest request = request(bake);
        Question question = question(request);
        List<Measured> measured = measured(use);
        List<Measured> airs = bake.outAt() == null ? airs(bake) : List.of();
        Subject subject = subject(bake, story, use, measured, airs);
        Outlook outlook = look.of(subject);
        CheckWindow window = outlook.window();
        Predicted p = bake.predicted();
        BakeFacts facts = new BakeFacts(
                question.programme().rested(p.restMin().doubleValue()),
                question.piece(),
                question.dress(),
                new BakeFacts.Window(window.checkFromMin(), window.likelyMin(), window.noLaterThanMin()),
                outlook.nextLookMin(),
                takeOutMin(outlook),
                story.stepsDone(),
                story.outMin(),
                story.crackedMin());
        double dial = subject.course().dialC(p.dialCelsius().doubleValue(), Double.MAX_VALUE);
        return new BakeView(
                bake.getId(),
                bake.revision(),
                bake.title(),
                bake.oven().id(),
                bake.oven().name(),
                bake.oven().kind(),
                story.held(),
                p.thicknessMm().doubleValue(),
                dial,
                p.targetCelsius().doubleValue(),
                p.predictedMin().doubleValue(),
                p.checkFromMin().doubleValue(),
                p.likelyMin().doubleValue(),
                p.noLaterThanMin().doubleValue(),
                WindowView.of(window),
                p.restMin().doubleValue(),
                bake.startedAt(),
                bake.outAt(),
                bake.loggedAt(),
                story.outMin().isPresent() ? story.outMin().getAsDouble() : null,
                bake.verdict(),
                bake.probeCelsius() == null ? null : bake.probeCelsius().doubleValue(),
                bake.note(),
                moments(story.held() ? BakeClock.waiting() : BakeClock.moments(facts)),
                moments(BakeClock.onceOut(facts, 0)),
                outlook.look().map(BakeViews::look).orElse(null),
                use.map(u -> probe(u, measured, outlook)).orElse(null),
                airView(bake.oven(), airs, dial),
                story.taps().stream()
                        .map(TapView::of)
                        .sorted(Comparator.comparing(TapView::at).reversed())
                        .toList(),
                story.last(TapKind.PORTIONS).map(Tap::number).orElse(null),
                leftovers(story),
                bake.lesson() == null
                        ? null
                        : bake.oven().truth().words(bake.oven().lessons()),
                hasPhoto,
                card(request, question),
                now());
    }

    /* A probe that is believed tells when; without one the window's end does, or a look. */
    private static OptionalDouble takeOutMin(Outlook outlook) {
        boolean trusted = !outlook.judged().isEmpty()
                && outlook.judged().get(outlook.judged().size() - 1).trust().believed();
        if (outlook.takeOutMin().isPresent() || !trusted) {
            return outlook.takeOutMin();
        }
        return OptionalDouble.of(outlook.window().likelyMin());
    }

    private static List<MomentView> moments(List<Moment> moments) {
        return moments.stream().map(MomentView::of).toList();
    }

    private static LookView look(Outlook.Look look) {
        return new LookView(
                look.standing().minute(),
                look.standing().advice(),
                look.standing().giveItMin(),
                look.standing().peakIfOutC(),
                look.widthBeforeMin(),
                look.widthAfterMin(),
                look.early(),
                look.standing().surprising());
    }

    private static ProbeView probe(ProbeUse use, List<Measured> measured, Outlook outlook) {
        Measured last = measured.isEmpty() ? null : measured.get(measured.size() - 1);
        Judged judged = outlook.judged().isEmpty()
                ? null
                : outlook.judged().get(outlook.judged().size() - 1);
        return new ProbeView(
                use.device(),
                use.since(),
                use.until(),
                last == null ? null : last.celsius(),
                last == null ? null : last.at(),
                judged == null ? null : judged.trust(),
                judged == null ? null : judged.trust().words(),
                last == null ? null : last.battery());
    }

    private AirView airView(Oven oven, List<Measured> airs, double dial) {
        if (airs.isEmpty()) {
            return null;
        }
        Measured last = airs.get(airs.size() - 1);
        if (last.at().isBefore(now().minus(AIR_IS_OLD))) {
            return null;
        }
        return new AirView(oven.sensor(), last.celsius(), last.at(), OvenThermometer.hotInMin(last.celsius(), dial));
    }

    private LeftoversView leftovers(Story story) {
        if (story.outAt() == null) {
            return null;
        }
        Optional<Tap> cleared = story.cleared();
        return new LeftoversView(
                story.outAt().plus(Duration.ofMinutes(Math.round(Leftovers.FRIDGE_WITHIN_MIN))),
                cleared.map(Tap::kind).orElse(null),
                cleared.filter(t -> t.kind() == TapKind.CHILLED)
                        .map(t -> story.outAt().plus(Duration.ofDays(Leftovers.KEPT_DAYS)))
                        .orElse(null),
                Leftovers.words());
    }

    private BakeCard card(EstimateRequest request, Question question) {
        Checking checking = Checking.of(question.piece(), question.dress());
        return new BakeCard(
                request,
                question.cautions(),
                new CheckingView(checking.say(), checking.how(), checking.where(), checking.cues()),
                Carving.of(question.piece(), question.dress()).stream()
                        .map(s -> new CarvingView(s.picture(), s.say(), s.hint()))
                        .toList(),
                question.helpings());
    }

    /** The question a bake was put in with. */
    EstimateRequest request(Bake bake) {
        try {
            return json.readValue(bake.questionJson(), EstimateRequest.class);
        } catch (JsonProcessingException broken) {
            throw new IllegalStateException("The stored question of bake " + bake.getId() + " is broken.", broken);
        }
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
