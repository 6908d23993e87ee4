package olla.server.people;

/**
 * A device that asks from the network.
 *
 * @param device the name that its readings bear
 */
public record LetInDevice(String device) {}
