package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The sparse matrix and its factors against dense ones of a general library (Hipparchus). */
class SparseFactorsTest {

    private record Sample(SparsePattern pattern, SparseMatrix matrix, double[] diagonal, RealMatrix dense) {}

    /* Groups of a few rows that conduct to each other, as elements and springs do; positive definite with a diagonal. */
    private static Sample sample(int rows, long seed) {
        Random random = new Random(seed);
        List<int[]> together = new ArrayList<>();
        for (int g = 0; g < rows; g++) {
            int from = random.nextInt(rows);
            together.add(random.ints(2 + random.nextInt(5), from, Math.min(rows, from + 12))
                    .distinct()
                    .toArray());
        }
        int[] number = Ordering.of(rows, together);
        assertThat(Arrays.stream(number).sorted().toArray())
                .isEqualTo(java.util.stream.IntStream.range(0, rows).toArray());
        together.forEach(group -> Arrays.setAll(group, i -> number[group[i]]));
        SparsePattern pattern = new SparsePattern(rows, together);
        SparseMatrix matrix = new SparseMatrix(pattern);
        RealMatrix dense = new Array2DRowRealMatrix(rows, rows);
        for (int[] group : together) {
            double conducts = 0.1 + random.nextDouble();
            for (int a : group) {
                for (int b : group) {
                    double entry = a == b ? conducts * (group.length - 1) : -conducts;
                    dense.addToEntry(a, b, entry);
                    if (a <= b) {
                        matrix.add(new int[] {pattern.at(b, a)}, 0, new double[] {entry});
                    }
                }
            }
        }
        double[] diagonal = random.doubles(rows, 0.01, 2).toArray();
        return new Sample(pattern, matrix, diagonal, dense);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 7, 40, 177})
    void solvesWhatADenseSolverSolves(int rows) {
        for (int seed = 0; seed < 20; seed++) {
            Sample sample = sample(rows, seed);
            double[] side = new Random(seed).doubles(rows, -1, 1).toArray();
            RealMatrix whole = sample.dense.copy();
            for (int i = 0; i < rows; i++) {
                whole.addToEntry(i, i, sample.diagonal[i]);
            }
            double[] expected = new CholeskyDecomposition(whole)
                    .getSolver()
                    .solve(new ArrayRealVector(side))
                    .toArray();
            SparseFactors factors = new SparseFactors(sample.pattern);
            // Made twice: nothing of the first is left.
            factors.of(sample.matrix, new Random(1).doubles(rows, 1, 2).toArray());
            factors.of(sample.matrix, sample.diagonal);
            factors.solve(side);
            assertThat(side).containsExactly(expected, within(1e-9));
        }
    }

    @Test
    void takesAwayWhatTheMatrixMakes() {
        Sample sample = sample(60, 4);
        double[] x = new Random(4).doubles(65, -1, 1).toArray();
        double[] less = new double[65];
        sample.matrix.multiply(x, 5, less);
        double[] expected = sample.dense.operate(Arrays.copyOfRange(x, 5, 65));
        for (int i = 0; i < 60; i++) {
            assertThat(less[5 + i]).isCloseTo(-expected[i], within(1e-12));
        }
        assertThat(Arrays.copyOf(less, 5)).containsOnly(0);
    }

    /** On a grid, least degree makes far fewer entries than eliminating row after row (published: George and Liu 1989, from memory). */
    @Test
    void leastDegreeFillsLittle() {
        int side = 30;
        List<int[]> together = new ArrayList<>();
        for (int i = 0; i + 1 < side; i++) {
            for (int j = 0; j + 1 < side; j++) {
                together.add(new int[] {i * side + j, i * side + j + 1, (i + 1) * side + j, (i + 1) * side + j + 1});
            }
        }
        int byRow = new SparsePattern(side * side, together).factorColumn.length;
        int[] number = Ordering.of(side * side, together);
        together.forEach(group -> Arrays.setAll(group, i -> number[group[i]]));
        int byDegree = new SparsePattern(side * side, together).factorColumn.length;
        assertThat(byDegree).isLessThan(2 * byRow / 3);
    }
}
