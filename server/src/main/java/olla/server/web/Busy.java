package olla.server.web;

/** More is asked for at once than is answered; asked again a moment later it will be. */
public class Busy extends RuntimeException {

    private static final long serialVersionUID = 1;

    /** @param message a sentence a cook could read */
    public Busy(String message) {
        super(message);
    }
}
