package olla.server.people;

/** A kitchen of this installation. */
record NamedKitchen(int id, String name) {}
