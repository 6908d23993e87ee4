package olla.core.runsheet;

import java.util.Map;

/**
 * How likely a plan holds.
 *
 * @param within3 share of evenings in which every course is served within 3 minutes of its moment, 0 to 1
 * @param within5 the same within 5 minutes
 * @param lateBy by dish: share of evenings in which the course is late by more than 3 minutes for it
 * @param tooLongBy by dish: share of evenings in which it waits longer than it can
 */
public record Chance(double within3, double within5, Map<String, Double> lateBy, Map<String, Double> tooLongBy) {}
