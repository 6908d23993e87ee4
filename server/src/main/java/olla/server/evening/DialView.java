package olla.server.evening;

/**
 * A dish at one dial of one oven: what the strip of common dials shows.
 *
 * @param marginMin from flaking to dry, minutes; 0 for sides
 */
record DialView(String dish, int ovenId, double dialC, double minutes, double marginMin) {}
