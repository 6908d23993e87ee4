package olla.server.web;

import olla.core.messages.Message;

/** One asker asks for more at once than is fair to the others: 429. */
public final class TooMany extends CannotBe {

    private static final long serialVersionUID = 1;

    /** @param key of what to do in the catalogue, with the values that stand in it */
    public TooMany(String key, Object... namesAndValues) {
        super(Message.of(key, namesAndValues));
    }
}
