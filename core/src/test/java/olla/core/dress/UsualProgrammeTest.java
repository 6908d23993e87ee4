package olla.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
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

    private static final OpenTray BEFORE = new OpenTray(new Topping(Mix.CRUMB, Topping.When.BEFORE, 5));
    private static final OpenTray PART_WAY = new OpenTray(new Topping(Mix.CRUMB, Topping.When.PART_WAY, 5));
    private static final OpenTray AFTER = new OpenTray(new Topping(Mix.CRUMB, Topping.When.AFTER, 5));
    private static final Topping PASTE = new Topping(Mix.PASTE, Topping.When.BEFORE, 4);
    private static final Topping LATE_CRUMB = new Topping(Mix.CRUMB, Topping.When.AFTER, 3);
    private static final OpenTray GLAZED = new OpenTray(Finish.GLAZED, Underlay.NONE);
    private static final TrayBake POTATO =
            new TrayBake(List.of(Vegetable.POTATO), Vegetable.Cutting.SLICES, 20, List.of());
    private static final TrayBake WITH_SIDES =
            new TrayBake(List.of(Vegetable.POTATO), Vegetable.Cutting.SLICES, 20, List.of(Vegetable.TOMATO));

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

    static Stream<Arguments> dresses() {
        return Stream.of(
                arguments(new OpenTray(), "Bake Rest"),
                arguments(GLAZED, "Bake GLAZE Bake Grill Rest"),
                arguments(BEFORE, "Bake Grill Rest"),
                arguments(PART_WAY, "Bake TOPPING Bake Rest"),
                arguments(AFTER, "Bake TOPPING Grill Rest"),
                arguments(new OpenTray(PASTE, LATE_CRUMB), "Bake TOPPING Grill Rest"),
                arguments(new OpenTray(LATE_CRUMB, PASTE), "Bake TOPPING Grill Rest"),
                arguments(
                        new OpenTray(PASTE, new Topping(Mix.COOKED, Topping.When.PART_WAY, 8), LATE_CRUMB),
                        "Bake TOPPING Bake TOPPING Grill Rest"),
                arguments(new Breaded(4), "Bake Turn Bake Rest"),
                arguments(new Parcel(Sheet.PARCHMENT), "Bake Rest"),
                arguments(new Parcel(Sheet.FOIL), "Bake Rest"),
                arguments(new SaltCrust(SaltCrust.Damping.WET_SAND), "Bake Rest"),
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
                OpenTray topping = new OpenTray(new Topping(Mix.CRUMB, when, 6));
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
        List<Stage> strips =
                UsualProgramme.programme(new Breaded(4), 175, 2).closed(10).stages();
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
                arguments(new Parcel(Sheet.PARCHMENT), of(bake, grill), "grill-on-parchment"),
                arguments(new SaltCrust(SaltCrust.Damping.WATER_ONLY), of(bake, grill), "grill-on-salt"),
                arguments(BEFORE, of(bake, topping, grill), "no-later-topping"),
                arguments(AFTER, of(bake, grill), "topping-missing"),
                arguments(AFTER, of(bake, topping, bake, topping, grill), "no-later-topping"),
                arguments(
                        new OpenTray(new Topping(Mix.COOKED, Topping.When.PART_WAY, 8), LATE_CRUMB),
                        of(bake, topping, bake),
                        "topping-missing"),
                arguments(POTATO, of(bake), "fish-missing"),
                arguments(new OpenTray(), of(bake, fish, bake), "fish-joins-trays-only"),
                arguments(new OpenTray(), of(bake, glaze, bake), "no-glaze"),
                arguments(new Parcel(Sheet.FOIL), of(bake, new Stage.Turn(), bake), "not-turned"),
                arguments(BEFORE, of(bake, new Stage.Turn(), bake), "not-turned"));
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
    void onlyQuickSidesJoinAtTheEnd() {
        assertThat(org.junit.jupiter.api.Assertions.assertThrows(
                                RefusedInput.class,
                                () -> new TrayBake(
                                        List.of(Vegetable.ONION),
                                        Vegetable.Cutting.SLICES,
                                        25,
                                        List.of(Vegetable.CARROT)))
                        .getMessage())
                .contains("refusal.slow-side{side=CARROT}");
    }
}
