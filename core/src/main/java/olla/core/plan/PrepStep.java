package olla.core.plan;

import olla.core.messages.Message;

/**
 * A step before the oven.
 *
 * @param key stable name, so that a tick stays with its step
 * @param what what to do
 * @param why why
 * @param minutes how long it takes, minutes
 */
public record PrepStep(String key, Message what, Message why, int minutes) {}
