package olla.core.heat;

/**
 * Where a solve of the other method stands: the enthalpy at each node, by how much it last rose in a second, and the sums kept on the
 * way, for the modelled part of the piece. Mutable, for one thread.
 */
final class ElementSectionState {

    final double[] enthalpy;
    final double[] waterKgM3;
    final double[] celsius;
    final double[] rate;
    final double[] coldest;
    final double[] coldestPeak;
    double seconds;
    double nextStepS;
    Surroundings met;
    double arrivedJ;
    double vapourJ;

    ElementSectionState(int nodes, int materials) {
        coldest = new double[materials];
        coldestPeak = new double[materials];
        enthalpy = new double[nodes];
        waterKgM3 = new double[nodes];
        celsius = new double[nodes];
        rate = new double[nodes];
    }

    /** The coldest flesh now, °C. */
    double coldestC() {
        return coldest[ElementSection.FLESH];
    }

    /** The warmest that the coldest flesh has been, °C. */
    double coldestPeakC() {
        return coldestPeak[ElementSection.FLESH];
    }
}
