package olla.core.oven;

import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * What a dish takes from its oven: most when it is cold, and less on a straight line until it comes out.
 *
 * @param firstW in its first minute, W, 0 to 20,000
 * @param lastW in its last, W, 0 to 20,000
 */
public record HeatDraw(double firstW, double lastW) {

    /** Nothing. */
    public static final HeatDraw NONE = new HeatDraw(0, 0);

    private static final double MOST_W = 20_000;

    /** @throws olla.core.messages.RefusedInput where either is out of range */
    public HeatDraw {
        new Refusals()
                .range("firstW", "heat-drawn", firstW, 0, MOST_W, Unit.NUMBER)
                .range("lastW", "heat-drawn", lastW, 0, MOST_W, Unit.NUMBER)
                .throwIfAny();
    }

    /** So many of them. */
    public HeatDraw times(double many) {
        return new HeatDraw(Math.min(MOST_W, many * firstW), Math.min(MOST_W, many * lastW));
    }

    /** At a part of its way between two others. */
    public static HeatDraw between(HeatDraw a, HeatDraw b, double at) {
        return new HeatDraw(a.firstW + at * (b.firstW - a.firstW), a.lastW + at * (b.lastW - a.lastW));
    }

    /**
     * When so much of its bake is over, W.
     *
     * @param share 0 to 1
     */
    public double at(double share) {
        return firstW + share * (lastW - firstW);
    }
}
