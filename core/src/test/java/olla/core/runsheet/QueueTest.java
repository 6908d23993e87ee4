package olla.core.runsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import olla.core.evening.Baking;
import org.junit.jupiter.api.Test;

class QueueTest {

    private static OvenUse oven(int chain, double from, double until, double dialC) {
        return new OvenUse(chain, 0, Baking.Where.OVEN, from, until, dialC, 1);
    }

    private static Queue queue(int shelves, OvenUse... uses) {
        return new Queue(3, List.of(uses), new int[] {shelves}, 1);
    }

    @Test
    void whatTakesTheOnlyShelfHasToBeOutFirst() {
        Queue one = queue(1, oven(0, -60, -30, 200), oven(1, -28, -8, 200));
        assertThat(one.before(0)).isEmpty();
        assertThat(one.before(1)).containsExactly(new Queue.Before(0, 0));
        // Out 4 minutes late, and set down before the other is put in.
        assertThat(Queue.in(one.before(1).get(0), -26)).isCloseTo(-24.5, within(1e-9));
        assertThat(queue(2, oven(0, -60, -30, 200), oven(1, -28, -8, 200)).before(1))
                .isEmpty();
    }

    @Test
    void whatStaysInBesideItCounts() {
        Queue two = queue(2, oven(0, -60, -30, 200), oven(1, -28, -8, 200), oven(2, -50, 0, 200));
        assertThat(two.before(1)).containsExactly(new Queue.Before(0, 0));
        assertThat(two.before(2)).isEmpty();
    }

    @Test
    void anotherDialWaitsForTheOvenAndForItsTurning() {
        List<Queue.Before> before =
                queue(2, oven(0, -60, -30, 160), oven(1, -20, 0, 220)).before(1);
        assertThat(before).hasSize(1);
        assertThat(before.get(0).turningMin()).isEqualTo(OvenUse.turningMin(160, 220));
        assertThat(before.get(0).turningMin()).isPositive();
    }

    @Test
    void whatIsOutLongBeforeHoldsNobodyUp() {
        assertThat(queue(1, oven(0, -160, -130, 200), oven(1, -28, -8, 200)).before(1))
                .isEmpty();
    }

    @Test
    void aBurnerIsWaitedForAsAShelfIs() {
        OvenUse pot = new OvenUse(0, Decision.NO_OVEN, Baking.Where.HOB, -40, -20, 0, 1);
        OvenUse pan = new OvenUse(1, Decision.NO_OVEN, Baking.Where.HOB, -18, -8, 0, 1);
        assertThat(queue(1, pot, pan).before(1)).containsExactly(new Queue.Before(0, 0));
        assertThat(new Queue(2, List.of(pot, pan), new int[0], 2).before(1)).isEmpty();
    }
}
