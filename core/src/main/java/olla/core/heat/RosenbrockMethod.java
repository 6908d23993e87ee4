package olla.core.heat;

/**
 * A linearly implicit Runge-Kutta method whose order does not hang on how exact its matrix is (a W-method), in the form that needs
 * no product with that matrix: for y' = f(y) and A about f's Jacobian
 *
 * <pre>
 * (1/(h gamma) - A) U_i = f(y + sum_j a_ij U_j) + sum_j (c_ij / h) U_j      i = 1..s, j below i
 * y after h seconds     = y + sum_i m_i U_i,   wrong by about sum_i e_i U_i
 * </pre>
 *
 * (published: Hairer and Wanner, Solving Ordinary Differential Equations II, section IV.7, from memory).
 */
final class RosenbrockMethod {

    /* One stage's share of the step's diagonal, and the coefficients below it. */
    private static final double GAMMA = 4.3586652150845900e-01;

    /**
     * ROS34PW2: four stages, third order for any matrix, L-stable and stiffly accurate for the exact one, with a second-order
     * companion (published: Rang and Angermann 2005, New Rosenbrock W-methods of order 3 for partial differential algebraic equations
     * of index 1, BIT 45, from memory; its order is held by a test).
     */
    static final RosenbrockMethod ROS34PW2 = new RosenbrockMethod(
            new double[][] {
                {0, 0, 0, 0},
                {8.7173304301691801e-01, 0, 0, 0},
                {8.4457060015369423e-01, -1.1299064236484185e-01, 0, 0},
                {0, 0, 1, 0}
            },
            new double[][] {
                {GAMMA, 0, 0, 0},
                {-8.7173304301691801e-01, GAMMA, 0, 0},
                {-9.0338057013044082e-01, 5.4180672388095326e-02, GAMMA, 0},
                {2.4212380706095346e-01, -1.2232505839045147e+00, 5.4526025533510214e-01, GAMMA}
            },
            new double[] {
                2.4212380706095346e-01, -1.2232505839045147e+00, 1.5452602553351020e+00, 4.3586652150845900e-01
            },
            new double[] {
                3.7810903145819369e-01, -9.6042292212423178e-02, 5.0000000000000000e-01, 2.1793326075422950e-01
            });

    /** Of its companion, by which the error of a step is told. */
    static final int COMPANION_ORDER = 2;

    final int stages;
    final double gamma;
    final double[][] a;
    final double[][] c;
    final double[] m;
    final double[] e;

    /**
     * @param alpha what each stage takes of those before
     * @param gammas the stages' shares of the matrix, lower triangle, the diagonal all alike
     * @param b what each is worth in the end
     * @param companion the same of the method that is compared with
     */
    private RosenbrockMethod(double[][] alpha, double[][] gammas, double[] b, double[] companion) {
        stages = b.length;
        gamma = gammas[0][0];
        double[][] inverse = lowerInverse(gammas);
        a = new double[stages][stages];
        c = new double[stages][stages];
        m = new double[stages];
        e = new double[stages];
        for (int j = 0; j < stages; j++) {
            for (int i = 0; i < stages; i++) {
                for (int k = 0; k < stages; k++) {
                    a[i][j] += alpha[i][k] * inverse[k][j];
                }
                c[i][j] = i == j ? 0 : -inverse[i][j];
                m[j] += b[i] * inverse[i][j];
                e[j] += (b[i] - companion[i]) * inverse[i][j];
            }
        }
    }

    private static double[][] lowerInverse(double[][] lower) {
        double[][] inverse = new double[lower.length][lower.length];
        for (int column = 0; column < lower.length; column++) {
            for (int i = column; i < lower.length; i++) {
                double sum = i == column ? 1 : 0;
                for (int j = column; j < i; j++) {
                    sum -= lower[i][j] * inverse[j][column];
                }
                inverse[i][column] = sum / lower[i][i];
            }
        }
        return inverse;
    }
}
