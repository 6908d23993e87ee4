package olla.core.runsheet;

/** A hand on the brake of a search. */
@FunctionalInterface
public interface Stop {

    /** Nobody stops it. */
    Stop NEVER = end -> {};

    /** Takes what ends the search; runs it at once where the search has been stopped already. */
    void onStop(Runnable end);
}
