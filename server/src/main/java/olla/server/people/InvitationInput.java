package olla.server.people;

/**
 * What is wanted of a code.
 *
 * @param role what the screen that types it may do
 */
record InvitationInput(Role role) {}
