package olla.practice.kitchen;

import olla.core.doneness.Cue;

/**
 * How a knife's tip feels at the lip in this kitchen: as warm from where it is warmer than the skin, as hot from where heat begins to hurt
 * (from memory; not the application's).
 */
public final class Lip {

    private static final double WARM_FROM_C = 41;
    private static final double HOT_FROM_C = 52;

    private Lip() {}

    /** @param celsius of the tip, °C */
    public static Cue feels(double celsius) {
        return celsius < WARM_FROM_C ? Cue.KNIFE_COLD : celsius < HOT_FROM_C ? Cue.KNIFE_WARM : Cue.KNIFE_HOT;
    }
}
