package olla.standin;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import tools.jackson.databind.ObjectMapper;

/** What the devices and the kitchen really are; nobody but the stand-ins knows. */
record Truth(List<ProbeTruth> probes, List<OvenTruth> ovens) {

    /**
     * A probe.
     *
     * @param name as it pushes its readings
     * @param offsetC what it reads too much, °C
     * @param noiseC standard deviation of one reading, °C
     * @param lagS time constant of its tip, s
     * @param towardsFace where its tip lies: 0 at the coldest point, 1 at the flesh's upper face or, pushed too far, at the
     *     tray
     * @param airMinutes from and to these minutes of a bake its tip has slipped into the air; empty for never
     * @param silentMinutes from and to these minutes it says nothing; empty for never
     * @param batteryPerCent at the start; it loses 4 per cent an hour
     */
    record ProbeTruth(
            String name,
            double offsetC,
            double noiseC,
            double lagS,
            double towardsFace,
            List<Double> airMinutes,
            List<Double> silentMinutes,
            double batteryPerCent) {}

    /**
     * An oven, with its thermometer.
     *
     * @param name as the kitchen calls it
     * @param offsetC air less dial, °C
     * @param filmFactor film over its kind's usual one
     * @param swingC half of what its thermostat lets it swing, K
     * @param thermometer the device's name
     * @param thermometerOffsetC what it reads too much, °C
     */
    record OvenTruth(
            String name,
            double offsetC,
            double filmFactor,
            double swingC,
            String thermometer,
            double thermometerOffsetC) {}

    /* Half of what a thermostat lets an oven swing, K (order of magnitude, from memory). */
    private static final double USUAL_SWING_C = 5;

    /** The one that ships, or another file's. */
    static Truth read(String file) throws IOException {
        try (InputStream in = file == null
                ? Truth.class.getResourceAsStream("/stand-ins.json")
                : Files.newInputStream(Path.of(file))) {
            return new ObjectMapper().readValue(in, Truth.class);
        }
    }

    /** An oven by its name; one that does what its dial says where nothing is known of it. */
    OvenTruth oven(String name) {
        return ovens.stream()
                .filter(o -> o.name().equals(name))
                .findFirst()
                .orElse(new OvenTruth(name, 0, 1, USUAL_SWING_C, null, 0));
    }
}
