package olla.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.Locale;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps other sites' pages out. A page whose name was made to point at this machine counts as of one origin with it to the
 * browser, so the name asked for has to be one of ours; and what another page sends in a cook's browser is told by its Origin
 * (RFC 6454) or by Sec-Fetch-Site (published: Fetch Metadata Request Headers, W3C). What is no browser sends neither and
 * is let in: it could claim anything.
 */
final class Strangers extends OncePerRequestFilter {

    private static final Set<HttpMethod> READS = Set.of(HttpMethod.GET, HttpMethod.HEAD, HttpMethod.OPTIONS);
    private static final Set<String> OWN_SITE = Set.of("same-origin", "none");
    private static final String DATA = "/api/";

    /* Misdirected Request (published: RFC 9110, 15.5.20). */
    private static final HttpStatusCode MISDIRECTED = HttpStatusCode.valueOf(421);

    private final Set<String> hosts;
    private final ProblemWriter problems;

    /** @param hosts names this kitchen answers to, lower case, without ports */
    Strangers(Set<String> hosts, ProblemWriter problems) {
        this.hosts = hosts;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hosts.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            problems.answer(request, response, MISDIRECTED, "refusal.wrong-host");
        } else if (foreign(request)) {
            problems.answer(request, response, HttpStatus.FORBIDDEN, "refusal.another-site");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean foreign(HttpServletRequest request) {
        boolean writes = !READS.contains(HttpMethod.valueOf(request.getMethod()));
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        boolean askedFromElsewhere = site != null && !OWN_SITE.contains(site)
                || origin != null && !sameOrigin(origin, request.getHeader(HttpHeaders.HOST));
        return askedFromElsewhere && (writes || request.getRequestURI().startsWith(DATA));
    }

    /* An opaque origin reads "null" and is nobody's. */
    private static boolean sameOrigin(String origin, String host) {
        try {
            String authority = new URI(origin).getRawAuthority();
            return authority != null && authority.equalsIgnoreCase(host);
        } catch (URISyntaxException nobody) {
            return false;
        }
    }
}
