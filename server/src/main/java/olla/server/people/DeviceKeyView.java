package olla.server.people;

import java.time.Instant;
import java.util.UUID;
import olla.server.web.MaybeAbsent;

/**
 * A device that may push readings from the network.
 *
 * @param device as it calls itself in its readings
 * @param key shown once, when it is given; missing from then on
 */
record DeviceKeyView(
        UUID id,
        String device,
        Instant givenAt,
        @MaybeAbsent String key) {}
