package olla.server.people;

import java.util.UUID;

/**
 * Somebody of the kitchen.
 *
 * @param role what they may do, as far as the screen may that they are at
 */
public record Person(UUID id, String name, Role role) {}
