package olla.server.people;

import olla.server.web.MaybeAbsent;

/**
 * What is wanted of a code.
 *
 * @param role what the screen that types it may do
 * @param shared whether several hands use it, so that it asks who taps; missing where not
 */
record InvitationInput(Role role, @MaybeAbsent Boolean shared) {}
