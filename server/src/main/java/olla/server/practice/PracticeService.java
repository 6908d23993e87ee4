package olla.server.practice;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import olla.core.freshness.Score;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.practice.rounds.ByEye;
import olla.practice.rounds.Choice;
import olla.practice.rounds.Exercise;
import olla.practice.rounds.Freshness;
import olla.practice.rounds.Mastery;
import olla.practice.rounds.Move;
import olla.practice.rounds.Result;
import olla.practice.rounds.Round;
import olla.practice.rounds.Skill;
import olla.practice.rounds.Truth;
import olla.server.load.Reckoner;
import olla.server.practice.RoundView.AnswerView;
import olla.server.practice.RoundView.FishView;
import olla.server.practice.RoundView.Hand;
import olla.server.practice.RoundView.PieceView;
import olla.server.practice.RoundView.SeenView;
import olla.server.practice.RoundView.SlipView;
import olla.server.practice.RoundView.TruthView;
import olla.server.practice.Rounds.Kept;
import olla.server.web.ChangedSince;
import org.springframework.stereotype.Service;

/** Rounds of practice as they are asked for: a round follows from its id, what is seen in it from what was done. */
@Service
class PracticeService {

    /* Rounds that go on at once; another has to be drawn anew. */
    private static final int DRAWN = 64;

    /* A guess is no further off than a whole fish is thick, mm. */
    private static final double THICKEST_MM = 200;

    private final Rounds rounds;
    private final Reckoner reckoner;
    private final Cache<UUID, Exercise> drawn =
            Caffeine.newBuilder().maximumSize(DRAWN).build();
    /* Each as far as it has gone: one more move is reckoned from there. */
    private final Cache<UUID, Round> gone =
            Caffeine.newBuilder().maximumSize(DRAWN).build();
    private final Cache<Over, Truth> truths =
            Caffeine.newBuilder().maximumSize(DRAWN).build();

    PracticeService(Rounds rounds, Reckoner reckoner) {
        this.rounds = rounds;
        this.reckoner = reckoner;
    }

    /** How far whoever asks is, and what is next. */
    PracticeView practised() {
        List<Result> results = rounds.results();
        List<Mastery> masteries = Arrays.stream(Skill.values())
                .map(skill -> Mastery.of(
                        skill, results.stream().filter(r -> r.skill() == skill).toList()))
                .toList();
        Choice next = Choice.of(masteries, results.stream().map(Result::skill).toList());
        List<Mastery> open = Choice.open(masteries);
        return new PracticeView(
                masteries.stream()
                        .map(m -> PracticeView.Practised.of(m, open.contains(m)))
                        .toList(),
                next.skill(),
                next.why());
    }

    /** Begins a round. */
    RoundView begin(UUID id, BeginInput input) {
        if (input.skill() == null) {
            new Refusals()
                    .add("skill", "missing.skill", "choices", Message.codes(Skill.values()))
                    .throwIfAny();
        }
        return view(rounds.begin(id, input.skill()));
    }

    /** A round as it stands. */
    RoundView round(UUID id) {
        return view(rounds.kept(id));
    }

    /**
     * Does something in a round; done again with the same number it is done once.
     *
     * @param number which of its moves it is, from 0
     */
    RoundView does(UUID id, int number, PracticeMove input) {
        Kept kept = rounds.kept(id);
        Move move = move(kept, input);
        if (number < kept.moves().size() && kept.moves().get(number).equals(move)) {
            return view(kept);
        }
        if (number != kept.moves().size()) {
            throw new ChangedSince("changed.round");
        }
        List<Move> all = new ArrayList<>(kept.moves());
        all.add(move);
        Result result = reckoner.reckonLong(() -> {
            Round round = gone(kept, all);
            return round.isOver() ? truth(id, round).result(kept.skill()) : null;
        });
        return view(rounds.did(id, number, all, result));
    }

    private static Move move(Kept kept, PracticeMove input) {
        Refusals refusals = new Refusals();
        if (!kept.skill().bakes()) {
            refusals.add("kind", "refusal.no-oven-in-a-drill");
        }
        if (input.kind() == null) {
            refusals.add("kind", "missing.move", "choices", Message.codes(Move.Kind.values()));
        }
        refusals.throwIfAny();
        return new Move(
                input.kind(),
                input.dish() == null ? 0 : input.dish(),
                input.minute() == null ? Double.NaN : input.minute());
    }

    /** Answers in a drill. */
    RoundView answers(UUID id, AnswerInput input) {
        Kept kept = rounds.kept(id);
        double given;
        Result result;
        switch (kept.skill()) {
            case FRESHNESS -> {
                if (input.grade() == null) {
                    new Refusals()
                            .add("grade", "missing.grade", "choices", Message.codes(Score.values()))
                            .throwIfAny();
                }
                given = input.grade().ordinal();
                result = Freshness.of(seed(id)).result(input.grade());
            }
            case BY_EYE -> {
                given = input.mm() == null ? Double.NaN : input.mm();
                new Refusals()
                        .range("mm", "thickness", given, 1, THICKEST_MM, Unit.MM)
                        .throwIfAny();
                result = ByEye.of(seed(id)).result(given);
            }
            default -> {
                new Refusals().add("grade", "refusal.no-answer-in-a-bake").throwIfAny();
                throw new IllegalStateException("It was refused.");
            }
        }
        return view(rounds.answered(id, given, result));
    }

    /* A round is what its id makes it. */
    private static long seed(UUID id) {
        return id.getMostSignificantBits() ^ id.getLeastSignificantBits();
    }

    private Exercise exercise(Kept kept) {
        return drawn.get(kept.id(), id -> Exercise.of(kept.skill(), seed(id)));
    }

    private Round gone(Kept kept, List<Move> moves) {
        Round known = gone.getIfPresent(kept.id());
        boolean onTheWay = known != null
                && known.moves().size() <= moves.size()
                && known.moves().equals(moves.subList(0, known.moves().size()));
        Round round = onTheWay ? known : Round.of(exercise(kept), List.of(), seed(kept.id()));
        for (Move move : moves.subList(round.moves().size(), moves.size())) {
            round = round.then(move, seed(kept.id()));
        }
        gone.put(kept.id(), round);
        return round;
    }

    /* A round that is over, as it was gone through. */
    private record Over(UUID id, List<Move> moves) {}

    /* Nothing is done in a round that is over, so what was so in it is so for good. */
    private Truth truth(UUID id, Round round) {
        return truths.get(new Over(id, round.moves()), over -> Truth.of(round));
    }

    private RoundView view(Kept kept) {
        return kept.skill().bakes() ? reckoner.reckonLong(() -> baked(kept)) : drilled(kept);
    }

    private RoundView baked(Kept kept) {
        Exercise exercise = exercise(kept);
        Round round = gone(kept, kept.moves());
        return new RoundView(
                kept.id(),
                kept.skill(),
                Message.word(kept.skill()),
                Message.word(kept.skill()).form("about"),
                exercise.slips().stream().map(SlipView::of).toList(),
                kept.skill().looks(),
                Hand.all(),
                round.seen().stream().map(SeenView::of).toList(),
                round.isOver() ? TruthView.of(truth(kept.id(), round)) : null,
                null,
                null,
                null);
    }

    private static RoundView drilled(Kept kept) {
        boolean fish = kept.skill() == Skill.FRESHNESS;
        long seed = seed(kept.id());
        return new RoundView(
                kept.id(),
                kept.skill(),
                Message.word(kept.skill()),
                Message.word(kept.skill()).form("about"),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                null,
                fish ? FishView.of(Freshness.of(seed)) : null,
                fish ? null : PieceView.of(ByEye.of(seed)),
                kept.given() == null ? null : fish ? graded(seed, kept.given()) : measured(seed, kept.given()));
    }

    private static AnswerView graded(long seed, double given) {
        Freshness drill = Freshness.of(seed);
        Score score = Score.values()[(int) Math.max(0, Math.min(Score.values().length - 1, given))];
        return new AnswerView(
                drill.judgement().grade() == score,
                drill.words(score),
                drill.judgement().grade(),
                drill.judgement().reason());
    }

    private static AnswerView measured(long seed, double given) {
        ByEye drill = ByEye.of(seed);
        return new AnswerView(drill.result(given).close(), drill.words(given), null, null);
    }
}
