package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.Bakes;
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.messages.RefusedInput;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.simulation.Thawing;
import org.junit.jupiter.api.Test;

class TaperAdviceTest {

    private static TaperAdvice fillet(double thickMm, double thinMm) {
        Piece piece = Bakes.hake()
                .of(Species.HADDOCK, Cut.FILLET)
                .thick(thickMm)
                .sides(90, 260, 350)
                .piece();
        Programme programme = new Programme(220, OptionalDouble.empty(), 3);
        return TaperAdvice.of(
                piece, thinMm, Dress.open(), OvenModel.trusted(OvenKind.STILL), programme, Doneness.FLAKES);
    }

    @Test
    void aLongTaperEndsDryAndHasTheRemediesThatHelpTheBestFirst() {
        TaperAdvice taper = fillet(28, 8);
        assertThat(taper.thinBand()).isEqualTo(Band.DRY);
        assertThat(taper.even()).isFalse();
        assertThat(taper.thinMinutes()).isLessThan(taper.thickMinutes());
        assertThat(taper.remedies())
                .extracting(TaperAdvice.Remedy::way)
                .contains(TaperAdvice.Way.EARLIER, TaperAdvice.Way.STRIPS)
                // Sixteen millimetres are dry long before twenty-eight are done, and a roll takes four times as long.
                .doesNotContain(TaperAdvice.Way.TUCK, TaperAdvice.Way.ROLL);
        assertThat(taper.remedies())
                .isSortedAccordingTo(java.util.Comparator.comparingDouble(TaperAdvice.Remedy::overK));
        assertThat(fillet(28, 12).remedies())
                .allSatisfy(r -> assertThat(r.words().values().get("band")).isNotEqualTo(Band.DRY));
        assertThat(taper.remedies())
                .allSatisfy(r -> assertThat(r.words().toString()).doesNotContain("NaN"));
    }

    @Test
    void anEvenPieceNeedsNoRemedy() {
        TaperAdvice even = fillet(24, 23);
        assertThat(even.even()).isTrue();
        assertThat(even.remedies()).isEmpty();
    }

    @Test
    void aThinnerEndIsNeverCooler() {
        assertThat(fillet(26, 8).thinPeakC()).isGreaterThan(fillet(26, 14).thinPeakC());
        assertThat(fillet(26, 14).thinPeakC()).isGreaterThan(fillet(26, 20).thinPeakC());
    }

    @Test
    void aThinEndThatIsThickerIsRefused() {
        assertThatThrownBy(() -> fillet(20, 25))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("least=3 MM, most=20 MM");
    }

    /** Common practice, no source: an inch-thick portion thaws in the fridge overnight, a large fish in a day or more. */
    @Test
    void thawingTakesAnightForAPortionAndLongerForAWholeFish() {
        double portion = Thawing.fridgeHours(Bakes.hake().frozen().piece());
        double whole = Thawing.fridgeHours(Bakes.hake()
                .of(Species.COD, Cut.WHOLE)
                .thick(70)
                .sides(130, 560, 2000)
                .frozen()
                .piece());
        assertThat(portion).isBetween(5.0, 16.0);
        assertThat(whole).isBetween(18.0, 60.0);
    }

    @Test
    void thinPiecesLeaveTheTrayFirst() {
        Programme programme = new Programme(220, OptionalDouble.empty(), 3);
        OvenModel oven = OvenModel.trusted(OvenKind.STILL);
        List<TrayOrder.Turn> order = TrayOrder.of(
                Bakes.hake().piece(), List.of(32.0, 18.0, 25.0), Dress.open(), oven, programme, Doneness.FLAKES);
        assertThat(order).extracting(TrayOrder.Turn::thicknessMm).containsExactly(18.0, 25.0, 25.0, 32.0);
        assertThat(order).extracting(TrayOrder.Turn::minutes).isSorted();
        assertThat(order.get(1).minutes()).isEqualTo(order.get(2).minutes());
        assertThatThrownBy(() -> TrayOrder.of(
                        Bakes.hake().piece(), List.of(200.0), Dress.open(), oven, programme, Doneness.FLAKES))
                .hasMessageContaining("least=8 MM, most=90 MM");
    }
}
