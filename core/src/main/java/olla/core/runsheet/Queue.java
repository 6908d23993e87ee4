package olla.core.runsheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import olla.core.evening.Baking;
import olla.core.evening.HandTimes;

/**
 * What a dish waits for: where another has its shelf or its burner until then, or its oven at another dial, that one has to be out
 * first, however late it is. A plan that draws each dish by itself does not see it.
 */
final class Queue {

    /* What is out for so long before can hardly hold it up, minutes (ours; three deviations of a dish that is little known). */
    private static final double LONG_BEFORE_MIN = 45;

    /**
     * One that has to be out first.
     *
     * @param chain which
     * @param turningMin how long the oven takes from there, minutes
     */
    record Before(int chain, double turningMin) {}

    private final List<OvenUse> uses;
    private final List<List<Before>> before = new ArrayList<>();

    /**
     * @param chains how many
     * @param uses of the ovens and the hob; the first of a chain is when it goes in
     * @param room by oven: how many shelves
     */
    Queue(int chains, List<OvenUse> uses, int[] room, int burners) {
        this.uses = uses;
        before.addAll(Collections.nCopies(chains, null));
        for (OvenUse use : uses) {
            if (before.get(use.chain()) == null) {
                before.set(use.chain(), before(use, use.where() == Baking.Where.HOB ? burners : room[use.oven()]));
            }
        }
    }

    /** What has to be out before a dish goes in; a dish is in later than all of them. */
    List<Before> before(int chain) {
        return before.get(chain) == null ? List.of() : before.get(chain);
    }

    private List<Before> before(OvenUse use, int room) {
        List<Before> its = new ArrayList<>();
        for (OvenUse other : uses) {
            if (waits(use, other, room)) {
                its.add(new Before(other.chain(), turning(other, use)));
            }
        }
        return its;
    }

    /** When a dish is put in, if one before it is out at a moment, minutes. */
    static double in(Before before, double outMin) {
        return outMin + before.turningMin() + HandTimes.SET_DOWN_MIN + HandTimes.PUT_IN_MIN;
    }

    private boolean waits(OvenUse use, OvenUse other, int room) {
        double since = use.from() - other.until();
        if (other.chain() == use.chain() || !use.sharesRoom(other) || since < -1e-9 || since > LONG_BEFORE_MIN) {
            return false;
        }
        if (use.where() == Baking.Where.OVEN && other.where() == Baking.Where.OVEN && use.dialC() != other.dialC()) {
            return true;
        }
        int there = use.shelves() + other.shelves();
        for (OvenUse third : uses) {
            if (third.chain() != use.chain()
                    && third.chain() != other.chain()
                    && third.sharesRoom(use)
                    && third.isIn(use.from())) {
                there += third.shelves();
            }
        }
        return there > room;
    }

    private static double turning(OvenUse from, OvenUse to) {
        return to.where() == Baking.Where.OVEN && from.where() == Baking.Where.OVEN
                ? OvenUse.turningMin(from.dialC(), to.dialC())
                : 0;
    }
}
