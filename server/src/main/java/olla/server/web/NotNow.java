package olla.server.web;

/** Asked for something that does not go with where the bake stands: 409. */
public final class NotNow extends RuntimeException {

    /** @param message why not, in a sentence */
    public NotNow(String message) {
        super(message);
    }
}
