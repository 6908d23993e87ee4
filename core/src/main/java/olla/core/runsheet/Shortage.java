package olla.core.runsheet;

import olla.core.messages.Message;

/**
 * Why not all can be in time.
 *
 * @param what which thing there is too little of
 * @param say what is missing, and from when to when
 * @param fromMin from when it is missing, minutes from the first course
 * @param untilMin until when
 * @param nearest the nearest that can be: what the sheet does
 */
public record Shortage(What what, Message say, double fromMin, double untilMin, Message nearest) {

    /** What there can be too little of. */
    public enum What {
        HANDS,
        SHELF,
        OVEN,
        BURNER,
        TIME,
        /** More than one thing, or none that one more of would mend. */
        MORE_THAN_ONE
    }
}
