package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.CheckWindow;

/** What must hold for every bake. Times are solved to half a second, hence the small slack. */
class EstimateProperties {

    private static final double SLACK = 0.05;
    private static final int TRIES = 25;
    private static final String SEED = "20261125";

    @Property(tries = TRIES, seed = SEED)
    void aThickerPieceNeverCooksFaster(
            @ForAll @DoubleRange(min = 10, max = 60) double thick,
            @ForAll @DoubleRange(min = 1, max = 20) double more,
            @ForAll @DoubleRange(min = 160, max = 260) double oven,
            @ForAll boolean whole) {
        double thin = piece(whole, thick).oven(OvenKind.STILL, oven).minutesTo(57);
        double thicker = piece(whole, thick + more).oven(OvenKind.STILL, oven).minutesTo(57);
        assertThat(thicker).isGreaterThan(thin - SLACK);
    }

    private static Bakes piece(boolean whole, double thick) {
        Bakes bakes = Bakes.hake().thick(thick);
        return whole ? bakes.of(Species.SEA_BREAM, Cut.WHOLE).sides(130, 350, 600) : bakes;
    }

    @Property(tries = TRIES, seed = SEED)
    void aColderStartIsNeverFaster(
            @ForAll @DoubleRange(min = 0, max = 20) double start,
            @ForAll @DoubleRange(min = 10, max = 45) double thick) {
        double warm = Bakes.hake().thick(thick).from(start).minutesTo(52);
        double cold = Bakes.hake().thick(thick).from(start - 1).minutesTo(52);
        assertThat(cold).isGreaterThan(warm - SLACK);
    }

    @Property(tries = TRIES, seed = SEED)
    void aCoolerOvenIsNeverFaster(
            @ForAll @DoubleRange(min = 130, max = 280) double oven,
            @ForAll @DoubleRange(min = 10, max = 45) double thick) {
        double hot = Bakes.hake().thick(thick).oven(OvenKind.STILL, oven).minutesTo(57);
        double cool = Bakes.hake().thick(thick).oven(OvenKind.STILL, oven - 10).minutesTo(57);
        assertThat(cool).isGreaterThan(hot - SLACK);
    }

    @Property(tries = TRIES, seed = SEED)
    void aFanAtTheSameDialIsNeverSlower(
            @ForAll @DoubleRange(min = 140, max = 260) double oven,
            @ForAll @DoubleRange(min = 10, max = 45) double thick) {
        double still = Bakes.hake().thick(thick).oven(OvenKind.STILL, oven).minutesTo(57);
        double fan = Bakes.hake().thick(thick).oven(OvenKind.FAN, oven).minutesTo(57);
        assertThat(fan).isLessThan(still + SLACK);
    }

    @Property(tries = TRIES, seed = SEED)
    void foilIsNeverFasterThanBare(
            @ForAll @DoubleRange(min = 160, max = 260) double oven,
            @ForAll @DoubleRange(min = 10, max = 45) double thick) {
        double bare = Bakes.hake().thick(thick).oven(OvenKind.STILL, oven).minutesTo(57);
        double foil = Bakes.hake()
                .thick(thick)
                .in(Dress.in(new Parcel(Sheet.FOIL)))
                .oven(OvenKind.STILL, oven)
                .minutesTo(57);
        assertThat(foil).isGreaterThan(bare - SLACK);
    }

    @Property(tries = TRIES, seed = SEED)
    void fromFrozenIsSlowerThanFromTheFridge(@ForAll @DoubleRange(min = 10, max = 40) double thick) {
        assertThat(Bakes.hake().thick(thick).frozen().minutesTo(57))
                .isGreaterThan(Bakes.hake().thick(thick).minutesTo(57));
    }

    @Property(tries = TRIES, seed = SEED)
    void aSolvedBakePeaksAtItsTargetInsideItsWindow(
            @ForAll Doneness target,
            @ForAll @DoubleRange(min = 10, max = 60) double thick,
            @ForAll @DoubleRange(min = 150, max = 280) double oven,
            @ForAll @DoubleRange(min = 0, max = 12) double rest) {
        Estimate estimate =
                Bakes.hake().thick(thick).oven(OvenKind.STILL, oven).rest(rest).to(target);
        assertThat(estimate.peakC()).isCloseTo(target.peakC(), within(0.4));
        CheckWindow window = estimate.window().orElseThrow();
        assertThat(window.checkFromMin()).isPositive().isLessThan(window.likelyMin());
        assertThat(window.noLaterThanMin()).isGreaterThan(window.likelyMin());
        assertThat(estimate.pullC()).isLessThanOrEqualTo(estimate.peakC() + 1e-6);
    }
}
