package olla.server.web;

/** There is no room left to store this: 507 (published: RFC 4918, 11.5). */
public final class NoRoom extends RuntimeException {

    private static final long serialVersionUID = 1;

    /** @param message what to do, in a sentence */
    public NoRoom(String message) {
        super(message);
    }
}
