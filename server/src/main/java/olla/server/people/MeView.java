package olla.server.people;

import olla.server.web.MaybeAbsent;

/**
 * Who asks.
 *
 * @param role missing where it was not let in
 * @param screen what it is called; missing on the machine itself
 * @param network whether the kitchen can be reached from the network
 */
record MeView(@MaybeAbsent Role role, @MaybeAbsent String screen, boolean network) {}
