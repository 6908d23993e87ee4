package olla.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class KitchenClockTest {

    @Test
    void aFastClockAgreesWithAnotherOfTheSameBeginningAndNeverGoesBack() {
        Instant since = Instant.now().minusSeconds(60);
        Clock one = new KitchenClock(since, 60);
        Clock other = new KitchenClock(since, 60);
        Instant first = one.instant();
        Instant second = other.instant();
        assertThat(Duration.between(since, first)).isBetween(Duration.ofMinutes(60), Duration.ofMinutes(70));
        assertThat(second).isAfterOrEqualTo(first);
        assertThat(Duration.between(first, second)).isLessThan(Duration.ofMinutes(5));
        assertThat(KitchenClock.speed(one)).isEqualTo(60);
        assertThat(KitchenClock.speed(Clock.systemUTC())).isEqualTo(1);
    }

    @Test
    void onlySensibleSpeedsAreTaken() {
        for (double speed : new double[] {0, -1, 601, Double.NaN}) {
            assertThatThrownBy(() -> new KitchenClock(Instant.now(), speed))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("1 to 600");
        }
    }
}
