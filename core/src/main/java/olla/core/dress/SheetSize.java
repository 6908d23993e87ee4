package olla.core.dress;

/**
 * A sheet to cut.
 *
 * @param acrossMm the side that is folded over, mm
 * @param alongMm the side along the fish, mm
 * @param layers how many sheets on top of each other
 */
public record SheetSize(double acrossMm, double alongMm, int layers) {

    /** A usual roll, mm wide (common practice, no source). */
    public static final double ROLL_WIDTH_MM = 380;

    /** A usual roll, mm long (common practice, no source). */
    public static final double ROLL_LENGTH_MM = 8000;

    /** What a sheet takes off the roll, mm; where neither side fits across the roll two widths are joined. */
    public double offRollMm() {
        double shorter = Math.min(acrossMm, alongMm);
        double longer = Math.max(acrossMm, alongMm);
        if (longer <= ROLL_WIDTH_MM) {
            return layers * shorter;
        }
        return layers * (fitsRoll() ? longer : 2 * longer);
    }

    /** Whether one of its sides fits across the roll. */
    public boolean fitsRoll() {
        return Math.min(acrossMm, alongMm) <= ROLL_WIDTH_MM;
    }

    /** How many such parcels one full roll gives. */
    public int fromOneRoll() {
        return (int) (ROLL_LENGTH_MM / offRollMm());
    }
}
