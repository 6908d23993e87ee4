package olla.server.bench;

import java.util.List;
import olla.core.doneness.Doneness;
import olla.core.estimate.Alternatives;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.server.web.MaybeAbsent;

/**
 * The same fish otherwise. Minutes in the oven, °C, g, shares from 0 to 1.
 *
 * @param targets from the least done up
 * @param dials from the gentlest up
 * @param why which dial Olla would take, and why; blank where none does it
 * @param stuffed as it is and otherwise, where a stuffing sets the time; empty where none does
 * @param touching how long it takes where pieces touch, said; missing for what hardly can
 */
public record AlternativesAnswer(
        List<ToTarget> targets,
        List<AtDial> dials,
        Message why,
        List<StuffedOtherwise> stuffed,
        @MaybeAbsent Message touching) {

    /** To another target. */
    public record ToTarget(Doneness target, double minutes, double outerC, double dryShare, double lostG) {}

    /** In a gentler or a hotter oven. */
    public record AtDial(
            double tempC, double minutes, double marginMin, double dryShare, double lostG, boolean chosen) {}

    /** With the stuffing otherwise. */
    public record StuffedOtherwise(
            Alternatives.Way way, Message words, double minutes, double fleshPeakC, double dryShare) {}

    static AlternativesAnswer of(Alternatives a) {
        return new AlternativesAnswer(
                a.targets().stream()
                        .map(t -> new ToTarget(
                                t.target(),
                                round(t.minutes()),
                                round(t.outerC()),
                                round(t.dryShare()),
                                round(t.lostG())))
                        .toList(),
                a.dials().stream()
                        .map(d -> new AtDial(
                                d.tempC(),
                                round(d.minutes()),
                                round(d.marginMin()),
                                round(d.dryShare()),
                                round(d.lostG()),
                                d.chosen()))
                        .toList(),
                a.why(),
                a.stuffed().stream()
                        .map(s -> new StuffedOtherwise(
                                s.way(),
                                Message.word(s.way()).form("stuffing"),
                                round(s.minutes()),
                                round(s.fleshPeakC()),
                                round(s.dryShare())))
                        .toList(),
                a.touching().map(AlternativesAnswer::said).orElse(null));
    }

    private static Message said(Alternatives.Touching touching) {
        return Message.of(
                "otherwise.touching",
                "minutes",
                Quantity.minutes(touching.minutes()),
                "later",
                Quantity.minutes(touching.laterMin()));
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
