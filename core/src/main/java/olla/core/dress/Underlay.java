package olla.core.dress;

/** What an open piece lies on besides the greased tray (depths: common practice, no source). */
public enum Underlay {
    NONE(0),
    /** Slices of citrus, one deep. */
    CITRUS(7),
    /** Wine and butter in the pan, which become the sauce. */
    PAN_SAUCE(8);

    private final double depthMm;

    Underlay(double depthMm) {
        this.depthMm = depthMm;
    }

    /** How deep it is, mm. */
    public double depthMm() {
        return depthMm;
    }
}
