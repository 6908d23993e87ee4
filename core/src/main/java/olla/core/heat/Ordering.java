package olla.core.heat;

import java.util.BitSet;
import java.util.List;

/**
 * Numbers nodes so that eliminating them one after the other makes few new entries: by least degree (published: George and Liu 1989,
 * The evolution of the minimum degree ordering algorithm, SIAM Review 31, from memory). The middle of an element, which nothing but
 * its own element knows, so comes first by itself.
 */
final class Ordering {

    private final BitSet[] next;
    private final int[] degree;

    private Ordering(int nodes, List<int[]> together) {
        next = new BitSet[nodes];
        for (int i = 0; i < nodes; i++) {
            next[i] = new BitSet(nodes);
        }
        for (int[] group : together) {
            for (int a : group) {
                for (int b : group) {
                    next[a].set(b);
                }
            }
        }
        degree = new int[nodes];
        for (int i = 0; i < nodes; i++) {
            next[i].clear(i);
            degree[i] = next[i].cardinality();
        }
    }

    /**
     * The number that each node gets.
     *
     * @param together groups of nodes in which each conducts to each
     */
    static int[] of(int nodes, List<int[]> together) {
        Ordering ordering = new Ordering(nodes, together);
        int[] number = new int[nodes];
        BitSet left = new BitSet(nodes);
        left.set(0, nodes);
        for (int given = 0; given < nodes; given++) {
            int least = ordering.least(left);
            number[least] = given;
            left.clear(least);
            ordering.eliminate(least);
        }
        return number;
    }

    private int least(BitSet left) {
        int best = left.nextSetBit(0);
        for (int i = best; i >= 0; i = left.nextSetBit(i + 1)) {
            if (degree[i] < degree[best]) {
                best = i;
            }
        }
        return best;
    }

    /* Those that it was next to are next to each other from then on. */
    private void eliminate(int node) {
        BitSet round = next[node];
        for (int i = round.nextSetBit(0); i >= 0; i = round.nextSetBit(i + 1)) {
            next[i].or(round);
            next[i].clear(i);
            next[i].clear(node);
            degree[i] = next[i].cardinality();
        }
    }
}
