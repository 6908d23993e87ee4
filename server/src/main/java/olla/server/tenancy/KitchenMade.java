package olla.server.tenancy;

/**
 * A kitchen is there from now on.
 *
 * @param kitchen its id
 */
public record KitchenMade(int kitchen) {}
