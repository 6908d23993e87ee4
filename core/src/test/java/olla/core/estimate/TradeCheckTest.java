package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.CheckWindow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What cooks know from their own ovens. */
class TradeCheckTest {

    private static final double INCH_MM = 25.4;

    /**
     * Ten minutes an inch at 450 °F (232 °C), between half an inch and an inch (published: Canadian Department of
     * Fisheries cookery rule, from memory), for fish that is just opaque: the coldest point at 55 °C after a rest.
     */
    @ParameterizedTest
    @ValueSource(doubles = {12, 15, 19, 22, 25})
    void theThicknessRuleHoldsUpToAnInch(double thicknessMm) {
        double minutes =
                Bakes.hake().thick(thicknessMm).oven(OvenKind.STILL, 232).minutesTo(55);
        assertThat(minutes / thicknessMm * INCH_MM).isBetween(8.5, 11.5);
    }

    /** Common practice, no source: the rule leaves thick pieces raw. */
    @Test
    void theThicknessRuleRunsShortOnThickPieces() {
        double minutes = Bakes.hake().thick(50).oven(OvenKind.STILL, 232).minutesTo(55);
        assertThat(minutes / 50 * INCH_MM).isGreaterThan(12.5);
    }

    /** Five minutes more in foil (published: the same rule, from memory). */
    @Test
    void foilAddsAboutFiveMinutes() {
        double bare = Bakes.hake().oven(OvenKind.STILL, 232).minutesTo(55);
        double foil = Bakes.hake()
                .in(Dress.in(new Parcel(Sheet.FOIL)))
                .oven(OvenKind.STILL, 232)
                .minutesTo(55);
        assertThat(foil - bare).isBetween(3.0, 6.5);
    }

    /** Double from frozen (published: the same rule, from memory). */
    @Test
    void frozenTakesAboutTwiceAsLong() {
        double fresh = Bakes.hake().minutesTo(55);
        assertThat(Bakes.hake().frozen().minutesTo(55) / fresh).isBetween(1.7, 2.4);
    }

    private static void insideTheWindow(Estimate estimate, double minutes) {
        CheckWindow window = estimate.window().orElseThrow();
        assertThat(minutes).isBetween(window.checkFromMin(), window.noLaterThanMin());
    }

    /** Common practice, no source: lean portions about 25 mm thick at 230 °C, 10 to 11 minutes. */
    @Test
    void leanPortionsAt230() {
        insideTheWindow(Bakes.hake().sides(66, 100, 160).to(Doneness.FLAKES), 10.5);
    }

    /** Common practice, no source: white portions of 25 to 28 mm at 200 to 205 °C, 13 to 15 minutes. */
    @Test
    void whitePortionsAt200() {
        Bakes white = Bakes.hake().thick(26).sides(67, 101, 170).oven(OvenKind.STILL, 202);
        insideTheWindow(white.to(Doneness.FLAKES), 13);
        insideTheWindow(white.to(Doneness.FLAKES), 15);
    }

    /** Common practice, no source: parchment parcels at 218 °C, 12 to 13 minutes. */
    @Test
    void parchmentParcelsAt218() {
        Estimate parcel = Bakes.hake()
                .sides(66, 100, 160)
                .in(Dress.in(new Parcel(Sheet.PARCHMENT)))
                .oven(OvenKind.STILL, 218)
                .to(Doneness.FLAKES);
        insideTheWindow(parcel, 12);
        insideTheWindow(parcel, 13);
    }

    /** Common practice, no source: a whole side of trout, some 30 mm thick, at 230 °C, 15 minutes and never more than 20. */
    @Test
    void aSideOfTroutAt230() {
        Estimate side = Bakes.hake()
                .of(Species.TROUT, Cut.SIDE)
                .thick(30)
                .sides(110, 400, 900)
                .to(Doneness.FLAKES);
        insideTheWindow(side, 15);
        assertThat(side.window().orElseThrow().noLaterThanMin()).isLessThan(20);
    }

    /** A fan oven set 20 °C lower does the same (common practice, no source): within a tenth. */
    @Test
    void aFanOvenSetTwentyLowerDoesTheSame() {
        double still = Bakes.hake().minutesTo(57);
        double fan = Bakes.hake().oven(OvenKind.FAN, 210).minutesTo(57);
        assertThat(fan / still).isBetween(0.88, 1.12);
    }

    @Test
    void theFleshGoesOnCookingOnTheBoard() {
        Estimate estimate = Bakes.hake().in(Dress.open()).to(Doneness.FLAKES);
        assertThat(estimate.peakC() - estimate.pullC()).isBetween(3.0, 15.0);
    }
}
