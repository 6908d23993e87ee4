package olla.core.doneness;

/**
 * What the cook wants the coldest point to reach at its peak, after the rest. Targets lie in the bands of
 * {@link Band} (common kitchen practice, no source), the last is the official minimum.
 */
public enum Doneness {
    BARELY_SET(46),
    JUST_OPAQUE(52),
    FLAKES(57),
    FIRM(61),
    OFFICIAL(Doneness.OFFICIAL_MINIMUM_C);

    /** 63 °C / 145 °F for 15 s (published: FDA Food Code 3-401.11; USDA FSIS chart; from memory). */
    public static final double OFFICIAL_MINIMUM_C = 63;

    /** What a stuffing of shellfish, egg or bread must reach itself, °C / 165 °F (published: FDA Food Code 3-401.11, from memory). */
    public static final double STUFFING_C = 74;

    private final double peakC;

    Doneness(double peakC) {
        this.peakC = peakC;
    }

    /** Peak of the coldest point, °C. */
    public double peakC() {
        return peakC;
    }

    /** Whether it lies below what the codes ask for. */
    public boolean belowOfficial() {
        return peakC < OFFICIAL_MINIMUM_C;
    }

    /** Whether the fish is served under-done, so that something else must have killed what lives in it. */
    public boolean underDone() {
        return peakC < FLAKES.peakC;
    }
}
