package olla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.dress.Style;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.messages.RefusedInput;
import olla.core.plan.Helpings.Appetite;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PreparingTest {

    private static Piece piece(Species species, Cut cut, double massG) {
        OptionalDouble unknown = OptionalDouble.empty();
        return Piece.from(species, cut, unknown, OptionalDouble.of(massG), unknown, unknown, unknown, false);
    }

    private static List<String> keys(Piece piece, Style style) {
        return PrepList.of(piece, style, false, false, false, PrepList.Extra.NONE, null).stream()
                .map(PrepStep::key)
                .toList();
    }

    /** Common practice, no source: scales stay on for a salt crust and come off otherwise. */
    @Test
    void scalesStayOnInSaltOnly() {
        Piece bream = piece(Species.SEA_BREAM, Cut.WHOLE, 900);
        assertThat(keys(bream, Style.SALT_CRUST)).contains("scales-on").doesNotContain("scale", "score");
        assertThat(keys(bream, Style.OPEN_TRAY)).contains("scale", "score").doesNotContain("scales-on");
        assertThat(keys(bream, Style.FOIL)).contains("scale").doesNotContain("score");
    }

    @Test
    void filletsHaveTheirOwnList() {
        assertThat(keys(piece(Species.SALMON, Cut.FILLET, 200), Style.PARCHMENT))
                .contains("pin", "skin-off", "dry")
                .doesNotContain("gut", "scale", "rinse");
        assertThat(keys(piece(Species.COD, Cut.PORTION, 160), Style.FOIL))
                .contains("skin-on")
                .doesNotContain("pin");
    }

    @Test
    void theSchoolsAndTheBurstGutHaveTheirSteps() {
        Piece cod = piece(Species.COD, Cut.PORTION, 160);
        assertThat(PrepList.of(cod, Style.OPEN_TRAY, true, true, false, PrepList.Extra.CITRUS, null))
                .extracting(PrepStep::key)
                .contains("rinse", "citrus", "stuff");
        Piece bream = piece(Species.SEA_BREAM, Cut.WHOLE, 900);
        assertThat(PrepList.of(bream, Style.OPEN_TRAY, false, false, true, PrepList.Extra.MILK, null))
                .extracting(PrepStep::key)
                .containsSubsequence("gut", "flush", "dry", "milk", "temper", "wash");
    }

    @ParameterizedTest
    @CsvSource({"600,STRAIGHT", "750,DIAGONAL", "1100,BENT", "1700,HEADLESS", "9000,NOT"})
    void alongFishFindsItsWayIntoTheTray(double massG, TrayFit.How how) {
        TrayFit tray = new TrayFit(400, 300);
        Piece fish = piece(Species.TROUT, Cut.WHOLE, massG);
        assertThat(tray.how(fish)).isEqualTo(how);
        assertThat(tray.words(fish, Style.OPEN_TRAY).key()).isEqualTo("how." + how);
        // Under salt nothing is cut that bares its flesh.
        assertThat(tray.words(fish, Style.SALT_CRUST).key()).isNotIn("how.BENT", "how.HEADLESS");
        assertThat(tray.words(fish, Style.SALT_CRUST).values().getOrDefault("salt", true))
                .isEqualTo(true);
    }

    /** The skin comes off where it would be tough, whatever holds the piece together otherwise (common practice, no source). */
    @ParameterizedTest
    @CsvSource({
        "HAKE,PORTION,OPEN_TRAY,skin-on",
        "HAKE,PORTION,FOIL,skin-on",
        "HAKE,PORTION,PARCHMENT,skin-off",
        "HADDOCK,STRIP,OPEN_TRAY,skin-off",
        "HADDOCK,PORTION,BREADED,skin-off",
        "LEMON_SOLE,ROLL,OPEN_TRAY,skin-off",
        "DOGFISH,PORTION,OPEN_TRAY,skin-off"
    })
    void theSkinStaysOnWhereItHelps(Species species, Cut cut, Style style, String key) {
        Piece piece = Piece.from(
                species,
                cut,
                OptionalDouble.empty(),
                OptionalDouble.of(cut.usualMassG()),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                false);
        assertThat(PrepList.of(piece, style, false, false, false, PrepList.Extra.NONE, null))
                .extracting(PrepStep::key)
                .filteredOn(k -> k.startsWith("skin-"))
                .containsExactly(key);
    }

    @Test
    void aTrayOfNoSizeIsRefused() {
        assertThatThrownBy(() -> new TrayFit(40, 3000))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        refused -> assertThat(refused.refusals())
                                .extracting("field")
                                .containsExactly("trayLengthMm", "trayWidthMm"));
    }

    /** Common practice, no source: boneless 140 to 180 g a person, whole head-on 400 to 500 g. */
    @Test
    void helpingsAreTheUsualOnes() {
        assertThat(Helpings.toBuyG(4, Appetite.USUAL, Cut.PORTION)).isEqualTo(640);
        assertThat(Helpings.pieces(4, Appetite.USUAL, Cut.PORTION, 165)).isEqualTo(4);
        assertThat(Helpings.pieces(2, Appetite.USUAL, Cut.WHOLE, 900)).isEqualTo(1);
        assertThat(Helpings.feeds(900, Appetite.USUAL, Cut.WHOLE)).isEqualTo(2.0);
        assertThatThrownBy(() -> Helpings.toBuyG(0, Appetite.USUAL, Cut.SIDE)).isInstanceOf(RefusedInput.class);
    }

    /**
     * Source: FAO Fisheries Technical Paper 309 (1989), fillet yields of whole fish: cod 0.45 to 0.5, breams about 0.4,
     * flatfish 0.4 to 0.45, salmonids 0.5 to 0.6 (from memory).
     */
    @ParameterizedTest
    @CsvSource({"COD,0.47", "SEA_BREAM,0.40", "PLAICE,0.42", "SALMON,0.55"})
    void edibleYieldIsThatOfTheTables(Species species, double yield) {
        assertThat(Helpings.edibleShare(species, Cut.WHOLE)).isCloseTo(yield, within(0.06));
    }

    @ParameterizedTest
    @EnumSource(Style.class)
    void everyStyleHasAReasonForEveryFish(Style style) {
        for (Species species : Species.values()) {
            for (Cut cut : Cut.values()) {
                assertThat(style.suits(species, cut).reason().key()).startsWith("suits.");
            }
        }
    }

    /** Common practice, no source: salt is for round whole fish in their scales. */
    @Test
    void saltSuitsRoundWholeFishOnly() {
        assertThat(Style.SALT_CRUST.suits(Species.SEA_BREAM, Cut.WHOLE).fit()).isEqualTo(Style.Fit.WELL);
        assertThat(Style.SALT_CRUST.suits(Species.PLAICE, Cut.WHOLE).fit()).isEqualTo(Style.Fit.POORLY);
        assertThat(Style.SALT_CRUST.suits(Species.COD, Cut.FILLET).fit()).isEqualTo(Style.Fit.POORLY);
        assertThat(Style.PARCHMENT.suits(Species.ZANDER, Cut.PORTION).fit()).isEqualTo(Style.Fit.WELL);
    }
}
