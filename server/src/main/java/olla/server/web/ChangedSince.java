package olla.server.web;

/** Somebody else has changed what is to be changed: 412. */
public final class ChangedSince extends RuntimeException {

    /** @param message what they changed, in a sentence */
    public ChangedSince(String message) {
        super(message);
    }
}
