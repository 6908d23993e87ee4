package olla.server.bakes;

import java.time.Instant;
import java.util.UUID;
import olla.server.query.EstimateRequest;
import olla.server.web.MaybeAbsent;

/**
 * A fish goes into the oven.
 *
 * @param id made by whoever asks, so that a tap repeated over a bad network puts in one fish and not two
 * @param title what it is called tonight, 1 to 120 characters
 * @param ovenId which oven
 * @param question what the bench was asked
 * @param at when; now, where it is not said
 */
public record PutIn(
        UUID id,
        String title,
        Integer ovenId,
        EstimateRequest question,
        @MaybeAbsent Instant at) {}
