package olla.practice.kitchen;

import olla.core.oven.OvenKind;
import olla.core.oven.Shelf;

/**
 * An oven as it is: its thermostat swings about what its dial means to it, a cold load and an open door cool it, its walls are not as warm as
 * its air. Mutable.
 */
final class HiddenOven {

    private static final double ROOM_C = 21;

    /* How fast air goes out by an open door, how much of its warmth at most, and how fast the walls warm what came in (orders of
     * magnitude, from memory). */
    private static final double DOOR_S = 25;
    private static final double DOOR_LOSES = 0.6;
    private static final double RECOVERS_S = 75;

    /* How much more of the glow above is felt next to it, how much less far below, and how much warmer a tray is next to the floor, K (orders of
     * magnitude, from memory). */
    private static final double NEAR_GLOW = 1.4;
    private static final double FAR_GLOW = 0.6;
    private static final double FLOOR_K = 4;

    private final Makes makes;
    private double bodyC;
    private double missingK;
    private boolean heats;

    /**
     * What one oven is like.
     *
     * @param offsetC what its air is on the average above its dial at 200 °C, °C
     * @param perK by how much more for each kelvin above that
     * @param swingC half of what its thermostat lets it swing, K; 0 for a fire
     * @param heatsKs how fast it warms with its heat on, K/s
     * @param losesS time constant by which it cools, s
     * @param holdsJK what its walls hold as far in as a bake feels them, J/K
     * @param filmWm2K how well its air gives heat to a fish, W/m²K
     * @param ceilingK how much warmer its ceiling is than its air while it heats, K
     * @param wallsK how much warmer its walls are than its air, K
     * @param underK how much warmer it is under the tray than its air, K
     * @param vapourPa vapour in it, Pa
     */
    record Makes(
            double offsetC,
            double perK,
            double swingC,
            double heatsKs,
            double losesS,
            double holdsJK,
            double filmWm2K,
            double ceilingK,
            double wallsK,
            double underK,
            double vapourPa) {

        /** The same, but for how far it runs off its dial. */
        Makes running(double otherOffsetC) {
            return new Makes(
                    otherOffsetC, perK, swingC, heatsKs, losesS, holdsJK, filmWm2K, ceilingK, wallsK, underK, vapourPa);
        }

        /** The same as it is where a dish stands. */
        Makes on(Shelf shelf, HiddenOvens.Shelves shelves) {
            return switch (shelf) {
                case MIDDLE -> this;
                case UPPER -> felt(shelves.topK(), NEAR_GLOW, 0);
                case LOWER -> felt(shelves.bottomK(), FAR_GLOW, FLOOR_K);
            };
        }

        private Makes felt(double warmerK, double glow, double floorK) {
            return new Makes(
                    offsetC + warmerK,
                    perK,
                    swingC,
                    heatsKs,
                    losesS,
                    holdsJK,
                    filmWm2K,
                    ceilingK * glow,
                    wallsK,
                    underK + floorK,
                    vapourPa);
        }

        /** The same, but for what is known to be so of it. */
        Makes being(OvenKind kind, TrueOven truth) {
            return new Makes(
                    truth.offsetC(),
                    perK,
                    swingC > 0 ? truth.swingC() : 0,
                    heatsKs,
                    losesS,
                    holdsJK,
                    HiddenOvens.usualFilmWm2K(kind) * truth.filmFactor(),
                    ceilingK,
                    wallsK,
                    underK,
                    vapourPa);
        }

        /** What it is on the average where its dial says so, °C. */
        double meansC(double dialC) {
            return dialC + offsetC + perK * (dialC - 200);
        }
    }

    private double aimC;

    /** @param phase where in its swing it is when the dish goes in, 0 to 1 */
    HiddenOven(Makes makes, double dialC, double phase) {
        this.makes = makes;
        this.aimC = makes.meansC(dialC);
        this.bodyC = aimC + makes.swingC() * (2 * phase - 1);
        this.heats = phase < 0.5;
    }

    HiddenOven(HiddenOven like) {
        makes = like.makes;
        aimC = like.aimC;
        bodyC = like.bodyC;
        missingK = like.missingK;
        heats = like.heats;
    }

    /** Its dial is turned. */
    void turn(double toC) {
        aimC = makes.meansC(toC);
    }

    /** It stands at a heat that is not yet the one it is set to, and heats. */
    void stands(double celsius) {
        bodyC = celsius;
        heats = true;
    }

    Makes makes() {
        return makes;
    }

    double airC() {
        return bodyC - missingK;
    }

    double ceilingC() {
        return bodyC + makes.wallsK() + (heats ? makes.ceilingK() : 0);
    }

    double wallsC() {
        return bodyC + makes.wallsK();
    }

    double underC() {
        return bodyC + makes.underK() + (heats ? makes.ceilingK() / 2 : 0);
    }

    /**
     * Time goes by.
     *
     * @param foodW what the dish takes from it, W
     * @param open whether its door is
     */
    void passes(double dt, double foodW, boolean open) {
        double warmK = bodyC - ROOM_C;
        double rate = -warmK / makes.losesS();
        if (makes.swingC() > 0) {
            heats = heats ? bodyC < aimC + makes.swingC() : bodyC < aimC - makes.swingC();
            rate += (heats ? makes.heatsKs() : 0) - foodW / makes.holdsJK();
        }
        bodyC += dt * rate;
        missingK += open ? dt / DOOR_S * (DOOR_LOSES * warmK - missingK) : -dt / RECOVERS_S * missingK;
    }
}
