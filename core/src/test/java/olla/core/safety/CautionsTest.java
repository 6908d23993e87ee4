package olla.core.safety;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import olla.core.dress.Dress;
import olla.core.dress.EggSize;
import olla.core.dress.Finish;
import olla.core.dress.Parcel;
import olla.core.dress.Salt;
import olla.core.dress.SaltCrust;
import olla.core.dress.SaltCrust.Damping;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Each caution where it belongs, and nowhere else. */
class CautionsTest {

    private static final Programme AT_200 = new Programme(200, OptionalDouble.empty(), 4);
    private static final Programme AT_240 = new Programme(240, OptionalDouble.empty(), 4);
    private static final Programme GRILLED =
            new Programme(List.of(new Stage.Bake(200, OptionalDouble.empty()), new Stage.Grill(2), new Stage.Rest(4)));
    private static final double JUST_OPAQUE_C = 52;
    private static final double FLAKES_C = 57;

    private static Piece piece(Species species, Cut cut, double grams, Filling filling) {
        OptionalDouble open = OptionalDouble.empty();
        return Piece.from(species, cut, open, OptionalDouble.of(grams), open, open, open, false)
                .set(Orientation.LYING, filling);
    }

    private static Piece hake() {
        return piece(Species.HAKE, Cut.PORTION, 160, Filling.NONE);
    }

    private static Dress foil(boolean acid) {
        return Dress.in(new Parcel(Sheet.FOIL, Parcel.Fold.SEAM_UP, acid, false));
    }

    private static Dress salt(Damping school, boolean scalesOn) {
        return Dress.in(new SaltCrust(school, school.usualCoatMm(), Salt.COARSE, EggSize.MEDIUM, true, scalesOn));
    }

    private static List<String> codes(Piece piece, Dress dress, Programme programme, double peakC) {
        return Cautions.of(piece, dress, OvenKind.STILL, programme, peakC).stream()
                .map(Caution::code)
                .toList();
    }

    private static List<String> counter(Species species) {
        return Cautions.atTheCounter(species, Cut.PORTION, 63).stream()
                .map(Caution::code)
                .toList();
    }

    /** A bake in which a caution belongs, and the same bake without what it is about. */
    static Stream<Arguments> rules() {
        Dress paper = Dress.in(new Parcel(Sheet.PARCHMENT));
        Dress tray = Dress.open();
        Piece hake = hake();
        Piece bream = piece(Species.SEA_BREAM, Cut.WHOLE, 800, Filling.NONE);
        Piece halibut = piece(Species.HALIBUT, Cut.PORTION, 160, Filling.NONE);
        Piece tuna = piece(Species.TUNA, Cut.STEAK, 200, Filling.NONE);
        Piece grouper = piece(Species.GROUPER, Cut.FILLET, 200, Filling.NONE);
        return Stream.of(
                arguments("SHEET_LIMIT", codes(hake, paper, AT_240, 63), codes(hake, paper, AT_200, 63)),
                arguments("SHEET_LIMIT", codes(hake, paper, AT_240, 63), codes(hake, foil(false), AT_240, 63)),
                arguments("BELOW_MINIMUM", codes(hake, tray, AT_200, FLAKES_C), codes(hake, tray, AT_200, 63)),
                arguments("PARASITES", codes(hake, tray, AT_200, JUST_OPAQUE_C), codes(hake, tray, AT_200, FLAKES_C)),
                arguments(
                        "PARASITES",
                        codes(hake, tray, AT_200, JUST_OPAQUE_C),
                        codes(piece(Species.HAKE, Cut.FILLET, 600, Filling.STUFFING), tray, AT_200, JUST_OPAQUE_C)),
                arguments("ACID_FOIL", codes(hake, foil(true), AT_200, 63), codes(hake, foil(false), AT_200, 63)),
                arguments(
                        "ACID_FOIL",
                        codes(hake, foil(true), AT_200, 63),
                        codes(hake, Dress.in(new Parcel(Sheet.PARCHMENT, Parcel.Fold.HEART, true, false)), AT_200, 63)),
                arguments("STEAM", codes(hake, paper, AT_200, 63), codes(hake, tray, AT_200, 63)),
                arguments(
                        "SCALES_OFF",
                        codes(bream, salt(Damping.WET_SAND, false), AT_200, 63),
                        codes(bream, salt(Damping.WET_SAND, true), AT_200, 63)),
                arguments(
                        "SHARDS",
                        codes(bream, salt(Damping.WET_SAND, true), AT_200, 63),
                        codes(bream, tray, AT_200, 63)),
                arguments(
                        "SODIUM",
                        codes(bream, salt(Damping.WET_SAND, true), AT_200, 63),
                        codes(bream, tray, AT_200, 63)),
                arguments(
                        "EGG",
                        codes(bream, salt(Damping.WHITE_PASTE, true), AT_200, 63),
                        codes(bream, salt(Damping.WATER_ONLY, true), AT_200, 63)),
                arguments(
                        "STUFFING",
                        codes(piece(Species.SEA_BREAM, Cut.WHOLE, 800, Filling.STUFFING), tray, AT_200, 75),
                        codes(piece(Species.SEA_BREAM, Cut.WHOLE, 800, Filling.AROMATICS), tray, AT_200, 75)),
                arguments("GRILL", codes(hake, tray, GRILLED, 63), codes(hake, tray, AT_200, 63)),
                arguments(
                        "GARLIC_OIL",
                        codes(hake, Dress.open(Finish.MARINATED), AT_200, 63),
                        codes(hake, Dress.open(Finish.OILED), AT_200, 63)),
                arguments("BONES", codes(bream, tray, AT_200, 63), codes(halibut, tray, AT_200, 63)),
                arguments("TWO_HOURS", codes(hake, tray, AT_200, 63), counter(Species.HAKE)),
                arguments("MERCURY_MODERATE", counter(Species.TUNA), codes(tuna, tray, AT_200, 63)),
                arguments("CIGUATERA", codes(grouper, tray, AT_200, 63), codes(hake, tray, AT_200, 63)),
                arguments(
                        "HISTAMINE",
                        codes(piece(Species.MACKEREL, Cut.FILLET, 150, Filling.NONE), tray, AT_200, 63),
                        codes(hake, tray, AT_200, 63)));
    }

    @ParameterizedTest
    @MethodSource("rules")
    void aCautionStandsWhereItBelongsAndOnlyThere(String code, List<String> with, List<String> without) {
        assertThat(with).contains(code);
        assertThat(without).doesNotContain(code);
    }

    /** Each where a hand can still act on it: steam at the opening, the two hours at the rest, the grill at the grill. */
    @Test
    void eachIsShownAtItsMoment() {
        Piece bream = piece(Species.SEA_BREAM, Cut.WHOLE, 800, Filling.NONE);
        List<Caution> all = new java.util.ArrayList<>(
                Cautions.of(bream, salt(Damping.WET_SAND, false), OvenKind.STILL, AT_200, FLAKES_C));
        all.addAll(Cautions.of(hake(), Dress.in(new Parcel(Sheet.PARCHMENT)), OvenKind.STILL, AT_240, FLAKES_C));
        all.addAll(Cautions.of(hake(), Dress.open(), OvenKind.STILL, GRILLED, FLAKES_C));
        assertThat(all)
                .filteredOn(c -> c.when() == Caution.When.OPENING)
                .extracting(Caution::code)
                .contains("STEAM", "SHARDS", "SODIUM", "BONES")
                .doesNotContain("SHEET_LIMIT", "SCALES_OFF", "GRILL");
        assertThat(all)
                .filteredOn(c -> c.when() == Caution.When.REST)
                .extracting(Caution::code)
                .containsOnly("TWO_HOURS");
        assertThat(all)
                .filteredOn(c -> c.when() == Caution.When.GRILL)
                .extracting(Caution::code)
                .containsOnly("GRILL");
        assertThat(all)
                .filteredOn(c -> c.when() == Caution.When.BENCH)
                .extracting(Caution::code)
                .contains("SHEET_LIMIT", "SCALES_OFF", "BELOW_MINIMUM", "LOCAL_CODE");
    }

    /** The hardest first; whoever reads one line reads the one that matters, and the local code closes the list. */
    @Test
    void theHardestComesFirstAndTheLocalCodeLast() {
        List<Caution> all =
                Cautions.of(hake(), Dress.in(new Parcel(Sheet.PARCHMENT)), OvenKind.STILL, AT_240, FLAKES_C);
        assertThat(all.get(0).weight()).isEqualTo(Caution.Weight.STOP);
        assertThat(all.get(all.size() - 1).code()).isEqualTo("LOCAL_CODE");
        assertThat(all.subList(0, all.size() - 1))
                .isSortedAccordingTo((a, b) -> a.weight().compareTo(b.weight()));
    }

    @ParameterizedTest
    @EnumSource(Species.class)
    void everyCautionHasItsSource(Species species) {
        Piece piece = piece(species, Cut.PORTION, 160, Filling.STUFFING);
        List<Caution> all = Cautions.of(piece, foil(true), OvenKind.STILL, GRILLED, FLAKES_C);
        assertThat(all).allSatisfy(caution -> {
            assertThat(caution.source().key()).startsWith("source.");
            assertThat(caution.text().key()).isNotBlank();
        });
        assertThat(all.stream().map(Caution::code)).doesNotHaveDuplicates();
    }

    /** FDA Food Code 3-401.11 (63 °C) and 3-402.11 (−20 °C for 7 days, −35 °C for 15 hours), both from memory. */
    @Test
    void theOfficialNumbersAreOnTheTicket() {
        List<Caution> all = Cautions.of(hake(), Dress.open(), OvenKind.STILL, AT_200, JUST_OPAQUE_C);
        assertThat(all).anySatisfy(c -> assertThat(c.text()).hasToString("caution.below-minimum{least=63 CELSIUS}"));
        assertThat(all)
                .anySatisfy(c -> assertThat(c.text())
                        .hasToString("caution.parasites{days=7, cold=-20 CELSIUS, hours=15, colder=-35 CELSIUS}"));
    }

    /** FDA and EPA, advice about eating fish (from memory): sharks among the choices to avoid, salmon among the best. */
    @Test
    void theCounterSaysWhoShouldNotEatIt() {
        List<String> shark = Cautions.atTheCounter(Species.DOGFISH, Cut.STEAK, 63).stream()
                .map(Caution::code)
                .toList();
        assertThat(shark).contains("MERCURY_HIGH", "LOCAL_CODE").doesNotContain("PARASITES");
        List<String> salmon = Cautions.atTheCounter(Species.SALMON, Cut.PORTION, JUST_OPAQUE_C).stream()
                .map(Caution::code)
                .toList();
        assertThat(salmon).contains("PARASITES", "BONES").doesNotContain("MERCURY_HIGH", "MERCURY_MODERATE");
    }

    /** At a limit nothing is wrong yet; a hair beyond it is, and then the limit is named. */
    @Test
    void aLimitItselfIsAllowed() {
        Dress paper = Dress.in(new Parcel(Sheet.PARCHMENT));
        Programme hottest = new Programme(Sheet.PARCHMENT.limitC(), OptionalDouble.empty(), 4);
        assertThat(codes(hake(), paper, hottest, FLAKES_C)).doesNotContain("SHEET_LIMIT");
        assertThat(Cautions.of(hake(), paper, OvenKind.STILL, hottest.at(Sheet.PARCHMENT.limitC() + 1), FLAKES_C))
                .anySatisfy(c -> assertThat(c.text())
                        .hasToString("caution.sheet-limit{limit=" + (int) Sheet.PARCHMENT.limitC() + " DIAL}"));
        assertThat(codes(hake(), Dress.open(), AT_200, 62.9)).doesNotContain("BELOW_MINIMUM");
        assertThat(codes(hake(), Dress.open(), AT_200, 62.8)).contains("BELOW_MINIMUM");
        assertThat(codes(hake(), Dress.open(), AT_200, 54.9)).doesNotContain("PARASITES");
        assertThat(codes(hake(), Dress.open(), AT_200, 54.8)).contains("PARASITES");
        assertThat(counter(Species.HAKE)).doesNotContain("TWO_HOURS");
    }
}
