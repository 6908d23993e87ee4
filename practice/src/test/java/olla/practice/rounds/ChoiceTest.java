package olla.practice.rounds;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import olla.core.freshness.Grading;
import olla.core.freshness.Score;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What was missed, said and chosen; and the drills. */
class ChoiceTest {

    private static Result late(Skill skill, double minutes) {
        return Result.baked(skill, minutes, -2, 12);
    }

    private static List<Mastery> after(Map<Skill, List<Result>> results) {
        return Arrays.stream(Skill.values())
                .map(skill -> Mastery.of(skill, results.getOrDefault(skill, List.of())))
                .toList();
    }

    @Test
    void itBeginsWithTheEasiest() {
        assertThat(Choice.of(after(Map.of()), List.of()).skill()).isEqualTo(Skill.EVEN);
        assertThat(Choice.open(after(Map.of()))).extracting(Mastery::skill).doesNotContain(Skill.THICK, Skill.TWO);
    }

    @Test
    void whereNothingElseIsOpenTheSameComesAgain() {
        List<Mastery> bakes = after(Map.of(Skill.EVEN, Collections.nCopies(2, late(Skill.EVEN, 5)))).stream()
                .filter(m -> m.skill() == Skill.EVEN)
                .toList();
        assertThat(Choice.of(bakes, List.of(Skill.EVEN, Skill.EVEN)).skill()).isEqualTo(Skill.EVEN);
    }

    @Test
    void whatWasMissedComesAgainAndWhatIsKnownDoesNot() {
        Map<Skill, List<Result>> results = new EnumMap<>(Skill.class);
        for (Skill skill : Skill.values()) {
            results.put(skill, Collections.nCopies(3, late(skill, 1)));
        }
        results.put(Skill.THICK, Collections.nCopies(3, late(Skill.THICK, 4)));
        List<Mastery> masteries = after(results);
        assertThat(Choice.of(masteries, List.of(Skill.TAPER)).skill()).isEqualTo(Skill.THICK);
        assertThat(Choice.of(masteries, List.of(Skill.THICK, Skill.THICK)).skill())
                .isNotEqualTo(Skill.THICK);
    }

    @ParameterizedTest
    @CsvSource({
        "3, -1, practice.takes-out-late",
        "-3, -5, practice.takes-out-early",
        "0.2, -2, practice.bakes-within",
        "3.5, 3, practice.looks-late"
    })
    void itIsSaidInWords(double lateMin, double lookedLateMin, String key) {
        Result result = Result.baked(Skill.THICK, lateMin, lookedLateMin, 20);
        assertThat(Mastery.of(Skill.THICK, List.of(result, result)).words().key())
                .isEqualTo(key);
    }

    @Test
    void aFirstRoundIsNotBelievedWholeAndShownOneGetsBetter() {
        double unknown = Mastery.of(Skill.EVEN, List.of()).missed();
        Result bad = late(Skill.EVEN, 12);
        double once = Mastery.of(Skill.EVEN, List.of(bad)).missed();
        assertThat(once).isBetween(unknown, bad.missed());
        Result good = late(Skill.EVEN, 0.5);
        double better = Mastery.of(Skill.EVEN, List.of(bad, good, good)).missed();
        assertThat(better).isLessThan(unknown);
        assertThat(Mastery.of(Skill.EVEN, List.of(good, good, bad)).missed()).isGreaterThan(better);
    }

    /** What was missed badly comes again before what is new, what went fairly well comes after it. */
    @Test
    void whatIsNewComesBeforeWhatGoesFairlyWell() {
        assertThat(Choice.of(after(Map.of(Skill.EVEN, List.of(late(Skill.EVEN, 2)))), List.of(Skill.EVEN))
                        .skill())
                .isEqualTo(Skill.THICK);
        assertThat(Choice.of(after(Map.of(Skill.EVEN, List.of(late(Skill.EVEN, 12)))), List.of(Skill.EVEN))
                        .skill())
                .isEqualTo(Skill.EVEN);
    }

    /** What is asked and what is so come from the published table (Council Regulation (EC) No 2406/96, as core has it). */
    @Test
    void aFishIsGradedAsTheTableDoes() {
        int refused = 0;
        int whole = 0;
        for (long seed = 0; seed < 200; seed++) {
            Freshness drill = Freshness.of(seed);
            assertThat(drill.judgement().grade()).as("seed %d", seed).isNotNull();
            assertThat(drill.looks()).hasSize(drill.whole() ? 7 : 5);
            Score grade = drill.judgement().grade();
            assertThat(drill.result(grade).off()).isZero();
            assertThat(drill.words(grade).key()).isEqualTo("practice.graded-right");
            if (grade == Score.REFUSED) {
                refused++;
                assertThat(drill.words(Score.A).key()).isEqualTo("practice.graded-dangerous");
            }
            whole += drill.whole() ? 1 : 0;
        }
        assertThat(refused).isBetween(30, 90);
        assertThat(whole).isBetween(100, 170);
        assertThat(Grading.of(true, true, Map.of()).grade()).isNull();
    }

    @Test
    void aGuessIsHeldAgainstTheRuler() {
        ByEye piece = ByEye.of(5);
        assertThat(piece.result(piece.thicknessMm()).missed()).isZero();
        assertThat(piece.result(piece.thicknessMm() + 8).close()).isFalse();
        assertThat(piece.words(piece.thicknessMm() + 8).key()).isEqualTo("practice.eye-too-thick");
        assertThat(piece.words(piece.thicknessMm() - 8).key()).isEqualTo("practice.eye-too-thin");
        assertThat(Mastery.of(Skill.BY_EYE, List.of(piece.result(piece.thicknessMm() - 8)))
                        .words()
                        .key())
                .isEqualTo("practice.measures-thin");
    }

    /** A cook who looks late at thick pieces alone is brought back to them, and gets better. */
    @Test
    void aLearnerGetsBetter() {
        Exercise exercise = Exercise.of(Skill.EVEN, 11);
        Learner learner = new Learner(2);
        double before = Timing.result(Skill.EVEN, learner.plays(exercise, 1)).missed();
        for (int round = 0; round < 8; round++) {
            learner.learns(Skill.EVEN, learner.plays(exercise, round));
        }
        assertThat(Timing.result(Skill.EVEN, learner.plays(exercise, 1)).missed())
                .isLessThan(before);
    }
}
