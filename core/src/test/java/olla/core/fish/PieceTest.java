package olla.core.fish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import olla.core.messages.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PieceTest {

    private static final OptionalDouble NOT_SAID = OptionalDouble.empty();

    private static Piece piece(Species species, Cut cut, OptionalDouble thickness, OptionalDouble mass) {
        return Piece.from(species, cut, thickness, mass, NOT_SAID, NOT_SAID, NOT_SAID, false);
    }

    /**
     * Source: length-weight relations W = a L^3 with L in cm (FishBase order of magnitude, from memory): gilthead about
     * 0.0145, trout and cod about 0.010, bass 0.0105, plaice about 0.0092, hake about 0.0066. Whole fish of 30 cm to a kilo and more
     * differ by a sixth either way.
     */
    @ParameterizedTest
    @CsvSource({"SEA_BREAM,0.0145", "SEA_BASS,0.0105", "TROUT,0.0100", "COD,0.0100", "PLAICE,0.0092", "HAKE,0.0066"})
    void aWholeFishHasTheLengthOfItsWeight(Species species, double a) {
        Piece fish = piece(species, Cut.WHOLE, NOT_SAID, OptionalDouble.of(600));
        double expectedCm = Math.cbrt(600 / a);
        assertThat(fish.lengthMm() / 10).isCloseTo(expectedCm, within(0.06 * expectedCm));
        assertThat(fish.measured()).isEqualTo(MeasuredBy.SCALE);
    }

    /** Common practice, no source: a portion of 160 g is about an inch thick, 6 to 7 cm wide and 10 long. */
    @Test
    void aPortionHasTheSidesOfACountersPortion() {
        Piece portion = piece(Species.COD, Cut.PORTION, NOT_SAID, OptionalDouble.of(160));
        assertThat(portion.thicknessMm()).isBetween(22.0, 28.0);
        assertThat(portion.widthMm()).isBetween(58.0, 75.0);
        assertThat(portion.lengthMm()).isBetween(88.0, 112.0);
    }

    @ParameterizedTest
    @EnumSource(Cut.class)
    void theSidesMakeUpTheMass(Cut cut) {
        double massG = cut.usualMassG();
        Piece piece = piece(Species.COD, cut, OptionalDouble.of(30), OptionalDouble.of(massG));
        double box = piece.thicknessMm() * piece.widthMm() * piece.lengthMm() * 1e-9 * Piece.DENSITY_KG_M3 * 1000;
        assertThat(massG / box).isCloseTo(cut.fill(Species.COD), within(1e-9));
    }

    @Test
    void whatWasMeasuredStays() {
        Piece piece = Piece.from(
                Species.HAKE,
                Cut.PORTION,
                OptionalDouble.of(26),
                OptionalDouble.of(160),
                OptionalDouble.of(70),
                OptionalDouble.of(110),
                OptionalDouble.of(8),
                false);
        assertThat(piece.thicknessMm()).isEqualTo(26);
        assertThat(piece.widthMm()).isEqualTo(70);
        assertThat(piece.lengthMm()).isEqualTo(110);
        assertThat(piece.thicknessDoubtMm()).isEqualTo(Piece.RULER_MM);
    }

    @Test
    void oneOfThicknessAndMassIsNeeded() {
        assertThatThrownBy(() -> piece(Species.COD, Cut.FILLET, NOT_SAID, NOT_SAID))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("refusal.no-size");
    }

    @Test
    void aSlipOfUnitsIsAskedAbout() {
        assertThatThrownBy(() -> piece(Species.HAKE, Cut.PORTION, OptionalDouble.of(200), OptionalDouble.of(160)))
                .hasMessageContaining(
                        "refusal.no-such-thickness{thickness=200 MM, species=species.HAKE.inside, cut=PORTION")
                .hasMessageContaining("refusal.did-you-mean{meant=20 MM}");
        assertThatThrownBy(() -> piece(Species.HAKE, Cut.PORTION, OptionalDouble.of(2.6), OptionalDouble.of(160)))
                .hasMessageContaining("refusal.did-you-mean{meant=26 MM}");
    }

    @Test
    void everyWrongFieldIsNamed() {
        assertThatThrownBy(
                        () -> new Piece(Species.COD, Cut.PORTION, MeasuredBy.RULER, Double.NaN, 5, 1e9, -3, 60, false))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        refused -> assertThat(refused.refusals())
                                .extracting("field")
                                .containsExactly("thicknessMm", "massG", "widthMm", "lengthMm", "startTempC"));
    }

    private static Piece stuffed(double grams) {
        return new Piece(Species.SEA_BREAM, Cut.WHOLE, MeasuredBy.RULER, 50, 120, 330, 900, 6, false)
                .set(Orientation.LYING, Filling.STUFFING, new Stuffing(OptionalDouble.of(grams), Kept.MIXED));
    }

    /** Common practice, no source: a fish for two takes a good cup of stuffing; three quarters of its weight still go in. */
    @Test
    void aStuffingTakesTheRoomThatItWeighs() {
        Piece usual = stuffed(100).set(Orientation.LYING, Filling.STUFFING);
        assertThat(usual.stuffingG()).isBetween(120.0, 220.0);
        assertThat(usual.stuffingShares().ofHeight()).isCloseTo(Filling.STUFFING.ofHeight(), within(1e-9));
        assertThat(stuffed(usual.stuffingG()).stuffingShares().ofWidth())
                .isCloseTo(Filling.STUFFING.ofWidth(), within(1e-9));
        assertThat(stuffed(60).stuffingShares().ofHeight())
                .isLessThan(usual.stuffingShares().ofHeight());
        Stuffing.Shares much = stuffed(0.75 * 900).stuffingShares();
        assertThat(much.ofHeight()).isBetween(0.5, 0.85);
        assertThat(much.ofWidth()).isBetween(0.5, 0.85);
        assertThatThrownBy(() -> stuffed(1500)).hasMessageContaining("fillingG");
        assertThatThrownBy(() -> stuffed(1)).hasMessageContaining("fillingG");
        assertThat(usual.set(Orientation.LYING, Filling.NONE).stuffingG()).isZero();
    }

    @Test
    void frozenFishIsColdFish() {
        assertThat(Piece.from(
                                Species.COD,
                                Cut.PORTION,
                                OptionalDouble.of(25),
                                NOT_SAID,
                                NOT_SAID,
                                NOT_SAID,
                                NOT_SAID,
                                true)
                        .startTempC())
                .isEqualTo(Piece.FROZEN_START_C);
        assertThatThrownBy(() -> new Piece(Species.COD, Cut.PORTION, MeasuredBy.RULER, 25, 60, 100, 160, 4, true))
                .hasMessageContaining("frozen");
    }

    @ParameterizedTest
    @EnumSource(Species.class)
    void everySpeciesIsFoundByItsKey(Species species) {
        assertThat(Species.ofKey(species.key())).contains(species);
        assertThat(species.source().key()).startsWith("source.");
        assertThat(species.scientificName()).contains(" ");
    }

    @Test
    void noSpeciesHasAnUnknownKey() {
        assertThat(Species.ofKey("COD")).isEmpty();
        assertThat(Species.ofKey("unicorn")).isEmpty();
    }
}
