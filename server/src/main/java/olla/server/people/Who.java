package olla.server.people;

import java.util.UUID;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Who did something.
 *
 * @param person null where nobody had said who they are
 * @param screen null where it was the machine itself
 */
public record Who(UUID person, UUID screen) {

    private static final Who THE_MACHINE = new Who(null, null);

    /** Who asked what this thread is at. */
    public static Who here() {
        Authentication asks = SecurityContextHolder.getContext().getAuthentication();
        return asks != null && asks.getPrincipal() instanceof LetIn screen
                ? new Who(screen.person() == null ? null : screen.person().id(), screen.screen())
                : THE_MACHINE;
    }
}
