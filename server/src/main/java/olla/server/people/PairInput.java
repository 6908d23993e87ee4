package olla.server.people;

/**
 * A screen that wants to be let in.
 *
 * @param code as it was read off another screen
 * @param name what it is called, 1 to 60 characters
 */
record PairInput(String code, String name) {}
