package olla.server.web;

import olla.core.messages.Message;

/** Asked for something that does not exist: 404. */
public final class NotThere extends CannotBe {

    private static final long serialVersionUID = 1;

    /** @param key of what is not there in the catalogue, with the values that stand in it */
    public NotThere(String key, Object... namesAndValues) {
        super(Message.of(key, namesAndValues));
    }
}
