package olla.core.simulation;

import java.util.List;
import olla.core.dress.Dress;

/**
 * What nobody at the oven knows exactly, as departures from what was said.
 *
 * @param thicknessFactor real thickness over the stated one
 * @param startShiftC real start temperature less the stated one, °C
 * @param ovenShiftC oven air less what the oven was taken for, °C
 * @param filmFactor real film coefficient over the assumed one
 * @param wetnessFactor what really evaporates from the bare face, or the water really in the salt, over what is assumed
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

    /** The same, with the thickness off by another factor. */
    public Unknowns thickness(double factor) {
        return new Unknowns(factor, startShiftC, ovenShiftC, filmFactor, wetnessFactor, contactFactor);
    }

    /** Those of them that a section is built from. */
    public List<Double> ofSection(Dress dress) {
        return List.of(thicknessFactor, contactFactor, dress.salt().isPresent() ? wetnessFactor : 1.0);
    }
}
