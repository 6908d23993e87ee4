package olla.core.estimate;

/**
 * What nobody at the oven knows exactly, as departures from what was said.
 *
 * @param thicknessFactor real thickness over the stated one
 * @param startShiftC real start temperature less the stated one, °C
 * @param ovenShiftC oven air less what the oven was taken for, °C
 * @param filmFactor real film coefficient over the assumed one
 * @param wetnessFactor real wetness of the bare face over the assumed one
 * @param contactFactor real tray contact over the assumed one
 */
public record Unknowns(
        double thicknessFactor,
        double startShiftC,
        double ovenShiftC,
        double filmFactor,
        double wetnessFactor,
        double contactFactor) {

    /** Everything just as stated. */
    public static final Unknowns NONE = new Unknowns(1, 0, 0, 1, 1, 1);

    /** How far a start temperature read off the clock may be out, °C (one standard deviation; common practice). */
    public static final double START_DOUBT_C = 3;

    /** How far the wetness of a face may be out, as a fraction (one standard deviation; from memory). */
    public static final double WETNESS_DOUBT = 0.25;

    /** How far tray contact may be out, as a fraction (one standard deviation; from memory). */
    public static final double CONTACT_DOUBT = 0.3;

    Unknowns thickness(double factor) {
        return new Unknowns(factor, startShiftC, ovenShiftC, filmFactor, wetnessFactor, contactFactor);
    }

    Unknowns start(double shiftC) {
        return new Unknowns(thicknessFactor, shiftC, ovenShiftC, filmFactor, wetnessFactor, contactFactor);
    }

    Unknowns oven(double shiftC) {
        return new Unknowns(thicknessFactor, startShiftC, shiftC, filmFactor, wetnessFactor, contactFactor);
    }

    Unknowns film(double factor) {
        return new Unknowns(thicknessFactor, startShiftC, ovenShiftC, factor, wetnessFactor, contactFactor);
    }

    Unknowns wetness(double factor) {
        return new Unknowns(thicknessFactor, startShiftC, ovenShiftC, filmFactor, factor, contactFactor);
    }

    Unknowns contact(double factor) {
        return new Unknowns(thicknessFactor, startShiftC, ovenShiftC, filmFactor, wetnessFactor, factor);
    }
}
