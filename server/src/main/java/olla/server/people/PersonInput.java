package olla.server.people;

import olla.server.web.MaybeAbsent;

/**
 * Somebody who is to be on the list.
 *
 * @param role what they may do
 * @param pin four digits; missing where it stays as it is
 */
record PersonInput(String name, Role role, @MaybeAbsent String pin) {}
