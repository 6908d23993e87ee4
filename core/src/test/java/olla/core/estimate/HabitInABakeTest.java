package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import java.util.stream.Stream;
import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.Habit;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.uncertainty.OvenCalibration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A fish that goes slower here than it is reckoned to. */
class HabitInABakeTest {

    private static final Programme AT_200 = new Programme(200, OptionalDouble.empty(), 4);

    private static Estimate estimate(Bakes bake, Dress dress, Habit habit) {
        return Estimator.estimate(
                bake.piece().going(habit), dress, OvenKind.STILL, OvenCalibration.UNCHECKED, AT_200, Doneness.FLAKES);
    }

    static Stream<Dress> dresses() {
        return Stream.of(
                Dress.open(), Dress.in(new Parcel(Sheet.FOIL)), Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)));
    }

    /* The heat equation keeps its shape where all that is held is larger by a factor and all time longer by it. What is boiled off is not held. */
    @ParameterizedTest
    @MethodSource("dresses")
    void everythingTakesAsMuchLonger(Dress dress) {
        Bakes bake = dress.salt().isPresent()
                ? Bakes.hake().of(Species.SEA_BREAM, Cut.WHOLE).thick(45).sides(110, 300, 700)
                : Bakes.hake();
        double plain = estimate(bake, dress, Habit.NONE).bakeMinutes();
        double slower = estimate(bake, dress, new Habit(0.1, Habit.USUAL_DOUBT)).bakeMinutes();
        assertThat(Math.log(slower / plain)).isCloseTo(0.1, within(0.025));
    }

    @Test
    void whatIsKnownBetterHasANarrowerWindow() {
        double plain = estimate(Bakes.hake(), Dress.open(), Habit.NONE)
                .window()
                .orElseThrow()
                .widthMin();
        double known = estimate(Bakes.hake(), Dress.open(), new Habit(0, 0.07))
                .window()
                .orElseThrow()
                .widthMin();
        assertThat(known).isBetween(0.6 * plain, 0.95 * plain);
    }

    @Test
    void whatHasToBeSafeIsNeverTakenForQuicker() {
        assertThat(new Habit(-0.1, 0.07).neverQuicker().logSlower()).isZero();
        assertThat(new Habit(0.1, 0.07).neverQuicker().logSlower()).isEqualTo(0.1);
    }
}
