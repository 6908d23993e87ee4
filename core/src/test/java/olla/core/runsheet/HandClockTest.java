package olla.core.runsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import olla.core.evening.DialTables;
import olla.core.evening.Evenings;
import org.junit.jupiter.api.Test;

class HandClockTest {

    private static HandClock hands(int count) {
        return new HandClock(new Problem(
                Evenings.guesthouse().hands(count).salad().build(), new DialTables(Map.of()), Facts.at(-60)));
    }

    @Test
    void workIsPutDownForWhatTakesAMoment() {
        HandClock one = hands(1);
        one.moment(-15, -13);
        HandClock.Work laid = one.workBefore(-10, 8);
        assertThat(laid.untilMin()).isCloseTo(-10, within(1e-9));
        assertThat(laid.fromMin()).isCloseTo(-20, within(1e-9));
        one.work(laid);
        assertThat(one.overrun(-60)).isZero();
    }

    @Test
    void butNotForOtherWork() {
        HandClock one = hands(1);
        one.work(-15, -13);
        HandClock.Work laid = one.workBefore(-10, 8);
        assertThat(laid.untilMin()).isCloseTo(-15, within(1e-9));
        assertThat(laid.fromMin()).isCloseTo(-23, within(1e-9));
    }

    @Test
    void twoPairsOfHandsDoTwoThings() {
        HandClock two = hands(2);
        two.work(-15, -10);
        assertThat(two.workBefore(-10, 5).fromMin()).isCloseTo(-15, within(1e-9));
        assertThat(two.slotBefore(-10, 5)).isCloseTo(-15, within(1e-9));
        two.work(-15, -10);
        assertThat(two.slotBefore(-10, 5)).isCloseTo(-20, within(1e-9));
        two.work(-12, -11);
        assertThat(two.overrun(-60)).isCloseTo(1, within(1e-9));
    }

    @Test
    void ofTwoLooksThatNobodyCanSayToTheMinuteOneWaits() {
        HandClock one = hands(1);
        one.looseMoment(-15, -13);
        one.looseMoment(-14, -12);
        assertThat(one.overrun(-60)).isZero();
        assertThat(one.waiting(-60)).isCloseTo(1, within(1e-9));
        one.moment(-20, -19);
        one.moment(-20, -19);
        assertThat(one.overrun(-60)).isCloseTo(1, within(1e-9));
        assertThat(one.waiting(-60)).isCloseTo(1, within(1e-9));
    }

    @Test
    void whereNothingElseWillDoWorkIsPutDownForOtherWork() {
        HandClock one = hands(1);
        one.work(-14, -12);
        assertThat(one.workBefore(-10, 4).untilMin()).isCloseTo(-14, within(1e-9));
        HandClock.Work laid = one.patchworkBefore(-10, 4);
        assertThat(laid.fromMin()).isCloseTo(-16, within(1e-9));
        assertThat(laid.untilMin()).isCloseTo(-10, within(1e-9));
        one.work(laid);
        assertThat(one.overrun(-60)).isZero();
    }

    @Test
    void whatHasBegunGoesOnAfterWhatComesBetween() {
        HandClock one = hands(1);
        one.moment(-38, -37);
        HandClock.Work laid = one.workFrom(-40, 5);
        assertThat(laid.fromMin()).isCloseTo(-40, within(1e-9));
        assertThat(laid.untilMin()).isCloseTo(-34, within(1e-9));
    }

    @Test
    void whereThereIsNoTimeLeftItWouldHaveHadToBeginBeforeNow() {
        HandClock one = hands(1);
        assertThat(one.workBefore(-58, 10).fromMin()).isLessThan(-60);
        one.work(-60, -50);
        assertThat(one.slotAfter(-60, 3)).isCloseTo(-50, within(1e-9));
    }
}
