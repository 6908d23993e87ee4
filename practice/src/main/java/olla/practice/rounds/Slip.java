package olla.practice.rounds;

import olla.core.doneness.Doneness;
import olla.core.estimate.Estimate;
import olla.core.estimate.Estimator;
import olla.core.messages.Message;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.OvenCalibration;
import olla.practice.kitchen.Setting.Stated;
import olla.practice.kitchen.Way;

/**
 * What the ticket of a round says, by what is known of a dish; nothing is known of the oven.
 *
 * @param fish its name
 * @param way how it is dressed
 * @param thicknessMm as it was measured, mm
 * @param massG as it was weighed, g
 * @param kind of the oven
 * @param dialC what it is set to, °C
 * @param targetC what its coldest flesh is to reach, rest and all, °C
 * @param window when to check
 * @param pullC what the coldest is at when it is likely ready to come out, °C
 * @param restMin how long it rests
 * @param minutes of what is believed, since it went in
 * @param coldestC what is believed of its coldest flesh then, °C
 */
public record Slip(
        Message fish,
        Way way,
        double thicknessMm,
        double massG,
        OvenKind kind,
        double dialC,
        double targetC,
        CheckWindow window,
        double pullC,
        double restMin,
        double[] minutes,
        double[] coldestC) {

    static final Doneness TARGET = Doneness.FLAKES;

    static Slip of(Stated stated, Way way) {
        Estimate estimate = Estimator.estimate(
                stated.piece(), stated.dress(), stated.kind(), OvenCalibration.UNCHECKED, stated.programme(), TARGET);
        return new Slip(
                stated.piece().species().words(),
                way,
                stated.piece().thicknessMm(),
                stated.piece().massG(),
                stated.kind(),
                stated.programme().bakeTempC(),
                TARGET.peakC(),
                estimate.window().orElseThrow(),
                estimate.pullC(),
                estimate.restMinutes(),
                estimate.trace().minute(),
                estimate.trace().coldestC());
    }
}
