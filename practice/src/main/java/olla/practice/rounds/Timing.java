package olla.practice.rounds;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * When a dish was looked at, taken out and served, and when it had to come out; minutes since all went in.
 *
 * @param lookedMin when it was first looked at; empty where it never was
 */
public record Timing(double readyMin, double outMin, double servedMin, OptionalDouble lookedMin) {

    /**
     * Of each dish.
     *
     * @param round one that is over
     */
    static List<Timing> of(Round round) {
        double[] ready = Ready.of(round.exercise(), round.moves());
        return IntStream.range(0, ready.length)
                .mapToObj(dish -> new Timing(
                        Double.isNaN(ready[dish]) ? round.exercise().shutReadyMin(dish) : ready[dish],
                        at(round, Move.Kind.OUT, dish),
                        at(round, Move.Kind.SERVE, dish),
                        round.moves().stream()
                                .filter(m -> m.dish() == dish && m.kind().looks())
                                .mapToDouble(Move::minute)
                                .findFirst()))
                .toList();
    }

    private static double at(Round round, Move.Kind kind, int dish) {
        return round.moves().stream()
                .filter(m -> m.dish() == dish && m.kind() == kind)
                .mapToDouble(Move::minute)
                .findFirst()
                .orElseThrow();
    }

    /** How much too late it came out; below 0 too early. */
    double lateMin() {
        return outMin - readyMin;
    }

    /** What they tell of the cook: by the dish that was missed most. */
    static Result result(Skill skill, List<Timing> dishes) {
        return dishes.stream()
                .map(dish -> Result.baked(
                        skill, dish.lateMin(), dish.lookedMin.orElse(dish.outMin) - dish.readyMin, dish.readyMin))
                .reduce((one, other) -> one.missed() >= other.missed() ? one : other)
                .orElseThrow();
    }
}
