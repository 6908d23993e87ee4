package olla.server.probes;

/** What a device measures. */
public enum Channel {
    /** The tip of a probe, in the fish. */
    TIP,
    /** The air of an oven. */
    AIR
}
