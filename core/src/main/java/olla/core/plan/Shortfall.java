package olla.core.plan;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;

/**
 * A dish came out whose coast does not bring it where it has to come.
 *
 * @param peakC the warmest its coldest point gets on the board, as likely more as less, °C
 * @param targetC what was wanted, °C
 * @param leastC the least that this fish has to come to for these guests, °C
 * @param stuffingC what its stuffing has to come to itself, °C; empty where there is none
 * @param backMin how long it takes if it goes back in before long, minutes in the oven as it now is; empty where that does
 *     not bring it there
 * @param lower the targets below that it does come to and that may be chosen for these guests
 */
public record Shortfall(
        double peakC,
        double targetC,
        double leastC,
        OptionalDouble stuffingC,
        OptionalDouble backMin,
        List<Doneness> lower) {

    /** It goes back this long after it came out, minutes (common practice, no source: somebody looks, decides, turns round). */
    public static final double SOON_MIN = 2;

    /* What is solved for a target lands within this of it, K. */
    private static final double LANDS_WITHIN_K = 0.5;

    /* A guest notices no less, K from the target (common practice, no source). */
    private static final double NOTICED_K = 3;

    /** Takes over a copy of the list. */
    public Shortfall {
        lower = List.copyOf(lower);
    }

    /**
     * The least peak that is no shortfall, °C.
     *
     * @param targetC what is wanted
     * @param leastC what is the least for this fish and these guests
     */
    public static double enoughC(double targetC, double leastC) {
        return Math.max(targetC - NOTICED_K, leastC - LANDS_WITHIN_K);
    }

    /** Whether it must not be eaten as it is. */
    public boolean unsafe() {
        return stuffingC.isPresent() || peakC < leastC - LANDS_WITHIN_K;
    }
}
