package olla.standin.evenings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import org.junit.jupiter.api.Test;

/** The kitchen in which evenings are cooked by nobody. What many of them come to is measured apart: docs/evenings.md. */
class CookedEveningsTest {

    @Test
    void theSameSeedDrawsTheSameEveningAndAnotherAnother() {
        assertThat(DrawnEvening.of(5, true)).isEqualTo(DrawnEvening.of(5, true));
        assertThat(DrawnEvening.of(5, true)).isNotEqualTo(DrawnEvening.of(6, true));
        for (long seed = 1; seed < 60; seed++) {
            DrawnEvening drawn = DrawnEvening.of(seed, false);
            assertThat(drawn.evening().fish().size() + drawn.evening().sides().size())
                    .isBetween(2, 5);
            assertThat(drawn.hidden().fish()).hasSameSizeAs(drawn.evening().fish());
            // What is looked at once is looked at before any grill: no grill is drawn.
            assertThat(drawn.evening().fish()).noneMatch(f -> f.programme().grills());
        }
    }

    @Test
    void anOvenHeatsUpAndItsLampTellsWhen() {
        DrawnEvening drawn = DrawnEvening.of(5, false);
        EveningOven said = drawn.evening().kitchen().ovens().get(0);
        HiddenOven oven = new HiddenOven(said, new Hidden.Oven(-10, 1, 6, 10, 3));
        assertThat(oven.lamp(-100)).isFalse();
        oven.turn(-100, 200);
        assertThat(oven.lamp(-90)).isFalse();
        assertThat(oven.lamp(-82)).isTrue();
        oven.turn(-60, 160);
        assertThat(oven.lamp(-59)).isFalse();
        assertThat(oven.lamp(-45)).isTrue();
        oven.opened(-40, 20);
        // It falls where a door is opened.
        assertThat(oven.since(-45, -35).airC(160, 5.01))
                .isLessThan(oven.since(-45, -41).airC(160, 5.01) - 20);
    }

    /** What is in an oven takes of its heat as long as it is in, and never of its own account. */
    @Test
    void whatIsBesideItTakesHeat() {
        DrawnEvening drawn = DrawnEvening.of(5, false);
        HiddenOven oven = new HiddenOven(drawn.evening().kitchen().ovens().get(0), new Hidden.Oven(0, 1, 6, 10, 3));
        oven.goesIn(new Load("cod", -30, new double[] {900, 500}).times(2));
        oven.goesIn(Load.ofTrays("potatoes", -20, 1, 4));
        assertThat(oven.besideW("potatoes", -31)).isZero();
        assertThat(oven.besideW("potatoes", -29.5)).isEqualTo(1800);
        assertThat(oven.besideW("potatoes", -10)).isEqualTo(1000);
        double cold = oven.besideW("cod", -20);
        double hot = oven.besideW("cod", 40);
        assertThat(cold).isBetween(250.0, 2000.0);
        assertThat(hot).isBetween(cold / 4, cold / 2);
        oven.comesOut("cod", -5);
        assertThat(oven.besideW("potatoes", -5.1)).isEqualTo(1000);
        assertThat(oven.besideW("potatoes", -5)).isZero();
    }

    @Test
    void theRuleIsTenMinutesAnInchAndHalfAnHourAKilo() {
        for (long seed = 1; seed < 20; seed++) {
            for (FishDish dish : DrawnEvening.of(seed, false).evening().fish()) {
                double minutes = RuleCook.rule(dish);
                if (dish.dress().salt().isPresent()) {
                    assertThat(minutes).isCloseTo(27.5 * dish.piece().massG() / 1000, within(1e-9));
                } else {
                    double covered = dish.dress().parcel().isPresent() ? 5 : 0;
                    assertThat(minutes).isCloseTo(dish.piece().thicknessMm() / 2.54 + covered, within(1e-9));
                }
            }
        }
    }

    /** One evening from the board to the plate, three times: with the sheet the guests eat about when they should. */
    @Test
    void anEveningIsCookedFromTheBoardToThePlate() {
        Evenings.Cooked cooked = Evenings.cook(3, true);
        assertThat(cooked.canBe()).isTrue();
        assertThat(cooked.plans()).isPositive();
        assertThat(cooked.again().fish())
                .hasSize(2)
                .allSatisfy(fish -> assertThat(fish.peakC()).isBetween(fish.targetC() - 12, fish.targetC() + 20));
        assertThat(cooked.again().lateMin()).isBetween(-2.0, 8.0);
        assertThat(cooked.printed().lateMin()).isBetween(-2.0, 8.0);
        assertThat(cooked.byRule().lateMin()).isBetween(-2.0, 90.0);
        assertThat(Evenings.cook(3, true)).isEqualTo(cooked);
    }

    @Test
    void aSumWeighsGuests() {
        EveningRun.FishServed right = new EveningRun.FishServed(2, 58, 57, 4);
        EveningRun.FishServed over = new EveningRun.FishServed(2, 70, 57, 4);
        Evenings.Sum sum = Evenings.Sum.of(List.of(
                new EveningRun.Served(6, 2, List.of(right)), new EveningRun.Served(2, 8, List.of(right, over, over))));
        assertThat(sum.near()).isCloseTo(0.75, within(1e-9));
        assertThat(sum.within10()).isCloseTo(1, within(1e-9));
        assertThat(sum.inBand()).isCloseTo(0.5, within(1e-9));
        assertThat(sum.over()).isCloseTo(0.5, within(1e-9));
        assertThat(sum.lateMin()).isCloseTo(3.5, within(1e-9));
    }
}
