package olla.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** The application: translates between the craft in core, the store and the screens. */
@SpringBootApplication
public class OllaServer {

    public static void main(String[] args) {
        SpringApplication.run(OllaServer.class, args);
    }

    /** The one clock; tests put their own in its place. */
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
