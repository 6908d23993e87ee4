package olla.standin.evenings;

import java.util.Arrays;
import java.util.Random;

/**
 * What something in an oven takes of its heat. Minutes are the evening's.
 *
 * @param of what it is, as the sheet calls it
 * @param inMin when it went in
 * @param watts by the minute since then; after them as in the last
 */
record Load(String of, double inMin, double[] watts) {

    /* What a cold tray of vegetables takes, and what once it is hot and steams, W; how soon it is, minutes (orders of magnitude, from memory). */
    private static final double COLD_W = 700;
    private static final double STEAMS_W = 250;
    private static final double WARMS_MIN = 12;
    private static final int FOR_MIN = 90;

    /* One standard deviation of the logarithm of that (ours). */
    private static final double LOG_DIFFERS = 0.3;

    /** Trays of vegetables. */
    static Load ofTrays(String of, double inMin, int trays, long chance) {
        double much = trays * Math.exp(LOG_DIFFERS * new Random(chance ^ of.hashCode()).nextGaussian());
        double[] watts = new double[FOR_MIN];
        for (int minute = 0; minute < watts.length; minute++) {
            watts[minute] = much * (STEAMS_W + (COLD_W - STEAMS_W) * Math.exp(-minute / WARMS_MIN));
        }
        return new Load(of, inMin, watts);
    }

    /** So many of them. */
    Load times(int many) {
        return new Load(of, inMin, Arrays.stream(watts).map(w -> many * w).toArray());
    }

    /** What it takes at a minute while it is in, W. */
    double at(double minute) {
        if (minute < inMin) {
            return 0;
        }
        return watts[(int) Math.min(watts.length - 1, minute - inMin)];
    }
}
