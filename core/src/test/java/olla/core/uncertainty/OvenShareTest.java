package olla.core.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import olla.core.uncertainty.Doubt.About;
import org.junit.jupiter.api.Test;

/** Held against the conditional distribution of a linear model with normal errors (general statistics, from memory). */
class OvenShareTest {

    private static final double OFFSET = -0.06;
    private static final double FILM = -0.05;
    private static final double OTHER = 0.12;
    private static final double VARIANCE = OFFSET * OFFSET + FILM * FILM + OTHER * OTHER;

    /* Minutes that hang on error, film and something else as a line. */
    private static List<Member> members(int count) {
        Random random = new Random(7);
        List<Member> members = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double[] z = random.doubles(ModelClock.DRAWS).map(u -> 0).toArray();
            z[About.OVEN.ordinal()] = random.nextGaussian();
            z[About.FILM.ordinal()] = random.nextGaussian();
            double other = random.nextGaussian();
            double log = OFFSET * z[About.OVEN.ordinal()] + FILM * z[About.FILM.ordinal()] + OTHER * other;
            members.add(new Member(z, 12 * Math.exp(log), new double[0]));
        }
        return members;
    }

    /* Weights of a reading that says how slow it is, with an error of its own. */
    private static double[] read(List<Member> members, double log, double error) {
        double[] weight = members.stream()
                .mapToDouble(m -> {
                    double off = (Math.log(m.openMinutes() / 12) - log) / error;
                    return Math.exp(-off * off / 2);
                })
                .toArray();
        double sum = Arrays.stream(weight).sum();
        return Arrays.stream(weight).map(w -> w / sum).toArray();
    }

    @Test
    void itIsTheConditionalDistribution() {
        List<Member> members = members(4096);
        double error = 0.05;
        double gain = VARIANCE / (VARIANCE + error * error);
        OvenShare.Posterior found = OvenShare.of(members).after(members, read(members, 0.15, error));

        assertThat(found.offset()).isCloseTo(OFFSET / VARIANCE * gain * 0.15, within(0.05));
        assertThat(found.film()).isCloseTo(FILM / VARIANCE * gain * 0.15, within(0.05));
        assertThat(found.offsetVariance()).isCloseTo(1 - OFFSET * OFFSET / VARIANCE * gain, within(0.02));
        assertThat(found.filmVariance()).isCloseTo(1 - FILM * FILM / VARIANCE * gain, within(0.02));
        assertThat(found.both()).isCloseTo(-OFFSET * FILM / VARIANCE * gain, within(0.02));
    }

    @Test
    void whatWasNotObservedTellsNothing() {
        List<Member> members = members(256);
        double[] even = new double[256];
        Arrays.fill(even, 1.0 / 256);
        OvenShare.Posterior found = OvenShare.of(members).after(members, even);

        assertThat(found.offset()).isCloseTo(0, within(1e-9));
        assertThat(found.offsetVariance()).isCloseTo(1, within(1e-9));
        assertThat(found.both()).isCloseTo(0, within(1e-9));
    }

    /** However much a surprise spreads the members, no oven is less known for it than before. */
    @Test
    void aSurpriseMakesNoOvenLessKnown() {
        List<Member> members = members(256);
        double[] ends = members.stream()
                .mapToDouble(m -> Math.abs(Math.log(m.openMinutes() / 12)))
                .toArray();
        double sum = Arrays.stream(ends).sum();
        OvenShare.Posterior found = OvenShare.of(members)
                .after(members, Arrays.stream(ends).map(w -> w / sum).toArray());

        assertThat(found.offsetVariance()).isEqualTo(1);
    }
}
