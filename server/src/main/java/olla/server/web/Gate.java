package olla.server.web;

import java.util.Set;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.RequestRejectedHandler;

/**
 * What stands in front of whoever asks on the machine itself: that may do all, and what reaches it is kept to its own pages. Who comes from the network is asked at another door.
 */
@Configuration
@ConditionalOnWebApplication
class Gate {

    /* The machine itself, as a browser on it may call it. */
    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");

    @Bean
    SecurityFilterChain everything(HttpSecurity http, Hardened hardened) throws Exception {
        http.authorizeHttpRequests(all -> all.anyRequest().permitAll())
                // No cookie says who asks, so there is nothing a forged request could ride on but its page: see
                // Strangers.
                .csrf(AbstractHttpConfigurer::disable);
        return hardened.build(http, OWN_NAMES);
    }

    /** Paths and methods that no page of ours asks for, before they reach anything. */
    @Bean
    RequestRejectedHandler rejected(ProblemWriter problems) {
        return (request, response, why) ->
                problems.answer(request, response, HttpStatus.BAD_REQUEST, "refusal.no-such-address");
    }
}
