package olla.server.bakes;

import java.time.Instant;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.web.MaybeAbsent;

/**
 * The verdict.
 *
 * @param verdict under, right or over
 * @param probeC what a probe said at the coldest point, -5 to 120 °C
 * @param note anything worth knowing next time, at most 500 characters
 * @param at when it was said; now, where it is not said
 */
public record HowItWas(
        Verdict verdict,
        @MaybeAbsent Double probeC,
        @MaybeAbsent String note,
        @MaybeAbsent Instant at) {}
