package olla.core.heat;

/**
 * A symmetric, positive definite matrix whose rows reach so far to the right of the diagonal and no farther, and its Cholesky
 * factors L D L' in the same place (published: Golub and Van Loan, Matrix Computations, banded Cholesky, from memory). Only the
 * upper triangle is kept, row by row. Mutable; nothing is allocated after it is made.
 */
final class BandMatrix {

    private final int[] start;
    private final int[] length;
    private final double[] value;

    /** @param reach the last column that each row has, itself or later */
    BandMatrix(int[] reach) {
        start = new int[reach.length];
        length = new int[reach.length];
        int total = 0;
        int far = 0;
        for (int i = 0; i < reach.length; i++) {
            // Elimination fills a row as far as the rows before it reach.
            far = Math.max(far, Math.max(i, reach[i]));
            start[i] = total;
            length[i] = far - i + 1;
            total += length[i];
        }
        value = new double[total];
    }

    /** How many numbers it keeps. */
    int size() {
        return value.length;
    }

    /** Where it keeps the entry of two rows, in either order. */
    int at(int row, int column) {
        int upper = Math.min(row, column);
        return start[upper] + Math.max(row, column) - upper;
    }

    /** Takes over another of the same band. */
    void set(BandMatrix other) {
        System.arraycopy(other.value, 0, value, 0, value.length);
    }

    /** Takes a multiple of these entries, as {@link #at} places them. */
    void set(double[] entries, double times) {
        double[] v = value;
        for (int i = 0; i < v.length; i++) {
            v[i] = times * entries[i];
        }
    }

    /** Adds to an entry. */
    void add(int at, double more) {
        value[at] += more;
    }

    /** Adds a multiple of some entries at their places. */
    void add(int[] at, double[] entries, int from, int to, double times) {
        double[] v = value;
        for (int i = from; i < to; i++) {
            v[at[i]] += times * entries[i];
        }
    }

    /** Adds these entries at places that stand from {@code first} on. */
    void add(int[] at, int first, double[] entries) {
        double[] v = value;
        for (int i = 0; i < entries.length; i++) {
            v[at[first + i]] += entries[i];
        }
    }

    /**
     * Takes what it makes of some numbers from others; as long as it has not been turned into its factors.
     *
     * @param x the numbers, from {@code from} on
     * @param less loses what comes of them, from {@code from} on
     */
    void multiply(double[] x, int from, double[] less) {
        double[] v = value;
        for (int k = 0; k < start.length; k++) {
            int row = start[k];
            int at = from + k;
            double here = x[at];
            double sum = v[row] * here;
            for (int m = 1; m < length[k]; m++) {
                double entry = v[row + m];
                sum += entry * x[at + m];
                less[at + m] -= entry * here;
            }
            less[at] -= sum;
        }
    }

    /** Turns it into its factors: each row over its diagonal, and the diagonal's inverse. */
    void factor() {
        double[] v = value;
        for (int k = 0; k < start.length; k++) {
            int row = start[k];
            int count = length[k];
            double inverse = 1 / v[row];
            for (int m = 1; m < count; m++) {
                double entry = v[row + m];
                if (entry != 0) {
                    subtract(v, start[k + m], row + m, count - m, entry * inverse);
                }
            }
            v[row] = inverse;
        }
    }

    private static void subtract(double[] v, int to, int from, int count, double times) {
        for (int j = 0; j < count; j++) {
            v[to + j] -= times * v[from + j];
        }
    }

    /** Solves for a right-hand side, in its place; {@link #factor} first. */
    void solve(double[] x) {
        double[] v = value;
        for (int k = 0; k < start.length; k++) {
            int row = start[k];
            double y = x[k] * v[row];
            for (int m = 1; m < length[k]; m++) {
                x[k + m] -= v[row + m] * y;
            }
            x[k] = y;
        }
        for (int k = start.length - 1; k >= 0; k--) {
            int row = start[k];
            double even = 0;
            double odd = 0;
            int m = 1;
            for (; m + 1 < length[k]; m += 2) {
                even += v[row + m] * x[k + m];
                odd += v[row + m + 1] * x[k + m + 1];
            }
            if (m < length[k]) {
                even += v[row + m] * x[k + m];
            }
            x[k] -= (even + odd) * v[row];
        }
    }
}
