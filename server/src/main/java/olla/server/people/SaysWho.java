package olla.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import olla.server.web.ProblemWriter;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** At a screen that several hands use nothing is changed before somebody has said who it is; to look and to reckon is for all. */
final class SaysWho extends OncePerRequestFilter {

    /** Tells a page what is wanted of it. */
    static final String WANTS = "Olla-Wants";

    private static final String DATA = "/api/";

    /* What is asked there changes nothing, or is how somebody says who it is. */
    private static final Set<String> FREE = Set.of(
            "/api/alternatives",
            "/api/archive/look",
            "/api/certainty",
            "/api/counter",
            "/api/estimates",
            "/api/estimates/along",
            "/api/habits/tonight",
            "/api/ingredients",
            "/api/me/person",
            "/api/shopping",
            "/api/trays");

    private final ProblemWriter problems;

    SaysWho(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication asks = SecurityContextHolder.getContext().getAuthentication();
        boolean nobody = asks != null
                && asks.getPrincipal() instanceof LetIn screen
                && screen.shared()
                && screen.person() == null;
        if (nobody && changes(request)) {
            response.setHeader(WANTS, "person");
            problems.answer(request, response, HttpStatus.FORBIDDEN, "refusal.say-who");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean changes(HttpServletRequest request) {
        String path = request.getRequestURI();
        return path.startsWith(DATA)
                && !HttpMethod.GET.matches(request.getMethod())
                && !HttpMethod.HEAD.matches(request.getMethod())
                && !FREE.contains(path);
    }
}
