package olla.practice.rounds;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.practice.kitchen.Going;

/** A round as far as it has gone: what was done, and what that showed. Immutable; it follows from the exercise and the moves. */
public final class Round {

    /** Nobody waits longer for a fish, minutes. */
    public static final double LONGEST_MIN = 240;

    /** Nobody looks more often. */
    public static final int MOST_MOVES = 60;

    private final Exercise exercise;
    private final List<Seen> seen;
    private final Going going;

    private Round(Exercise exercise, List<Seen> seen, Going going) {
        this.exercise = exercise;
        this.seen = List.copyOf(seen);
        this.going = going;
    }

    /**
     * Goes through what was done.
     *
     * @param seed what is seen is blurred by it
     * @throws olla.core.messages.RefusedInput where a move cannot be made there
     */
    public static Round of(Exercise exercise, List<Move> moves, long seed) {
        Round round = begun(exercise);
        for (Move move : moves) {
            round = round.then(move, seed);
        }
        return round;
    }

    /** One in which nothing was done yet. */
    static Round begun(Exercise exercise) {
        return new Round(exercise, List.of(), exercise.setting().begin());
    }

    /**
     * The same with one more move.
     *
     * @param seed as it was begun with
     * @throws olla.core.messages.RefusedInput where the move cannot be made there
     */
    public Round then(Move move, long seed) {
        new Refusals()
                .range("moves", "practice-moves", seen.size(), 0, MOST_MOVES - 1.0, Unit.NUMBER)
                .throwIfAny();
        check(move);
        Going on = going.copy();
        on.until(move.minute());
        SplittableRandom blur = new SplittableRandom(seed + seen.size());
        List<Seen> all = new ArrayList<>(seen);
        all.add(Looks.of(move, exercise.slips().get(move.dish()), on, blur));
        on.handAt(move.dish(), move.kind().doorS());
        if (move.kind() == Move.Kind.OUT) {
            on.takeOut(move.dish());
        }
        return new Round(exercise, all, on);
    }

    private void check(Move move) {
        Refusals refusals = new Refusals();
        refusals.range("dish", "practice-dish", move.dish(), 0, exercise.slips().size() - 1.0, Unit.NUMBER);
        double last = seen.isEmpty() ? 0 : seen.get(seen.size() - 1).move().minute();
        refusals.range("minute", "minute-of-the-bake", move.minute(), last, LONGEST_MIN, Unit.MIN);
        refusals.throwIfAny();
        boolean possible = !did(Move.Kind.SERVE, move.dish())
                && (move.kind() == Move.Kind.SERVE
                        ? isOut(move.dish())
                        : move.kind() == Move.Kind.OUT
                                ? !isOut(move.dish())
                                : exercise.skill().looks().contains(move.kind()));
        if (!possible) {
            refusals.add("kind", "refusal.not-in-this-round").throwIfAny();
        }
    }

    private boolean did(Move.Kind kind, int dish) {
        return seen.stream().anyMatch(s -> s.move().kind() == kind && s.move().dish() == dish);
    }

    /** Whether a dish has been taken out. */
    public boolean isOut(int dish) {
        return did(Move.Kind.OUT, dish);
    }

    /** Whether all is on the table. */
    public boolean isOver() {
        for (int dish = 0; dish < exercise.slips().size(); dish++) {
            if (!did(Move.Kind.SERVE, dish)) {
                return false;
            }
        }
        return true;
    }

    /** What each move showed, in their order. */
    public List<Seen> seen() {
        return seen;
    }

    /** What was done, in its order. */
    public List<Move> moves() {
        return seen.stream().map(Seen::move).toList();
    }

    Exercise exercise() {
        return exercise;
    }
}
