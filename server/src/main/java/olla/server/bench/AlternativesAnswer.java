package olla.server.bench;

import java.util.List;
import olla.core.doneness.Doneness;
import olla.core.estimate.Alternatives;
import olla.core.messages.Message;

/**
 * The same fish otherwise. Minutes in the oven, °C, g, shares from 0 to 1.
 *
 * @param targets from the least done up
 * @param dials from the gentlest up
 * @param why which dial Olla would take, and why; blank where none does it
 */
public record AlternativesAnswer(List<ToTarget> targets, List<AtDial> dials, Message why) {

    /** To another target. */
    public record ToTarget(Doneness target, double minutes, double outerC, double dryShare, double waterLossG) {}

    /** In a gentler or a hotter oven. */
    public record AtDial(
            double tempC, double minutes, double marginMin, double dryShare, double waterLossG, boolean chosen) {}

    static AlternativesAnswer of(Alternatives a) {
        return new AlternativesAnswer(
                a.targets().stream()
                        .map(t -> new ToTarget(
                                t.target(),
                                round(t.minutes()),
                                round(t.outerC()),
                                round(t.dryShare()),
                                round(t.waterLossG())))
                        .toList(),
                a.dials().stream()
                        .map(d -> new AtDial(
                                d.tempC(),
                                round(d.minutes()),
                                round(d.marginMin()),
                                round(d.dryShare()),
                                round(d.waterLossG()),
                                d.chosen()))
                        .toList(),
                a.why());
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
