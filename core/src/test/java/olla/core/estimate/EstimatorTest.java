package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.Bakes;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.Pour;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.messages.Message;
import olla.core.messages.RefusedInput;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.safety.Caution;
import olla.core.simulation.Frames;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.OvenCalibration;
import org.junit.jupiter.api.Test;

class EstimatorTest {

    @Test
    void aGivenLengthIsRunAsGiven() {
        Estimate estimate = Bakes.hake().given(6).to(Doneness.FLAKES);
        assertThat(estimate.bakeMinutes()).isEqualTo(6);
        assertThat(estimate.peakC()).isLessThan(Doneness.FLAKES.peakC());
        assertThat(estimate.window().orElseThrow().likelyMin()).isGreaterThan(8);
    }

    @Test
    void anOvenThatNeverGetsThereIsSaidSo() {
        assertThatThrownBy(() -> Bakes.hake()
                        .thick(90)
                        .sides(200, 300, 1500)
                        .frozen()
                        .in(Dress.in(new Parcel(Sheet.FOIL)))
                        .oven(OvenKind.STILL, 90)
                        .to(Doneness.OFFICIAL))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("never-done{dial=90 DIAL, target=63 CELSIUS");
    }

    @Test
    void theSameQuestionHasTheSameAnswer() {
        Estimate once = Bakes.hake().to(Doneness.FLAKES);
        Estimate again = Bakes.hake().to(Doneness.FLAKES);
        assertThat(again.bakeMinutes()).isEqualTo(once.bakeMinutes());
        assertThat(again.trace().coldestC()).containsExactly(once.trace().coldestC());
    }

    @Test
    void aScaleIsLessSureThanARuler() {
        Piece weighed = Piece.from(
                Species.HAKE,
                Cut.PORTION,
                OptionalDouble.empty(),
                OptionalDouble.of(160),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                false);
        Programme programme = new Programme(230, OptionalDouble.empty(), 4);
        Estimate scale = Estimator.estimate(
                weighed, Dress.open(), OvenKind.STILL, OvenCalibration.UNCHECKED, programme, Doneness.FLAKES);
        Estimate ruler = Bakes.hake().thick(weighed.thicknessMm()).to(Doneness.FLAKES);
        assertThat(width(scale)).isGreaterThan(1.3 * width(ruler));
        assertThat(scale.doubts().get(0).what().toString()).startsWith("about.THICKNESS{measured=SCALE");
        assertThat(scale.assumptions().get(0).key()).isEqualTo("assumed.thickness");
    }

    @Test
    void aLiquidAboveTheMiddleOfTheFishIsSpokenOf() {
        assertThat(assumed(60)).doesNotContain("assumed.deep-liquid");
        assertThat(assumed(600)).contains("assumed.deep-liquid");
    }

    private static List<String> assumed(double stockMl) {
        Pour stock = new Pour(Pour.Liquid.STOCK, OptionalDouble.of(stockMl), OptionalDouble.of(120 * 160), false);
        Dress dress = Dress.open().standingIn(Vessel.of(Ware.STONEWARE)).lyingIn(stock);
        return Bakes.hake().in(dress).oven(OvenKind.STILL, 200).to(Doneness.FLAKES).assumptions().stream()
                .map(Message::key)
                .toList();
    }

    private static double width(Estimate estimate) {
        CheckWindow window = estimate.window().orElseThrow();
        return window.noLaterThanMin() - window.checkFromMin();
    }

    @Test
    void picturesCoverTheWholeCourse() {
        Estimate estimate = Bakes.hake().to(Doneness.FLAKES);
        Frames frames = estimate.frames();
        double end = estimate.bakeMinutes() + estimate.restMinutes();
        assertThat(frames.minute()[0]).isZero();
        assertThat(frames.minute()[frames.minute().length - 1]).isCloseTo(end, within(1e-6));
        assertThat(frames.minute()).contains(new double[] {estimate.bakeMinutes()}, within(1e-6));
        assertThat(frames.celsius()).allSatisfy(p -> assertThat(p).hasSize(frames.columns() * frames.rows()));
        assertThat(frames.halfWidthMm()).isCloseTo(40, within(1e-9));
        assertThat(frames.heightMm()).isCloseTo(25, within(1e-9));
        assertThat(estimate.trace().minute()).isSorted();
    }

    @Test
    void aParcelDriesNothing() {
        assertThat(Bakes.hake()
                        .in(Dress.in(new Parcel(Sheet.FOIL)))
                        .to(Doneness.FLAKES)
                        .juice()
                        .evaporatedG())
                .isZero();
        assertThat(Bakes.hake().to(Doneness.FLAKES).juice().evaporatedG()).isBetween(1.0, 25.0);
    }

    @Test
    void cautionsApplyWhereTheyShould() {
        assertThat(codes(Bakes.hake().to(Doneness.FLAKES)))
                .contains("BELOW_MINIMUM", "LOCAL_CODE")
                .doesNotContain("PARASITES");
        assertThat(codes(Bakes.hake().to(Doneness.JUST_OPAQUE))).contains("BELOW_MINIMUM", "PARASITES");
        assertThat(codes(Bakes.hake().to(Doneness.OFFICIAL))).doesNotContain("BELOW_MINIMUM", "PARASITES");
        assertThat(codes(Bakes.hake().of(Species.MACKEREL, Cut.FILLET).to(Doneness.OFFICIAL)))
                .contains("HISTAMINE");
        assertThat(codes(Bakes.hake().of(Species.GROUPER, Cut.FILLET).to(Doneness.OFFICIAL)))
                .contains("CIGUATERA");
        Bakes parcel = Bakes.hake().in(Dress.in(new Parcel(Sheet.PARCHMENT)));
        assertThat(codes(parcel.oven(OvenKind.STILL, 230).to(Doneness.OFFICIAL)))
                .startsWith("SHEET_LIMIT");
        assertThat(codes(parcel.oven(OvenKind.STILL, 220).to(Doneness.OFFICIAL)))
                .doesNotContain("SHEET_LIMIT");
    }

    private static java.util.List<String> codes(Estimate estimate) {
        assertThat(estimate.cautions())
                .allSatisfy(c -> assertThat(c.source().key()).startsWith("source."));
        return estimate.cautions().stream().map(Caution::code).toList();
    }
}
