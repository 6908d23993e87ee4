package olla.core.dress;

import java.util.Optional;
import olla.core.dish.Cover;

/**
 * A sheet laid over a vessel and pressed to its rim.
 *
 * @param of foil or parchment
 * @param opened whether it comes off for the last minutes
 */
public record Lid(Sheet of, boolean opened) implements Enclosure {

    /* Conductance of the cold gap between lid and fish, W/m²K: some 30 mm of air that stirs itself (from memory). */
    private static final double COLD_GAP_W_M2K = 6;

    @Override
    public double usualRestMinutes() {
        return opened ? 3 : 4;
    }

    @Override
    public Optional<Sheet> sheet() {
        return Optional.of(of);
    }

    @Override
    public Optional<Cover> cover() {
        return Optional.of(new Cover(of.emissivity(), COLD_GAP_W_M2K, Cover.STEAM_GAP_W_M2K));
    }
}
