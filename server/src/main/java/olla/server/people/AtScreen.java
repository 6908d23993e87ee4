package olla.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import olla.server.tenancy.WhoseKitchen;

/** Who stands at a screen that several hands use: kept in a session, which is the store's, until they go, nobody has tapped for long, or an evening is over. */
final class AtScreen {

    /* Longer than a dinner is served, and shorter than from one to the next. How long without a tap is the session's own. */
    private static final Duration LONGEST = Duration.ofHours(12);

    private static final String SCREEN = "screen";
    private static final String PERSON = "person";
    private static final String PIN_MARK = "pinMark";

    private AtScreen() {}

    /** The screen with whoever has said at it who they are. */
    static LetIn of(HttpServletRequest request, LetIn screen, People people) {
        if (!screen.shared()) {
            return screen;
        }
        HttpSession session = request.getSession(false);
        if (session == null || !screen.screen().toString().equals(session.getAttribute(SCREEN))) {
            return screen;
        }
        // By the clock that sessions go by, which is this machine's and not the kitchen's.
        Instant began = Instant.ofEpochMilli(session.getCreationTime());
        if (began.plus(LONGEST).isBefore(Instant.now())) {
            session.invalidate();
            return screen;
        }
        Optional<Person> still = WhoseKitchen.in(
                screen.kitchen(),
                () -> people.still(UUID.fromString((String) session.getAttribute(PERSON)), (String)
                        session.getAttribute(PIN_MARK)));
        return still.map(screen::by).orElse(screen);
    }

    /** From now on it is them. Whatever was known by the name of the session before is known no longer. */
    static void enter(HttpServletRequest request, LetIn screen, People.SignedIn who) {
        leave(request);
        HttpSession session = request.getSession();
        session.setAttribute(SCREEN, screen.screen().toString());
        session.setAttribute(PERSON, who.person().id().toString());
        session.setAttribute(PIN_MARK, who.pinMark());
    }

    static void leave(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }
}
