package olla.server.evening;

import java.time.Instant;
import java.util.UUID;
import olla.server.web.MaybeAbsent;

/**
 * A move on the run sheet.
 *
 * @param id the client's, so that sent twice it counts once
 * @param kind what was done
 * @param step key of the step; IN and OUT: of the dish
 * @param at when it was done, PINNED: when the step is to begin; now, where it is not said
 * @param bakeId IN: the bake, where it has one
 */
public record MoveInput(
        UUID id,
        MoveKind kind,
        String step,
        @MaybeAbsent Instant at,
        @MaybeAbsent UUID bakeId) {}
