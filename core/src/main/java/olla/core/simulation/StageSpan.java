package olla.core.simulation;

import olla.core.oven.Stage;

/**
 * A stage of a reckoned programme on the clock.
 *
 * @param stage with its length said
 * @param fromMin when it begins, minutes from when the first thing goes in
 * @param toMin when it ends
 * @param coldestC the coldest flesh when it ends, °C
 */
public record StageSpan(Stage stage, double fromMin, double toMin, double coldestC) {}
