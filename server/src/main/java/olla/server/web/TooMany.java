package olla.server.web;

/** One asker asks for more at once than is fair to the others: 429. */
public final class TooMany extends RuntimeException {

    private static final long serialVersionUID = 1;

    /** @param message a sentence a cook could read */
    public TooMany(String message) {
        super(message);
    }
}
