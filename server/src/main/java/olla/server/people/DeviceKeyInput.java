package olla.server.people;

/**
 * A device that shall push readings from the network.
 *
 * @param device as it calls itself in its readings: 1 to 40 of A-Z, a-z, 0-9, dot, dash, underscore
 */
record DeviceKeyInput(String device) {}
