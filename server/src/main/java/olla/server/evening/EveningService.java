package olla.server.evening;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import olla.core.evening.DaysBefore;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.messages.RefusedInput;
import olla.core.runsheet.DishTime;
import olla.core.runsheet.RunSheet;
import olla.core.runsheet.SheetStep;
import olla.server.evening.EveningView.AdviceView;
import olla.server.evening.EveningView.EarlyView;
import olla.server.evening.EveningView.MakingView;
import olla.server.evening.EveningView.MoveView;
import olla.server.evening.EveningView.MovedView;
import olla.server.evening.EveningView.SheetCourseView;
import olla.server.evening.EveningView.SheetDishView;
import olla.server.evening.EveningView.SheetStepView;
import olla.server.evening.EveningView.SheetView;
import olla.server.evening.EveningView.ShortageView;
import olla.server.people.People;
import olla.server.query.EstimateRequest;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.ChangedSince;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Evenings: written, moved about, undone. What returns from here is committed; asked a second time with one id it changes nothing. */
@Service
public class EveningService {

    /** No version: what is written is not there yet. */
    public static final int NEW = -1;

    private static final Duration LISTED = Duration.ofDays(2);
    private static final int LONGEST_STEP = 120;

    /* Nothing is planned further off, and no step lies further from its evening. */
    private static final Duration FURTHEST = Duration.ofDays(366);
    private static final Duration FURTHEST_STEP = Duration.ofHours(24);

    /* How long whoever changes something waits for the sheet, ms; what takes longer is told once it is there. */
    private static final long PATIENCE_MS = 1500;

    private final EveningRepository evenings;
    private final MoveRepository moves;
    private final EveningReader reader;
    private final EveningJson json;
    private final EveningPlans plans;
    private final People people;
    private final Clock clock;
    private final TransactionTemplate transaction;

    EveningService(
            EveningRepository evenings,
            MoveRepository moves,
            EveningReader reader,
            EveningJson json,
            EveningPlans plans,
            People people,
            Clock clock,
            TransactionTemplate transaction) {
        this.evenings = evenings;
        this.moves = moves;
        this.reader = reader;
        this.json = json;
        this.plans = plans;
        this.people = people;
        this.clock = clock;
        this.transaction = transaction;
    }

    /** Those of today and later, the earliest first. */
    List<EveningLine> all() {
        return evenings.findByServeAtAfterOrderByServeAt(now().minus(LISTED)).stream()
                .map(row -> {
                    EveningInput input = json.read(row.inputJson());
                    return new EveningLine(
                            row.getId(),
                            row.name(),
                            row.serveAt(),
                            input.guests(),
                            input.fish().size() + input.sides().size());
                })
                .toList();
    }

    /** How often each of those of today and later has changed, of all kitchens, by kitchen. */
    public Map<Integer, Map<UUID, Long>> revisions() {
        return WhoseKitchen.in(WhoseKitchen.ALL, () -> evenings.findPulseByServeAtAfter(now().minus(LISTED))).stream()
                .collect(Collectors.groupingBy(
                        EveningRepository.Pulse::kitchenId,
                        Collectors.toMap(EveningRepository.Pulse::id, EveningRepository.Pulse::revision)));
    }

    /** One, with its sheet; where that was never worked out, or whoever did so is gone, it is on its way. */
    EveningView one(UUID id) {
        EveningRow row = find(id);
        Optional<Known> known = plans.known(id);
        if (known.isEmpty()) {
            plans.again(id, false, PATIENCE_MS);
        } else if (known.get().lost()) {
            plans.againAfter(id, known.get());
        }
        return view(row);
    }

    /**
     * Writes an evening. The same words written again over the version before them are answered as they were.
     *
     * @param version that is written over; {@link #NEW} for one that is not there yet
     * @throws ChangedSince where somebody else has changed it since
     */
    public EveningRowView write(UUID id, int version, EveningInput input) {
        reader.read(input);
        if (Duration.between(now(), input.serveAt()).abs().compareTo(FURTHEST) > 0) {
            new Refusals()
                    .add("serveAt", "refusal.evening-too-far", "days", FURTHEST.toDays())
                    .throwIfAny();
        }
        EveningRow saved = transaction.execute(status -> {
            EveningRow there = evenings.findLockedById(id).orElse(null);
            if (there == null && version != NEW) {
                throw new ChangedSince("changed.evening-gone");
            }
            if (there != null && there.version() != version) {
                if (json.read(there.inputJson()).equals(input)) {
                    return there;
                }
                throw new ChangedSince("changed.evening", "name", there.name());
            }
            EveningRow row = there == null ? new EveningRow(id) : there;
            row.write(input.name().strip(), input.serveAt().truncatedTo(ChronoUnit.MILLIS), json.written(input));
            EveningRow written = evenings.saveAndFlush(row);
            evenings.touch(id.toString());
            return written;
        });
        plans.again(id, true, PATIENCE_MS);
        return new EveningRowView(saved.getId(), saved.version());
    }

    /** What an evening is called after it was written. */
    public record EveningRowView(UUID id, int version) {}

    /**
     * Takes an evening out of the book.
     *
     * @throws ChangedSince where somebody else has changed it since
     */
    void forget(UUID id, int version) {
        transaction.executeWithoutResult(status -> evenings.findLockedById(id).ifPresent(row -> {
            if (row.version() != version) {
                throw new ChangedSince("changed.evening", "name", row.name());
            }
            evenings.delete(row);
        }));
    }

    /** Notes a move, and plans what is still ahead. */
    public void move(UUID id, MoveInput input) {
        EveningRow row = find(id);
        Refusals refusals = new Refusals();
        if (input.id() == null) {
            refusals.add("id", "missing.tap-id");
        }
        if (input.kind() == null) {
            refusals.add("kind", "missing.move-kind", "choices", Message.codes(MoveKind.values()));
        }
        refusals.length("step", "step-key", input.step(), 1, LONGEST_STEP);
        Instant at = input.at() == null ? now() : input.at().truncatedTo(ChronoUnit.MILLIS);
        if (Duration.between(row.serveAt(), at).abs().compareTo(FURTHEST_STEP) > 0) {
            refusals.add("at", "refusal.step-too-far", "hours", FURTHEST_STEP.toHours());
        }
        refusals.throwIfAny();
        transaction.executeWithoutResult(status -> {
            evenings.findLockedById(id).orElseThrow(() -> new NotThere("not-there.evening"));
            Move move = new Move(id, input, at);
            Move there = moves.findById(input.id()).orElse(null);
            if (there == null) {
                moves.saveAndFlush(move);
                evenings.touch(id.toString());
            } else if (!there.is(move)) {
                throw new NotNow("cannot.tap-id-taken");
            }
        });
        plans.again(id, false, PATIENCE_MS);
    }

    /** Undoes a move; one that is not there, or undone already, changes nothing. */
    public EveningView unmove(UUID id, UUID moveId) {
        transaction.executeWithoutResult(status -> {
            evenings.findLockedById(id).orElseThrow(() -> new NotThere("not-there.evening"));
            moves.findById(moveId)
                    .filter(move -> move.eveningId().equals(id) && !move.undone())
                    .ifPresent(move -> {
                        move.undo();
                        moves.saveAndFlush(move);
                        evenings.touch(id.toString());
                    });
        });
        plans.again(id, false, PATIENCE_MS);
        return view(find(id));
    }

    /** Ends the search for a better plan. */
    void stop(UUID id) {
        plans.stop(find(id).getId());
    }

    private EveningRow find(UUID id) {
        return evenings.findById(id).orElseThrow(() -> new NotThere("not-there.evening"));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private EveningView view(EveningRow row) {
        EveningInput input = json.read(row.inputJson());
        Known known = plans.known(row.getId()).orElse(Known.NOTHING);
        Worked worked = known.worked();
        return new EveningView(
                row.getId(),
                input,
                row.version(),
                row.revision(),
                worked.sheet()
                        .map(sheet -> sheet(sheet, PutInQuestions.of(input, reader)))
                        .orElse(null),
                known.of() == 0 ? null : new MakingView(known.made(), known.of()),
                known.searching(),
                worked.improved(),
                worked.moved().stream()
                        .map(m -> new MovedView(m.step(), m.say(), m.byMin()))
                        .toList(),
                worked.advice()
                        .map(a -> new AdviceView(
                                a.chance().within3(),
                                a.chance().within5(),
                                a.weakest().isEmpty() ? null : a.weakest(),
                                a.why().nothing() ? null : a.why(),
                                a.change().map(c -> c.say()).orElse(null),
                                a.change().map(c -> c.within3()).orElse(null)))
                        .orElse(null),
                worked.shortage()
                        .map(s -> new ShortageView(s.what(), s.say(), s.fromMin(), s.untilMin(), s.nearest()))
                        .orElse(null),
                worked.found(),
                days(input, row.serveAt()),
                moves.findByEveningIdAndUndoneFalseOrderByAtAscIdAsc(row.getId()).stream()
                        .map(m ->
                                new MoveView(m.getId(), m.kind(), m.step(), m.at(), m.bakeId(), people.nameOf(m.by())))
                        .toList(),
                now());
    }

    private List<EarlyView> days(EveningInput input, Instant serveAt) {
        try {
            return DaysBefore.of(reader.read(input)).stream()
                    .map(e -> new EarlyView(
                            e.key(),
                            e.dish(),
                            e.say(),
                            serveAt.minus(Duration.ofMinutes(Math.round(60 * e.earliestH()))),
                            serveAt.minus(Duration.ofMinutes(Math.round(60 * e.latestH())))))
                    .toList();
        } catch (RefusedInput ofAnEarlierDay) {
            // An oven was put away since, or a rule is another: what was typed is still shown.
            return List.of();
        }
    }

    private static SheetView sheet(RunSheet sheet, PutInQuestions questions) {
        return new SheetView(
                sheet.steps().stream().map(EveningService::step).toList(),
                sheet.dishes().stream().map(d -> dish(d, questions.of(d))).toList(),
                sheet.courses().stream()
                        .map(c -> new SheetCourseView(c.wantedMin(), c.servedMin()))
                        .toList(),
                sheet.lateMin(),
                sheet.cost().kept());
    }

    private static Integer ovenId(String key) {
        return key.isEmpty() ? null : Integer.valueOf(key);
    }

    private static SheetStepView step(SheetStep s) {
        return new SheetStepView(
                s.key(),
                s.dish().isEmpty() ? null : s.dish(),
                s.kind(),
                s.say(),
                s.how().nothing() ? null : s.how(),
                s.fromMin(),
                s.untilMin(),
                s.handsMin(),
                s.earliestMin(),
                s.latestMin(),
                s.hands() < 0 ? null : s.hands(),
                ovenId(s.oven()),
                s.dialC() == 0 ? null : s.dialC(),
                s.pinned());
    }

    private static SheetDishView dish(DishTime d, EstimateRequest question) {
        return new SheetDishView(
                d.key(),
                d.name(),
                ovenId(d.oven()),
                d.dialC(),
                d.wantedC(),
                d.inMin(),
                d.checkFromMin(),
                d.likelyMin(),
                d.noLaterThanMin(),
                d.readyMin(),
                d.waitsMin(),
                d.mostWaitMin(),
                d.minutes(),
                d.wantedMinutes(),
                d.doorsMin(),
                d.marginMin(),
                d.wantedMarginMin(),
                d.started(),
                question);
    }
}
