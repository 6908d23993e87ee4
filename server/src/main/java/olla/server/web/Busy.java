package olla.server.web;

import olla.core.messages.Message;

/** More is asked for at once than is answered; asked again a moment later it will be. */
public class Busy extends CannotBe {

    private static final long serialVersionUID = 1;

    /** @param key of what to do in the catalogue, with the values that stand in it */
    public Busy(String key, Object... namesAndValues) {
        super(Message.of(key, namesAndValues));
    }
}
