package olla.core.probe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import olla.core.probe.ProbeJudge.JudgedReading;
import org.junit.jupiter.api.Test;

class ProbeJudgeTest {

    private static final DoubleUnaryOperator WARMEST = minute -> 12 + 4 * minute;
    private static final double IN = Double.POSITIVE_INFINITY;

    private static List<Reading> steady(double from, double to) {
        List<Reading> readings = new ArrayList<>();
        for (double m = from; m <= to; m += 0.1) {
            readings.add(new Reading(m, 8 + 3 * m));
        }
        return readings;
    }

    private static List<Trust> trust(List<Reading> readings) {
        return ProbeJudge.judge(readings, 0, WARMEST, IN).stream()
                .map(JudgedReading::trust)
                .toList();
    }

    @Test
    void whatRisesAsFleshDoesIsBelievedOnceItHasSettled() {
        List<Trust> trust = trust(steady(0, 8));
        assertThat(trust.subList(0, 7)).containsOnly(Trust.SETTLING);
        assertThat(trust.subList(8, trust.size())).containsOnly(Trust.STEADY);
    }

    @Test
    void airIsNotFlesh() {
        List<Reading> readings = steady(0, 4);
        readings.add(new Reading(4.2, 180));
        readings.add(new Reading(4.3, 190));
        List<Trust> trust = trust(readings);
        assertThat(trust.get(trust.size() - 1)).isEqualTo(Trust.IN_THE_AIR);
        assertThat(trust.get(trust.size() - 2)).isEqualTo(Trust.IN_THE_AIR);
    }

    @Test
    void aTipByTheTrayIsTooHotForTheMiddle() {
        List<Reading> readings = new ArrayList<>();
        for (double m = 0; m < 5; m += 0.2) {
            readings.add(new Reading(m, 8 + 10 * m));
        }
        assertThat(trust(readings)).endsWith(Trust.NOT_AT_THE_MIDDLE);
    }

    @Test
    void aJumpIsNotBelievedAndTheNewPlaceOnlyAfterAWhile() {
        List<Reading> readings = steady(0, 4);
        for (double m = 4.1; m < 6; m += 0.1) {
            readings.add(new Reading(m, 8 + 3 * m + 10));
        }
        List<JudgedReading> judged = ProbeJudge.judge(readings, 0, WARMEST, IN);
        List<JudgedReading> after =
                judged.stream().filter(j -> j.reading().minute() > 4.05).toList();
        assertThat(after.get(0).trust()).isEqualTo(Trust.JUMPED);
        assertThat(after.get(3).trust()).isEqualTo(Trust.SETTLING);
        assertThat(after.get(after.size() - 1).trust()).isEqualTo(Trust.STEADY);
        assertThat(after.get(after.size() - 1).place()).isEqualTo(judged.get(0).place() + 1);
    }

    @Test
    void aSingleSpikeCostsItselfAndAPause() {
        List<Reading> readings = steady(0, 3);
        readings.add(new Reading(3.15, 60));
        readings.addAll(steady(3.2, 7));
        List<Trust> trust = trust(readings);
        assertThat(trust).contains(Trust.NOT_AT_THE_MIDDLE).endsWith(Trust.STEADY);
    }

    @Test
    void aMiddleThatGrowsColderInTheOvenHasSlippedOutButOnTheBoardItMay() {
        List<Reading> readings = steady(0, 6);
        for (double m = 6.1; m < 8; m += 0.1) {
            readings.add(new Reading(m, 26 - 4 * (m - 6)));
        }
        assertThat(trust(readings)).endsWith(Trust.FALLING);
        List<JudgedReading> out = ProbeJudge.judge(readings, 0, WARMEST, 6.05);
        assertThat(out.get(out.size() - 1).trust()).isEqualTo(Trust.STEADY);
    }

    @Test
    void whatNoThermometerInAKitchenCanMeanIsNoReading() {
        assertThat(Reading.possible(-127)).isFalse();
        assertThat(Reading.possible(999)).isFalse();
        assertThat(Reading.possible(Double.NaN)).isFalse();
        assertThat(Reading.possible(232)).isTrue();
    }
}
