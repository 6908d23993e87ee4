package olla.core.runsheet;

import olla.core.messages.Message;
import olla.core.uncertainty.CheckWindow;

/**
 * When one dish or side is in the heat. Minutes are counted from when the first course is served, negative before.
 *
 * @param key of the dish
 * @param name what the cook calls it
 * @param oven key of its oven; empty for the hob
 * @param dialC the dial, °C; 0 on the hob
 * @param wantedC the dial it was made for, on this oven, °C; 0 where it has none
 * @param inMin when it goes in
 * @param likelyMin when it is likely done
 * @param sdMin standard deviation of that, minutes
 * @param readyMin when it is likely ready for the plate, rested and carved
 * @param waitsMin how long it then waits, minutes
 * @param mostWaitMin how long it could
 * @param minutes in the heat
 * @param wantedMinutes what it would take at the dial it was made for, with no door opened; 0 where it has none
 * @param doorsMin what other dishes' doors cost it, minutes
 * @param marginMin from flaking to dry, minutes; 0 where nobody asked
 * @param wantedMarginMin the same at the dial it was made for
 * @param earlyMin how long before its course is plated it is ready
 * @param started whether it has gone in
 */
public record DishTime(
        String key,
        Message name,
        String oven,
        double dialC,
        double wantedC,
        double inMin,
        double likelyMin,
        double sdMin,
        double readyMin,
        double waitsMin,
        double mostWaitMin,
        double minutes,
        double wantedMinutes,
        double doorsMin,
        double marginMin,
        double wantedMarginMin,
        int earlyMin,
        boolean started) {

    /** From when to look, minutes. */
    public double checkFromMin() {
        return likelyMin - CheckWindow.Z_90 * sdMin;
    }

    /** By when it should be out, minutes. */
    public double noLaterThanMin() {
        return likelyMin + CheckWindow.Z_90 * sdMin;
    }
}
