package olla.core.oven;

/**
 * What a dish takes from its oven: most when it is cold, and less on a straight line until it comes out.
 *
 * @param firstW in its first minute, W, 0 or more
 * @param lastW in its last, W, 0 or more
 */
public record HeatDraw(double firstW, double lastW) {

    /** So many of them. */
    public HeatDraw times(double many) {
        return new HeatDraw(many * firstW, many * lastW);
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
