package olla.standin.evenings;

import java.util.Map;
import olla.core.simulation.Unknowns;

/**
 * What an evening really is; no cook knows it.
 *
 * @param ovens by key
 * @param fish by key of a dish: how its pieces really are
 * @param sides by key of a side: what it really takes over what was said
 * @param probe the thermometer in the cook's hand
 * @param chance from which hands draw how late and how slow they are
 */
record Hidden(
        Map<String, Oven> ovens, Map<String, Unknowns> fish, Map<String, Double> sides, Probe probe, long chance) {

    /**
     * An oven.
     *
     * @param offsetC air less dial, °C
     * @param filmFactor film over its kind's usual one
     * @param swingC how far its thermostat lets the air swing either way, °C
     * @param periodMin from one crest of that to the next, minutes
     * @param heatsKPerMin how fast it heats up, K a minute
     */
    record Oven(double offsetC, double filmFactor, double swingC, double periodMin, double heatsKPerMin) {}

    /**
     * A thermometer.
     *
     * @param offsetC what it reads too much, °C
     * @param noiseC standard deviation of one reading, °C
     * @param towardsFace how far towards the flesh's upper face its tip usually lies: 0 at the coldest point, 1 at the face
     */
    record Probe(double offsetC, double noiseC, double towardsFace) {}
}
