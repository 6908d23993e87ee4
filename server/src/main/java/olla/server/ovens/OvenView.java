package olla.server.ovens;

import java.time.Instant;
import olla.core.messages.Message;
import olla.core.oven.OvenKind;
import olla.server.query.EstimateRequest.CalibrationInput;
import olla.server.web.MaybeAbsent;

/**
 * An oven, as shown.
 *
 * @param calibration what its log has taught
 * @param lessons from how many bakes
 * @param words the same in a sentence
 * @param sensor the thermometer in it
 * @param away whether it was put away: nothing new goes into it, its log stays
 * @param forgetBefore since when it is another than before, so that nothing older is believed of it
 * @param version what an If-Match names to change what is said of it
 */
record OvenView(
        int id,
        String name,
        OvenKind kind,
        CalibrationInput calibration,
        int lessons,
        Message words,
        @MaybeAbsent String sensor,
        boolean away,
        @MaybeAbsent Instant forgetBefore,
        int version) {
    static OvenView of(Oven oven) {
        return new OvenView(
                oven.id(),
                oven.name(),
                oven.kind(),
                CalibrationInput.of(oven.calibration()),
                oven.lessons(),
                oven.calibration().words(oven.lessons()),
                oven.sensor(),
                oven.away(),
                oven.forgetBefore(),
                oven.version());
    }
}
