package olla.practice.kitchen;

import olla.core.uncertainty.Observation;

/** A cook who looks and reads as cooks do: late, a little beside the middle, now and then quite wrong. */
final class Cook {

    /* How far a tip is from the coldest flesh, and what it and the hand add, K (orders of magnitude, from memory; not the application's). */
    private static final double BESIDE_K = 1.2;
    private static final double READS_K = 1.3;
    private static final double BLURRED_K = 2.5;
    private static final double WRONG = 0.03;
    private static final double WRONG_K = 8;

    /* How long it takes from the reading to the tap, minutes. */
    private static final double LATE_MIN = 0.3;

    /* How often it is not tapped that it is out, and by how much too late it is then, minutes (ours). */
    private static final double FORGETS = 1 / 12.0;
    private static final double FORGOTTEN_FROM_MIN = 2;
    private static final double FORGOTTEN_TO_MIN = 8;

    private final House house;
    private final Draw draw;

    Cook(House house, Draw draw) {
        this.house = house;
        this.draw = draw;
    }

    /** A probe pushed in at a minute, and told of a little later. */
    Observation.Probe probes(Baked fish, double minute) {
        double beside = Math.abs(draw.about(0, BESIDE_K));
        double wrong = draw.once(WRONG) ? draw.between(0, WRONG_K) : 0;
        double reads = fish.coldestC(minute) + beside + wrong + draw.about(0.4 + house.probeK(), READS_K);
        return Observation.Probe.tapped(minute + draw.between(0, 2 * LATE_MIN), reads);
    }

    /** A knife's tip held to the lip. */
    Observation.Seen feels(Baked fish, double minute) {
        double celsius = fish.coldestC(minute) + draw.about(0, BLURRED_K);
        return new Observation.Seen(minute, Lip.feels(celsius));
    }

    /** By how much later it is tapped that it is out than that is so, minutes: mostly at once. */
    double tapsLateMin() {
        return draw.once(FORGETS) ? draw.between(FORGOTTEN_FROM_MIN, FORGOTTEN_TO_MIN) : 0;
    }

    /** What is said of it at the table. */
    Observation.Outcome says(Baked fish, double outMinute, double targetC) {
        double peak = fish.peakC(outMinute) - house.verdictK() + draw.about(0, BLURRED_K / 2);
        return new Observation.Outcome(outMinute, Observation.Verdict.of(peak, targetC));
    }

    /** The highest that a probe left in reads. */
    Observation.Peak reads(Baked fish, double outMinute) {
        return new Observation.Peak(
                outMinute,
                fish.peakC(outMinute) + Math.abs(draw.about(0, BESIDE_K)) + draw.about(0.4 + house.probeK(), READS_K));
    }
}
