package olla.core.dress;

/**
 * A closed parcel: a sheet, a gap of air that fills with steam, and the fish on the sheet on the tray.
 *
 * @param sheet what it is folded from
 */
public record Parcel(Sheet sheet) implements Dress {

    /** Conductance of the cold gap between sheet and fish, W/m²K: some 2 mm of air (from memory). */
    public static final double COLD_GAP_W_M2K = 15;

    /**
     * What steam adds to the gap when it fills it, W/m²K: vapour leaves the warm sheet's film, settles on the fish and
     * brings its heat; several hundred near 100 °C (order of magnitude, from memory). Taken in proportion to the vapour
     * pressure at the fish's face.
     */
    public static final double STEAM_GAP_W_M2K = 300;

    @Override
    public double usualRestMinutes() {
        return 4;
    }
}
