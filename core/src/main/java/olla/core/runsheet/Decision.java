package olla.core.runsheet;

/**
 * What is decided of a dish or side.
 *
 * @param oven index of its oven; -1 where it needs none
 * @param dialC the dial, °C; 0 where it needs none
 * @param earlyMin how long before its course is plated it is likely ready, minutes; below 0 where it is late
 */
record Decision(int oven, int dialC, int earlyMin) {

    static final int NO_OVEN = -1;

    /* Nothing is planned to be ready later or sooner than that, minutes. */
    static final int LATEST = -64;
    static final int EARLIEST = 87;

    Decision sooner(int minutes) {
        return new Decision(oven, dialC, Math.min(EARLIEST, earlyMin + minutes));
    }

    Decision at(int dial) {
        return new Decision(oven, dial, earlyMin);
    }
}
