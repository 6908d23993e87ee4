package olla.server.web;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * What stands in front of everything. One chain: who may do what will be asked here; until then whoever reaches the machine may do
 * all, and what reaches it is kept to its own pages.
 */
@Configuration
@ConditionalOnWebApplication
class Gate {

    /* The machine itself, as a browser on it may call it. */
    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");

    /* Styles in attributes are how the drawings colour their parts; scripts come from files only. */
    private static final String CONTENT =
            "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline';"
                    + " object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain everything(HttpSecurity http, ProblemWriter problems, @Value("${olla.hosts}") Set<String> more)
            throws Exception {
        return http.authorizeHttpRequests(all -> all.anyRequest().permitAll())
                // No cookie says who asks, so there is nothing a forged request could ride on but its page: see
                // Strangers.
                .csrf(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(headers -> headers.contentSecurityPolicy(c -> c.policyDirectives(CONTENT))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                        .crossOriginOpenerPolicy(c -> c.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(c -> c.policy(CrossOriginResourcePolicy.SAME_ORIGIN)))
                .addFilterAfter(new Strangers(names(more), problems), HeaderWriterFilter.class)
                .build();
    }

    private static Set<String> names(Set<String> more) {
        Set<String> names = new HashSet<>(OWN_NAMES);
        more.forEach(name -> names.add(name.strip().toLowerCase(Locale.ROOT)));
        return Set.copyOf(names);
    }

    /** Paths and methods that no page of ours asks for, before they reach anything. */
    @Bean
    RequestRejectedHandler rejected(ProblemWriter problems) {
        return (request, response, why) ->
                problems.answer(request, response, HttpStatus.BAD_REQUEST, "refusal.no-such-address");
    }
}
