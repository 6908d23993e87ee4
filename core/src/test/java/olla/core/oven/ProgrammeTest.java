package olla.core.oven;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import olla.core.units.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Stages in order. */
class ProgrammeTest {

    private static final Stage OPEN = new Stage.Bake(200, OptionalDouble.empty());
    private static final Stage REST = new Stage.Rest(4);

    static Stream<Arguments> refused() {
        return Stream.of(
                Arguments.of(List.of(), "needs a BAKE"),
                Arguments.of(List.of(REST), "needs a BAKE"),
                Arguments.of(List.of(REST, OPEN), "stands last"),
                Arguments.of(List.of(new Stage.Turn(), OPEN), "cannot stand first"),
                Arguments.of(List.of(OPEN, new Stage.Add(Stage.What.GLAZE)), "cannot stand last"),
                Arguments.of(List.of(OPEN, new Stage.Grill(25)), "out of range"),
                Arguments.of(List.of(new Stage.Bake(900, OptionalDouble.empty())), "out of range"),
                Arguments.of(List.of(new Stage.Bake(-40, OptionalDouble.empty())), "out of range"),
                Arguments.of(List.of(new Stage.Bake(200, OptionalDouble.of(Double.NaN))), "no number"),
                Arguments.of(
                        List.of(
                                new Stage.Bake(200, OptionalDouble.of(200)),
                                new Stage.Bake(150, OptionalDouble.of(200))),
                        "together"),
                Arguments.of(java.util.Collections.nCopies(20, OPEN), "at most 12 stages"));
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
}
