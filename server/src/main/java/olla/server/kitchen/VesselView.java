package olla.server.kitchen;

import java.util.UUID;
import olla.core.dish.Ware;

/**
 * A vessel of the kitchen's.
 *
 * @param lengthMm inner length, mm
 * @param widthMm inner width, mm
 */
record VesselView(UUID id, String name, Ware ware, double lengthMm, double widthMm) {}
