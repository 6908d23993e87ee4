package olla.core.uncertainty;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import olla.core.uncertainty.Doubt.About;

/**
 * Which part of how slow a dish is comes from its oven. What is seen of a fish tells how slow it is and hardly anything else; of that the oven is a
 * sixth or so, and a few hundred members are too few to read a sixth off their own oven's spread. So it is read off their minutes, which
 * move plainly, by linear regression (control variates: general statistics, from memory). Immutable.
 *
 * @param mean of the logarithm of the members' minutes before anything was observed
 * @param variance of that
 * @param withOffset what it has in common with the oven's error, in standard deviations of that
 * @param withFilm the same with its film
 */
record OvenShare(double mean, double variance, double withOffset, double withFilm) {

    /* A dish whose minutes hardly differ, whatever its oven, tells nothing of it. */
    private static final double SAME = 1e-12;

    /**
     * What is believed of an oven, in standard deviations of what was believed before.
     *
     * @param offset its error
     * @param offsetVariance of that
     * @param both what the two have in common
     * @param film its film
     * @param filmVariance of that
     */
    record Posterior(double offset, double offsetVariance, double both, double film, double filmVariance) {}

    /** Members before anything was observed, all of one weight. */
    static OvenShare of(List<Member> members) {
        double[] even = new double[members.size()];
        Arrays.fill(even, 1.0 / even.length);
        double mean = mean(members, even);
        double variance = variance(members, even, mean);
        return new OvenShare(
                mean, variance, common(members, even, mean, About.OVEN), common(members, even, mean, About.FILM));
    }

    /** After the members were weighed, or drawn again. */
    Posterior after(List<Member> members, double[] weight) {
        if (variance < SAME) {
            return new Posterior(0, 1, 0, 0, 1);
        }
        double now = mean(members, weight);
        // No fish makes an oven less known than it was.
        double known = Math.max(0, 1 - variance(members, weight, now) / variance);
        return after((now - mean) / variance, known);
    }

    /** What would be believed of the oven, as far as its doubt goes, where this share of the minutes' variance were gone, 0 to 1. */
    Posterior knowing(double known) {
        return variance < SAME ? new Posterior(0, 1, 0, 0, 1) : after(0, Math.max(0, known));
    }

    /** The spread of the minutes' logarithm in an oven of which this is believed, over what it is where nothing more is: 0 to 1. */
    double narrowedBy(Posterior oven) {
        if (variance < SAME) {
            return 1;
        }
        double gone = withOffset * withOffset * (1 - oven.offsetVariance())
                - 2 * withOffset * withFilm * oven.both()
                + withFilm * withFilm * (1 - oven.filmVariance());
        return Math.sqrt(Math.max(0, variance - gone) / variance);
    }

    /** What was observed says so much of the minutes' logarithm, apart from what was known of it before. */
    record Said(double mean, double variance) {}

    /** What the members' weights say; empty where that is nothing (the quotient of two normal densities). */
    Optional<Said> said(List<Member> members, double[] weight) {
        if (variance < SAME) {
            return Optional.empty();
        }
        double now = mean(members, weight);
        double sure = 1 / Math.max(SAME, variance(members, weight, now)) - 1 / variance;
        return sure * variance < OvenEvidence.SAYS_NOTHING
                ? Optional.empty()
                : Optional.of(new Said(
                        ((1 / Math.max(SAME, variance(members, weight, now))) * now - mean / variance) / sure,
                        1 / sure));
    }

    private Posterior after(double slower, double known) {
        return new Posterior(
                withOffset * slower,
                1 - withOffset * withOffset / variance * known,
                -withOffset * withFilm / variance * known,
                withFilm * slower,
                1 - withFilm * withFilm / variance * known);
    }

    private static double slowness(Member member) {
        return Math.log(member.openMinutes());
    }

    private static double mean(List<Member> members, double[] weight) {
        double sum = 0;
        for (int i = 0; i < weight.length; i++) {
            sum += weight[i] * slowness(members.get(i));
        }
        return sum;
    }

    private static double variance(List<Member> members, double[] weight, double mean) {
        double sum = 0;
        for (int i = 0; i < weight.length; i++) {
            double off = slowness(members.get(i)) - mean;
            sum += weight[i] * off * off;
        }
        return sum;
    }

    private static double common(List<Member> members, double[] weight, double mean, About about) {
        double sum = 0;
        for (int i = 0; i < weight.length; i++) {
            Member member = members.get(i);
            sum += weight[i] * (slowness(member) - mean) * member.z()[about.ordinal()];
        }
        return sum;
    }
}
