package olla.server.people;

/** What a screen or somebody may do; the first may most. */
public enum Role {
    /** All of it, and who else may. */
    OWNER,
    /** All but that. */
    COOK,
    /** Sees when plates go out, and nothing else. */
    WATCHER
}
