package olla.core.runsheet;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What has happened, and what somebody wants kept. Minutes are counted from when the first course is served, negative before.
 *
 * @param nowMin what is planned happens from here on
 * @param baked by dish or side: what has gone in
 * @param done keys of steps that are done
 * @param skipped keys of steps that are left out
 * @param begun by key of a step that hands are at: since when
 * @param pinned by key of a step: when it begins, whatever else would be better
 * @param hotC by key of an oven: what it is at now, °C; cold where nothing is said
 */
public record Facts(
        double nowMin,
        Map<String, Baked> baked,
        Set<String> done,
        Set<String> skipped,
        Map<String, Double> begun,
        Map<String, Double> pinned,
        Map<String, Double> hotC) {

    /**
     * A dish that has gone in.
     *
     * @param oven key of the oven; empty for the hob
     * @param dialC the dial it went in at, °C
     * @param nowC what the dial stands at now, °C
     * @param inMin when it went in
     * @param likelyMin when it is likely done
     * @param sdMin standard deviation of that, minutes
     * @param outMin when it came out; empty while it is in
     */
    public record Baked(
            String oven,
            double dialC,
            double nowC,
            double inMin,
            double likelyMin,
            double sdMin,
            OptionalDouble outMin) {

        /** One whose dial nobody has turned. */
        public Baked(String oven, double dialC, double inMin, double likelyMin, double sdMin, OptionalDouble outMin) {
            this(oven, dialC, dialC, inMin, likelyMin, sdMin, outMin);
        }

        /** The same with the dial turned. */
        public Baked turned(double toC) {
            return new Baked(oven, dialC, toC, inMin, likelyMin, sdMin, outMin);
        }

        /** The same, taken out. */
        public Baked taken(double minute) {
            return new Baked(oven, dialC, nowC, inMin, likelyMin, sdMin, OptionalDouble.of(minute));
        }

        /** When it comes out, or has: no sooner than now while it is in. */
        public double out(double nowMin) {
            return outMin.orElse(Math.max(nowMin, likelyMin));
        }
    }

    /** Takes over copies. */
    public Facts {
        baked = Map.copyOf(baked);
        done = Set.copyOf(done);
        skipped = Set.copyOf(skipped);
        begun = Map.copyOf(begun);
        pinned = Map.copyOf(pinned);
        hotC = Map.copyOf(hotC);
    }

    /** Nothing has happened yet. */
    public static Facts at(double nowMin) {
        return new Facts(nowMin, Map.of(), Set.of(), Set.of(), Map.of(), Map.of(), Map.of());
    }

    /** Whether hands need not do a step any more. */
    boolean settled(String step) {
        return done.contains(step) || skipped.contains(step);
    }
}
