package olla.server.web;

import olla.core.messages.Message;

/** Somebody else has changed what is to be changed: 412. */
public final class ChangedSince extends CannotBe {

    private static final long serialVersionUID = 1;

    /** @param key of what they changed in the catalogue, with the values that stand in it */
    public ChangedSince(String key, Object... namesAndValues) {
        super(Message.of(key, namesAndValues));
    }
}
