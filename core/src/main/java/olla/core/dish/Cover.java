package olla.core.dish;

/**
 * A sheet closed over the dish, with a gap of air below it that fills with steam.
 *
 * @param emissivity of its outer side, 0 to 1
 * @param coldGapWm2K conductance of the cold gap, W/m²K
 * @param steamGapWm2K what steam adds when it fills the gap, W/m²K
 */
public record Cover(double emissivity, double coldGapWm2K, double steamGapWm2K) {

    /**
     * What steam adds to a gap when it fills it, W/m²K: vapour leaves the warm sheet's film, settles on the fish and brings its
     * heat; several hundred near 100 °C (order of magnitude, from memory). Taken in proportion to the vapour pressure at the
     * fish's face.
     */
    public static final double STEAM_GAP_W_M2K = 300;
}
