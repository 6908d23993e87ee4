package olla.server.web;

import olla.core.messages.Message;

/** There is no room left to store this: 507 (published: RFC 4918, 11.5). */
public final class NoRoom extends CannotBe {

    private static final long serialVersionUID = 1;

    /** @param key of what to do in the catalogue, with the values that stand in it */
    public NoRoom(String key, Object... namesAndValues) {
        super(Message.of(key, namesAndValues));
    }
}
