package olla.core.runsheet;

/**
 * What of a sheet is kept, so that the next one begins with it: the rest follows.
 *
 * @param dish key of the dish or side
 * @param oven key of its oven; empty where it needs none
 * @param dialC the dial, °C; 0 where it needs none
 * @param earlyMin how long before its course is plated it is ready, minutes
 * @param inMin when it goes in, minutes from the first course
 */
public record Kept(String dish, String oven, int dialC, int earlyMin, double inMin) {}
