package olla.core.heat;

/**
 * What each node holds for each kelvin on its way through a step, latent heat and all: expected, held against where it comes to, and
 * tried again. Mutable, for one thread; nothing is allocated after it is made.
 */
final class Capacities {

    /* How far a step's temperatures may be from those of its enthalpies, on the average and anywhere, K: what is held is right all the
     * same, and the next step goes on from there. */
    private static final double AVERAGE_OFF_K = 6;
    private static final double MOST_OFF_K = 25;

    /* Flesh that comes to boil may be less: the coldest is not far from it, and what is between two steps would not be known. */
    private static final double MOST_OFF_BOILING_FLESH_K = 1;

    /* A node that is off by no more than this is not tried again, K. */
    private static final double SECANT_FROM_K = 0.5;

    /** Of each node, J/m³K. */
    final double[] of;

    /**
     * By how much each is warmer on the way, on the average, than on the straight line from where it is to where it comes to, K: what
     * boils or thaws does not warm evenly.
     */
    final double[] bend;

    /** What each comes to hold, J/m³, and how warm it then is, °C. */
    final double[] newEnthalpy;

    final double[] newC;

    private final SectionNodes nodes;
    private final double[] triedOff;
    private final double[] triedGoes;
    private double squares;
    private double farthest;

    Capacities(SectionNodes nodes) {
        this.nodes = nodes;
        of = new double[nodes.all];
        bend = new double[nodes.all];
        newEnthalpy = new double[nodes.all];
        newC = new double[nodes.all];
        triedOff = new double[nodes.all];
        triedGoes = new double[nodes.all];
    }

    /** How a node is expected to bend and conduct, if it goes on taking in heat as it did. */
    void expectWays(SectionState state, Conduction conduction, double h) {
        for (int i = 0; i < nodes.all; i++) {
            bend[i] = 0;
            if (nodes.varies[i]) {
                double gains = state.rate[i] * h;
                double warms = nodes.celsius(i, state.enthalpy[i] + gains, state.waterKgM3[i]) - state.celsius[i];
                conduction.at(i, state.enthalpy[i] + gains / 2, state.waterKgM3[i]);
                bend[i] = bend(state, i, gains, warms);
            }
        }
    }

    /**
     * What a node is expected to hold, if it goes on taking in heat as it did; where that has turned, what comes next.
     *
     * @param atStart what flows into each when the step begins, W
     */
    void expect(SectionState state, Conduction conduction, double[] atStart, double h) {
        for (int i = 0; i < nodes.all; i++) {
            double enthalpy = state.enthalpy[i];
            double water = state.waterKgM3[i];
            if (enthalpy > nodes.boilingJm3[i] - 1 && water > 0 && atStart[i] > 0) {
                double perKelvin = conduction.perKelvin(i);
                of[i] = boilingDry(i, atStart[i] * h, perKelvin * h, water * Water.EVAPORATION_J_KG);
            } else {
                double gains = state.rate[i] * atStart[i] > 0 ? state.rate[i] * h : 0;
                double warms = gains == 0 ? 0 : nodes.celsius(i, enthalpy + gains, water) - state.celsius[i];
                of[i] = warms * gains > 0 ? gains / warms : nodes.materialOf[i].capacityJm3K(enthalpy);
            }
        }
    }

    /* What boils takes in heat as it does now until it is dry, and from then on less the warmer it is: half of that on the average. */
    private double boilingDry(int i, double comes, double lessPerKelvin, double latent) {
        double beyond = comes / nodes.volume[i] - latent;
        double most = nodes.boilingCapacity(i);
        if (beyond <= 0) {
            return most;
        }
        double dry = nodes.materialOf[i].capacityJm3K(nodes.steamingJm3[i]);
        double warms = beyond / (dry + lessPerKelvin / 2 / nodes.volume[i]);
        return Math.min(most, dry + latent / warms);
    }

    /* By Simpson's rule. */
    private double bend(SectionState state, int i, double gains, double warms) {
        double halfWay = nodes.celsius(i, state.enthalpy[i] + gains / 2, state.waterKgM3[i]) - state.celsius[i];
        return 2 / 3.0 * (halfWay - warms / 2);
    }

    /** Nothing has been gone yet. */
    void begin() {
        squares = 0;
        farthest = 0;
    }

    /**
     * A node goes where it comes to on the line of its heat capacity.
     *
     * @param warms by how much by that line, K
     */
    void goes(SectionState state, int i, double warms) {
        newEnthalpy[i] = state.enthalpy[i] + warms * of[i];
        newC[i] = nodes.celsius(i, newEnthalpy[i], state.waterKgM3[i]);
        double off = newC[i] - state.celsius[i] - warms;
        squares += nodes.volume[i] * off * off;
        double most = nodes.flesh(i) && newEnthalpy[i] > nodes.boilingJm3[i] ? MOST_OFF_BOILING_FLESH_K : MOST_OFF_K;
        farthest = Math.max(farthest, Math.abs(off) / most);
    }

    /** 1 where the temperatures of what was gone since it began are as far off their lines as they may be. */
    double offTheLine() {
        return Math.max(Math.sqrt(squares / nodes.wholeVolume) / AVERAGE_OFF_K, farthest);
    }

    /**
     * Where a temperature came to lie off the line it was on, a line through where it came to; where that would now go back to where
     * it came from, one between, by how far off both were (regula falsi, node by node, on the logarithm of what a node holds).
     *
     * @param first whether it is the first such try
     */
    void tryAgain(SectionState state, boolean first) {
        for (int i = 0; i < nodes.all; i++) {
            double warms = newC[i] - state.celsius[i];
            double holds = newEnthalpy[i] - state.enthalpy[i];
            if (nodes.varies[i]) {
                bend[i] = bend(state, i, holds, warms);
            }
            if (first) {
                triedOff[i] = 0;
            }
            if (Math.abs(warms - holds / of[i]) > SECANT_FROM_K && holds * warms > 0) {
                double off = Math.log(holds / warms / of[i]);
                double goes = off * triedOff[i] < 0 ? -triedGoes[i] * off / (off - triedOff[i]) : off;
                of[i] *= Math.exp(goes);
                triedOff[i] = off;
                triedGoes[i] = goes;
            }
        }
    }
}
