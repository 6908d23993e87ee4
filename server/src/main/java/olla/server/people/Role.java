package olla.server.people;

/** What a screen may do. */
public enum Role {
    /** All of it, and who else may. */
    OWNER,
    /** All but that. */
    COOK,
    /** Sees when plates go out, and nothing else. */
    WATCHER
}
