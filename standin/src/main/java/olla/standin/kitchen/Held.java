package olla.standin.kitchen;

import olla.core.doneness.Doneness;
import olla.core.estimate.Estimator;
import olla.core.oven.OvenEvents;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.OvenCalibration;

/**
 * One hidden bake against what the application said of it.
 *
 * @param way how it was dressed
 * @param readyMin when it really had to come out
 * @param before what was said before anything was seen
 * @param looked what was said after one look with a knife
 * @param probed what was said after one reading
 * @param learned what is believed of its oven once it is in the log
 */
record Held(
        Way way, double readyMin, CheckWindow before, CheckWindow looked, CheckWindow probed, OvenCalibration learned) {

    static final Doneness TARGET = Doneness.FLAKES;

    /* When it is looked at, and when a probe is pushed in, of what is likely (common practice, no source). */
    private static final double LOOKED = 0.9;
    private static final double PROBED = 0.7;

    /** Bakes it; null where that oven never brings it there, or the application says so. */
    static Held of(Way way, HiddenBake bake, OvenCalibration believed, long seed) {
        Baked fish = Baked.of(bake, TARGET.peakC());
        Ensemble ensemble = Estimator.watched(
                        bake.piece(),
                        bake.dress(),
                        bake.kind(),
                        believed,
                        OvenEvents.NONE,
                        bake.programme(),
                        TARGET,
                        seed)
                .orElse(null);
        if (ensemble == null || fish.readyMin().isEmpty()) {
            return null;
        }
        Cook cook = new Cook(new Draw(seed));
        double likely = ensemble.window().likelyMin();
        Ensemble probed = ensemble.observe(cook.probes(fish, PROBED * likely));
        double out = Math.max(PROBED * likely, probed.window().likelyMin());
        OvenCalibration learned = probed.observe(cook.reads(fish, out))
                .observe(cook.says(fish, out, TARGET.peakC()))
                .learned();
        return new Held(
                way,
                fish.readyMin().getAsDouble(),
                ensemble.window(),
                ensemble.observe(cook.feels(fish, LOOKED * likely)).window(),
                probed.window(),
                learned);
    }

    static boolean inside(CheckWindow window, double minutes) {
        return minutes >= window.checkFromMin() && minutes <= window.noLaterThanMin();
    }

    /** By how much a window's middle is off, as a logarithm: above 0 where it was ready sooner. */
    double off(CheckWindow window) {
        return Math.log(window.likelyMin() / readyMin);
    }
}
