package olla.server.bakes;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import olla.core.estimate.Certainty;
import olla.core.estimate.CheckWindow;
import olla.core.estimate.Estimate;
import olla.core.estimate.Observation;
import olla.core.estimate.Observation.Verdict;
import olla.core.estimate.OvenRecord;
import olla.core.oven.OvenEvent;
import olla.core.units.Refusals;
import olla.server.bench.EstimateAnswer;
import olla.server.bench.EstimateRequest;
import olla.server.bench.Question;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import olla.server.probes.ProbeUse;
import olla.server.probes.ProbeUseRepository;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The moments of a bake. What returns from here is committed: a row before it is an answer. What is asked a second time
 * with the same id changes nothing.
 */
@Service
public class BakeService {

    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_NOTE = 500;
    private static final int LOG_LINES = 200;
    private static final int MOST_STAGES = 12;
    private static final int MOST_PORTIONS = 500;

    /** How long after it was logged screens still ask what became of the leftovers. */
    static final Duration FOLLOWED = Duration.ofHours(4);

    /* Clocks of screens are set by this one, to within this. */
    private static final Duration CLOCKS_DIFFER = Duration.ofSeconds(10);

    /* How long a tap's answer waits for the narrowed window, ms. */
    private static final long PATIENCE_MS = 2500;

    /** The log of an oven has changed. */
    record LogChanged(int ovenId) {}

    private final BakeRepository bakes;
    private final TapRepository taps;
    private final ProbeUseRepository probes;
    private final OvenRepository ovens;
    private final BakeViews views;
    private final ObjectMapper json;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final ApplicationEventPublisher events;

    BakeService(
            BakeRepository bakes,
            TapRepository taps,
            ProbeUseRepository probes,
            OvenRepository ovens,
            BakeViews views,
            ObjectMapper json,
            Clock clock,
            TransactionTemplate transaction,
            ApplicationEventPublisher events) {
        this.bakes = bakes;
        this.taps = taps;
        this.probes = probes;
        this.ovens = ovens;
        this.views = views;
        this.json = json;
        this.clock = clock;
        this.transaction = transaction;
        this.events = events;
    }

    /** A fish goes in, now or when it is said. Asked again with the same id it answers with the bake that is there. */
    public BakeView putIn(PutIn in) {
        Instant at = in.at() == null ? now() : in.at().truncatedTo(ChronoUnit.MILLIS);
        Refusals refusals = new Refusals();
        if (in.id() == null) {
            refusals.missing("id", "Give the bake an id, so that a repeated tap is not a second fish.");
        }
        if (in.title() == null || in.title().isBlank() || in.title().length() > LONGEST_TITLE) {
            refusals.add("title", "A title has 1 to " + LONGEST_TITLE + " characters.");
        }
        if (in.question() == null) {
            refusals.missing("question", "Say what goes in.");
        }
        if (at.isAfter(now().plus(CLOCKS_DIFFER))) {
            refusals.add("at", "It cannot have gone in after now.");
        }
        refusals.throwIfAny();
        Optional<Bake> there = bakes.findWithOvenById(in.id());
        if (there.isPresent()) {
            return views.now(there.get(), PATIENCE_MS);
        }
        Oven oven = Optional.ofNullable(in.ovenId())
                .flatMap(ovens::findById)
                .orElseThrow(() -> new NotThere("There is no oven number " + in.ovenId() + "."));
        // What its log has taught is what the oven is taken for, whatever the asker knew of it.
        EstimateRequest request = in.question().in(oven.kind(), oven.truth());
        Question question = refusals.take("question", () -> Question.of(request));
        refusals.throwIfAny();
        Estimate estimate = question.answer();
        CheckWindow window = question.certainty(OvenRecord.NONE)
                .map(Certainty::window)
                .orElseThrow(() -> new NotNow("This oven never brings that fish to its target; nothing was put in."));
        Predicted predicted = Predicted.of(question, estimate, window);
        double trusting = question.trustingTheDialMin().orElse(window.likelyMin());
        Bake bake = new Bake(
                in.id(), in.title().strip(), oven, written(request), predicted, Predicted.decimal(trusting, 2), at);
        transaction.executeWithoutResult(status -> bakes.saveAndFlush(bake));
        return views.now(bake, PATIENCE_MS);
    }

    /**
     * Notes a tap.
     *
     * @throws NotNow where it does not go with where the bake stands
     */
    public BakeView tap(UUID id, TapInput input) {
        checked(input);
        return changed(id, bake -> {
            if (taps.existsById(input.id())) {
                return;
            }
            Instant at = moment(input.at());
            fits(bake, input, at);
            if (input.kind() == TapKind.OUT && bake.outAt() != null) {
                if (!at.isBefore(bake.outAt())) {
                    return;
                }
                taps.findByBakeIdInAndUndoneFalseOrderByAt(List.of(id)).stream()
                        .filter(t -> t.kind() == TapKind.OUT)
                        .forEach(Tap::undo);
            }
            taps.save(new Tap(id, input, at));
            switch (input.kind()) {
                case IN -> bake.goIn(at);
                case OUT -> bake.takeOut(at);
                default -> {
                    if (input.kind().clears()) {
                        bake.clear(at);
                    }
                }
            }
        });
    }

    private static void checked(TapInput input) {
        Refusals refusals = new Refusals();
        if (input.id() == null) {
            refusals.missing("id", "Give the tap an id, so that sent twice it counts once.");
        }
        if (input.kind() == null) {
            refusals.missing("kind", "Say what was tapped: " + Arrays.toString(TapKind.values()) + ".");
            refusals.throwIfAny();
        }
        switch (input.kind()) {
            case CUE -> {
                if (input.cue() == null) {
                    refusals.missing("cue", "Say what you saw.");
                }
            }
            case NOT_HOT, DIAL, READ -> {
                if (input.celsius() == null) {
                    refusals.missing("celsius", "Say how hot.");
                } else if (input.kind() == TapKind.READ) {
                    refusals.take("", () -> new Observation.Probe(0, input.celsius()));
                } else if (input.kind() == TapKind.DIAL) {
                    refusals.take("", () -> new OvenEvent.DialTurned(0, input.celsius()));
                } else {
                    refusals.take("", () -> new OvenEvent.NotHot(input.celsius()));
                }
            }
            case DOOR -> numbered(input, "An open door", 1, 600, "s", refusals);
            case STEP -> numbered(input, "A stage's place", 0, MOST_STAGES, "", refusals);
            case PORTIONS -> numbered(input, "Helpings", 0, MOST_PORTIONS, "", refusals);
            default -> {}
        }
        refusals.throwIfAny();
    }

    private static void numbered(
            TapInput input, String what, double least, double most, String unit, Refusals refusals) {
        if (input.number() == null) {
            refusals.missing("number", "Say the number.");
        } else {
            refusals.range("number", what, input.number(), least, most, unit);
        }
    }

    private static void fits(Bake bake, TapInput input, Instant at) {
        boolean after = input.kind().clears() || input.kind() == TapKind.PORTIONS;
        if (bake.loggedAt() != null && !after) {
            throw new NotNow("It is in the log already. Open it again first.");
        }
        if (input.kind().inside() && bake.outAt() != null && at.isAfter(bake.outAt())) {
            throw new NotNow("It is out already. If it is not, undo that first.");
        }
        if (input.kind() == TapKind.CRACKED && bake.outAt() == null || after && bake.outAt() == null) {
            throw new NotNow("It is still in the oven. Take it out first.");
        }
        if (at.isBefore(bake.startedAt().minus(FOLLOWED))) {
            throw new NotNow("That was long before it went in.");
        }
    }

    /** Undoes a tap; one that is not there, or undone already, changes nothing. */
    public BakeView untap(UUID id, UUID tapId) {
        return changed(id, bake -> {
            Tap tap = taps.findById(tapId).filter(t -> !t.undone()).orElse(null);
            if (tap == null || !tap.bakeId().equals(id)) {
                return;
            }
            if (bake.loggedAt() != null && !tap.kind().clears() && tap.kind() != TapKind.PORTIONS) {
                throw new NotNow("It is in the log already. Open it again first.");
            }
            tap.undo();
            taps.save(tap);
            if (tap.kind() == TapKind.OUT) {
                bake.putBack();
            } else if (tap.kind().clears()) {
                bake.clear(null);
            }
        });
    }

    /** It comes out; the first word counts, unless a tap that was made earlier comes later. */
    public BakeView takeOut(UUID id, Instant at) {
        return tap(id, TapInput.plain(TapKind.OUT, at));
    }

    /** Puts a probe into a bake, and so takes it out of any other. */
    public BakeView probe(UUID id, String device, Instant at) {
        Refusals refusals = new Refusals();
        if (device == null || device.isBlank() || device.length() > 40) {
            refusals.add("device", "A device's name has 1 to 40 characters.").throwIfAny();
        }
        return changed(id, bake -> {
            open(bake);
            Instant since = moment(at);
            for (ProbeUse other : probes.findByDeviceAndUntilIsNull(device)) {
                if (!other.bakeId().equals(id)) {
                    other.end(since);
                    probes.save(other);
                    bakes.touch(other.bakeId().toString());
                }
            }
            ProbeUse use = probes.findById(id).orElse(null);
            if (use == null || !use.device().equals(device) || use.until() != null) {
                probes.save(new ProbeUse(id, device, since));
            }
        });
    }

    /** Takes the probe out of a bake; what it has said still counts. */
    public BakeView unprobe(UUID id, Instant at) {
        return changed(
                id,
                bake -> probes.findById(id).filter(use -> use.until() == null).ifPresent(use -> {
                    use.end(moment(at));
                    probes.save(use);
                }));
    }

    /** Says how it was; said again, the later word stands. */
    public BakeView log(UUID id, HowItWas how) {
        Refusals refusals = new Refusals();
        if (how.verdict() == null) {
            refusals.missing("verdict", "Say how it was: UNDER, RIGHT or OVER.");
        }
        if (how.probeC() != null) {
            refusals.range("probeC", "A probe reading", how.probeC(), -5, 120, "°C");
        }
        if (how.note() != null && how.note().length() > LONGEST_NOTE) {
            refusals.add(
                    "note",
                    "A note has at most " + LONGEST_NOTE + " characters; this has "
                            + how.note().length() + ".");
        }
        refusals.throwIfAny();
        return changed(id, bake -> {
            if (bake.outAt() == null) {
                throw new NotNow("It is still in the oven. Take it out first.");
            }
            BigDecimal probe = how.probeC() == null
                    ? null
                    : BigDecimal.valueOf(how.probeC()).setScale(1, RoundingMode.HALF_EVEN);
            bake.log(how.verdict(), probe, how.note(), moment(how.at()));
            events.publishEvent(new LogChanged(bake.oven().id()));
        });
    }

    /** Undoes the verdict: the bake is open again, what was said of it is kept. */
    public BakeView reopen(UUID id) {
        return changed(id, bake -> {
            bake.reopen();
            events.publishEvent(new LogChanged(bake.oven().id()));
        });
    }

    /** Undoes putting in: the bake is forgotten. Only while it is not in the log. */
    public void forget(UUID id) {
        transaction.executeWithoutResult(status -> {
            Bake bake = bakes.findWithOvenById(id).orElse(null);
            if (bake != null) {
                open(bake);
                bakes.delete(bake);
            }
        });
    }

    /** What is in an oven, on the board, or lately in the log with its leftovers. */
    public List<BakeView> running() {
        return views.soon(bakes.findFollowed(now().minus(FOLLOWED)), id -> {});
    }

    /** What is in the log, newest first. */
    public List<BakeView> logged() {
        return views.logged(bakes.findByLoggedAtIsNotNullOrderByStartedAtDesc(Limit.of(LOG_LINES)));
    }

    /** One bake. */
    public BakeView one(UUID id) {
        return views.now(any(id), PATIENCE_MS);
    }

    /** The members behind a bake and what its probe said. */
    InsideView inside(UUID id) {
        return views.inside(any(id), PATIENCE_MS);
    }

    /** A bake that is out, reckoned with the minutes that it had. */
    EstimateAnswer rest(UUID id) {
        Bake bake = any(id);
        if (bake.outAt() == null) {
            throw new NotNow("It is still in the oven. Take it out first.");
        }
        double minutes = Duration.between(bake.startedAt(), bake.outAt()).toMillis() / 60_000.0;
        return EstimateAnswer.of(Question.of(views.request(bake)).lasting(minutes));
    }

    /** What the log says of an oven: how long what came out just right took against what was foretold. */
    public OvenRecord record(int ovenId) {
        double[] ratios = bakes
                .findByOvenIdAndVerdictAndLoggedAtIsNotNullOrderByStartedAtDesc(
                        ovenId, Verdict.RIGHT, Limit.of(LOG_LINES))
                .stream()
                .mapToDouble(BakeService::ratio)
                .toArray();
        return ratios.length == 0
                ? OvenRecord.NONE
                : new OvenRecord(ratios.length, Arrays.stream(ratios).average().orElseThrow());
    }

    private static double ratio(Bake bake) {
        double minutes = Duration.between(bake.startedAt(), bake.outAt()).toMillis() / 60_000.0;
        return minutes / bake.trustingMin();
    }

    private Bake any(UUID id) {
        return bakes.findWithOvenById(id).orElseThrow(() -> new NotThere("There is no such bake."));
    }

    private static void open(Bake bake) {
        if (bake.loggedAt() != null) {
            throw new NotNow("It is in the log already. Open it again first.");
        }
    }

    /** A change to one bake. */
    private interface Change {
        void make(Bake bake);
    }

    /* The row is counted up first, which also keeps others off it until this is stored. */
    private BakeView changed(UUID id, Change change) {
        Bake bake = transaction.execute(status -> {
            bakes.touch(id.toString());
            Bake found = any(id);
            change.make(found);
            return bakes.saveAndFlush(found);
        });
        return views.now(bake, PATIENCE_MS);
    }

    /* No moment is ever later than now: a screen's clock may run a little ahead. */
    private Instant moment(Instant said) {
        Instant now = now();
        return said == null || said.isAfter(now) ? now : said.truncatedTo(ChronoUnit.MILLIS);
    }

    /** The store keeps milliseconds; nothing finer is ever answered. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private String written(EstimateRequest question) {
        try {
            return json.writeValueAsString(question);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("A question that was read cannot be written.", impossible);
        }
    }
}
