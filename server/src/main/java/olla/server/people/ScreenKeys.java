package olla.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import olla.server.web.ProblemWriter;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

/** Knows a screen by its key. */
final class ScreenKeys extends OncePerRequestFilter {

    /** Set over TLS, for this host and all of it only (published: RFC 6265bis, cookie name prefixes). */
    static final String COOKIE = "__Host-olla-screen";

    private final ScreenService screens;
    private final ProblemWriter problems;

    ScreenKeys(ScreenService screens, ProblemWriter problems) {
        this.screens = screens;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Cookie key = WebUtils.getCookie(request, COOKIE);
        try {
            Optional.ofNullable(key).map(Cookie::getValue).flatMap(screens::of).ifPresent(ScreenKeys::enter);
        } catch (DataAccessException | TransactionException outOfReach) {
            problems.answer(request, response, HttpStatus.SERVICE_UNAVAILABLE, "busy.store");
            return;
        }
        chain.doFilter(request, response);
    }

    private static void enter(LetIn screen) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                screen,
                null,
                AuthorityUtils.createAuthorityList("ROLE_" + screen.role().name())));
        SecurityContextHolder.setContext(context);
    }
}
