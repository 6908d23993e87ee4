package olla.practice.kitchen;

import java.util.SplittableRandom;

/** Numbers of one drawn kitchen. Mutable. */
final class Draw {

    private final SplittableRandom random;

    Draw(long seed) {
        random = new SplittableRandom(seed);
    }

    double between(double least, double most) {
        return least + (most - least) * random.nextDouble();
    }

    double about(double middle, double deviation) {
        return middle + deviation * random.nextGaussian();
    }

    /** About a value, never below nothing: its logarithm has this deviation. */
    double times(double middle, double logDeviation) {
        return middle * Math.exp(logDeviation * random.nextGaussian());
    }

    boolean once(double share) {
        return random.nextDouble() < share;
    }

    <T> T one(T[] of) {
        return of[random.nextInt(of.length)];
    }
}
