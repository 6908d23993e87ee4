package olla.server.probes;

import java.time.Clock;
import java.time.Duration;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Readings are kept for a month. */
@Component
class ReadingRetention {

    private static final Duration KEPT = Duration.ofDays(30);

    private final ReadingStore readings;
    private final Clock clock;

    ReadingRetention(ReadingStore readings, Clock clock) {
        this.readings = readings;
        this.clock = clock;
    }

    @Scheduled(fixedDelayString = "PT6H")
    void forget() {
        readings.forgetBefore(clock.instant().minus(KEPT));
    }
}
