package olla.server.people;

import java.util.UUID;

/**
 * Who asks from the network.
 *
 * @param screen its id
 */
public record LetIn(UUID screen, String name, Role role) {}
