package olla.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.messages.Refusals;
import olla.core.messages.RefusedInput;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The usual stages of each dress (common practice, no source), and what a dress cannot go through. */
class UsualProgrammeTest {

    private static final Dress BEFORE = Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, 5));
    private static final Dress PART_WAY = Dress.under(new Topping(Mix.CRUMB, Topping.When.PART_WAY, 5));
    private static final Dress AFTER = Dress.under(new Topping(Mix.CRUMB, Topping.When.AFTER, 5));
    private static final Topping PASTE = new Topping(Mix.PASTE, Topping.When.BEFORE, 4);
    private static final Topping LATE_CRUMB = new Topping(Mix.CRUMB, Topping.When.AFTER, 3);
    private static final Dress GLAZED = Dress.open(Finish.GLAZED);
    private static final Dress POTATO = Dress.onto(new Bed(List.of(Vegetable.POTATO), 20));
    private static final Dress WITH_SIDES =
            Dress.onto(new Bed(List.of(Vegetable.POTATO), 20), Side.of(Vegetable.TOMATO));

    private static final Dress OPENED = Dress.in(new Parcel(Sheet.FOIL, Parcel.Fold.SEAM_UP, false, true));
    private static final Dress OPENED_PAPER = Dress.in(new Parcel(Sheet.PARCHMENT, Parcel.Fold.HEART, false, true));
    private static final Dress LIDDED = Dress.in(new Lid(Sheet.FOIL, false)).lyingIn(Pour.PAN_SAUCE);

    private static String kinds(Programme programme) {
        StringBuilder said = new StringBuilder();
        for (Stage stage : programme.stages()) {
            said.append(said.isEmpty() ? "" : " ");
            said.append(
                    stage instanceof Stage.Add add
                            ? add.what().name()
                            : stage.getClass().getSimpleName());
        }
        return said.toString();
    }

    /** Dresses of every kind, each with the stages that it usually goes through. */
    static Stream<Arguments> dresses() {
        return Stream.of(
                arguments(Dress.open(), "Bake Rest"),
                arguments(GLAZED, "Bake GLAZE Bake Grill Rest"),
                arguments(BEFORE, "Bake Grill Rest"),
                arguments(PART_WAY, "Bake TOPPING Bake Rest"),
                arguments(AFTER, "Bake TOPPING Grill Rest"),
                arguments(Dress.under(PASTE, LATE_CRUMB), "Bake TOPPING Grill Rest"),
                arguments(Dress.under(LATE_CRUMB, PASTE), "Bake TOPPING Grill Rest"),
                arguments(
                        Dress.under(PASTE, new Topping(Mix.COOKED, Topping.When.PART_WAY, 8), LATE_CRUMB),
                        "Bake TOPPING Bake TOPPING Grill Rest"),
                arguments(Dress.in(new Coat(4)), "Bake Turn Bake Rest"),
                arguments(Dress.in(new Parcel(Sheet.PARCHMENT)), "Bake Rest"),
                arguments(Dress.in(new Parcel(Sheet.FOIL)), "Bake Rest"),
                arguments(Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)), "Bake Rest"),
                arguments(OPENED, "Bake Uncover Grill Rest"),
                arguments(OPENED_PAPER, "Bake Uncover Bake Rest"),
                arguments(OPENED.spread(List.of(LATE_CRUMB)), "Bake Uncover TOPPING Grill Rest"),
                arguments(LIDDED, "Bake Rest"),
                arguments(POTATO, "Bake FISH Bake Rest"),
                arguments(WITH_SIDES, "Bake FISH Bake SIDES Bake Rest"));
    }

    @ParameterizedTest
    @MethodSource("dresses")
    void eachDressHasItsStagesAndPassesItsOwnCheck(Dress dress, String stages) {
        Programme usual = UsualProgramme.programme(dress, 200, 4);
        assertThat(kinds(usual)).isEqualTo(stages);
        assertThat(usual.open()).isTrue();
        assertThat(usual.restMinutes()).isEqualTo(4);
        Refusals refusals = new Refusals();
        UsualProgramme.check(dress, OvenKind.STILL, usual, refusals);
        refusals.throwIfAny();
    }

    /** A wood oven and a closed barbecue have no grill: nothing usual asks for one, and one that is asked for is refused. */
    @Test
    void whereThereIsNoGrillNoneIsUsual() {
        for (OvenKind kind : List.of(OvenKind.WOOD, OvenKind.CLOSED_BARBECUE)) {
            for (Topping.When when : Topping.When.values()) {
                Dress topping = Dress.under(new Topping(Mix.CRUMB, when, 6));
                Programme usual = UsualProgramme.programme(topping, kind, 200, 4);
                assertThat(usual.grills()).isFalse();
                Refusals refusals = new Refusals();
                UsualProgramme.check(topping, kind, usual, refusals);
                assertThat(refusals.none()).isTrue();
                Refusals grilled = new Refusals();
                UsualProgramme.check(topping, kind, UsualProgramme.programme(topping, 200, 4), grilled);
                assertThat(grilled.none())
                        .isEqualTo(!UsualProgramme.programme(topping, 200, 4).grills());
            }
        }
    }

    /** A base of potato bakes 25 minutes alone at 200 °C, quick sides join for the last five. */
    @Test
    void aBaseGoesInFirstAndTheSidesLast() {
        List<Stage> stages = UsualProgramme.programme(WITH_SIDES, 200, 3).stages();
        assertThat(((Stage.Bake) stages.get(0)).minutes()).hasValue(25);
        assertThat(((Stage.Bake) stages.get(4)).minutes()).hasValue(5);
    }

    @Test
    void aGlazeGoesOnAgainAtTwoThirdsAndAStripTurnsAtHalf() {
        List<Stage> glazed = UsualProgramme.programme(GLAZED, 200, 4).closed(12).stages();
        assertThat(((Stage.Bake) glazed.get(0)).minutes()).hasValue(8);
        assertThat(((Stage.Bake) glazed.get(2)).minutes()).hasValue(4);
        List<Stage> strips = UsualProgramme.programme(Dress.in(new Coat(4)), 175, 2)
                .closed(10)
                .stages();
        assertThat(((Stage.Bake) strips.get(0)).minutes()).hasValue(5);
    }

    @Test
    void theOvenIsNeverTurnedBeyondWhatItHas() {
        assertThat(UsualProgramme.programme(PART_WAY, Programme.HOTTEST_C, 4).hottestC())
                .isEqualTo(Programme.HOTTEST_C);
    }

    private static Programme of(Stage... stages) {
        return new Programme(List.of(stages));
    }

    static Stream<Arguments> impossible() {
        Stage bake = new Stage.Bake(200, OptionalDouble.empty());
        Stage grill = new Stage.Grill(2);
        Stage topping = new Stage.Add(Stage.What.TOPPING);
        Stage fish = new Stage.Add(Stage.What.FISH);
        Stage glaze = new Stage.Add(Stage.What.GLAZE);
        return Stream.of(
                arguments(Dress.in(new Parcel(Sheet.PARCHMENT)), of(bake, grill), "grill-on-parchment"),
                arguments(Dress.in(new SaltCrust(SaltCrust.Damping.WATER_ONLY)), of(bake, grill), "grill-on-salt"),
                arguments(BEFORE, of(bake, topping, grill), "no-later-topping"),
                arguments(AFTER, of(bake, grill), "topping-missing"),
                arguments(AFTER, of(bake, topping, bake, topping, grill), "no-later-topping"),
                arguments(
                        Dress.under(new Topping(Mix.COOKED, Topping.When.PART_WAY, 8), LATE_CRUMB),
                        of(bake, topping, bake),
                        "topping-missing"),
                arguments(POTATO, of(bake), "fish-missing"),
                arguments(Dress.open(), of(bake, fish, bake), "fish-joins-trays-only"),
                arguments(Dress.open(), of(bake, glaze, bake), "no-glaze"),
                arguments(Dress.in(new Parcel(Sheet.FOIL)), of(bake, new Stage.Turn(), bake), "not-turned"),
                arguments(BEFORE, of(bake, new Stage.Turn(), bake), "not-turned"),
                arguments(OPENED, of(bake, grill), "opening-missing"),
                arguments(LIDDED, of(bake, new Stage.Uncover(), grill), "nothing-to-open"),
                arguments(
                        OPENED.spread(List.of(LATE_CRUMB)),
                        of(bake, topping, bake, new Stage.Uncover(), grill),
                        "shut-over-topping"),
                arguments(
                        Dress.open().standingIn(Vessel.of(Ware.GLASS)), of(new Stage.Hob(5), bake), "not-on-the-hob"));
    }

    @ParameterizedTest
    @MethodSource("impossible")
    void whatADressCannotGoThroughIsRefusedWithTheReason(Dress dress, Programme programme, String why) {
        Refusals refusals = new Refusals();
        UsualProgramme.check(dress, OvenKind.STILL, programme, refusals);
        assertThat(org.junit.jupiter.api.Assertions.assertThrows(RefusedInput.class, refusals::throwIfAny)
                        .refusals())
                .anySatisfy(r -> assertThat(r.message()).hasToString("refusal." + why));
    }

    /** Common practice, no source: thinner slices and a hotter oven are quicker. */
    @ParameterizedTest
    @ValueSource(doubles = {160, 180, 200, 220, 240})
    void aHeadStartFollowsTheCutAndTheOven(double tempC) {
        for (Vegetable v : Vegetable.values()) {
            double slices = v.minutes(Vegetable.Cutting.SLICES, tempC);
            assertThat(v.minutes(Vegetable.Cutting.THIN_SLICES, tempC)).isLessThan(slices);
            assertThat(v.minutes(Vegetable.Cutting.WEDGES, tempC)).isGreaterThan(slices);
            assertThat(v.minutes(Vegetable.Cutting.SLICES, tempC + 20)).isLessThan(slices);
            assertThat(v.advice()).hasToString("vegetable." + v + ".first");
        }
    }

    @Test
    void eachSideJoinsInItsOwnTime() {
        Dress dress = Dress.open()
                .beside(List.of(
                        new Side(Vegetable.ASPARAGUS, 5, 80, 15),
                        new Side(Vegetable.POTATO, 12, 150, 0),
                        Side.of(Vegetable.PEAS)));
        Programme usual = UsualProgramme.programme(dress, 200, 3);
        assertThat(kinds(usual)).isEqualTo("Bake SIDES Bake SIDES Bake Rest");
        assertThat(((Stage.Bake) usual.stages().get(2)).minutes()).hasValue(7);
        assertThat(((Stage.Bake) usual.stages().get(4)).minutes()).hasValue(5);
        assertThat(dress.sideStarts()).containsExactly(12.0, 5.0);
        assertThat(dress.sidesFrom(5)).extracting(Side::of).containsExactly(Vegetable.ASPARAGUS, Vegetable.PEAS);
    }
}
