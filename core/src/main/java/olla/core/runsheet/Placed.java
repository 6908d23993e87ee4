package olla.core.runsheet;

/**
 * A step with its moment.
 *
 * @param chain index of the dish or side; below 0 for what belongs to a course or an oven
 * @param number which of several of its kind; 0 for the only one
 * @param owner index of the course or oven where it belongs to no dish
 * @param fromMin when it begins
 * @param untilMin when it is over
 * @param handsMin for how much of that hands are at it: what takes a moment comes between
 * @param oven index of its oven; -1 where it has none
 * @param dialC the oven's dial, °C; 0 where it has none
 */
record Placed(
        int chain,
        Kind kind,
        int number,
        int owner,
        double fromMin,
        double untilMin,
        double handsMin,
        int oven,
        double dialC) {}
