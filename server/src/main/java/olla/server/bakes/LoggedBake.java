package olla.server.bakes;

import olla.core.messages.Message;
import olla.core.uncertainty.OvenCalibration;
import olla.server.query.EstimateRequest.CalibrationInput;
import olla.server.web.MaybeAbsent;

/**
 * A bake of the log, whole.
 *
 * @param line as the log has it
 * @param bake as the Oven side had it, with all that was tapped
 * @param before what was believed of its oven before; missing until that is worked out
 * @param after what was believed of it afterwards; likewise
 */
record LoggedBake(
        LogLine line,
        BakeView bake,
        @MaybeAbsent Belief before,
        @MaybeAbsent Belief after) {

    /**
     * What was believed of an oven.
     *
     * @param words the rest of a sentence that begins with the oven
     */
    record Belief(CalibrationInput calibration, Message words) {

        static Belief of(OvenCalibration calibration) {
            return new Belief(CalibrationInput.of(calibration), calibration.words());
        }
    }
}
