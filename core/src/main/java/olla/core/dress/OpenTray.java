package olla.core.dress;

import olla.core.fish.Composition;

/** Bare or oiled on a greased tray: the upper faces meet the oven and lose water to it. */
public record OpenTray() implements Dress {

    /** Emissivity of moist flesh (about 0.9, from memory). */
    public static final double EMISSIVITY = 0.9;

    /* Wetness of a bare face as a share of a free water surface: high for lean flesh, low where oil lies on it.
     * The span 0.15 to 0.35 is from memory; the straight line between them is ours. */
    private static final double LEAN_WETNESS = 0.22;
    private static final double OILY_WETNESS = 0.15;
    private static final double OILY_FAT = 0.12;

    /** How wet the bare face of such flesh is, 0 (dry) to 1 (a water surface). */
    public static double wetness(Composition composition) {
        double oiliness = Math.min(1, composition.fat() / OILY_FAT);
        return LEAN_WETNESS + oiliness * (OILY_WETNESS - LEAN_WETNESS);
    }

    @Override
    public double usualRestMinutes() {
        return 4;
    }
}
