package olla.server.web;

import olla.core.messages.Message;

/** Something that is asked for and cannot be, with what is said of it. */
public abstract class CannotBe extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient Message why;

    CannotBe(Message why) {
        super(why.toString());
        this.why = why;
    }

    /** What is said of it. */
    public Message why() {
        return why;
    }
}
