package olla.server.bakes;

/** How the fish was, said by whoever ate it. */
public enum Verdict {
    UNDER,
    RIGHT,
    OVER
}
