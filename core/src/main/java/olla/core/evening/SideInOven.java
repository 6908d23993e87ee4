package olla.core.evening;

import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import olla.core.dress.Vegetable;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.OvenEvidence;

/**
 * A side that is in an oven, or was, and what was seen of it. Minutes are counted from when it went in.
 *
 * @param oven as it was known before the side told of it
 * @param dialC what the dial was turned to, °C, by the minute; the first of them is what it went in at
 * @param notYetMin when somebody looked last and it was not done; negatively infinite where nobody has
 * @param doneByMin when it was out; infinite while it is in
 */
public record SideInOven(
        SideDish side, EveningOven oven, NavigableMap<Double, Double> dialC, double notYetMin, double doneByMin) {

    /* How far what is said of its minutes may be out where it is to tell of its oven, as a share of them: a cook who is out is out each
    time, in the same direction (ours, no source). */
    private static final double TELLS_SHARE = 0.15;

    /** Takes over a copy. */
    public SideInOven {
        dialC = new TreeMap<>(dialC);
    }

    /** One that goes in. */
    public static SideInOven at(SideDish side, EveningOven oven, double dialC) {
        return new SideInOven(
                side, oven, new TreeMap<>(Map.of(0.0, dialC)), Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /** The same, looked at and not done. */
    public SideInOven notYet(double minute) {
        return new SideInOven(side, oven, dialC, Math.max(notYetMin, minute), doneByMin);
    }

    /** The same, taken out. */
    public SideInOven out(double minute) {
        return new SideInOven(side, oven, dialC, notYetMin, minute);
    }

    /** The same with the dial turned; what was turned before it went in is no matter of its. */
    public SideInOven turned(double minute, double toC) {
        if (minute <= 0 || minute >= doneByMin) {
            return this;
        }
        NavigableMap<Double, Double> more = new TreeMap<>(dialC);
        more.put(minute, toC);
        return new SideInOven(side, oven, more, notYetMin, doneByMin);
    }

    /** The same in an oven of which something else has told. */
    public SideInOven told(OvenEvidence evidence) {
        return new SideInOven(side, oven.told(evidence), dialC, notYetMin, doneByMin);
    }

    /** What the dial stands at, °C. */
    public double dialNowC() {
        return dialC.lastEntry().getValue();
    }

    /** How long it takes in all, as far as that is known. */
    public SideTime time() {
        double minutes = minutes();
        return new SideTime(minutes, side.doubtIn(oven, minutes)).between(notYetMin, Double.POSITIVE_INFINITY);
    }

    /* Each stretch of one dial does its share. */
    private double minutes() {
        double left = 1;
        for (Map.Entry<Double, Double> from : dialC.entrySet()) {
            double whole = side.minutesIn(oven, from.getValue());
            Double until = dialC.higherKey(from.getKey());
            if (until == null || left * whole <= until - from.getKey()) {
                return from.getKey() + left * whole;
            }
            left -= (until - from.getKey()) / whole;
        }
        throw new IllegalStateException("A dial has no last turn.");
    }

    /**
     * What it tells of its oven that it was not done at one moment and done at another: that it takes longer than was said because the
     * oven is cool, because what was said is out, or a little of both.
     */
    public OvenEvidence tells() {
        OvenCalibration known = oven.calibration();
        double minutes = minutes();
        double perKelvin = minutes * (1 - Vegetable.slower(1, 0));
        double offset = known.offsetDoubtC();
        double sd = Math.hypot(TELLS_SHARE * minutes, perKelvin * offset);
        SideTime seen = new SideTime(minutes, sd).between(notYetMin, doneByMin);
        double shared = perKelvin * offset * offset / (sd * sd);
        double learnt = 1 - seen.sdMin() * seen.sdMin() / (sd * sd);
        double variance = offset * offset - shared * shared * sd * sd * learnt;
        return OvenEvidence.ofOffset(known, known.offsetC() + shared * (seen.minutes() - minutes), Math.sqrt(variance));
    }
}
