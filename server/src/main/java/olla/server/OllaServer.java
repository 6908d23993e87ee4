package olla.server;

import java.time.Clock;
import java.time.Instant;
import olla.server.web.KitchenClock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The application: translates between the craft in core, the store and the screens. */
@SpringBootApplication
@EnableScheduling
public class OllaServer {

    public static void main(String[] args) {
        SpringApplication.run(OllaServer.class, args);
    }

    /**
     * The one clock; tests put their own in its place.
     *
     * @param speed how fast it runs: 1, or more to try an evening out
     * @param since from which moment on it has run so fast
     */
    @Bean
    Clock clock(@Value("${olla.speed}") double speed, @Value("${olla.speed-since}") String since) {
        return speed == 1 ? Clock.systemUTC() : new KitchenClock(Instant.parse(since), speed);
    }
}
