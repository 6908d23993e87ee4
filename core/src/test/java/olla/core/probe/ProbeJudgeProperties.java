package olla.core.probe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import olla.core.probe.ProbeJudge.JudgedReading;

class ProbeJudgeProperties {

    private static final double IN = Double.POSITIVE_INFINITY;

    /** Whatever comes, each reading gets its verdict, and nothing is believed that flesh cannot be. */
    @Property(tries = 200)
    void nothingThatFleshCannotBeIsBelieved(@ForAll long seed, @ForAll @IntRange(min = 1, max = 120) int count) {
        Random random = new Random(seed);
        List<Reading> readings = new ArrayList<>();
        double minute = 0;
        for (int i = 0; i < count; i++) {
            minute += 0.02 + random.nextDouble();
            readings.add(new Reading(minute, Reading.COLDEST_C + 400 * random.nextDouble()));
        }
        List<JudgedReading> judged = ProbeJudge.judge(readings, 0, m -> 10 + 4 * m, IN);
        assertThat(judged).extracting(JudgedReading::reading).isEqualTo(readings);
        assertThat(judged)
                .filteredOn(j -> j.trust().believed())
                .allSatisfy(j -> assertThat(j.reading().celsius())
                        .isLessThan(Math.min(100, 10 + 4 * j.reading().minute() + 12.001)));
        for (int i = 1; i < count; i++) {
            assertThat(judged.get(i).place())
                    .isGreaterThanOrEqualTo(judged.get(i - 1).place());
        }
    }

    /** A middle that warms as flesh does, under a sensor's noise, is believed from when it has settled. */
    @Property(tries = 100)
    void aSteadyRiseIsBelievedUnderNoise(
            @ForAll long seed,
            @ForAll @DoubleRange(min = 0.5, max = 6) double perMinute,
            @ForAll @DoubleRange(min = 0, max = 0.5) double noiseC) {
        Random random = new Random(seed);
        List<Reading> readings = new ArrayList<>();
        for (double minute = 0; minute < 8; minute += 1 / 12.0) {
            readings.add(new Reading(minute, 8 + perMinute * minute + noiseC * random.nextGaussian()));
        }
        List<JudgedReading> judged = ProbeJudge.judge(readings, 0, m -> 10 + 6 * m, IN);
        assertThat(judged.stream()
                        .filter(j -> j.reading().minute() > 1)
                        .allMatch(j -> j.trust().believed()))
                .isTrue();
    }

    /** What a slow reading says now is not changed by what comes after it. */
    @Property(tries = 50)
    void laterReadingsDoNotChangeEarlierVerdicts(@ForAll long seed, @ForAll @IntRange(min = 2, max = 60) int count) {
        Random random = new Random(seed);
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            readings.add(new Reading(0.2 * i, 8 + i + 6 * random.nextGaussian()));
        }
        List<JudgedReading> all = ProbeJudge.judge(readings, 0, m -> 10 + 6 * m, IN);
        int half = count / 2;
        assertThat(ProbeJudge.judge(readings.subList(0, half), 0, m -> 10 + 6 * m, IN))
                .isEqualTo(all.subList(0, half));
    }
}
