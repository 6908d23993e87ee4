package olla.core.heat;

/**
 * What each role of face meets while a stage lasts.
 *
 * @param upper the faces that look up or sideways, and an underside that does not lie on a tray
 * @param under the tray's underside
 */
public record Surroundings(Face upper, Face under) {}
