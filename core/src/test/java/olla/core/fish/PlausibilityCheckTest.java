package olla.core.fish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.messages.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlausibilityCheckTest {

    private static PlausibilityCheck.Slip only(Cut cut, double thicknessMm, double massG) {
        List<PlausibilityCheck.Slip> slips = PlausibilityCheck.of(Species.SEA_BREAM, cut, thicknessMm, massG);
        assertThat(slips).hasSize(1);
        return slips.get(0);
    }

    @ParameterizedTest
    @CsvSource({"70,2000", "45,600", "40,500", "60,1200"})
    void aFishOfItsBuildIsNotAskedAbout(double thicknessMm, double massG) {
        assertThat(PlausibilityCheck.of(Species.SEA_BREAM, Cut.WHOLE, thicknessMm, massG))
                .isEmpty();
    }

    @Test
    void centimetresForMillimetresAreNoticed() {
        PlausibilityCheck.Slip slip = only(Cut.WHOLE, 12, 8000);
        assertThat(slip.field()).isEqualTo("thicknessMm");
        assertThat(slip.meant().orElseThrow()).isEqualTo(120);
        assertThat(slip.question().toString())
                .contains("mass=8000 GRAM", "thickness=12 MM", "slip.thickness{meant=120 MM}");
    }

    @Test
    void ouncesForGramsAreNoticed() {
        PlausibilityCheck.Slip slip =
                PlausibilityCheck.of(Species.COD, Cut.WHOLE, 75, 130).get(0);
        assertThat(slip.field()).isEqualTo("massG");
        assertThat(slip.meant().orElseThrow()).isBetween(2000.0, 4000.0);
    }

    @Test
    void anOddFishWithoutAnObviousSlipIsMeasuredAgain() {
        assertThat(only(Cut.WHOLE, 18, 2000).question().toString()).contains("slip.again");
    }

    @ParameterizedTest
    @CsvSource({"20,160", "26,165", "35,180", "40,200"})
    void aPortionMayBeCutToAnyThickness(double thicknessMm, double massG) {
        assertThat(PlausibilityCheck.of(Species.HAKE, Cut.PORTION, thicknessMm, massG))
                .isEmpty();
    }

    /** An 8 kg fish 12 mm thick would have to be as wide as a tray: it is asked about and not measured out. */
    @Test
    void anImpossiblePieceIsRefusedWithTheQuestion() {
        OptionalDouble unknown = OptionalDouble.empty();
        assertThatThrownBy(() -> Piece.from(
                        Species.SEA_BREAM,
                        Cut.WHOLE,
                        OptionalDouble.of(12),
                        OptionalDouble.of(8000),
                        unknown,
                        unknown,
                        unknown,
                        false))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("slip.thickness{meant=120 MM}");
    }
}
