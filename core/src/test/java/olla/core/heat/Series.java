package olla.core.heat;

import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Closed-form cooling and heating of a slab, a long cylinder and a sphere with convection at the face (published:
 * Carslaw and Jaeger, Conduction of Heat in Solids, 1959; in Incropera's form). All give 1 at the start, 0 at the end.
 */
final class Series {

    private static final int TERMS = 60;

    private Series() {}

    /** Excess temperature in a slab of half-thickness 1 at place x in -1..1. */
    static double slab(double biot, double fourier, double x) {
        double sum = 0;
        for (int n = 0; n < TERMS; n++) {
            double z = root(t -> t * Math.sin(t) - biot * Math.cos(t), n * Math.PI, n * Math.PI + Math.PI / 2);
            double c = 4 * Math.sin(z) / (2 * z + Math.sin(2 * z));
            sum += c * Math.exp(-z * z * fourier) * Math.cos(z * x);
        }
        return sum;
    }

    /** Excess temperature in a long cylinder of radius 1 at radius r. */
    static double cylinder(double biot, double fourier, double r) {
        double sum = 0;
        UnivariateFunction f = t -> t * bessel(1, t) - biot * bessel(0, t);
        double from = 1e-9;
        for (int n = 0; n < TERMS / 2; n++) {
            double to = from + 0.05;
            while (f.value(from) * f.value(to) > 0) {
                from = to;
                to += 0.05;
            }
            double z = root(f, from, to);
            from = to;
            double j0 = bessel(0, z);
            double j1 = bessel(1, z);
            sum += 2 / z * j1 / (j0 * j0 + j1 * j1) * Math.exp(-z * z * fourier) * bessel(0, z * r);
        }
        return sum;
    }

    /** Excess temperature in a sphere of radius 1 at radius r above 0. */
    static double sphere(double biot, double fourier, double r) {
        double sum = 0;
        for (int n = 0; n < TERMS; n++) {
            double z =
                    root(t -> t * Math.cos(t) - (1 - biot) * Math.sin(t), n * Math.PI + 1e-9, (n + 1) * Math.PI - 1e-9);
            double c = 4 * (Math.sin(z) - z * Math.cos(z)) / (2 * z - Math.sin(2 * z));
            sum += c * Math.exp(-z * z * fourier) * Math.sin(z * r) / (z * r);
        }
        return sum;
    }

    private static double root(UnivariateFunction f, double from, double to) {
        return new BrentSolver(1e-12).solve(200, f, from, to);
    }

    /** Bessel function of the first kind by its integral, J_n(x) = 1/pi integral of cos(n t - x sin t). */
    private static double bessel(int order, double x) {
        int steps = 400;
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            double t = (i + 0.5) * Math.PI / steps;
            sum += Math.cos(order * t - x * Math.sin(t));
        }
        return sum / steps;
    }
}
