package olla.practice.kitchen;

import java.util.Optional;
import olla.core.doneness.Doneness;
import olla.core.estimate.Estimator;
import olla.core.fish.Habit;
import olla.core.oven.OvenEvents;
import olla.core.oven.Spot;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.Observation;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.Slowness;

/**
 * One hidden bake against what the application said of it.
 *
 * @param way how it was dressed
 * @param readyMin when it really had to come out
 * @param before what was said before anything was seen
 * @param looked what was said after one look with a knife
 * @param probed what was said after one reading
 * @param learned what is believed of its oven once it is in the log
 * @param slowness what it tells beside that
 */
record Held(
        Way way,
        double readyMin,
        CheckWindow before,
        CheckWindow looked,
        CheckWindow probed,
        OvenCalibration learned,
        Optional<Slowness> slowness) {

    /** What is believed of an oven, and of how fish goes in this kitchen. */
    record Believed(OvenCalibration oven, Habit habit) {}

    static final Doneness TARGET = Doneness.FLAKES;

    /* When it is looked at, and when a probe is pushed in, of what is likely (common practice, no source). */
    private static final double LOOKED = 0.9;
    private static final double PROBED = 0.7;

    /** Bakes it in a kitchen of which nothing is known; null where that oven never brings it there, or the application says so. */
    static Held of(Way way, HiddenBake bake, long seed) {
        return of(
                way,
                bake,
                Baked.of(bake, TARGET.peakC()),
                new Cook(House.PLAIN, new Draw(seed)),
                new Believed(OvenCalibration.UNCHECKED, Habit.NONE),
                seed);
    }

    /**
     * Goes by what the application says of a bake.
     *
     * @param fish as it goes
     * @param believed before it
     */
    static Held of(Way way, HiddenBake bake, Baked fish, Cook cook, Believed believed, long seed) {
        Spot spot = bake.shelf().in(bake.kind());
        Ensemble ensemble = Estimator.watched(
                        bake.piece().going(believed.habit()),
                        bake.dress(),
                        bake.kind(),
                        believed.oven().at(spot),
                        OvenEvents.NONE,
                        bake.programme(),
                        TARGET,
                        seed)
                .orElse(null);
        if (ensemble == null || fish.readyMin().isEmpty()) {
            return null;
        }
        double likely = ensemble.window().likelyMin();
        Ensemble probed = ensemble.observe(cook.probes(fish, PROBED * likely));
        double out = Math.max(PROBED * likely, probed.window().likelyMin());
        Observation.Peak read = cook.reads(fish, out);
        Observation.Outcome said = cook.says(fish, out, TARGET.peakC());
        // How it was is as it was; only when it came out is what was tapped.
        double tapped = out + cook.tapsLateMin();
        Ensemble last = probed.observe(new Observation.Peak(tapped, read.celsius()))
                .observe(new Observation.Outcome(tapped, said.verdict()));
        return new Held(
                way,
                fish.readyMin().getAsDouble(),
                ensemble.window(),
                ensemble.observe(cook.feels(fish, LOOKED * likely)).window(),
                probed.window(),
                believed.oven().learned(spot, last.learned()),
                last.slowness(ensemble).map(slow -> slow.from(spot)));
    }

    static boolean inside(CheckWindow window, double minutes) {
        return minutes >= window.checkFromMin() && minutes <= window.noLaterThanMin();
    }

    /** By how much a window's middle is off, as a logarithm: above 0 where it was ready sooner. */
    double off(CheckWindow window) {
        return Math.log(window.likelyMin() / readyMin);
    }
}
