package olla.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.messages.Refusals;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.oven.Stage.Add;
import olla.core.oven.Stage.Bake;
import olla.core.oven.Stage.What;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FittedProgrammeTest {

    private static final Stage BAKE = new Bake(170, OptionalDouble.empty());
    private static final Stage LATER = new Bake(190, OptionalDouble.of(8));
    private static final Stage REST = new Stage.Rest(5);
    private static final Stage TOPPING = new Add(What.TOPPING, "crumbs, well pressed");
    private static final Topping LATE = new Topping(Mix.CRUMB, Topping.When.AFTER, 3);

    private static FittedProgramme fit(Dress dress, Stage... own) {
        return FittedProgramme.of(new Programme(List.of(own)), dress);
    }

    private static Stream<Dress> dresses() {
        return UsualProgrammeTest.dresses().map(a -> (Dress) a.get()[0]);
    }

    /** Whatever it was made for, what comes of it goes with the dish, and is left alone from then on. */
    @ParameterizedTest
    @MethodSource("dresses")
    void anyProgrammeCanBeMadeToGoWithAnyDish(Dress dress) {
        dresses().forEach(other -> {
            FittedProgramme fitted = FittedProgramme.of(UsualProgramme.programme(other, 200, 4), dress);
            Refusals refusals = new Refusals();
            UsualProgramme.check(dress, OvenKind.STILL, fitted.programme(), refusals);
            refusals.throwIfAny();
            assertThat(fitted.programme().restMinutes()).isEqualTo(4);
            assertThat(FittedProgramme.of(fitted.programme(), dress))
                    .isEqualTo(new FittedProgramme(fitted.programme(), List.of(), List.of()));
        });
    }

    @Test
    void whatTheDishDoesNotContradictStaysAsTheCookSaidIt() {
        FittedProgramme fitted = fit(Dress.under(LATE).standingIn(Vessel.of(Ware.GLASS)), BAKE, TOPPING, LATER, REST);
        assertThat(fitted.programme().stages()).containsExactly(BAKE, TOPPING, LATER, REST);
    }

    @Test
    void aToppingThatWasTakenOffIsNotWaitedFor() {
        FittedProgramme fitted = fit(Dress.open(), BAKE, TOPPING, LATER, REST);
        assertThat(fitted.programme().stages()).containsExactly(BAKE, LATER, REST);
        assertThat(fitted.dropped()).containsExactly(TOPPING);
    }

    @Test
    void whatIsAskedForGoesInBeforeTheLastHeatOrIsFollowedBySome() {
        Dress opened = Dress.in(new Parcel(Sheet.FOIL, Parcel.Fold.SEAM_UP, false, true));
        FittedProgramme fitted = fit(opened, BAKE, REST);
        assertThat(fitted.programme().stages())
                .containsExactly(BAKE, new Stage.Uncover(), new Bake(170, OptionalDouble.of(3)), REST);
        assertThat(fitted.put()).containsExactly(new Stage.Uncover());
        assertThat(fit(opened.spread(List.of(LATE)), BAKE, LATER, REST)
                        .programme()
                        .stages())
                .containsExactly(BAKE, new Stage.Uncover(), new Add(What.TOPPING), LATER, REST);
    }

    @Test
    void sidesJoinForAsLongAsTheyWereSaidTo() {
        Dress dress = Dress.open().beside(List.of(new Side(Vegetable.ASPARAGUS, 7, 70, 0)));
        assertThat(fit(dress, BAKE, REST).programme().stages())
                .containsExactly(BAKE, new Add(What.SIDES), new Bake(170, OptionalDouble.of(7)), REST);
        Dress two = Dress.open().beside(List.of(Side.of(Vegetable.PEAS), new Side(Vegetable.POTATO, 12, 70, 0)));
        assertThat(fit(two, BAKE, REST).programme().stages())
                .containsExactly(
                        BAKE,
                        new Add(What.SIDES),
                        new Bake(170, OptionalDouble.of(7)),
                        new Add(What.SIDES),
                        new Bake(170, OptionalDouble.of(5)),
                        REST);
    }

    @Test
    void noFlameIsUnderGlassNoGrillOverPaperAndNothingIsTurnedOnABed() {
        Stage hob = new Stage.Hob(5);
        Stage turn = new Stage.Turn();
        Stage grill = new Stage.Grill(2);
        Dress glass = Dress.open().standingIn(Vessel.of(Ware.GLASS)).on(Bed.ofCitrus());
        assertThat(fit(glass, hob, BAKE, turn, BAKE, grill, REST).dropped()).containsExactly(turn, hob);
        assertThat(fit(Dress.in(new Parcel(Sheet.PARCHMENT)), BAKE, grill, REST).dropped())
                .containsExactly(grill);
    }

    /** Where the flame before it had to go, the fish still joins what was heated. */
    @Test
    void whatOnlyMovedIsNotSaidToHaveGone() {
        Dress onto = Dress.onto(new Bed(List.of(Vegetable.POTATO), 20)).standingIn(Vessel.of(Ware.GLASS));
        Stage hob = new Stage.Hob(5);
        FittedProgramme fitted = fit(onto, hob, new Add(What.FISH, "skin up"), BAKE, REST);
        assertThat(fitted.dropped()).containsExactly(hob);
        assertThat(fitted.put()).isEmpty();
        assertThat(fitted.programme().stages())
                .startsWith(
                        new Bake(170, OptionalDouble.of(onto.bed().headStartMinutes(170))),
                        new Add(What.FISH, "skin up"));
    }
}
