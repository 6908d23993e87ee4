package olla.core.heat;

/**
 * Where a solve stands: the enthalpy at each node and the sums kept on the way. Mutable, for one thread; copies are the
 * snapshots a solve can go back to. Sums are for the modelled part of the piece.
 */
public final class SectionState {

    final double[] enthalpy;
    final double[] waterKgM3;
    /* Which share of its raw water each node has let go. */
    final double[] letGo;
    final double[] celsius;
    final double[] rate;
    final double[] coldest;
    final double[] coldestPeak;
    double seconds;
    double nextStepS;
    Surroundings met;
    double arrivedJ;
    double vapourJ;
    double driedJ;
    double lostKg;

    SectionState(int nodes, int materials) {
        coldest = new double[materials];
        coldestPeak = new double[materials];
        enthalpy = new double[nodes];
        waterKgM3 = new double[nodes];
        letGo = new double[nodes];
        celsius = new double[nodes];
        rate = new double[nodes];
    }

    /** A snapshot. */
    public SectionState copy() {
        SectionState copy = new SectionState(enthalpy.length, coldest.length);
        copy.set(this);
        return copy;
    }

    /** Takes over another state of the same section. */
    public void set(SectionState other) {
        System.arraycopy(other.enthalpy, 0, enthalpy, 0, enthalpy.length);
        System.arraycopy(other.waterKgM3, 0, waterKgM3, 0, waterKgM3.length);
        System.arraycopy(other.letGo, 0, letGo, 0, letGo.length);
        System.arraycopy(other.celsius, 0, celsius, 0, celsius.length);
        System.arraycopy(other.rate, 0, rate, 0, rate.length);
        sums(other);
    }

    /** Takes over the clock, the sums and the coldest so far. */
    void sums(SectionState other) {
        int both = Math.min(coldest.length, other.coldest.length);
        System.arraycopy(other.coldest, 0, coldest, 0, both);
        System.arraycopy(other.coldestPeak, 0, coldestPeak, 0, both);
        seconds = other.seconds;
        nextStepS = other.nextStepS;
        met = other.met;
        arrivedJ = other.arrivedJ;
        vapourJ = other.vapourJ;
        driedJ = other.driedJ;
        lostKg = other.lostKg;
    }

    /** Time since the start, s. */
    public double seconds() {
        return seconds;
    }

    /** Heat that came to the faces, J. */
    public double arrivedJ() {
        return arrivedJ;
    }

    /** Heat that left with vapour from faces and from layers that boil, lost or kept, J. */
    public double vapourJ() {
        return vapourJ;
    }

    /** Water that left the flesh's faces for good, kg. */
    public double driedKg() {
        return driedJ / Water.EVAPORATION_J_KG;
    }

    /** What the flesh weighs less than it did, kg: juice that it let go, and what dried off beyond that. */
    public double lostKg() {
        return lostKg;
    }

    /** The coldest flesh now, °C. */
    public double coldestC() {
        return coldest[Section.FLESH];
    }

    /** The warmest the coldest flesh has been, °C. */
    public double coldestPeakC() {
        return coldestPeak[Section.FLESH];
    }

    /** The coldest of a material now, °C. */
    public double coldestC(int material) {
        return coldest[material];
    }

    /** The warmest the coldest of a material has been, °C. */
    public double coldestPeakC(int material) {
        return coldestPeak[material];
    }
}
