package olla.server.people;

import jakarta.servlet.DispatcherType;
import olla.server.web.Hardened;
import olla.server.web.Lan;
import olla.server.web.ProblemWriter;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.web.util.WebUtils;

/**
 * What stands in front of whoever comes from the network. The pages themselves hold nothing of the kitchen and are for all; what is said and what is done is for screens that were
 * let in, each as its role goes. What no line here lets through is shut.
 */
@Configuration
@ConditionalOnWebApplication
class NetworkGate {

    private static final String OWNER = Role.OWNER.name();
    private static final String COOK = Role.COOK.name();
    private static final String WATCHER = Role.WATCHER.name();

    @Bean
    @Order(1)
    SecurityFilterChain network(
            HttpSecurity http,
            Hardened hardened,
            ScreenService screens,
            DeviceKeys devices,
            People people,
            Lan lan,
            ProblemWriter problems)
            throws Exception {
        http.securityMatcher(lan::asks)
                .authorizeHttpRequests(who -> who
                        // What ends a streamed answer, or tells that it broke: let in once already.
                        .dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/api/me")
                        .permitAll()
                        .requestMatchers(HttpMethod.PUT, "/api/screens/*")
                        .permitAll()
                        // For whoever is at the machine itself.
                        .requestMatchers("/api/kitchens/**", "/actuator/**", "/v3/**")
                        .denyAll()
                        .requestMatchers(
                                "/api/archive/**", "/api/screens/**", "/api/invitations/**", "/api/device-keys/**")
                        .hasRole(OWNER)
                        .requestMatchers(HttpMethod.GET, "/api/people")
                        .hasAnyRole(OWNER, COOK, WATCHER)
                        .requestMatchers("/api/people/**")
                        .hasRole(OWNER)
                        .requestMatchers("/api/me/person")
                        .hasAnyRole(OWNER, COOK, WATCHER)
                        .requestMatchers(HttpMethod.GET, "/api/clock")
                        .hasAnyRole(OWNER, COOK, WATCHER, ScreenKeys.DEVICE)
                        .requestMatchers(HttpMethod.GET, "/api/plates")
                        .hasAnyRole(OWNER, COOK, WATCHER)
                        .requestMatchers("/api/readings/**")
                        .hasRole(ScreenKeys.DEVICE)
                        .requestMatchers("/api/**")
                        .hasAnyRole(OWNER, COOK)
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .addFilterBefore(
                        new ScreenKeys(screens, devices, people, problems), AnonymousAuthenticationFilter.class)
                .addFilterAfter(new SaysWho(problems), AuthorizationFilter.class)
                .exceptionHandling(refused -> refused.authenticationEntryPoint((request, response, why) ->
                                problems.answer(request, response, HttpStatus.UNAUTHORIZED, "refusal.not-let-in"))
                        .accessDeniedHandler((request, response, why) -> problems.answer(
                                request, response, HttpStatus.FORBIDDEN, "refusal.not-for-this-screen")))
                // A forged page brings no key: the cookie goes along with our own pages only, and theirs are turned
                // away before. What bears a key and no cookie is no page.
                .csrf(csrf -> csrf.spa()
                        .ignoringRequestMatchers(request -> WebUtils.getCookie(request, ScreenKeys.COOKIE) == null
                                && ScreenKeys.borne(request).isPresent()));
        return hardened.build(http, lan.names());
    }
}
