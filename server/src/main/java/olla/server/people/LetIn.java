package olla.server.people;

import java.util.UUID;

/**
 * Who asks from the network.
 *
 * @param kitchen the one it was let into
 * @param screen its id
 */
public record LetIn(int kitchen, UUID screen, String name, Role role) {}
