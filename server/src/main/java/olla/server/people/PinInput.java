package olla.server.people;

import java.util.UUID;

/** Somebody says who it is. */
record PinInput(UUID person, String pin) {}
