package olla.server.kitchen;

import olla.core.fish.BodyShape;
import olla.server.web.MaybeAbsent;

/**
 * A fish as somebody notes it.
 *
 * @param name 1 to 60 characters
 * @param closest key of the fish of the table that it is most like
 * @param build its build; its relation's where it is not said
 * @param fatPercent fat in its raw flesh, per cent; its relation's where it is not said
 */
record OwnFishInput(
        String name,
        String closest,
        @MaybeAbsent BodyShape build,
        @MaybeAbsent Double fatPercent) {}
