package olla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class BakeClockTest {

    @Test
    void whileItBakesTheMomentsLeadFromShutToOut() {
        List<Moment> moments = BakeClock.moments(9, 12, 4, OptionalDouble.empty());
        assertThat(moments)
                .extracting(Moment::phase)
                .containsExactly(Moment.Phase.SHUT, Moment.Phase.CHECK, Moment.Phase.TAKE_OUT);
        withoutGaps(moments);
        assertThat(moments.get(0).untilSeconds()).isEqualTo(540);
        assertThat(moments.get(1).untilSeconds()).isEqualTo(720);
    }

    @Test
    void onceOutItRestsThenIsServed() {
        List<Moment> moments = BakeClock.moments(9, 12, 4, OptionalDouble.of(10));
        assertThat(moments).extracting(Moment::phase).containsExactly(Moment.Phase.REST, Moment.Phase.SERVE);
        withoutGaps(moments);
        assertThat(moments.get(0).untilSeconds()).isEqualTo(840);
    }

    private static void withoutGaps(List<Moment> moments) {
        for (int i = 1; i < moments.size(); i++) {
            assertThat(moments.get(i).fromSeconds())
                    .isEqualTo(moments.get(i - 1).untilSeconds());
        }
        assertThat(moments.get(moments.size() - 1).untilSeconds()).isInfinite();
    }
}
