package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.OptionalDouble;
import olla.core.dress.Dress;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The coldest point as a cook is shown it. */
class ColdestShownTest {

    /** Heat does not flow from the cold to the warm: in an oven no flesh gets colder than it went in. */
    @ParameterizedTest
    @ValueSource(doubles = {-18, 2, 8, 18})
    void nothingGetsColderInAnOven(double startC) {
        OptionalDouble open = OptionalDouble.empty();
        Piece hake = Piece.from(
                Species.HAKE,
                Cut.PORTION,
                OptionalDouble.of(26),
                OptionalDouble.of(165),
                open,
                open,
                OptionalDouble.of(startC),
                startC < 0);
        BakeModel model = new BakeModel(
                hake, Dress.open(), OvenModel.trusted(OvenKind.STILL), Unknowns.NONE, BakeModel.Fineness.FINE);
        Programme programme = new Programme(230, OptionalDouble.of(10), 4);
        double[] shown = new BakeRun(model, programme).run(programme).trace().coldestC();
        assertThat(Arrays.stream(shown).min().orElseThrow()).isGreaterThanOrEqualTo(startC - 1e-9);
        double[] watched = new BakeRun(model, programme).watch(10, 10, 0.5).coldestC();
        assertThat(Arrays.stream(watched).min().orElseThrow()).isGreaterThanOrEqualTo(startC - 1e-9);
    }

    /** What is out after a step or two of the solver's, in an oven that cools meanwhile, is shown all the same. */
    @Test
    void aFishThatIsOutAtOnceIsShown() {
        OptionalDouble open = OptionalDouble.empty();
        Piece sole = Piece.from(
                Species.LEMON_SOLE,
                Cut.PORTION,
                OptionalDouble.of(8),
                OptionalDouble.of(60),
                open,
                open,
                OptionalDouble.of(18),
                false);
        OvenModel cooling = new OvenModel(OvenKind.STILL, 0, 1, Cooling.falling(120));
        BakeModel model = new BakeModel(sole, Dress.open(), cooling, Unknowns.NONE, BakeModel.Fineness.COARSE);
        Programme programme = new Programme(230, OptionalDouble.of(0.5), 4);
        double[] watched = new BakeRun(model, programme).watch(0.5, 0.1, 0.05).coldestC();
        assertThat(watched).isSorted().hasSize(3);
        assertThat(watched[0]).isCloseTo(18, within(0.5));
    }
}
