package olla.core.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import olla.core.heat.Contacts.Spring;

/**
 * Numbers nodes so that those that conduct to each other have numbers close together: reversed Cuthill-McKee from an end that is as
 * far off as can be found (published: George and Liu, Computer Solution of Large Sparse Positive Definite Systems, chapter 4, from
 * memory).
 */
final class Ordering {

    private static final int ROUNDS = 4;

    private final BitSet[] next;
    private final int[] degree;

    private Ordering(int nodes, Mesh mesh, List<Spring> springs) {
        next = new BitSet[nodes];
        for (int i = 0; i < nodes; i++) {
            next[i] = new BitSet(nodes);
        }
        for (int e = 0; e < mesh.elements(); e++) {
            together(Arrays.copyOfRange(mesh.nodeOf, e * mesh.perElement, (e + 1) * mesh.perElement));
        }
        springs.forEach(s -> together(s.nodes()));
        degree = Arrays.stream(next).mapToInt(BitSet::cardinality).toArray();
    }

    private void together(int[] nodes) {
        for (int a : nodes) {
            for (int b : nodes) {
                next[a].set(b);
            }
        }
    }

    /** The number that each node gets. */
    static int[] of(int nodes, Mesh mesh, List<Spring> springs) {
        Ordering ordering = new Ordering(nodes, mesh, springs);
        int[] number = new int[nodes];
        Arrays.fill(number, -1);
        int given = 0;
        for (int i = 0; i < nodes; i++) {
            if (number[i] < 0) {
                for (int node : ordering.walk(ordering.end(i))) {
                    number[node] = nodes - 1 - given++;
                }
            }
        }
        return number;
    }

    private int end(int from) {
        int end = from;
        for (int round = 0; round < ROUNDS; round++) {
            List<Integer> walked = walk(end);
            end = walked.get(walked.size() - 1);
        }
        return end;
    }

    private List<Integer> walk(int from) {
        BitSet seen = new BitSet(next.length);
        List<Integer> order = new ArrayList<>();
        order.add(from);
        seen.set(from);
        for (int at = 0; at < order.size(); at++) {
            BitSet more = (BitSet) next[order.get(at)].clone();
            more.andNot(seen);
            seen.or(more);
            more.stream()
                    .boxed()
                    .sorted(Comparator.comparingInt(i -> degree[i]))
                    .forEach(order::add);
        }
        return order;
    }
}
