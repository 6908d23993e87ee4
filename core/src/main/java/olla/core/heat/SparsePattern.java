package olla.core.heat;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/**
 * Where a symmetric matrix has entries, and what eliminating its rows in their order makes of that: worked out once for all matrices
 * alike (published: Davis, Direct Methods for Sparse Linear Systems, chapter 4, from memory). Upper triangles, row by row, the diagonal
 * first in each. Immutable.
 */
final class SparsePattern {

    final int rows;
    final int[] start;
    final int[] column;
    final int[] factorStart;
    final int[] factorColumn;

    /** Where each entry stands among the factors' entries. */
    final int[] inFactors;

    /** The factors' entries that elimination changes, in the order in which it comes to them. */
    final int[] changed;

    /** @param together groups of rows that have entries with each other */
    SparsePattern(int rows, List<int[]> together) {
        this.rows = rows;
        BitSet[] row = new BitSet[rows];
        for (int i = 0; i < rows; i++) {
            row[i] = new BitSet(rows);
            row[i].set(i);
        }
        for (int[] group : together) {
            for (int a : group) {
                for (int b : group) {
                    row[Math.min(a, b)].set(Math.max(a, b));
                }
            }
        }
        this.start = starts(row);
        this.column = columns(row);
        for (int i = 0; i < rows; i++) {
            // What is left of a row is felt first in that of its first neighbour, and by it further on.
            int first = row[i].nextSetBit(i + 1);
            if (first >= 0) {
                BitSet rest = (BitSet) row[i].clone();
                rest.clear(i);
                row[first].or(rest);
            }
        }
        this.factorStart = starts(row);
        this.factorColumn = columns(row);
        this.inFactors = new int[column.length];
        for (int i = 0; i < rows; i++) {
            for (int at = start[i]; at < start[i + 1]; at++) {
                inFactors[at] = find(factorStart, factorColumn, i, column[at]);
            }
        }
        this.changed = changed();
    }

    private static int[] starts(BitSet[] row) {
        int[] starts = new int[row.length + 1];
        for (int i = 0; i < row.length; i++) {
            starts[i + 1] = starts[i] + row[i].cardinality();
        }
        return starts;
    }

    private static int[] columns(BitSet[] row) {
        return Arrays.stream(row).flatMapToInt(BitSet::stream).toArray();
    }

    private static int find(int[] start, int[] column, int row, int of) {
        return Arrays.binarySearch(column, start[row], start[row + 1], of);
    }

    private int[] changed() {
        int count = 0;
        for (int k = 0; k < rows; k++) {
            int others = factorStart[k + 1] - factorStart[k] - 1;
            count += others * (others + 1) / 2;
        }
        int[] places = new int[count];
        int[] placeOf = new int[rows];
        int to = 0;
        for (int k = 0; k < rows; k++) {
            for (int m = factorStart[k] + 1; m < factorStart[k + 1]; m++) {
                int row = factorColumn[m];
                for (int at = factorStart[row]; at < factorStart[row + 1]; at++) {
                    placeOf[factorColumn[at]] = at;
                }
                for (int j = m; j < factorStart[k + 1]; j++) {
                    places[to++] = placeOf[factorColumn[j]];
                }
            }
        }
        return places;
    }

    /** How many entries there are. */
    int size() {
        return column.length;
    }

    /** Where the entry of two rows stands, in either order. */
    int at(int a, int b) {
        return find(start, column, Math.min(a, b), Math.max(a, b));
    }
}
