package olla.core.estimate;

/**
 * One of the things nobody knows exactly, and what it does to the time.
 *
 * @param what in a cook's words, with its size
 * @param minutes change of the likely time for one standard deviation, minutes, without sign
 */
public record Doubt(String what, double minutes) {}
