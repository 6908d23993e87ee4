package olla.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.ProblemWriter;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

/** Knows a screen by the key in its cookie, and a device by the one it bears (RFC 6750). */
final class ScreenKeys extends OncePerRequestFilter {

    /** Set over TLS, for this host and all of it only (published: RFC 6265bis, cookie name prefixes). */
    static final String COOKIE = "__Host-olla-screen";

    /** What a device may do, beside a screen's roles. */
    static final String DEVICE = "DEVICE";

    private static final String WHO = ScreenKeys.class.getName();
    private static final String BEARER = "Bearer ";

    private final ScreenService screens;
    private final DeviceKeys devices;
    private final People people;
    private final ProblemWriter problems;

    ScreenKeys(ScreenService screens, DeviceKeys devices, People people, ProblemWriter problems) {
        this.screens = screens;
        this.devices = devices;
        this.people = people;
        this.problems = problems;
    }

    /* What goes on with another thread, once a body is there, is whoever's it was that asked. */
    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isAsyncDispatch(request)) {
            if (request.getAttribute(WHO) instanceof Authentication who) {
                enter(who);
            }
            chain.doFilter(request, response);
            return;
        }
        Cookie key = WebUtils.getCookie(request, COOKIE);
        try {
            Optional.ofNullable(key)
                    .map(Cookie::getValue)
                    .flatMap(its -> WhoseKitchen.in(WhoseKitchen.ALL, () -> screens.of(its)))
                    .map(screen -> AtScreen.of(request, screen, people))
                    .ifPresent(screen -> enter(request, screen, screen.may().name()));
            borne(request)
                    .flatMap(its -> WhoseKitchen.in(WhoseKitchen.ALL, () -> devices.of(its)))
                    .ifPresent(device -> enter(request, device, DEVICE));
        } catch (DataAccessException | TransactionException outOfReach) {
            problems.answer(request, response, HttpStatus.SERVICE_UNAVAILABLE, "busy.store");
            return;
        }
        chain.doFilter(request, response);
    }

    /** The key that a request bears, where it bears one. */
    static Optional<String> borne(HttpServletRequest request) {
        return Optional.ofNullable(request.getHeader(HttpHeaders.AUTHORIZATION))
                .filter(header -> header.startsWith(BEARER))
                .map(header -> header.substring(BEARER.length()).strip());
    }

    private static void enter(HttpServletRequest request, Object who, String role) {
        Authentication known = UsernamePasswordAuthenticationToken.authenticated(
                who, null, AuthorityUtils.createAuthorityList("ROLE_" + role));
        request.setAttribute(WHO, known);
        enter(known);
    }

    private static void enter(Authentication who) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(who);
        SecurityContextHolder.setContext(context);
    }
}
