package olla.core.heat;

/** A symmetric matrix on a {@link SparsePattern}. Mutable, for one thread; nothing is allocated after it is made. */
final class SparseMatrix {

    private final SparsePattern pattern;
    final double[] entries;

    /** One without entries. */
    SparseMatrix(SparsePattern pattern) {
        this.pattern = pattern;
        this.entries = new double[pattern.size()];
    }

    /** What stands in the diagonal of a row. */
    double diagonal(int row) {
        return entries[pattern.start[row]];
    }

    /** Takes a multiple of these entries, as {@link SparsePattern#at} places them. */
    void set(double[] others, double times) {
        for (int i = 0; i < entries.length; i++) {
            entries[i] = times * others[i];
        }
    }

    /** Adds a multiple of some entries at their places. */
    void add(int[] at, double[] more, int from, int to, double times) {
        double[] v = entries;
        for (int i = from; i < to; i++) {
            v[at[i]] += times * more[i];
        }
    }

    /** Adds these entries at places that stand from {@code first} on. */
    void add(int[] at, int first, double[] more) {
        double[] v = entries;
        for (int i = 0; i < more.length; i++) {
            v[at[first + i]] += more[i];
        }
    }

    /**
     * Takes what it makes of some numbers from others.
     *
     * @param x the numbers, from {@code from} on
     * @param less loses what comes of them, from {@code from} on
     */
    void multiply(double[] x, int from, double[] less) {
        double[] v = entries;
        int[] start = pattern.start;
        int[] column = pattern.column;
        for (int k = 0; k < pattern.rows; k++) {
            double here = x[from + k];
            double sum = v[start[k]] * here;
            for (int at = start[k] + 1; at < start[k + 1]; at++) {
                int there = from + column[at];
                sum += v[at] * x[there];
                less[there] -= v[at] * here;
            }
            less[from + k] -= sum;
        }
    }
}
