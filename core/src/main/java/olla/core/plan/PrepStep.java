package olla.core.plan;

/**
 * A step before the oven.
 *
 * @param key stable name, so that a tick stays with its step
 * @param what what to do
 * @param why why, in a sentence
 * @param minutes how long it takes, minutes
 */
public record PrepStep(String key, String what, String why, int minutes) {}
