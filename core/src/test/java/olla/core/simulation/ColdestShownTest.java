package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.OptionalDouble;
import olla.core.dress.Dress;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
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
}
