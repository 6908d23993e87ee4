package olla.server.kitchen;

import java.time.Instant;
import java.util.UUID;
import olla.server.web.MaybeAbsent;

/**
 * A note of the house's.
 *
 * @param about what it is kept to
 * @param of which: a fish's key or own name, a dish's code, an oven's number
 * @param by who wrote it, where somebody had said so
 * @param at when it was last written
 */
record NoteView(
        UUID id,
        NoteAbout about,
        String of,
        String words,
        @MaybeAbsent String by,
        Instant at) {}
