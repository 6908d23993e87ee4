package olla.server.people;

import olla.server.web.MaybeAbsent;

/**
 * Who asks.
 *
 * @param role missing where it was not let in
 * @param screen what it is called; missing on the machine itself
 * @param network whether the kitchen can be reached from the network
 * @param shared whether several hands use the screen, which say who they are before they change anything; missing where not
 * @param person who said so; missing while nobody has
 */
record MeView(
        @MaybeAbsent Role role,
        @MaybeAbsent String screen,
        boolean network,
        @MaybeAbsent Boolean shared,
        @MaybeAbsent String person) {

    /** The machine itself. */
    static MeView machine(boolean network) {
        return new MeView(Role.OWNER, null, network, null, null);
    }

    /** One that was not let in. */
    static MeView stranger() {
        return new MeView(null, null, true, null, null);
    }

    static MeView of(LetIn screen) {
        return new MeView(
                screen.may(),
                screen.name(),
                true,
                screen.shared() ? true : null,
                screen.person() == null ? null : screen.person().name());
    }
}
