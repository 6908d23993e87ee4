package olla.server.people;

import java.util.UUID;

/**
 * Who asks from the network.
 *
 * @param kitchen the one it was let into
 * @param screen its id
 * @param role what the screen may do
 * @param shared whether several hands use it, which say who they are
 * @param person who said so; null where nobody did
 */
public record LetIn(int kitchen, UUID screen, String name, Role role, boolean shared, Person person) {

    /** The same screen with somebody at it. */
    LetIn by(Person somebody) {
        return new LetIn(kitchen, screen, name, role, shared, somebody);
    }

    /** What may be done: nobody at a screen may more than it, nor more than themselves. */
    Role may() {
        return person == null || person.role().compareTo(role) < 0 ? role : person.role();
    }
}
