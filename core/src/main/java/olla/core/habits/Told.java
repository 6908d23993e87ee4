package olla.core.habits;

import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.Slowness;

/**
 * What one bake of the log has told: how much slower it was than it was reckoned to be, with its oven as that is believed to be by now, and what
 * of that would follow from each thing that may be off for all of them.
 *
 * @param dish what it was dressed in
 * @param fish which fish
 * @param cook who measured it; null where nobody said
 * @param judge who said how it was; null where nobody said who
 * @param probe what it was read by; null where it was judged at the table alone, or nobody said
 * @param oven which oven
 * @param logSlower the logarithm of how long it took over what was reckoned
 * @param variance of that: what was observed leaves it open, and what is off for this bake alone
 * @param ofOven one standard deviation of what its oven may still be off by, in the same logarithm
 * @param perThickness by how much the logarithm rises with that of the thickness; 0 where nobody measured it with a ruler
 * @param perKelvin by how much it falls for each kelvin that what it was read or judged by is too warm, 1/K
 */
public record Told(
        String dish,
        String fish,
        String cook,
        String judge,
        String probe,
        int oven,
        double logSlower,
        double variance,
        double ofOven,
        double perThickness,
        double perKelvin) {

    /** Who and what was about a bake. */
    public record Of(String dish, String fish, String cook, String judge, String probe, int oven) {}

    /**
     * What a bake tells.
     *
     * @param slowness how slow it was; {@code perThickness} 0 where nobody measured it with a ruler
     * @param now what is believed of its oven by now
     */
    public static Told of(Of bake, Slowness slowness, OvenCalibration now) {
        return new Told(
                bake.dish(),
                bake.fish(),
                bake.cook(),
                bake.judge(),
                bake.probe(),
                bake.oven(),
                slowness.in(now),
                slowness.variance() + Habits.OWN_SD * Habits.OWN_SD,
                slowness.doubtOf(now),
                slowness.perThickness(),
                slowness.perKelvin());
    }

    /* Whatever took eight times as long, or an eighth, was no bake like the others (ours). */
    private static final double MOST_LOG = 2;

    /** @throws IllegalArgumentException where it tells what cannot be */
    public Told {
        boolean whole = dish != null && fish != null;
        boolean sure = variance > 0 && Double.isFinite(variance);
        boolean finite = Double.isFinite(ofOven) && Double.isFinite(perThickness) && Double.isFinite(perKelvin);
        if (!whole || !sure || !finite || !(Math.abs(logSlower) <= MOST_LOG)) {
            throw new IllegalArgumentException("A bake of " + dish + " and " + fish + " tells of " + logSlower
                    + " with a variance of " + variance + ", which cannot be.");
        }
    }
}
