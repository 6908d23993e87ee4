package olla.server.people;

import java.time.Instant;
import java.util.UUID;

/** A screen that was let in. */
record ScreenView(UUID id, String name, Role role, boolean shared, Instant pairedAt, Instant seenAt) {}
