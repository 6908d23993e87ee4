package olla.core.heat;

import java.util.stream.IntStream;

/**
 * The coldest of a material between its nodes: from the coldest node down along both of its elements' directions as their polynomials
 * go. One for each solver.
 */
final class Coldest {

    private final Section section;
    private final int[][] nodesOf;
    private final double[] line;

    Coldest(Section section) {
        this.section = section;
        this.line = new double[section.rule.count()];
        this.nodesOf = new int[section.materials()][];
        for (int m = 0; m < nodesOf.length; m++) {
            int material = m;
            nodesOf[m] = IntStream.range(0, section.unknowns())
                    .filter(i -> section.material[i % section.nodes] == material)
                    .toArray();
        }
    }

    /** The nodes of a material, in all planes. */
    int[] nodes(int material) {
        return nodesOf[material];
    }

    /** The coldest node of a material that is there. */
    int node(double[] celsius, int material) {
        int[] nodes = nodesOf[material];
        int best = nodes[0];
        for (int i : nodes) {
            if (celsius[i] < celsius[best]) {
                best = i;
            }
        }
        return best;
    }

    /** The coldest that there is about a node, °C. */
    double about(double[] celsius, int node) {
        int plane = node / section.nodes * section.nodes;
        int n = section.rule.count();
        double most = 0;
        for (int place : section.placesOf(node - plane)) {
            int at = place % (n * n);
            int first = place - at;
            double gain =
                    dip(celsius, plane, first + at / n * n, 1, at % n) + dip(celsius, plane, first + at % n, n, at / n);
            most = Math.max(most, gain);
        }
        return celsius[node] - most;
    }

    /* How far the polynomial along a line of an element dips below what it is at one of its points, K. */
    private double dip(double[] celsius, int plane, int first, int stride, int at) {
        LobattoRule rule = section.rule;
        int n = line.length;
        for (int s = 0; s < n; s++) {
            line[s] = celsius[plane + section.nodeOf[first + s * stride]];
        }
        double slope = 0;
        double bend = 0;
        for (int s = 0; s < n; s++) {
            slope += rule.slope(at, s) * line[s];
            for (int t = 0; t < n; t++) {
                bend += rule.slope(at, t) * rule.slope(t, s) * line[s];
            }
        }
        boolean lies = bend > 0 && Math.abs(rule.point(at) - slope / bend) <= 1;
        return lies ? 0.5 * slope * slope / bend : 0;
    }
}
