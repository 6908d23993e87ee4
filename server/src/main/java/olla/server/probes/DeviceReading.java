package olla.server.probes;

import java.time.Instant;
import olla.server.web.MaybeAbsent;

/**
 * One reading of a device.
 *
 * @param device its name, 1 to 40 characters of A to Z, a to z, 0 to 9, dot, dash and underscore
 * @param channel what it measures
 * @param at when; now, where a device without a clock leaves it out
 * @param celsius °C
 * @param battery per cent, 0 to 100; missing where the device does not say
 */
public record DeviceReading(
        String device,
        Channel channel,
        @MaybeAbsent Instant at,
        Double celsius,
        @MaybeAbsent Integer battery) {}
