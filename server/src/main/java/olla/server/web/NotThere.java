package olla.server.web;

/** Asked for something that does not exist: 404. */
public final class NotThere extends RuntimeException {

    /** @param message what is not there, in a sentence */
    public NotThere(String message) {
        super(message);
    }
}
