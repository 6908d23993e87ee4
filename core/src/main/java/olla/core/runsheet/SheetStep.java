package olla.core.runsheet;

import olla.core.messages.Message;

/**
 * A step of the run sheet. Minutes are counted from when the first course is served, negative before.
 *
 * @param key stable name, so that a tick stays with its step
 * @param dish key of the dish or side; empty for what belongs to a course or an oven
 * @param kind what is done
 * @param say what to do
 * @param how how, nothing where that goes without saying
 * @param fromMin when it begins
 * @param untilMin when it is over
 * @param handsMin for how much of that hands are at it: work is put down for what takes a moment; 0 where nobody is
 * @param earliestMin when it may begin at the earliest
 * @param latestMin when it has to begin at the latest for all to be in time
 * @param hands index of the pair of hands at it; -1 where nobody is
 * @param oven key of the oven; empty where it has none
 * @param dialC the oven's dial, °C; 0 where it has none
 * @param pinned whether somebody wants it just then
 */
public record SheetStep(
        String key,
        String dish,
        Kind kind,
        Message say,
        Message how,
        double fromMin,
        double untilMin,
        double handsMin,
        double earliestMin,
        double latestMin,
        int hands,
        String oven,
        double dialC,
        boolean pinned) {

    /** The same with other hands at it. */
    SheetStep by(int other) {
        return new SheetStep(
                key,
                dish,
                kind,
                say,
                how,
                fromMin,
                untilMin,
                handsMin,
                earliestMin,
                latestMin,
                other,
                oven,
                dialC,
                pinned);
    }
}
