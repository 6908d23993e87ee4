package olla.server.bakes;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import olla.core.doneness.Doneness;
import olla.core.dress.Quantities;
import olla.core.estimate.Certainty;
import olla.core.estimate.Estimate;
import olla.core.estimate.OvenRecord;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.oven.OvenEvent;
import olla.core.plan.BakeClock;
import olla.core.safety.Leftovers;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Observation;
import olla.core.uncertainty.OvenEvidence;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeRepository;
import olla.server.bakes.rows.BakeTimeline;
import olla.server.bakes.rows.Predicted;
import olla.server.bakes.rows.StoredQuestions;
import olla.server.bakes.rows.Tap;
import olla.server.bakes.rows.TapInput;
import olla.server.bakes.rows.TapKind;
import olla.server.bakes.rows.TapRepository;
import olla.server.forecast.CarryOver;
import olla.server.habits.KitchenHabits;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import olla.server.people.Who;
import olla.server.probes.ProbeUse;
import olla.server.probes.ProbeUseRepository;
import olla.server.query.CertaintyCache;
import olla.server.query.EstimateAnswer;
import olla.server.query.EstimateRequest;
import olla.server.query.Question;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.Lengths;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The moments of a bake. What returns from here is committed: a row before it is an answer. What is asked a second time
 * with the same id changes nothing.
 */
@Service
public class BakeService {

    /* How many bakes of an oven say how it cooks. */
    private static final int TELLING = 200;
    private static final int MOST_STAGES = 12;
    private static final int MOST_PORTIONS = 500;

    /** How long after it was logged screens still ask what became of the leftovers. */
    public static final Duration FOLLOWED = Duration.ofHours(4);

    /* Clocks of screens are set by this one, to within this. */
    private static final Duration CLOCKS_DIFFER = Duration.ofSeconds(10);

    /* What a screen may have kept for longest before it is sent. */
    private static final Duration LONGEST_AGO = Duration.ofDays(31);

    /* A clock that was set back by less than this is no reason to refuse a tap. */
    private static final Duration CLOCKS_LEAP = Duration.ofMinutes(15);

    /* Food that is neither hot nor cold stands for no longer (published: USDA FSIS, the two-hour rule, from memory). */
    private static final Duration STANDS = Duration.ofMinutes(Math.round(Leftovers.FRIDGE_WITHIN_MIN));

    private static final Duration FORGOTTEN = Duration.ofMinutes(Math.round(BakeClock.FORGOTTEN_MIN));

    /* After these the first sentence has to be right: never a calm one over raw fish, nor one of before it came out. */
    private static final Set<TapKind> RIGHT_AT_ONCE = EnumSet.of(TapKind.OUT, TapKind.BACK);

    /** The log of an oven has changed. */
    public record LogChanged(int ovenId) {}

    private final BakeRepository bakes;
    private final TapRepository taps;
    private final ProbeUseRepository probes;
    private final OvenRepository ovens;
    private final BakeViews views;
    private final StoredQuestions questions;
    private final CarryOver carryOver;
    private final CertaintyCache certainties;
    private final KitchenHabits habits;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final ApplicationEventPublisher events;
    private final long tapPatienceMs;
    private final long patienceMs;

    /**
     * @param tapPatience how long a tap's answer waits for the narrowed window, which otherwise the stream tells
     * @param patience how long whoever asks for a bake waits for it
     */
    BakeService(
            BakeRepository bakes,
            TapRepository taps,
            ProbeUseRepository probes,
            OvenRepository ovens,
            BakeViews views,
            StoredQuestions questions,
            CarryOver carryOver,
            CertaintyCache certainties,
            KitchenHabits habits,
            Clock clock,
            TransactionTemplate transaction,
            ApplicationEventPublisher events,
            @Value("${olla.taps.patience}") Duration tapPatience,
            @Value("${olla.asked.patience}") Duration patience) {
        this.bakes = bakes;
        this.taps = taps;
        this.probes = probes;
        this.ovens = ovens;
        this.views = views;
        this.questions = questions;
        this.carryOver = carryOver;
        this.certainties = certainties;
        this.habits = habits;
        this.clock = clock;
        this.transaction = transaction;
        this.events = events;
        this.tapPatienceMs = tapPatience.toMillis();
        this.patienceMs = patience.toMillis();
    }

    /** A fish goes in, now or when it is said. Asked again with the same id and content it answers with the bake that is there. */
    public BakeView putIn(PutIn in) {
        Instant at = in.at() == null ? now() : in.at().truncatedTo(ChronoUnit.MILLIS);
        Refusals refusals = new Refusals();
        if (in.id() == null) {
            refusals.add("id", "missing.bake-id");
        }
        refusals.length("title", "bake-title", in.title(), 1, Lengths.BAKE_TITLE);
        if (in.question() == null) {
            refusals.add("question", "missing.question");
        }
        refusals.throwIfAny();
        Optional<BakeView> there = there(in);
        if (there.isPresent()) {
            return there.get();
        }
        if (at.isAfter(now().plus(CLOCKS_DIFFER))) {
            refusals.add("at", "refusal.in-after-now").throwIfAny();
        }
        if (at.isBefore(now().minus(LONGEST_AGO))) {
            refusals.add("at", "refusal.in-too-long-ago", "days", LONGEST_AGO.toDays())
                    .throwIfAny();
        }
        Oven oven = Optional.ofNullable(in.ovenId())
                .flatMap(ovens::findById)
                .orElseThrow(() -> new NotThere("not-there.oven", "id", String.valueOf(in.ovenId())));
        // What the log has taught is what oven and fish are taken for, whatever the asker knew of them.
        EstimateRequest request = in.question()
                .in(oven.kind(), oven.calibration())
                .going(habits.of(in.question()).orElse(null));
        Question question = refusals.take("question", () -> Question.of(request));
        refusals.throwIfAny();
        Estimate estimate = question.answer();
        // With the log, though only the window is wanted: the bench has asked just so.
        CheckWindow window = certainties
                .of(question, record(oven.id()))
                .map(Certainty::window)
                .orElseThrow(() -> new NotNow("cannot.never-done-nothing-put-in"));
        Predicted predicted = Predicted.of(question, estimate, window);
        double trusting = question.trustingTheDialMin().orElse(window.likelyMin());
        BigDecimal enoughFrom = enoughFrom(request);
        Bake bake;
        try {
            bake = transaction.execute(status -> {
                // Made anew each time: what could not be stored once is not new to the store a second time.
                Bake put = bakes.saveAndFlush(new Bake(
                        in.id(),
                        in.title().strip(),
                        oven,
                        questions.written(request),
                        predicted,
                        Predicted.decimal(trusting, 2),
                        enoughFrom,
                        at));
                // What has a fish in it is in use, whatever was said of it.
                ovens.takeOut(oven.id());
                refuseTakenBackMeanwhile(in.id());
                return put;
            });
        } catch (DataIntegrityViolationException twice) {
            return there(in).orElseThrow(() -> twice);
        }
        return views.now(bake, tapPatienceMs);
    }

    /* Last, and by writing what whoever takes it back writes: at whichever node, that is either there by now, or finds the bake. */
    private void refuseTakenBackMeanwhile(UUID id) {
        if (bakes.noteGone(WhoseKitchen.here(), id.toString(), now()) == 0) {
            throw new NotNow("cannot.taken-back");
        }
        bakes.forgetGone(WhoseKitchen.here(), id.toString());
    }

    private BigDecimal enoughFrom(EstimateRequest request) {
        double minutes = carryOver.enoughFromMin(request);
        return Double.isInfinite(minutes) ? null : Predicted.decimal(minutes, 2);
    }

    /* What was put in under this id already, where it is the same. */
    private Optional<BakeView> there(PutIn in) {
        return bakes.findWithOvenById(in.id()).map(bake -> {
            EstimateRequest stored = questions.asked(bake);
            EstimateRequest asked = in.question()
                    .in(bake.oven().kind(), bake.oven().calibration())
                    .going(null);
            boolean same = bake.title().equals(in.title().strip())
                    && bake.oven().id().equals(in.ovenId())
                    && stored.in(bake.oven().kind(), bake.oven().calibration())
                            .going(null)
                            .equals(asked);
            if (!same) {
                throw new NotNow("cannot.bake-id-taken");
            }
            return views.now(bake, tapPatienceMs);
        });
    }

    /**
     * Notes a tap.
     *
     * @throws NotNow where it does not go with where the bake stands
     */
    public BakeView tap(UUID id, TapInput input) {
        checked(input);
        long waitMs = RIGHT_AT_ONCE.contains(input.kind()) ? patienceMs : tapPatienceMs;
        return changed(id, waitMs, bake -> {
            BakeTimeline timeline = views.timeline(bake);
            Instant at = moment(input.at());
            Tap tap = new Tap(id, input, at);
            Tap there = taps.findById(input.id()).orElse(null);
            if (there != null) {
                if (!there.is(tap)) {
                    throw new NotNow("cannot.tap-id-taken");
                }
                return;
            }
            fits(bake, timeline, input, at);
            if (input.kind() == TapKind.OUT && timeline.outAt() != null) {
                if (!at.isBefore(timeline.outAt())) {
                    return;
                }
                // Tapped first and sent last: the earlier word counts, and is the one to undo.
                timeline.taps().stream()
                        .filter(t -> t.kind() == TapKind.OUT && !t.at().isBefore(timeline.outAt()))
                        .forEach(Tap::undo);
            }
            taps.saveAndFlush(tap);
            if (input.kind() == TapKind.FORGOTTEN) {
                relearn(bake, at);
                bake.close(at);
            }
            bake.follow(views.timeline(bake));
        });
    }

    private static void checked(TapInput input) {
        Refusals refusals = new Refusals();
        if (input.id() == null) {
            refusals.add("id", "missing.tap-id");
        }
        if (input.kind() == null) {
            refusals.add("kind", "missing.tap-kind", "choices", Message.codes(TapKind.values()));
            refusals.throwIfAny();
        }
        switch (input.kind()) {
            case CUE -> {
                if (input.cue() == null) {
                    refusals.add("cue", "missing.cue");
                }
            }
            case NOT_HOT, DIAL, READ -> {
                if (input.celsius() == null) {
                    refusals.add("celsius", "missing.celsius");
                } else if (input.kind() == TapKind.READ) {
                    refusals.take("", () -> new Observation.Probe(0, input.celsius()));
                } else if (input.kind() == TapKind.DIAL) {
                    refusals.take("", () -> new OvenEvent.DialTurned(0, input.celsius()));
                } else {
                    refusals.take("", () -> new OvenEvent.NotHot(input.celsius()));
                }
            }
            case DOOR -> numbered(input, "open-door", 1, 600, Unit.SECOND, refusals);
            case SOME_OUT -> numbered(input, "pieces-out", 1, Quantities.MOST_PIECES, Unit.NUMBER, refusals);
            case STEP -> numbered(input, "stage-place", 0, MOST_STAGES, Unit.NUMBER, refusals);
            case TARGET -> {
                if (input.doneness() == null) {
                    refusals.add("doneness", "missing.target", "choices", Message.codes(Doneness.values()));
                }
            }
            case PORTIONS -> numbered(input, "helpings", 0, MOST_PORTIONS, Unit.NUMBER, refusals);
            default -> {}
        }
        refusals.throwIfAny();
    }

    private static void numbered(TapInput input, String what, double least, double most, Unit unit, Refusals refusals) {
        if (input.number() == null) {
            refusals.add("number", "missing.number");
        } else {
            refusals.range("number", what, input.number(), least, most, unit);
        }
    }

    private void fits(Bake bake, BakeTimeline timeline, TapInput input, Instant at) {
        TapKind kind = input.kind();
        boolean after = kind.clears() || kind == TapKind.PORTIONS;
        if (bake.loggedAt() != null && !after) {
            throw new NotNow("cannot.logged-already");
        }
        if (at.isBefore(bake.putAt().minus(CLOCKS_LEAP))) {
            throw new NotNow("cannot.before-it-went-in");
        }
        boolean out = timeline.outAt() != null;
        if (kind.inside() && out && at.isAfter(timeline.outAt())) {
            throw new NotNow("cannot.out-already");
        }
        if ((kind == TapKind.CRACKED || kind == TapKind.BACK || after) && !out) {
            throw new NotNow("cannot.still-in");
        }
        if (kind == TapKind.BACK && at.isBefore(timeline.outAt())) {
            throw new NotNow("cannot.before-it-came-out");
        }
        if (kind == TapKind.BACK && at.isAfter(timeline.outAt().plus(STANDS))) {
            throw new NotNow("cannot.stood-too-long");
        }
        Instant nobodyWaits = (out ? timeline.outAt() : timeline.inSince()).plus(FORGOTTEN);
        if (kind.whileAnybodyWaits() && at.isAfter(nobodyWaits)) {
            throw new NotNow("cannot.nobody-waited");
        }
        if (kind == TapKind.FORGOTTEN && at.isBefore(nobodyWaits)) {
            throw new NotNow("cannot.not-forgotten-yet");
        }
        if (kind == TapKind.SOME_OUT) {
            int left = questions.understood(questions.asked(bake)).pieces()
                    - timeline.someOut().stream().mapToInt(Tap::number).sum();
            if (input.number() >= left) {
                throw new NotNow("cannot.last-piece", "left", left);
            }
        }
        if (kind == TapKind.TARGET) {
            // Judged as on the Bench: who eats, what was done about parasites.
            questions.understood(questions.asked(bake).to(input.doneness()));
        }
    }

    /** Undoes a tap; one that is not there, or undone already, changes nothing. */
    public BakeView untap(UUID id, UUID tapId) {
        return changed(id, bake -> {
            Tap tap = taps.findById(tapId).filter(t -> !t.undone()).orElse(null);
            if (tap == null || !tap.bakeId().equals(id)) {
                return;
            }
            boolean ofTheLog = tap.kind().clears() || tap.kind() == TapKind.PORTIONS || tap.kind() == TapKind.FORGOTTEN;
            if (bake.loggedAt() != null && !ofTheLog) {
                throw new NotNow("cannot.logged-already");
            }
            tap.undo();
            taps.saveAndFlush(tap);
            if (tap.kind() == TapKind.FORGOTTEN) {
                relearn(bake, bake.loggedAt());
                bake.reopen();
            }
            bake.follow(views.timeline(bake));
        });
    }

    /** It comes out; the first word counts, unless a tap that was made earlier comes later. */
    public BakeView takeOut(UUID id, Instant at) {
        return tap(id, TapInput.plain(TapKind.OUT, at));
    }

    /** Puts a probe into a bake, and so takes it out of any other. */
    public BakeView probe(UUID id, String device, Instant at) {
        new Refusals()
                .length("device", "device-name", device, 1, Lengths.DEVICE)
                .throwIfAny();
        // In a transaction of its own: who has just read a row to see whether it is there cannot then take it.
        transaction.execute(status -> {
            probes.know(WhoseKitchen.here(), device);
            return device;
        });
        Bake bake = transaction.execute(status -> {
            probes.take(WhoseKitchen.here(), device);
            // Who moves a probe holds its row; the bakes are then taken in one order by everybody.
            List<ProbeUse> others = probes.findByDeviceAndUntilIsNull(device).stream()
                    .filter(use -> !use.bakeId().equals(id))
                    .toList();
            Stream.concat(others.stream().map(ProbeUse::bakeId), Stream.of(id))
                    .map(UUID::toString)
                    .sorted()
                    .forEach(bakes::touch);
            Bake found = any(id);
            open(found);
            Instant since = moment(at);
            for (ProbeUse other : others) {
                other.end(since);
                probes.saveAndFlush(other);
            }
            ProbeUse use = probes.findById(id).orElse(null);
            if (use == null || !use.device().equals(device) || use.until() != null) {
                probes.saveAndFlush(new ProbeUse(id, device, since));
            }
            return bakes.saveAndFlush(found);
        });
        return views.now(bake, tapPatienceMs);
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
            refusals.add("verdict", "missing.verdict");
        }
        if (how.probeC() != null) {
            refusals.range(
                    "probeC",
                    "probe-reading",
                    how.probeC(),
                    Observation.COLDEST_SERVED_C,
                    Observation.HOTTEST_C,
                    Unit.CELSIUS);
        }
        if (how.note() != null && how.note().length() > Lengths.NOTE) {
            refusals.add(
                    "note",
                    "refusal.note-too-long",
                    "most",
                    Lengths.NOTE,
                    "characters",
                    how.note().length());
        }
        refusals.throwIfAny();
        return changed(id, bake -> {
            if (bake.outAt() == null) {
                throw new NotNow("cannot.still-in");
            }
            BigDecimal probe = how.probeC() == null
                    ? null
                    : BigDecimal.valueOf(how.probeC()).setScale(1, RoundingMode.HALF_EVEN);
            Instant said = moment(how.at());
            relearn(bake, said);
            bake.log(how.verdict(), probe, how.note(), said, Who.here());
        });
    }

    /** Undoes the verdict: the bake is open again, what was said of it is kept. */
    public BakeView reopen(UUID id) {
        return changed(id, bake -> {
            relearn(bake, bake.loggedAt());
            bake.reopen();
            // One that was closed without a word is open again when that is taken back.
            views.timeline(bake).last(TapKind.FORGOTTEN).ifPresent(tap -> {
                tap.undo();
                taps.saveAndFlush(tap);
            });
            bake.follow(views.timeline(bake));
        });
    }

    /* Whatever was learned from the earlier of a line's two places in the log on is worked out anew. */
    private void relearn(Bake bake, Instant place) {
        ovens.countLessonsUp(bake.oven().id());
        Stream.of(Optional.ofNullable(bake.loggedAt()), Optional.ofNullable(place))
                .flatMap(Optional::stream)
                .min(Comparator.naturalOrder())
                .ifPresent(since -> bakes.forgetLessons(bake.oven().id(), since));
        bake.teach(null, null);
        events.publishEvent(new LogChanged(bake.oven().id()));
    }

    /** Undoes putting in: the bake is gone, and asked for again it stays so. Only while it is not in the log. */
    public void forget(UUID id) {
        transaction.execute(status -> {
            bakes.noteGone(WhoseKitchen.here(), id.toString(), now());
            Bake bake = bakes.findWithOvenById(id).orElse(null);
            if (bake != null) {
                open(bake);
                bakes.delete(bake);
                bakes.flush();
            }
            return bake;
        });
    }

    /** What is in an oven, on the board, or lately in the log with its leftovers. */
    public List<BakeView> running() {
        return views.soon(bakes.findFollowed(now().minus(FOLLOWED)), id -> {});
    }

    /** One bake. */
    public BakeView one(UUID id) {
        return views.now(any(id), patienceMs);
    }

    /**
     * What has been found tonight of some ovens, by what is in them or has been and is not in the log yet.
     *
     * @return by id of an oven; without those of which nothing was found
     */
    public Map<Integer, OvenEvidence> found(Collection<Integer> ovens) {
        return views.found(bakes.findByOvenIdInAndPutAtBetween(ovens, now().minus(Timelines.LONGEST), now()).stream()
                .filter(bake -> bake.loggedAt() == null)
                .toList());
    }

    /** The members behind a bake and what its probe said. */
    InsideView inside(UUID id) {
        return views.inside(any(id), patienceMs);
    }

    /** A bake that is out, reckoned with the minutes that it had. */
    EstimateAnswer rest(UUID id) {
        Bake bake = any(id);
        if (bake.outAt() == null) {
            throw new NotNow("cannot.still-in");
        }
        return views.rest(bake);
    }

    /** What the log says of an oven: how long what came out just right took against what was foretold. */
    public OvenRecord record(int ovenId) {
        List<Double> ratios = bakes.ratios(WhoseKitchen.here(), ovenId, (int) BakeClock.FORGOTTEN_MIN, TELLING);
        return ratios.isEmpty()
                ? OvenRecord.NONE
                : new OvenRecord(
                        ratios.size(),
                        ratios.stream().mapToDouble(d -> d).average().orElseThrow());
    }

    private Bake any(UUID id) {
        return bakes.findWithOvenById(id).orElseThrow(() -> new NotThere("not-there.bake"));
    }

    private static void open(Bake bake) {
        if (bake.loggedAt() != null) {
            throw new NotNow("cannot.logged-already");
        }
    }

    /** A change to one bake. */
    private interface Change {
        void make(Bake bake);
    }

    private BakeView changed(UUID id, Change change) {
        return changed(id, tapPatienceMs, change);
    }

    /* The row is counted up first, which also keeps others off it until this is stored. */
    private BakeView changed(UUID id, long waitMs, Change change) {
        Bake bake = transaction.execute(status -> {
            bakes.touch(id.toString());
            Bake found = any(id);
            change.make(found);
            return bakes.saveAndFlush(found);
        });
        return views.now(bake, waitMs);
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
}
