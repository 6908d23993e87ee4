package olla.core.uncertainty;

import java.util.Arrays;
import java.util.Random;
import olla.core.dress.Dress;
import olla.core.uncertainty.Doubt.About;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.random.SobolSequenceGenerator;

/**
 * Standard normal draws for the unknowns: a Sobol sequence (Hipparchus) turned by a random vector of the seed's, so that
 * few draws cover the space evenly and another seed gives another cover. Draws come in mirrored pairs, which puts the middle
 * where it belongs. What a section is built from takes few values
 * only, so that members can share sections: levels of equal weight with mean 0 and variance 1.
 */
final class Draws {

    private static final int THICKNESS_LEVELS = 12;
    private static final int CONTACT_LEVELS = 3;
    private static final int SALT_LEVELS = 3;

    private final SobolSequenceGenerator sobol;
    private final double[] turn;
    private final double[][] levels;
    private double[] mirrored;

    Draws(Dress dress, long seed) {
        int dimensions = ModelClock.DRAWS;
        this.sobol = new SobolSequenceGenerator(dimensions);
        Random random = new Random(seed);
        this.turn = random.doubles(dimensions).toArray();
        this.levels = new double[dimensions][];
        levels[About.THICKNESS.ordinal()] = levels(THICKNESS_LEVELS);
        levels[About.CONTACT.ordinal()] = levels(CONTACT_LEVELS);
        if (dress.salt().isPresent()) {
            levels[About.WETNESS.ordinal()] = levels(SALT_LEVELS);
        }
    }

    private static double[] levels(int count) {
        NormalDistribution normal = new NormalDistribution();
        double[] z = new double[count];
        double squares = 0;
        for (int i = 0; i < count; i++) {
            z[i] = normal.inverseCumulativeProbability((i + 0.5) / count);
            squares += z[i] * z[i] / count;
        }
        for (int i = 0; i < count; i++) {
            z[i] /= Math.sqrt(squares);
        }
        return z;
    }

    /** The next draw: a standard deviation for each of {@link About} and for how uneven the {@link ModelClock} is. Every second is the one before it, mirrored. */
    double[] next() {
        if (mirrored != null) {
            double[] z = mirrored;
            mirrored = null;
            return z;
        }
        double[] u = sobol.nextVector();
        double[] z = new double[u.length];
        NormalDistribution normal = new NormalDistribution();
        for (int i = 0; i < u.length; i++) {
            double turned = (u[i] + turn[i]) % 1;
            z[i] = levels[i] == null
                    // Open at both ends: nobody is infinitely wrong.
                    ? normal.inverseCumulativeProbability(Math.min(1 - 1e-9, Math.max(1e-9, turned)))
                    : levels[i][(int) (turned * levels[i].length)];
        }
        mirrored = Arrays.stream(z).map(v -> -v).toArray();
        return z;
    }
}
