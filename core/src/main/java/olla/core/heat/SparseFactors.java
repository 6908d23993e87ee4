package olla.core.heat;

import java.util.Arrays;

/**
 * The factors of a symmetric positive definite matrix, L D Lᵀ: rows times the diagonal's inverse. Mutable, for one thread; nothing
 * is allocated after they are made.
 */
final class SparseFactors {

    private final SparsePattern pattern;
    private final double[] value;

    /** Factors of nothing yet. */
    SparseFactors(SparsePattern pattern) {
        this.pattern = pattern;
        this.value = new double[pattern.factorColumn.length];
    }

    /**
     * Factors a matrix with something more on its diagonal.
     *
     * @param diagonal by row
     */
    void of(SparseMatrix matrix, double[] diagonal) {
        double[] v = value;
        Arrays.fill(v, 0);
        int[] inFactors = pattern.inFactors;
        double[] entries = matrix.entries;
        for (int i = 0; i < entries.length; i++) {
            v[inFactors[i]] = entries[i];
        }
        int[] start = pattern.factorStart;
        int[] changed = pattern.changed;
        int next = 0;
        for (int k = 0; k < diagonal.length; k++) {
            int row = start[k];
            int end = start[k + 1];
            double inverse = 1 / (v[row] + diagonal[k]);
            v[row] = inverse;
            for (int m = row + 1; m < end; m++) {
                double times = v[m] * inverse;
                int first = next - m;
                for (int j = m; j < end; j++) {
                    v[changed[first + j]] -= times * v[j];
                }
                next += end - m;
            }
        }
    }

    /** Solves for a right-hand side, in its place. */
    void solve(double[] x) {
        double[] v = value;
        int[] start = pattern.factorStart;
        int[] column = pattern.factorColumn;
        for (int k = 0; k < x.length; k++) {
            double y = x[k] * v[start[k]];
            int end = start[k + 1];
            for (int m = start[k] + 1; m < end; m++) {
                x[column[m]] -= v[m] * y;
            }
            x[k] = y;
        }
        for (int k = x.length - 1; k >= 0; k--) {
            // Two sums, since each addition waits for the one before it.
            double even = 0;
            double odd = 0;
            int end = start[k + 1];
            int m = start[k] + 1;
            for (; m + 1 < end; m += 2) {
                even += v[m] * x[column[m]];
                odd += v[m + 1] * x[column[m + 1]];
            }
            if (m < end) {
                even += v[m] * x[column[m]];
            }
            x[k] -= (even + odd) * v[start[k]];
        }
    }
}
