package olla.server.bakes.rows;

import java.time.Instant;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.core.doneness.Doneness;
import olla.server.web.MaybeAbsent;

/**
 * A tap.
 *
 * @param id made by whoever taps, so that a tap sent twice over a bad network counts once
 * @param kind what was tapped
 * @param at when it was tapped; now, where it is not said. A tap that waited for the network keeps its own moment
 * @param cue CUE and BACK: which
 * @param celsius NOT_HOT: the oven's air; DIAL: the dial; READ: the thermometer; °C
 * @param number DOOR: seconds; STEP: its place in the programme; SOME_OUT: how many pieces; PORTIONS: how many helpings
 * @param doneness TARGET: which
 */
public record TapInput(
        UUID id,
        TapKind kind,
        @MaybeAbsent Instant at,
        @MaybeAbsent Cue cue,
        @MaybeAbsent Double celsius,
        @MaybeAbsent Integer number,
        @MaybeAbsent Doneness doneness) {

    /** A tap that names no target. */
    public TapInput(UUID id, TapKind kind, Instant at, Cue cue, Double celsius, Integer number) {
        this(id, kind, at, cue, celsius, number, null);
    }

    /** A tap that needs no more words. */
    public static TapInput plain(TapKind kind, Instant at) {
        return new TapInput(UUID.randomUUID(), kind, at, null, null, null);
    }
}
