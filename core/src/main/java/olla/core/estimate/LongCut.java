package olla.core.estimate;

import java.util.Optional;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRun;
import olla.core.simulation.Frames;

/**
 * A bake cut along its piece. Such a cut has no sides, from which heat comes too, and none of the sheet that stands out beside the piece: it is
 * reckoned as much thinner as makes its thickest place peak where the cut across does.
 */
final class LongCut {

    /* No thinner, of the piece, and so near in peak, K (ours). */
    private static final double THINNEST = 0.5;
    private static final double NEAR_K = 0.5;
    private static final int MOST_TRIES = 6;

    /* A cut that is thinner by a tenth peaks by about so much higher, K: where the search begins (ours). */
    private static final double FIRST_K_PER_SHARE = -150;

    private LongCut() {}

    /**
     * Its pictures, from the thickest place to the thin end; empty for a piece that is even.
     *
     * @param across the same bake's model
     * @param peakC what the coldest of the cut across peaks at, °C
     */
    static Optional<Frames> of(BakeModel across, Programme closed, double peakC) {
        double thinner = across.thinnerAlong();
        double slope = FIRST_K_PER_SHARE;
        double lastThinner = Double.NaN;
        double lastOff = Double.NaN;
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            Optional<BakeModel> along = across.along(thinner);
            if (along.isEmpty()) {
                return Optional.empty();
            }
            double off = new BakeRun(along.get(), closed).run(closed).peakC() - peakC;
            if (Math.abs(off) < NEAR_K) {
                break;
            }
            if (thinner != lastThinner && !Double.isNaN(lastThinner)) {
                slope = Math.min(FIRST_K_PER_SHARE / 10, (off - lastOff) / (thinner - lastThinner));
            }
            lastThinner = thinner;
            lastOff = off;
            thinner = Math.max(THINNEST, Math.min(1, thinner - off / slope));
        }
        double reckoned = thinner;
        return across.along(reckoned)
                .map(along -> new BakeRun(along, closed).drawn(closed).frames().higher(1 / reckoned));
    }
}
