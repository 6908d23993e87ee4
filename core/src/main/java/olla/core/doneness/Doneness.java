package olla.core.doneness;

/**
 * What the cook wants the coldest point to reach at its peak, after the rest. Targets lie in the bands of
 * {@link Band} (common kitchen practice, no source), the last is the official minimum.
 */
public enum Doneness {
    BARELY_SET(46, "Barely set"),
    JUST_OPAQUE(52, "Just opaque"),
    FLAKES(57, "Flakes, moist"),
    FIRM(61, "Firm"),
    OFFICIAL(Doneness.OFFICIAL_MINIMUM_C, "Official minimum");

    /** 63 °C / 145 °F for 15 s (published: FDA Food Code 3-401.11; USDA FSIS chart; from memory). */
    public static final double OFFICIAL_MINIMUM_C = 63;

    /** What a stuffing of shellfish, egg or bread must reach itself, °C / 165 °F (published: FDA Food Code 3-401.11, from memory). */
    public static final double STUFFING_C = 74;

    private final double peakC;
    private final String words;

    Doneness(double peakC, String words) {
        this.peakC = peakC;
        this.words = words;
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

    /** The target in a cook's words. */
    public String words() {
        return words;
    }
}
