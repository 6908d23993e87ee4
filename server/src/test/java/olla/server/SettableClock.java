package olla.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** A kitchen's clock that a test sets: it stands, runs ahead, and is put back. */
public final class SettableClock extends Clock {

    private Instant now = Instant.parse("2026-03-06T18:00:00Z");

    /** Stands in for the kitchen's own. */
    public static class InPlaceOfTheKitchens {
        @Bean
        @Primary
        SettableClock settableClock() {
            return new SettableClock();
        }
    }

    /** Lets so much time pass; less than none puts it back. */
    public synchronized void pass(Duration time) {
        now = now.plus(time);
    }

    /** The same in minutes. */
    public void pass(double minutes) {
        pass(Duration.ofMillis(Math.round(minutes * 60_000)));
    }

    @Override
    public synchronized Instant instant() {
        return now.truncatedTo(ChronoUnit.MILLIS);
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }
}
