package olla.server.web;

import olla.core.messages.Message;

/** Asked for something that does not go with where the bake stands: 409. */
public final class NotNow extends CannotBe {

    private static final long serialVersionUID = 1;

    /** @param key of why not in the catalogue, with the values that stand in it */
    public NotNow(String key, Object... namesAndValues) {
        super(Message.of(key, namesAndValues));
    }
}
