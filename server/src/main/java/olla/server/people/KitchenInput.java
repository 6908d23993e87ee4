package olla.server.people;

/**
 * A kitchen that is to be.
 *
 * @param name what it is called, which no other is
 */
record KitchenInput(String name) {}
