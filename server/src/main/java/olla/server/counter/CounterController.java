package olla.server.counter;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import olla.core.dress.Style;
import olla.core.estimate.Estimate;
import olla.core.estimate.TaperAdvice;
import olla.core.estimate.TrayOrder;
import olla.core.fish.Cut;
import olla.core.fish.Group;
import olla.core.fish.Piece;
import olla.core.freshness.Grading;
import olla.core.freshness.Judgement;
import olla.core.freshness.Keeping;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.oven.OvenModel;
import olla.core.plan.Helpings;
import olla.core.plan.Helpings.Appetite;
import olla.core.plan.PrepList;
import olla.core.plan.PrepStep;
import olla.core.plan.TrayFit;
import olla.core.safety.Cautions;
import olla.core.simulation.Thawing;
import olla.server.counter.CounterAnswer.CounterCaution;
import olla.server.counter.CounterAnswer.EvennessAnswer;
import olla.server.counter.CounterAnswer.HelpingsAnswer;
import olla.server.counter.CounterAnswer.JudgementAnswer;
import olla.server.counter.CounterAnswer.KeepingAnswer;
import olla.server.counter.CounterAnswer.PrepAnswer;
import olla.server.counter.CounterAnswer.RemedyAnswer;
import olla.server.counter.CounterAnswer.SizeAnswer;
import olla.server.counter.CounterAnswer.SuitabilityAnswer;
import olla.server.counter.CounterAnswer.TrayAnswer;
import olla.server.counter.CounterAnswer.TurnAnswer;
import olla.server.counter.CounterRequest.KeptInput;
import olla.server.load.Reckoner;
import olla.server.query.EstimateAnswer.SlipAnswer;
import olla.server.query.Question;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The counter: asks nothing of the store and keeps nothing. */
@RestController
class CounterController {

    private final Clock clock;
    private final Reckoner reckoner;

    CounterController(Clock clock, Reckoner reckoner) {
        this.clock = clock;
        this.reckoner = reckoner;
    }

    /** Judges, measures, counts and lists. */
    @PostMapping("/api/counter")
    CounterAnswer look(@RequestBody CounterRequest request) {
        return reckoner.reckon(() -> looked(request));
    }

    private CounterAnswer looked(CounterRequest request) {
        Refusals refusals = new Refusals();
        if (request.bench() == null) {
            refusals.add("bench", "missing.counter-bench");
        }
        if (request.style() == null) {
            refusals.add("style", "missing.style", "choices", Message.codes(Style.values()));
        }
        refusals.throwIfAny();
        Question question = refusals.take("bench", () -> Question.asked(request.bench()));
        TrayFit tray = request.tray() == null
                ? null
                : refusals.take(
                        "tray",
                        () -> new TrayFit(
                                request.tray().lengthMm(), request.tray().widthMm()));
        refusals.throwIfAny();
        Piece piece = question.piece();
        Estimate estimate = question.answer();
        // The counter's buttons have one for all that lies on top; the bench knows a coat from a topping.
        Style style = question.dress().coat().isPresent() && request.style() == Style.TOPPING
                ? Style.BREADED
                : request.style();
        List<PrepStep> prep = PrepList.of(
                piece,
                style,
                Boolean.TRUE.equals(request.rinse()),
                Boolean.TRUE.equals(request.stuffed()),
                Boolean.TRUE.equals(request.burstGut()),
                request.extra() == null ? PrepList.Extra.NONE : request.extra(),
                tray);
        return new CounterAnswer(
                size(estimate),
                question.slips().stream().map(SlipAnswer::of).toList(),
                Arrays.stream(Style.values())
                        .map(s -> s.suits(piece.species(), piece.cut()))
                        .map(s -> new SuitabilityAnswer(s.style(), s.fit(), s.reason()))
                        .toList(),
                judgement(piece, request),
                helpings(piece, request),
                prep.stream()
                        .map(s -> new PrepAnswer(s.key(), s.what(), s.why(), s.minutes()))
                        .toList(),
                prep.stream().mapToInt(PrepStep::minutes).sum(),
                tray == null ? null : new TrayAnswer(tray.how(piece) == TrayFit.How.STRAIGHT, tray.words(piece, style)),
                keeping(piece, request.kept()),
                piece.frozen() ? Thawing.fridgeHours(piece) : null,
                request.thinMm() == null ? null : evenness(question, request.thinMm()),
                order(question, request.othersMm()),
                cautions(question));
    }

    private static List<TurnAnswer> order(Question question, List<Double> othersMm) {
        if (othersMm == null || othersMm.isEmpty()) {
            return null;
        }
        Refusals refusals = new Refusals();
        if (othersMm.contains(null)) {
            refusals.add("othersMm", "missing.other-thickness").throwIfAny();
        }
        return TrayOrder.of(
                        question.piece(),
                        othersMm,
                        question.dress(),
                        OvenModel.trusted(question.ovenKind()),
                        question.programme(),
                        question.target())
                .stream()
                .map(t -> new TurnAnswer(t.thicknessMm(), t.minutes()))
                .toList();
    }

    private static SizeAnswer size(Estimate estimate) {
        Piece piece = estimate.piece();
        return new SizeAnswer(
                piece.thicknessMm(),
                piece.widthMm(),
                piece.lengthMm(),
                piece.massG(),
                piece.measured(),
                piece.thicknessDoubtMm(),
                estimate.rulerWouldGainMinutes());
    }

    private static JudgementAnswer judgement(Piece piece, CounterRequest request) {
        Judgement judgement = Grading.of(
                piece.cut() == Cut.WHOLE,
                piece.species().group() == Group.OILY,
                request.senses() == null ? Map.of() : request.senses());
        return new JudgementAnswer(
                judgement.grade(), judgement.reason(), judgement.advice(), judgement.eat(), judgement.missing());
    }

    private static HelpingsAnswer helpings(Piece piece, CounterRequest request) {
        Appetite appetite = request.appetite() == null ? Appetite.USUAL : request.appetite();
        double edible = piece.massG() * Helpings.edibleShare(piece.species(), piece.cut());
        double feeds = Helpings.feeds(piece.massG(), appetite, piece.cut());
        if (request.guests() == null) {
            return new HelpingsAnswer(null, null, feeds, edible);
        }
        return new HelpingsAnswer(
                Helpings.toBuyG(request.guests(), appetite, piece.cut()),
                Helpings.pieces(request.guests(), appetite, piece.cut(), piece.massG()),
                feeds,
                edible);
    }

    private KeepingAnswer keeping(Piece piece, KeptInput kept) {
        if (kept == null || kept.how() == null || kept.boughtAt() == null) {
            return null;
        }
        Keeping how = kept.how();
        boolean oily = piece.species().group() == Group.OILY;
        Instant useBy = kept.boughtAt().plus(Duration.ofHours(how.hours(oily)));
        boolean past = useBy.isBefore(clock.instant());
        return new KeepingAnswer(useBy, past, how.advice(past));
    }

    private static EvennessAnswer evenness(Question question, double thinMm) {
        TaperAdvice e = TaperAdvice.of(
                question.piece(),
                thinMm,
                question.dress(),
                OvenModel.trusted(question.ovenKind()),
                question.programme(),
                question.target());
        return new EvennessAnswer(
                e.thickMinutes(),
                e.thinMinutes(),
                e.thinPeakC(),
                e.thinBand(),
                e.even(),
                e.remedies().stream()
                        .map(r -> new RemedyAnswer(r.way(), r.words()))
                        .toList());
    }

    private static List<CounterCaution> cautions(Question question) {
        Piece piece = question.piece();
        return Cautions.atTheCounter(
                        piece.species(), piece.cut(), question.target().peakC())
                .stream()
                .filter(c -> !question.assurance().settles(c, piece.species()))
                .map(c -> new CounterCaution(c.code(), c.weight(), c.text(), c.source()))
                .toList();
    }
}
