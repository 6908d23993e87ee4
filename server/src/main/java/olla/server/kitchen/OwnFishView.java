package olla.server.kitchen;

import java.util.UUID;
import olla.core.fish.BodyShape;

/**
 * A fish of the kitchen's own.
 *
 * @param closest key of the fish of the table that it is most like
 * @param build its build
 * @param fatPercent fat in its raw flesh, per cent
 */
record OwnFishView(UUID id, String name, String closest, BodyShape build, double fatPercent) {}
