package olla.core.heat;

/**
 * Where a solve stands: the enthalpy in each cell and the sums kept on the way. Mutable, for one thread; copies are the
 * snapshots a solve can go back to. Sums are for the modelled part of the piece.
 */
public final class SectionState {

    final double[] enthalpy;
    final double[] faceC;
    double seconds;
    double arrivedJ;
    double vapourJ;
    double driedJ;
    double coldestC;
    double coldestPeakC;

    SectionState(int cells, int faces) {
        enthalpy = new double[cells];
        faceC = new double[faces];
    }

    /** A snapshot. */
    public SectionState copy() {
        SectionState copy = new SectionState(enthalpy.length, faceC.length);
        copy.set(this);
        return copy;
    }

    /** Takes over another state of the same section. */
    public void set(SectionState other) {
        System.arraycopy(other.enthalpy, 0, enthalpy, 0, enthalpy.length);
        System.arraycopy(other.faceC, 0, faceC, 0, faceC.length);
        seconds = other.seconds;
        arrivedJ = other.arrivedJ;
        vapourJ = other.vapourJ;
        driedJ = other.driedJ;
        coldestC = other.coldestC;
        coldestPeakC = other.coldestPeakC;
    }

    /** Time since the start, s. */
    public double seconds() {
        return seconds;
    }

    /** Heat that came to the faces, J. */
    public double arrivedJ() {
        return arrivedJ;
    }

    /** Heat that left with vapour, lost or kept, J. */
    public double vapourJ() {
        return vapourJ;
    }

    /** Water that left the faces for good, kg. */
    public double driedKg() {
        return driedJ / Water.EVAPORATION_J_KG;
    }

    /** The coldest flesh now, °C. */
    public double coldestC() {
        return coldestC;
    }

    /** The warmest the coldest flesh has been, °C. */
    public double coldestPeakC() {
        return coldestPeakC;
    }
}
