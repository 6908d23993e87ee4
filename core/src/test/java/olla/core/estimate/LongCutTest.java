package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.Topping.When;
import olla.core.dress.UsualProgramme;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.heat.Outline;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.simulation.Frames;
import olla.core.uncertainty.OvenCalibration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A piece seen along its length. */
class LongCutTest {

    private static final OptionalDouble OPEN = OptionalDouble.empty();

    private static Piece piece(Species species, Cut cut, double grams) {
        return Piece.from(species, cut, OPEN, OptionalDouble.of(grams), OPEN, OPEN, OPEN, false);
    }

    private static Programme programme(Dress dress, double dialC) {
        return UsualProgramme.programme(dress, dialC, dress.usualRestMinutes());
    }

    private static Frames along(Piece piece, Dress dress, double dialC) {
        return Estimator.along(
                        piece,
                        dress,
                        OvenKind.STILL,
                        OvenCalibration.UNCHECKED,
                        programme(dress, dialC),
                        Doneness.FLAKES)
                .orElseThrow();
    }

    /* The warmest that the coldest of an upright gets, °C. */
    private static int peak(Frames frames, double share) {
        int column = Math.min(frames.columns() - 1, (int) (share * frames.columns()));
        return frames.celsius().stream()
                .mapToInt(picture -> IntStream.range(0, frames.rows())
                        .map(row -> picture[row * frames.columns() + column])
                        .min()
                        .orElseThrow())
                .max()
                .orElseThrow();
    }

    /** Where a fillet is thickest both cuts are of the same place: it peaks where it is to. */
    @Test
    void theThickestPlaceIsAsTheCutAcrossHasIt() {
        Piece fillet = piece(Species.HADDOCK, Cut.FILLET, 400);
        assertThat(peak(along(fillet, Dress.open(), 200), 0)).isCloseTo((int) Doneness.FLAKES.peakC(), within(3));
        assertThat(peak(along(fillet, Dress.under(new Topping(Mix.CRUMB, When.BEFORE, 5)), 200), 0))
                .isCloseTo((int) Doneness.FLAKES.peakC(), within(3));
        assertThat(peak(along(fillet, Dress.in(new Parcel(Sheet.FOIL)), 200), 0))
                .isCloseTo((int) Doneness.FLAKES.peakC(), within(4));
        assertThat(peak(along(fillet, Dress.in(new Coat(3)), 200), 0))
                .isCloseTo((int) Doneness.FLAKES.peakC(), within(5));
    }

    private static final int TARGET_C = (int) Doneness.FLAKES.peakC();

    /** Common practice, no source: a thin end is overdone by the time the thick is done, and a hot oven is the less even. */
    @ParameterizedTest
    @EnumSource(
            value = Cut.class,
            names = {"FILLET", "SIDE", "WHOLE"})
    void theThinEndIsOverdone(Cut cut) {
        Piece piece = piece(cut == Cut.WHOLE ? Species.SEA_BREAM : Species.SALMON, cut, 900);
        Frames hot = along(piece, Dress.open(Finish.OILED), 230);
        Frames gentle = along(piece, Dress.open(Finish.OILED), 160);

        assertThat(peak(hot, 0.9)).isGreaterThan((int) Band.DRY.fromC()).isGreaterThan(TARGET_C + 10);
        assertThat(peak(gentle, 0.5)).isLessThan(peak(hot, 0.5));
        assertThat(peak(hot, 0.5)).isBetween(TARGET_C, peak(hot, 0.9));
    }

    @Test
    void aWholeFishInSaltHasItsThinTail() {
        Piece bream = piece(Species.SEA_BREAM, Cut.WHOLE, 1500);
        Frames salt = along(bream, Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)), 210);

        assertThat(peak(salt, 0)).isCloseTo((int) Doneness.FLAKES.peakC(), within(6));
        assertThat(peak(salt, 0.9)).isGreaterThan(peak(salt, 0) + 10);
        assertThat(salt.layers().stream().map(Frames.LayerDrawing::kind)).contains(Frames.Kind.CRUST);
    }

    /** It is reckoned thinner, since heat comes from its sides too, and drawn as thick as it is. */
    @Test
    void itIsDrawnAsThickAndAsLongAsItIs() {
        Piece bream = piece(Species.SEA_BREAM, Cut.WHOLE, 900);
        Frames frames = along(bream, Dress.open(), 220);
        double high = frames.outline().stream().mapToDouble(p -> p[1]).max().orElseThrow();

        assertThat(frames.heightMm()).isCloseTo(bream.thicknessMm(), within(1e-6));
        assertThat(high).isCloseTo(bream.thicknessMm(), within(0.2));
        assertThat(frames.halfWidthMm()).isCloseTo(0.55 * bream.lengthMm(), within(1e-6));
        assertThat(Arrays.stream(frames.coldestYMm()).max().orElseThrow()).isLessThan(bream.thicknessMm());
    }

    @Test
    void whatIsEvenHasNoLongCut() {
        Piece portion = piece(Species.HAKE, Cut.PORTION, 160);
        assertThat(Estimator.along(
                        portion,
                        Dress.open(),
                        OvenKind.STILL,
                        OvenCalibration.UNCHECKED,
                        programme(Dress.open(), 220),
                        Doneness.FLAKES))
                .isEmpty();
    }

    /** By hand: half way along with power 2 a quarter of what it loses is gone; a skin all round is as thick at the end as in the middle. */
    @Test
    void itsOutlineTapersAsItsCutDoes() {
        Outline fillet = new Outline.Tapering(0.1, 0.03, 0.4, 2, false);
        Outline whole = new Outline.Tapering(0.1, 0.03, 0.4, 2, true);

        assertThat(fillet.upper(0)).isEqualTo(0.03);
        assertThat(fillet.upper(0.05)).isCloseTo(0.03 * (1 - 0.6 / 4), within(1e-12));
        assertThat(fillet.lower(0.05)).isZero();
        assertThat(whole.upper(0.05) + whole.lower(0.05)).isCloseTo(0.03, within(1e-12));
        assertThat(fillet.upper(0.1)).isZero();
        Outline skinned = fillet.grown(0.002);
        assertThat(skinned.upper(0)).isCloseTo(0.034, within(1e-12));
        assertThat(skinned.halfWidth()).isCloseTo(0.102, within(1e-12));
    }
}
