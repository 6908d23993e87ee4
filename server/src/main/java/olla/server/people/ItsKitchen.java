package olla.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.OptionalInt;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.Lan;
import olla.server.web.ProblemWriter;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says whose kitchen a request is for, once it is known who asks: from the network the one that a screen or a device was let into, and nobody's where it was not; at the machine
 * itself the first, or the one that the request names.
 */
@Component
@ConditionalOnWebApplication
@Order(0)
class ItsKitchen extends OncePerRequestFilter {

    /** By this a request at the machine itself names a kitchen by its id. */
    static final String NAMED = "Olla-Kitchen";

    private final Kitchens kitchens;
    private final Lan lan;
    private final ProblemWriter problems;

    ItsKitchen(Kitchens kitchens, Lan lan, ProblemWriter problems) {
        this.kitchens = kitchens;
        this.lan = lan;
        this.problems = problems;
    }

    /* What goes on with another thread, once a body is there, goes on in the same kitchen. */
    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String named = lan.asks(request) ? null : request.getHeader(NAMED);
        OptionalInt kitchen =
                lan.asks(request) ? letInto() : named == null ? OptionalInt.of(WhoseKitchen.FIRST) : there(named);
        if (named != null && kitchen.isEmpty()) {
            problems.answer(request, response, HttpStatus.NOT_FOUND, "refusal.no-such-kitchen");
        } else if (kitchen.isEmpty()) {
            chain.doFilter(request, response);
        } else {
            WhoseKitchen.Stay stay = WhoseKitchen.enter(kitchen.getAsInt());
            try {
                chain.doFilter(request, response);
            } finally {
                stay.close();
            }
        }
    }

    private static OptionalInt letInto() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null && who.getPrincipal() instanceof LetIn screen) {
            return OptionalInt.of(screen.kitchen());
        }
        return who != null && who.getPrincipal() instanceof LetInDevice device
                ? OptionalInt.of(device.kitchen())
                : OptionalInt.empty();
    }

    private OptionalInt there(String named) {
        try {
            return kitchens.of(Integer.parseInt(named)).stream()
                    .mapToInt(NamedKitchen::id)
                    .findFirst();
        } catch (NumberFormatException no) {
            return OptionalInt.empty();
        }
    }
}
