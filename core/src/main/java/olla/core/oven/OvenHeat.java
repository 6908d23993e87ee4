package olla.core.oven;

import olla.core.units.Temperature;

/**
 * What heat a domestic oven has to give, as one body with a heater and a thermostat:
 *
 * <pre>
 * C dT/dt = P - U (T - room) - what is drawn        while it cannot keep its dial; P is all its heater gives
 * </pre>
 *
 * While less is drawn than the heater has to spare, the thermostat sees to it and the air is as its dial says; what is drawn beyond that cools
 * the oven for all that is in it.
 */
public final class OvenHeat {

    /* What walls, racks and air hold for each kelvin, as far as a bake feels them, J/K: some 15 kg of steel and what lies next to it (order of
     * magnitude, from memory). */
    private static final double HOLDS_J_K = 9000;

    /* What its walls let through, W/K: a domestic oven takes 0.7 to 1 kW to be kept at 230 °C (from memory). */
    private static final double LOSES_W_K = 4;

    /* Half way up to a usual dial, where it heats as fast as it does on the average, °C. */
    private static final double HALF_WAY_C = 110;

    private static final double S_PER_MIN = 60;

    private OvenHeat() {}

    /** What its heater gives, W: as much as heats it as fast as ovens do. Rating plates say 2 to 3.5 kW (from memory). */
    public static double powerW() {
        return OvenEvents.HEATING_K_PER_MIN / S_PER_MIN * HOLDS_J_K + lostW(HALF_WAY_C);
    }

    /** What keeps it at a temperature with nothing in it, W. */
    public static double lostW(double celsius) {
        return LOSES_W_K * (celsius - Temperature.ROOM_C);
    }

    /**
     * What can be drawn from it before it cools, W; infinite for one that is not kept up by a thermostat: its bricks, or its fire, hold more than
     * anybody bakes in it at once.
     */
    public static double spareW(OvenKind kind, double dialC) {
        return kind.open() ? Double.POSITIVE_INFINITY : Math.max(0, powerW() - lostW(dialC));
    }

    /**
     * By how much its air lies below its dial, K, a minute later.
     *
     * @param coolerK by how much it does now
     * @param spareW what it has to spare
     * @param drawnW what is drawn meanwhile
     */
    public static double aMinuteLater(double coolerK, double spareW, double drawnW) {
        // The cooler it is, the less it loses.
        double after = coolerK + S_PER_MIN * (drawnW - spareW - LOSES_W_K * coolerK) / HOLDS_J_K;
        return Math.max(0, after);
    }
}
