package olla.core.estimate;

/**
 * What an oven's log says of the model's minutes there.
 *
 * @param bakes logged as just right
 * @param ratio mean of the minutes they took over those that the model gives where it trusts the dial
 */
public record OvenRecord(int bakes, double ratio) {

    /** Nothing is logged. */
    public static final OvenRecord NONE = new OvenRecord(0, 1);
}
