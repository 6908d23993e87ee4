package olla.core.heat;

import java.util.Arrays;

/**
 * A section's links in the order in which they are quickest to go through, since the solver goes through them at every
 * step. Cells are numbered along the rows of a grid, so most have one link to the next cell and one to a later one of
 * the same material; those are kept by cell. Few are left: between materials and slices, and where a cut cell has more
 * neighbours.
 */
final class Stencil {

    private final int[] nextLink;
    private final int[] laterLink;
    private final int[] later;
    private final int[] otherLink;
    private final int[] otherA;
    private final int[] otherB;
    private final double[] toNext;
    private final double[] toLater;
    private final double[] toOther;
    private final double[] perVolume;

    Stencil(Section section) {
        int cells = section.cells();
        perVolume = Arrays.stream(section.volume).map(v -> 1 / v).toArray();
        nextLink = new int[cells];
        laterLink = new int[cells];
        later = new int[cells];
        Arrays.fill(nextLink, -1);
        Arrays.fill(laterLink, -1);
        int[] left = new int[section.linkA.length];
        int count = 0;
        for (int link = 0; link < left.length; link++) {
            int a = Math.min(section.linkA[link], section.linkB[link]);
            int b = Math.max(section.linkA[link], section.linkB[link]);
            boolean within = section.material[a] == section.material[b];
            if (within && b == a + 1 && nextLink[a] < 0) {
                nextLink[a] = link;
            } else if (within && laterLink[a] < 0) {
                laterLink[a] = link;
                later[a] = b;
            } else {
                left[count++] = link;
            }
        }
        for (int i = 0; i < cells; i++) {
            // A cell that has none looks at itself, and nothing comes of it.
            later[i] = laterLink[i] < 0 ? i : later[i];
        }
        otherLink = Arrays.copyOf(left, count);
        otherA = Arrays.stream(otherLink).map(link -> section.linkA[link]).toArray();
        otherB = Arrays.stream(otherLink).map(link -> section.linkB[link]).toArray();
        toNext = new double[cells];
        toLater = new double[cells];
        toOther = new double[count];
    }

    /** Takes over what each link of the section conducts now, W/K. */
    void renew(double[] conductance) {
        for (int i = 0; i < toNext.length; i++) {
            toNext[i] = nextLink[i] < 0 ? 0 : conductance[nextLink[i]];
            toLater[i] = laterLink[i] < 0 ? 0 : conductance[laterLink[i]];
        }
        for (int o = 0; o < toOther.length; o++) {
            toOther[o] = conductance[otherLink[o]];
        }
    }

    /** Adds what crosses the links that are left, W, to what each cell has gained. */
    void crossOthers(double[] temperature, double[] gained) {
        for (int o = 0; o < toOther.length; o++) {
            int a = otherA[o];
            int b = otherB[o];
            double q = toOther[o] * (temperature[a] - temperature[b]);
            gained[a] -= q;
            gained[b] += q;
        }
    }

    /**
     * Conducts between the cells from..to, all of one material, and gives each what it has gained.
     *
     * @param temperature of the cells, °C
     * @param gained by each cell already, W; used up
     * @param dt for how long, s
     * @param enthalpy of the cells, J/m³; moved on
     */
    void within(int from, int to, double[] temperature, double[] gained, double dt, double[] enthalpy) {
        double[] next = toNext;
        double[] beyond = toLater;
        int[] other = later;
        double[] per = perVolume;
        double in = 0;
        double here = temperature[from];
        for (int i = from; i < to; i++) {
            int b = other[i];
            double right = i + 1 < to ? temperature[i + 1] : here;
            double over = next[i] * (here - right);
            double away = beyond[i] * (here - temperature[b]);
            gained[b] += away;
            enthalpy[i] += (gained[i] + in - over - away) * dt * per[i];
            gained[i] = 0;
            in = over;
            here = right;
        }
    }
}
