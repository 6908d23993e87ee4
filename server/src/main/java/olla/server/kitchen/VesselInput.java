package olla.server.kitchen;

import olla.core.dish.Ware;

/**
 * A vessel as somebody notes it.
 *
 * @param name 1 to 60 characters
 * @param lengthMm inner length, 80 to 800 mm
 * @param widthMm inner width, 80 to 800 mm
 */
record VesselInput(String name, Ware ware, Double lengthMm, Double widthMm) {}
