package olla.core.oven;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.dress.Vegetable;
import olla.core.messages.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Stages in order. */
class ProgrammeTest {

    /** What a cook says of what goes on is kept by the usual programme, each at its own moment. */
    /**
     * From straight under the corner of a square as far away as it is wide an element sees 0.139 of it (published: Howell's catalogue of configuration factors,
     * by its closed form; from memory), so four of it 0.554; from twice as far 0.239.
     */
    @Test
    void whatReachesADishUnderTheGrillGoesByWhatItSeesOfIt() {
        double near = new Stage.Grill(1, 125, "").fluxWm2();
        double far = new Stage.Grill(1, 250, "").fluxWm2();
        assertThat(far / near).isCloseTo(0.239 / 0.554, within(0.002));
        assertThat(new Stage.Grill(1).fluxWm2()).isEqualTo(6000);
        assertThat(new Stage.Grill(1, 80, "").fluxWm2()).isBetween(5000.0, 12_000.0);
    }

    @Test
    void whatIsSaidOfAnAdditionStaysWithIt() {
        Stage bake = new Stage.Bake(200, OptionalDouble.empty());
        Stage.Add sides = new Stage.Add(Stage.What.SIDES, "peas, a splash");
        Stage.Add first = new Stage.Add(Stage.What.TOPPING, "paste");
        Stage.Add second = new Stage.Add(Stage.What.TOPPING, "crumb");
        Programme said = new Programme(List.of(bake, first, bake, sides, second, bake));
        Programme usual = new Programme(List.of(
                bake,
                new Stage.Add(Stage.What.TOPPING),
                bake,
                new Stage.Add(Stage.What.TOPPING),
                bake,
                new Stage.Add(Stage.What.GLAZE),
                bake));
        assertThat(usual.noted(said).stages().subList(1, 6))
                .containsExactly(first, bake, second, bake, new Stage.Add(Stage.What.GLAZE));
    }

    /** Of every kind of stage, through all that is done to a programme while it is reckoned and cut short. */
    @Test
    void whatIsSaidOfAnyStageStaysWithIt() {
        Programme said = new Programme(List.of(
                new Stage.Hob(5, "gently"),
                new Stage.Bake(200, OptionalDouble.empty()).noted("until the edges curl"),
                new Stage.Turn("with two slices"),
                new Stage.Bake(220, OptionalDouble.empty()).noted("hot"),
                new Stage.Uncover("away from you"),
                new Stage.Grill(2).noted("to gold"),
                new Stage.Rest(3, "under foil")));
        List<String> words = said.stages().stream().map(Stage::note).toList();
        assertThat(said.closed(10).at(180).grilled(3).rested(4).stages())
                .extracting(Stage::note)
                .isEqualTo(words);
        assertThat(said.until(30, true).stages()).extracting(Stage::note).isEqualTo(words);
        assertThat(said.until(8, true).restNote()).isEqualTo("under foil");
        List<Stage> silent =
                said.stages().stream().map(stage -> stage.noted("")).toList();
        assertThat(new Programme(silent).noted(said)).isEqualTo(said);
    }

    /** A bake that waits for a middle waits until it is given its minutes, and is told apart from the one that is solved. */
    @Test
    void aBakeThatWaitsIsGivenItsMinutes() {
        Programme waiting = new Programme(List.of(
                new Stage.Hob(5),
                Stage.Bake.until(200, 40),
                new Stage.Add(Stage.What.TOPPING),
                new Stage.Bake(220, OptionalDouble.empty())));
        assertThat(waiting.waits()).hasValue(1);
        assertThat(waiting.hob()).isTrue();
        Programme known = waiting.lasting(1, 7);
        assertThat(known.waits()).isEmpty();
        assertThat(known.open()).isTrue();
        assertThat(known.fixedMinutes()).isEqualTo(12);
        assertThat(((Stage.Bake) known.at(180).stages().get(1)).untilC()).hasValue(40);
        assertThatThrownBy(() -> new Programme(List.of(Stage.Bake.until(200, 90))))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("untilC");
        assertThatThrownBy(() -> new Programme(List.of(new Stage.Bake(200, OptionalDouble.of(10)), new Stage.Hob(5))))
                .isInstanceOf(RefusedInput.class);
    }

    private static final Stage OPEN = new Stage.Bake(200, OptionalDouble.empty());
    private static final Stage REST = new Stage.Rest(4);

    static Stream<Arguments> refused() {
        return Stream.of(
                Arguments.of(List.of(), "refusal.no-bake"),
                Arguments.of(List.of(REST), "refusal.no-bake"),
                Arguments.of(List.of(REST, OPEN), "refusal.rest-not-last"),
                Arguments.of(List.of(new Stage.Turn(), OPEN), "refusal.not-first{stage=TURN}"),
                Arguments.of(List.of(OPEN, new Stage.Add(Stage.What.GLAZE)), "refusal.not-last{stage=ADD GLAZE}"),
                Arguments.of(List.of(OPEN, new Stage.Grill(25)), "refusal.out-of-range"),
                Arguments.of(List.of(OPEN, new Stage.Grill(2, 20, "")), "refusal.out-of-range"),
                Arguments.of(List.of(new Stage.Bake(900, OptionalDouble.empty())), "refusal.out-of-range"),
                Arguments.of(List.of(new Stage.Bake(-40, OptionalDouble.empty())), "refusal.out-of-range"),
                Arguments.of(List.of(new Stage.Bake(200, OptionalDouble.of(Double.NaN))), "value=NaN"),
                Arguments.of(
                        List.of(
                                new Stage.Bake(200, OptionalDouble.of(200)),
                                new Stage.Bake(150, OptionalDouble.of(200))),
                        "what.all-given-stages-together"),
                Arguments.of(java.util.Collections.nCopies(20, OPEN), "refusal.too-many-stages{most=12"));
    }

    @ParameterizedTest
    @MethodSource
    void refused(List<Stage> stages, String why) {
        assertThatThrownBy(() -> new Programme(stages))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        r -> assertThat(r.refusals().toString()).contains(why));
    }

    @Test
    void openStagesShareOneLength() {
        Programme glazed = new Programme(List.of(
                new Stage.Bake(200, OptionalDouble.empty(), 2),
                new Stage.Add(Stage.What.GLAZE),
                new Stage.Bake(220, OptionalDouble.empty(), 1),
                new Stage.Grill(2),
                REST));
        assertThat(glazed.open()).isTrue();
        assertThat(glazed.bakeMinutes()).isEmpty();
        Programme closed = glazed.closed(12);
        assertThat(((Stage.Bake) closed.stages().get(0)).minutes()).hasValue(8);
        assertThat(((Stage.Bake) closed.stages().get(2)).minutes()).hasValue(4);
        assertThat(closed.bakeMinutes()).hasValue(14);
        assertThat(closed.hottestC()).isEqualTo(220);
        assertThat(closed.grills()).isTrue();
        assertThat(closed.rested(20).restMinutes()).isEqualTo(20);
        assertThat(closed.grilled(3).bakeMinutes()).hasValue(15);
    }

    @Test
    void whereAllIsGivenTheLastBakeCanBeOpened() {
        Programme given = new Programme(
                List.of(new Stage.Bake(240, OptionalDouble.of(5)), new Stage.Bake(160, OptionalDouble.of(9)), REST));
        assertThat(given.open()).isFalse();
        Programme opened = given.opened();
        assertThat(((Stage.Bake) opened.stages().get(0)).minutes()).hasValue(5);
        assertThat(((Stage.Bake) opened.stages().get(1)).minutes()).isEmpty();
    }

    @Test
    void theDialIsThatOfTheBakeTheFishIsInFor() {
        Programme tray = new Programme(List.of(
                new Stage.Bake(220, OptionalDouble.of(20)),
                new Stage.Add(Stage.What.FISH),
                new Stage.Bake(190, OptionalDouble.empty()),
                REST));
        assertThat(tray.fishJoins()).isTrue();
        assertThat(tray.bakeTempC()).isEqualTo(190);
    }

    /** Whatever is asked of it, a closed programme stays within the longest bake. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.2, 12, 236, 240, 400, 1200})
    void aClosedProgrammeIsNeverLongerThanTheLongestBake(double openMinutes) {
        for (Dress dress : List.of(
                Dress.open(),
                Dress.open(Finish.GLAZED),
                Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, 6)),
                Dress.under(new Topping(Mix.CRUMB, Topping.When.PART_WAY, 6)),
                Dress.in(new Coat(Coat.USUAL_MM)))) {
            Programme usual = UsualProgramme.programme(dress, 100, 3);
            assertThat(usual.closed(openMinutes).bakeMinutes().orElseThrow())
                    .isLessThanOrEqualTo(Programme.LONGEST_MINUTES + 1e-6);
            assertThat(usual.mostOpenMinutes() + usual.fixedMinutes()).isLessThanOrEqualTo(Programme.LONGEST_MINUTES);
        }
    }

    /** Taken out before its grill it has had none; taken out in the grill it has had that much of it. */
    @Test
    void aBakeAsItWentEndsWhereItCameOut() {
        Programme topped =
                UsualProgramme.programme(Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, 6)), 200, 3);
        assertThat(topped.tailMinutes()).isEqualTo(3);
        assertThat(topped.until(1, false).bakeMinutes().orElseThrow()).isEqualTo(1);
        assertThat(topped.until(1, false).grills()).isFalse();
        assertThat(topped.until(15, true).bakeMinutes().orElseThrow()).isEqualTo(15);
        assertThat(topped.until(15, true).grills()).isTrue();
        assertThat(topped.until(2, true).bakeMinutes().orElseThrow()).isEqualTo(2);
        assertThat(topped.until(5000, true).bakeMinutes().orElseThrow()).isEqualTo(Programme.LONGEST_MINUTES);
        Programme base = UsualProgramme.programme(Dress.onto(new Bed(List.of(Vegetable.POTATO), 20)), 200, 3);
        Programme beforeTheFish = base.until(4, false);
        assertThat(beforeTheFish.fishJoins()).isTrue();
        assertThat(beforeTheFish.bakeMinutes().orElseThrow()).isEqualTo(4);
    }
}
