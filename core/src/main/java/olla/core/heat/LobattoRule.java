package olla.core.heat;

/**
 * The Gauss-Lobatto-Legendre points of one order on -1..1: where a spectral element has its nodes, how they are weighted, and how
 * what is known at them is differentiated (published: Canuto, Hussaini, Quarteroni and Zang, Spectral Methods, Fundamentals in
 * Single Domains, section 2.3, from memory). A rule of order p integrates polynomials up to degree 2p - 1 exactly. Immutable.
 */
final class LobattoRule {

    private static final int MOST_ROUNDS = 60;

    private final double[] points;
    private final double[] weights;
    private final double[][] derivative;

    /* One over the product of each point's distances from the others. */
    private final double[] apart;

    /** @param order of the polynomials, 1 or more: there is one point more */
    LobattoRule(int order) {
        int count = order + 1;
        points = new double[count];
        weights = new double[count];
        for (int i = 0; i < count; i++) {
            points[i] = i == 0 || i == order ? Math.signum(i - 0.5) : inner(order, -Math.cos(Math.PI * i / order));
            double legendre = legendre(order, points[i])[0];
            weights[i] = 2 / (order * (order + 1.0) * legendre * legendre);
        }
        apart = new double[count];
        for (int i = 0; i < count; i++) {
            double product = 1;
            for (int j = 0; j < count; j++) {
                product *= j == i ? 1 : points[i] - points[j];
            }
            apart[i] = 1 / product;
        }
        derivative = new double[count][count];
        for (int i = 0; i < count; i++) {
            for (int j = 0; j < count; j++) {
                if (i != j) {
                    derivative[i][j] =
                            legendre(order, points[i])[0] / legendre(order, points[j])[0] / (points[i] - points[j]);
                    // A constant has no slope.
                    derivative[i][i] -= derivative[i][j];
                }
            }
        }
    }

    /* Newton's method for an inner point, where the Legendre polynomial's slope is nothing. */
    private static double inner(int order, double from) {
        double x = from;
        for (int i = 0; i < MOST_ROUNDS; i++) {
            double[] legendre = legendre(order, x);
            x -= (x * legendre[0] - legendre[1]) / ((order + 1) * legendre[0]);
        }
        return x;
    }

    /* The Legendre polynomials of this order and of the one before, by their recurrence. */
    private static double[] legendre(int order, double x) {
        double before = 1;
        double now = x;
        for (int k = 2; k <= order; k++) {
            double next = ((2 * k - 1) * x * now - (k - 1) * before) / k;
            before = now;
            now = next;
        }
        return new double[] {now, before};
    }

    /** How many points there are. */
    int count() {
        return points.length;
    }

    /** A point, -1 to 1. */
    double point(int i) {
        return points[i];
    }

    /** What a point weighs; all together weigh 2. */
    double weight(int i) {
        return weights[i];
    }

    /** What the polynomial that is 1 at point {@code of} and 0 at the others rises by at point {@code at}. */
    double slope(int at, int of) {
        return derivative[at][of];
    }

    /** What each point's polynomial is worth at a place between -1 and 1. */
    double[] basis(double x) {
        double[] worth = new double[points.length];
        for (int i = 0; i < worth.length; i++) {
            double product = apart[i];
            for (int j = 0; j < points.length; j++) {
                product *= j == i ? 1 : x - points[j];
            }
            worth[i] = product;
        }
        return worth;
    }

    /** How each point's polynomial rises at a place between -1 and 1. */
    double[] slopes(double x) {
        double[] worth = basis(x);
        double[] slopes = new double[points.length];
        for (int i = 0; i < slopes.length; i++) {
            for (int j = 0; j < slopes.length; j++) {
                slopes[i] += worth[j] * derivative[j][i];
            }
        }
        return slopes;
    }
}
