package olla.server.web;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.RequestAttributeSecurityContextRepository;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.stereotype.Component;

/** What stands at every door: what our pages may load, and no page but ours. */
@Component
public class Hardened {

    /* Styles in attributes are how the drawings colour their parts; scripts come from files only. */
    private static final String CONTENT =
            "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline';"
                    + " object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    private final ProblemWriter problems;
    private final Set<String> more;

    Hardened(ProblemWriter problems, @Value("${olla.hosts}") Set<String> more) {
        this.problems = problems;
        this.more = more;
    }

    /**
     * A door with what stands at every one.
     *
     * @param own names by which the machine is called there, lower case, without ports; those it is said to go by are added
     */
    public SecurityFilterChain build(HttpSecurity http, Set<String> own) throws Exception {
        Set<String> names = new HashSet<>(own);
        more.forEach(name -> names.add(name.strip().toLowerCase(Locale.ROOT)));
        return http.logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                // Who asks is known anew with each request; a session, where there is one, begins anew with whoever
                // signs in. To be known is no sign-in: a page that got another token with each answer would send a tap
                // with the one before.
                .sessionManagement(AbstractHttpConfigurer::disable)
                .securityContext(
                        known -> known.securityContextRepository(new RequestAttributeSecurityContextRepository()))
                .headers(headers -> headers.contentSecurityPolicy(c -> c.policyDirectives(CONTENT))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                        .crossOriginOpenerPolicy(c -> c.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(c -> c.policy(CrossOriginResourcePolicy.SAME_ORIGIN)))
                .addFilterAfter(new Strangers(names, problems), HeaderWriterFilter.class)
                .build();
    }
}
