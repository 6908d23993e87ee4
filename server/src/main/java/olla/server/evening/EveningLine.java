package olla.server.evening;

import java.time.Instant;
import java.util.UUID;

/** An evening in the list. */
record EveningLine(UUID id, String name, Instant serveAt, int guests, int dishes) {}
