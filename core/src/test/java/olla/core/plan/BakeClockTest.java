package olla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Side;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.dress.Vegetable;
import olla.core.fish.Cut;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.plan.BakeFacts.Window;
import olla.core.plan.Moment.Phase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BakeClockTest {

    private static final Piece HAKE =
            new Piece(Species.HAKE, Cut.PORTION, MeasuredBy.RULER, 25, 80, 120, 200, 8, false);
    private static final Piece BREAM =
            new Piece(Species.SEA_BREAM, Cut.WHOLE, MeasuredBy.RULER, 50, 110, 300, 900, 8, false);
    private static final Window WINDOW = new Window(9, 10.5, 12);
    private static final OptionalDouble NOT_YET = OptionalDouble.empty();

    private static BakeFacts plain() {
        return BakeFacts.justIn(new Programme(230, NOT_YET, 4), HAKE, Dress.open(), WINDOW);
    }

    private static BakeFacts dressed(Piece piece, Dress dress) {
        return BakeFacts.justIn(UsualProgramme.programme(dress, 200, dress.usualRestMinutes()), piece, dress, WINDOW);
    }

    /** Each is told by its name when it is its turn. */
    @Test
    void sidesAreNamedAsTheyJoin() {
        Dress dress = Dress.open()
                .beside(List.of(Side.of(Vegetable.PEAS), new Side(Vegetable.CARROT, 8, 70, Side.USUAL_SPLASH_ML)));
        List<String> told = HandStep.of(dressed(HAKE, dress)).stream()
                .map(step -> step.minute() + " " + step.hint())
                .toList();
        assertThat(told).hasSize(2);
        assertThat(told.get(0)).startsWith("2.5").contains("vegetable.CARROT", "splash=true");
        assertThat(told.get(1)).startsWith("5.5").contains("vegetable.PEAS", "splash=false");
    }

    private static BakeFacts with(
            BakeFacts f,
            OptionalDouble nextLook,
            OptionalDouble takeOut,
            Map<Integer, Double> steps,
            OptionalDouble out,
            OptionalDouble cracked) {
        return new BakeFacts(
                f.programme(),
                f.piece(),
                f.dress(),
                f.window(),
                nextLook,
                takeOut,
                steps,
                out,
                cracked,
                0,
                Optional.empty());
    }

    private static BakeFacts looked(BakeFacts f, double nextLook) {
        return with(f, OptionalDouble.of(nextLook), NOT_YET, Map.of(), NOT_YET, NOT_YET);
    }

    private static BakeFacts foundDone(BakeFacts f, double minute) {
        return with(f, NOT_YET, OptionalDouble.of(minute), Map.of(), NOT_YET, NOT_YET);
    }

    private static BakeFacts stepped(BakeFacts f, int step, double minute) {
        return with(f, NOT_YET, NOT_YET, Map.of(step, minute), NOT_YET, NOT_YET);
    }

    private static BakeFacts out(BakeFacts f, double minute, OptionalDouble cracked) {
        return with(f, NOT_YET, NOT_YET, Map.of(), OptionalDouble.of(minute), cracked);
    }

    private static BakeFacts lacking(BakeFacts f, Shortfall lacks) {
        return f.lacking(Optional.of(lacks));
    }

    /* All but the last, which is the same for every bake: nobody waits any more. */
    private static List<Phase> phases(BakeFacts facts) {
        List<Moment> moments = BakeClock.moments(facts);
        withoutGaps(moments);
        assertThat(moments.get(moments.size() - 1).phase()).isEqualTo(Phase.FORGOTTEN);
        return moments.stream()
                .map(Moment::phase)
                .filter(p -> p != Phase.FORGOTTEN)
                .toList();
    }

    private static Moment only(BakeFacts facts, Phase phase) {
        List<Moment> found = BakeClock.moments(facts).stream()
                .filter(m -> m.phase() == phase)
                .toList();
        assertThat(found).hasSize(1);
        return found.get(0);
    }

    @Test
    void whileItBakesTheMomentsLeadFromShutToOut() {
        assertThat(phases(plain())).containsExactly(Phase.SHUT, Phase.CHECK, Phase.TAKE_OUT);
        assertThat(only(plain(), Phase.SHUT).untilSeconds()).isEqualTo(540);
        assertThat(only(plain(), Phase.CHECK).untilSeconds()).isEqualTo(720);
    }

    @Test
    void onceOutItRestsThenIsServed() {
        BakeFacts out = out(plain(), 10, NOT_YET);
        assertThat(phases(out)).containsExactly(Phase.REST, Phase.SERVE);
        assertThat(only(out, Phase.REST).untilSeconds()).isEqualTo(840);
        assertThat(BakeClock.onceOut(plain(), 10)).isEqualTo(BakeClock.moments(out));
    }

    @Test
    void aLookThatFoundItRawShutsTheDoorUntilTheNext() {
        BakeFacts facts = looked(plain(), 11);
        assertThat(phases(facts)).containsExactly(Phase.SHUT, Phase.CHECK, Phase.TAKE_OUT);
        assertThat(only(facts, Phase.SHUT).untilSeconds()).isEqualTo(660);
        assertThat(only(facts, Phase.SHUT).hint()).hasToString("moment.shut.how-looked");
        // Even later than the window said: never a check of no length before "take it out".
        assertThat(phases(looked(plain(), 13))).containsExactly(Phase.SHUT, Phase.TAKE_OUT);
    }

    @Test
    void aLookThatFoundItDoneTakesItOutAtOnce() {
        BakeFacts facts = foundDone(plain(), 8);
        assertThat(phases(facts)).containsExactly(Phase.SHUT, Phase.TAKE_OUT);
        assertThat(only(facts, Phase.TAKE_OUT).fromSeconds()).isEqualTo(480);
    }

    /** The cook's own words come first, each at its own moment. */
    @Test
    void aCooksWordsAreSaidWhenTheyAreDue() {
        Programme programme = new Programme(List.of(
                new Stage.Bake(200, OptionalDouble.empty()).noted("middle shelf"),
                new Stage.Turn("with two slices"),
                new Stage.Bake(200, OptionalDouble.empty()),
                new Stage.Grill(2).noted("to gold"),
                new Stage.Rest(3, "under foil")));
        BakeFacts facts = BakeFacts.justIn(programme, HAKE, Dress.open(), WINDOW);
        assertThat(BakeClock.moments(facts).get(0).hint().toString()).contains("middle shelf");
        assertThat(BakeClock.moments(facts))
                .extracting(m -> m.hint().toString())
                .anyMatch(hint -> hint.contains("with two slices"))
                .anyMatch(hint -> hint.contains("to gold"));
        assertThat(BakeClock.onceOut(facts, 10).get(0).hint().toString()).contains("under foil");
        assertThat(BakeClock.onceOut(plain(), 10).get(0).hint()).hasToString("moment.rest.how");
    }

    @Test
    void aGlazeIsCalledForAtTwoThirds() {
        BakeFacts facts = dressed(HAKE, Dress.open(Finish.GLAZED));
        Moment glaze = BakeClock.moments(facts).stream()
                .filter(m -> m.say().key().equals("what.GLAZE.say"))
                .findFirst()
                .orElseThrow();
        // Of ten and a half minutes one is the grill's.
        assertThat(glaze.fromSeconds()).isEqualTo(60 * 9.5 * 2 / 3);
        assertThat(glaze.step()).isEqualTo(1);
        assertThat(glaze.untilSeconds() - glaze.fromSeconds()).isEqualTo(60 * BakeClock.STEP_MIN);
        Moment before = BakeClock.moments(facts).get(0);
        assertThat(before.next()).hasToString("what.GLAZE.say.next");
        BakeFacts done = stepped(facts, 1, 6.5);
        withoutGaps(BakeClock.moments(done));
        assertThat(BakeClock.moments(done))
                .filteredOn(m -> m.step() == 1)
                .extracting(Moment::untilSeconds)
                .containsExactly(390.0);
    }

    @Test
    void theCheckComesBeforeTheGrillAndTheGrillWhenItIsTapped() {
        BakeFacts facts = dressed(HAKE, Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, 6)));
        double grill = 3;
        assertThat(phases(facts)).containsExactly(Phase.SHUT, Phase.CHECK, Phase.STEP);
        assertThat(only(facts, Phase.CHECK).fromSeconds()).isEqualTo(60 * (9 - grill));
        assertThat(only(facts, Phase.STEP).fromSeconds()).isEqualTo(60 * (12 - grill));
        BakeFacts on = stepped(facts, 1, 8);
        assertThat(phases(on)).containsExactly(Phase.SHUT, Phase.CHECK, Phase.GRILL, Phase.TAKE_OUT);
        assertThat(only(on, Phase.GRILL).untilSeconds()).isEqualTo(60 * (8 + grill));
    }

    @Test
    void crumbsPartWayAndSidesHaveTheirCall() {
        BakeFacts crumbs = dressed(HAKE, Dress.under(new Topping(Mix.CRUMB, Topping.When.PART_WAY, 6)));
        assertThat(BakeClock.moments(crumbs)).anySatisfy(m -> {
            assertThat(m.say()).hasToString("what.TOPPING.say");
            assertThat(m.hint().toString()).contains("hand.then-dial{dial=220 DIAL}");
        });
    }

    @Test
    void aCrustRestsThenIsCrackedAndServedOnlyThen() {
        BakeFacts salt = dressed(BREAM, Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)));
        assertThat(only(salt, Phase.CHECK).say()).hasToString("check.crust");
        BakeFacts shut = out(salt, 40, NOT_YET);
        assertThat(phases(shut)).containsExactly(Phase.REST, Phase.CRACK);
        assertThat(only(shut, Phase.REST).untilSeconds()).isEqualTo(3000);
        assertThat(phases(out(salt, 40, OptionalDouble.of(52)))).containsExactly(Phase.REST, Phase.CRACK, Phase.SERVE);
        // Cracked early it does not rest any longer.
        assertThat(phases(out(salt, 40, OptionalDouble.of(45)))).containsExactly(Phase.REST, Phase.SERVE);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.5, 3, 9, 9.5, 10, 12, 20})
    void whateverWasFoundWheneverThereAreNoGaps(double minute) {
        for (Dress dress : List.of(
                Dress.open(),
                Dress.open(Finish.GLAZED),
                Dress.under(new Topping(Mix.CRUMB, Topping.When.AFTER, 6)),
                Dress.under(new Topping(Mix.CRUMB, Topping.When.PART_WAY, 6)),
                Dress.in(new Parcel(Sheet.FOIL)),
                Dress.in(new SaltCrust(SaltCrust.Damping.WATER_ONLY)))) {
            BakeFacts facts = dressed(HAKE, dress);
            for (BakeFacts f : List.of(facts, looked(facts, minute), foundDone(facts, minute))) {
                withoutGaps(BakeClock.moments(f));
                for (int step = 1; step < facts.programme().stages().size() - 1; step++) {
                    withoutGaps(BakeClock.moments(stepped(f, step, minute)));
                }
            }
            withoutGaps(BakeClock.moments(out(facts, minute, NOT_YET)));
        }
    }

    @Test
    void whatWaitsForTheOvenWaitsForHours() {
        assertThat(BakeClock.waiting()).extracting(Moment::phase).containsExactly(Phase.WAIT, Phase.FORGOTTEN);
        withoutGaps(BakeClock.waiting());
    }

    /** Never a calm sentence over raw fish. */
    @Test
    void whatCameOutTooSoonGoesBackAndDoesNotRest() {
        BakeFacts out = out(plain(), 1, NOT_YET);
        Shortfall raw = new Shortfall(12.4, 57, 55, NOT_YET, OptionalDouble.of(8.6), List.of());
        assertThat(raw.unsafe()).isTrue();
        assertThat(phases(lacking(out, raw))).containsExactly(Phase.PUT_BACK);
        Moment back = only(lacking(out, raw), Phase.PUT_BACK);
        assertThat(back.say()).hasToString("moment.not-cooked");
        assertThat(back.hint().toString())
                .contains("lacks.least{peak=12 CELSIUS, wanted=55 CELSIUS}")
                .contains("lacks.minutes{minutes=9 MINUTE}");
        Shortfall soft = new Shortfall(52, 57, 43, NOT_YET, NOT_YET, List.of(Doneness.JUST_OPAQUE));
        assertThat(soft.unsafe()).isFalse();
        assertThat(only(lacking(out, soft), Phase.PUT_BACK).hint().toString()).contains("lacks.turn-up");
        assertThat(BakeClock.onceOutTooSoon(0)).extracting(Moment::phase).startsWith(Phase.PUT_BACK);
        assertThat(Shortfall.enoughC(57, 55)).isEqualTo(54.5);
        assertThat(Shortfall.enoughC(63, 63)).isEqualTo(62.5);
        assertThat(Shortfall.enoughC(57, 43)).isEqualTo(54);
        BakeFacts stuffed = lacking(out, new Shortfall(58, 57, 55, OptionalDouble.of(74), NOT_YET, List.of()));
        assertThat(only(stuffed, Phase.PUT_BACK).hint().toString())
                .contains("lacks.stuffing{peak=58 CELSIUS, wanted=74 CELSIUS}");
    }

    @Test
    void aBakeThatNobodyTookOutIsSaidToBeForgotten() {
        Moment last = only(plain(), Phase.FORGOTTEN);
        assertThat(last.fromSeconds()).isEqualTo(6 * 3600);
        assertThat(last.hint()).hasToString("moment.forgotten-in.how");
        // Counted from when it went back, where it did.
        BakeFacts back = new BakeFacts(
                plain().programme(),
                HAKE,
                Dress.open(),
                WINDOW,
                NOT_YET,
                NOT_YET,
                Map.of(),
                NOT_YET,
                NOT_YET,
                30,
                Optional.empty());
        assertThat(only(back, Phase.FORGOTTEN).fromSeconds()).isEqualTo(6.5 * 3600);
        assertThat(only(out(plain(), 10, NOT_YET), Phase.FORGOTTEN).fromSeconds())
                .isEqualTo(6 * 3600 + 600);
    }

    /** A topping that is put on after the bake is not lifted before it is there. */
    @Test
    void aCheckSpeaksOfWhatIsThereByThen() {
        BakeFacts after = dressed(HAKE, Dress.under(new Topping(Mix.CRUMB, Topping.When.AFTER, 6)));
        assertThat(Checking.of(after).how()).hasToString("check.how.knife");
        assertThat(only(after, Phase.CHECK).hint().toString()).doesNotContain("topping");
        assertThat(Checking.of(stepped(after, 1, 8)).how()).hasToString("check.how.topping");
        BakeFacts before = dressed(HAKE, Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, 6)));
        assertThat(Checking.of(before).how()).hasToString("check.how.topping");
        // Crumbs that went on at half time are there at the check, tapped or not.
        BakeFacts partWay = dressed(HAKE, Dress.under(new Topping(Mix.CRUMB, Topping.When.PART_WAY, 6)));
        assertThat(Checking.of(partWay).how()).hasToString("check.how.topping");
    }

    @Test
    void theNextThingForTheHandsIsTheFirstThatIsStillToDo() {
        BakeFacts grilled = dressed(HAKE, Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, 6)));
        assertThat(NextHand.after(grilled, 5)).contains(new NextHand(10.5 - 3, NextHand.GRILL));
        assertThat(NextHand.after(stepped(grilled, 1, 7), 8)).isEmpty();
        BakeFacts fresh = dressed(HAKE, Dress.under(new Topping(Mix.CRUMB, Topping.When.AFTER, 6)));
        assertThat(NextHand.after(fresh, 5).orElseThrow().say()).hasToString("what.TOPPING.say");
        assertThat(NextHand.after(plain(), 5)).isEmpty();
    }

    @Test
    void aBakeOfWhichOnlyTheTicketIsLeftHasItsMomentsAllTheSame() {
        withoutGaps(BakeClock.byTicket(WINDOW, 3, NOT_YET));
        withoutGaps(BakeClock.byTicket(WINDOW, 3, OptionalDouble.of(10)));
        assertThat(BakeClock.byTicket(WINDOW, 3, NOT_YET))
                .extracting(Moment::phase)
                .containsExactly(Phase.SHUT, Phase.CHECK, Phase.TAKE_OUT, Phase.FORGOTTEN);
    }

    private static void withoutGaps(List<Moment> moments) {
        assertThat(moments).isNotEmpty();
        for (int i = 1; i < moments.size(); i++) {
            assertThat(moments.get(i).fromSeconds())
                    .as(moments.toString())
                    .isEqualTo(moments.get(i - 1).untilSeconds());
        }
        assertThat(moments.get(moments.size() - 1).untilSeconds()).isInfinite();
    }

    /** While it stands on a flame no door is told to stay shut; the oven comes after. */
    @Test
    void whatBeginsOnTheHobIsNotShut() {
        Programme programme = new Programme(
                List.of(new Stage.Hob(8), new Stage.Bake(200, OptionalDouble.empty()), new Stage.Rest(3)));
        List<Moment> moments = BakeClock.moments(
                BakeFacts.justIn(programme, Bakes.hake().piece(), Dress.open(), new BakeFacts.Window(20, 22, 25)));
        assertThat(moments.get(0).say()).hasToString("moment.hob");
        assertThat(moments.get(0).untilSeconds()).isEqualTo(480);
        assertThat(moments).extracting(m -> m.say().key()).containsSubsequence("hand.into-the-oven", "moment.shut");
    }
}
