package olla.standin.evenings;

import java.util.Map;

/**
 * What an evening really is; no cook knows it.
 *
 * @param ovens by key
 * @param fish by key of a dish: by what its pieces are drawn as they really are
 * @param sides by key of a side: what it really takes over what was said
 * @param probe the thermometer in the cook's hand
 * @param chance from which hands draw how late and how slow they are
 */
record Hidden(Map<String, Oven> ovens, Map<String, Long> fish, Map<String, Double> sides, Probe probe, long chance) {

    /**
     * An oven.
     *
     * @param offsetC air less dial, °C
     * @param filmFactor film over its kind's usual one
     * @param swingC how far its thermostat lets the air swing either way, °C
     * @param heatsKPerMin how fast it heats up, K a minute
     * @param rest by what all else of it is drawn
     */
    record Oven(double offsetC, double filmFactor, double swingC, double heatsKPerMin, long rest) {}

    /**
     * A thermometer.
     *
     * @param offsetC what it reads too much, °C
     * @param noiseC standard deviation of one reading, °C
     * @param towardsFace how far towards the flesh's upper face its tip usually lies: 0 at the coldest point, 1 at the face
     */
    record Probe(double offsetC, double noiseC, double towardsFace) {}
}
