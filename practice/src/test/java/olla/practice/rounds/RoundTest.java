package olla.practice.rounds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import olla.core.messages.Quantity;
import olla.core.messages.RefusedInput;
import olla.core.uncertainty.Observation.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A round in a hidden kitchen: what is seen in it, what it refuses, and the truth after it. */
class RoundTest {

    private static final long SEED = 3;
    private static final Map<Skill, Exercise> DRAWN = new EnumMap<>(Skill.class);

    private static Exercise drawn(Skill skill) {
        return DRAWN.computeIfAbsent(skill, s -> Exercise.of(s, SEED));
    }

    private static Round round(Exercise exercise, List<Move> moves) {
        return Round.of(exercise, moves, SEED);
    }

    /* All out at so much of when each is ready, rested as its ticket says. */
    private static Truth outAt(Exercise exercise, double times) {
        List<Move> moves = new ArrayList<>();
        for (int dish = 0; dish < exercise.slips().size(); dish++) {
            double out = times * exercise.shutReadyMin(dish);
            moves.add(new Move(Move.Kind.OUT, dish, out));
            moves.add(new Move(
                    Move.Kind.SERVE, dish, out + exercise.slips().get(dish).restMin()));
        }
        moves.sort(java.util.Comparator.comparingDouble(Move::minute));
        return Truth.of(round(exercise, moves));
    }

    @ParameterizedTest
    @EnumSource(
            value = Skill.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"FRESHNESS", "BY_EYE"})
    void outWhenItIsReadyIsRightSoonerIsRawAndLaterIsDry(Skill skill) {
        Exercise exercise = drawn(skill);

        Truth right = outAt(exercise, 1);
        assertThat(right.dishes()).allSatisfy(dish -> {
            assertThat(dish.verdict()).isEqualTo(Verdict.RIGHT);
            assertThat(dish.words().get(1).key()).isEqualTo("practice.out-in-time");
        });
        assertThat(right.result(skill).close()).isTrue();
        assertThat(outAt(exercise, 0.7).dishes())
                .allSatisfy(dish -> assertThat(dish.verdict()).isEqualTo(Verdict.UNDER))
                .allSatisfy(dish -> assertThat(dish.words().get(0).key()).isEqualTo("practice.was-under"));
        Truth late = outAt(exercise, 1.4);
        assertThat(late.dishes())
                .allSatisfy(dish -> assertThat(dish.verdict()).isEqualTo(Verdict.OVER))
                .allSatisfy(dish -> assertThat(dish.words().get(1).key()).isEqualTo("practice.out-late"));
        assertThat(late.result(skill).close()).isFalse();
    }

    @Test
    void theSameSeedIsTheSameRoundAndAnotherIsAnother() {
        Slip slip = drawn(Skill.EVEN).slips().get(0);
        Slip again = Exercise.of(Skill.EVEN, SEED).slips().get(0);
        Slip other = Exercise.of(Skill.EVEN, SEED + 1).slips().get(0);
        assertThat(again.massG()).isEqualTo(slip.massG());
        assertThat(again.window()).isEqualTo(slip.window());
        assertThat(other.window()).isNotEqualTo(slip.window());
    }

    @Test
    void aKnifeIsColdFirstAndHotInTheEndAndTheOutsideSaysNothing() {
        Exercise exercise = drawn(Skill.EVEN);
        double ready = exercise.shutReadyMin(0);
        Round round = round(
                exercise,
                List.of(
                        new Move(Move.Kind.KNIFE, 0, 0.3 * ready),
                        new Move(Move.Kind.LOOK, 0, 0.5 * ready),
                        new Move(Move.Kind.FORK, 0, 0.5 * ready),
                        new Move(Move.Kind.KNIFE, 0, 1.4 * ready)));
        assertThat(round.seen().get(0).words().key()).isEqualTo("practice.tip-cold");
        assertThat(round.seen().get(3).words().key()).isEqualTo("practice.tip-hot");
        // From above it looks done while its middle is raw.
        List<List<Double>> top = round.seen().get(1).topC();
        List<Double> through = round.seen().get(2).throughC();
        assertThat(top.get(top.size() / 2).get(top.get(0).size() / 2)).isGreaterThan(55);
        assertThat(through.stream().mapToDouble(c -> c).min().orElseThrow()).isLessThan(43);
        assertThat(round.isOver()).isFalse();
    }

    @Test
    void aProbeReadsTheMiddle() {
        Exercise exercise = drawn(Skill.THICK);
        double ready = exercise.shutReadyMin(0);
        Round round = round(exercise, List.of(new Move(Move.Kind.PROBE, 0, ready)));
        Quantity reads = (Quantity) round.seen().get(0).words().values().get("celsius");
        double is = outAt(exercise, 1).dishes().get(0).coldestC().get((int) Math.round(2 * ready));
        assertThat(reads.value()).isCloseTo(is, within(5.0));
    }

    @Test
    void anOpenDoorCosts() {
        Exercise exercise = drawn(Skill.EVEN);
        double ready = exercise.shutReadyMin(0);
        List<Move> moves = new ArrayList<>();
        for (int look = 1; look < 9; look++) {
            moves.add(new Move(Move.Kind.FORK, 0, look * ready / 9));
        }
        moves.add(new Move(Move.Kind.OUT, 0, ready));
        moves.add(new Move(Move.Kind.SERVE, 0, ready + exercise.slips().get(0).restMin()));
        Truth truth = Truth.of(round(exercise, moves));
        assertThat(truth.doorsCostMin()).isGreaterThan(0.3);
        assertThat(truth.dishes().get(0).timing().readyMin()).isGreaterThan(ready + 0.3);
        assertThat(outAt(exercise, 1).doorsCostMin()).isLessThan(truth.doorsCostMin());
    }

    /** A knife in what lies on the board opens no oven, neither for what is seen nor for the truth. */
    @Test
    void aLookAtWhatIsOutCostsTheOtherDishNothing() {
        Exercise exercise = drawn(Skill.TWO);
        double first = exercise.shutReadyMin(0);
        double second = exercise.shutReadyMin(1);
        List<Move> plain = List.of(
                new Move(Move.Kind.OUT, 0, first),
                new Move(Move.Kind.OUT, 1, second),
                new Move(Move.Kind.SERVE, 0, second + 1),
                new Move(Move.Kind.SERVE, 1, second + 4));
        List<Move> looked = new ArrayList<>(plain);
        for (int look = 1; look < 9; look++) {
            looked.add(look, new Move(Move.Kind.KNIFE, 0, first + look * (second - first) / 9));
        }
        Truth without = Truth.of(round(exercise, plain));
        Truth with = Truth.of(round(exercise, looked));
        assertThat(second).isGreaterThan(first + 2);
        assertThat(with.dishes().get(1).timing().readyMin())
                .isCloseTo(without.dishes().get(1).timing().readyMin(), within(0.05));
        // No colder; a step that ends at each look moves the thermostat's moments by some seconds, some tenths of a
        // kelvin.
        assertThat(with.dishes().get(1).peakC())
                .isGreaterThan(without.dishes().get(1).peakC() - 0.2);
    }

    @Test
    void anOvenThatLiesIsToldOf() {
        Truth truth = outAt(drawn(Skill.OVEN), 1);
        assertThat(Math.abs(truth.runsHotC())).isGreaterThan(8);
        assertThat(truth.words()).anySatisfy(said -> assertThat(said.key()).startsWith("practice.oven-"));
    }

    @Test
    void servedAtOnceItMissesWhatARestWouldHaveBrought() {
        Exercise exercise = drawn(Skill.THICK);
        double out = exercise.shutReadyMin(0);
        Truth truth = Truth.of(
                round(exercise, List.of(new Move(Move.Kind.OUT, 0, out), new Move(Move.Kind.SERVE, 0, out + 0.1))));
        assertThat(truth.dishes().get(0).words())
                .anySatisfy(said -> assertThat(said.key()).isEqualTo("practice.rest-short"));
    }

    @Test
    void whatCannotBeDoneIsRefused() {
        Exercise salt = drawn(Skill.CRUST);
        Exercise even = drawn(Skill.EVEN);
        refused(salt, new Move(Move.Kind.FORK, 0, 5));
        refused(even, new Move(Move.Kind.PROBE, 0, 5));
        refused(even, new Move(Move.Kind.SERVE, 0, 5));
        refused(even, new Move(Move.Kind.LOOK, 1, 5));
        refused(even, new Move(Move.Kind.LOOK, -1, 5));
        refused(even, new Move(Move.Kind.LOOK, 0, Double.NaN));
        refused(even, new Move(Move.Kind.LOOK, 0, 500));
        refused(even, new Move(Move.Kind.KNIFE, 0, 5), new Move(Move.Kind.KNIFE, 0, 4));
        refused(even, new Move(Move.Kind.OUT, 0, 5), new Move(Move.Kind.OUT, 0, 6));
        refused(even, new Move(Move.Kind.OUT, 0, 5), new Move(Move.Kind.SERVE, 0, 6), new Move(Move.Kind.KNIFE, 0, 7));
    }

    private static void refused(Exercise exercise, Move... moves) {
        assertThatThrownBy(() -> round(exercise, List.of(moves))).isInstanceOf(RefusedInput.class);
    }
}
