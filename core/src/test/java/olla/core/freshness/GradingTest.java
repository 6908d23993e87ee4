package olla.core.freshness;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class GradingTest {

    private static Map<Sense, Score> all(boolean whole, Score score) {
        Map<Sense, Score> seen = new EnumMap<>(Sense.class);
        Arrays.stream(Sense.values()).filter(s -> s.whole() == whole).forEach(s -> seen.put(s, score));
        return seen;
    }

    @ParameterizedTest
    @CsvSource({"true,EXTRA", "true,A", "true,B", "false,EXTRA", "false,A", "false,B"})
    void aFishThatIsOneGradeThroughoutHasThatGrade(boolean whole, Score score) {
        Judgement judgement = Grading.of(whole, false, all(whole, score));
        assertThat(judgement.grade()).isEqualTo(score);
        assertThat(judgement.eat()).isTrue();
    }

    /** Source: Regulation (EC) No 2406/96: fish not admitted is not put on sale for eating (from memory). */
    @ParameterizedTest
    @EnumSource(Sense.class)
    void oneCharacterNotAdmittedIsARefusal(Sense sense) {
        Map<Sense, Score> seen = all(sense.whole(), Score.EXTRA);
        seen.put(sense, Score.REFUSED);
        Judgement judgement = Grading.of(sense.whole(), false, seen);
        assertThat(judgement.grade()).isEqualTo(Score.REFUSED);
        assertThat(judgement.eat()).isFalse();
        assertThat(judgement.reason().toString()).startsWith("grading.refused").contains("sense." + sense + ".inside");
    }

    @Test
    void aRefusalNeedsNoSecondLook() {
        assertThat(Grading.of(true, false, Map.of(Sense.EYE, Score.REFUSED)).grade())
                .isEqualTo(Score.REFUSED);
    }

    @Test
    void withoutSmellAndGillsThereIsNoGrade() {
        Map<Sense, Score> seen = all(true, Score.EXTRA);
        seen.remove(Sense.SMELL);
        Judgement judgement = Grading.of(true, false, seen);
        assertThat(judgement.grade()).isNull();
        assertThat(judgement.eat()).isFalse();
        assertThat(judgement.missing()).containsExactly(Sense.SMELL);
    }

    @Test
    void whatBelongsToTheOtherKindDoesNotCount() {
        assertThat(Grading.of(false, false, all(true, Score.EXTRA)).grade()).isNull();
        assertThat(Grading.of(false, false, Map.of(Sense.EYE, Score.REFUSED)).grade())
                .isNull();
    }

    @Test
    void theReasonNamesTheWeakestCharacter() {
        Map<Sense, Score> seen = all(true, Score.EXTRA);
        seen.put(Sense.EYE, Score.B);
        Judgement judgement = Grading.of(true, false, seen);
        assertThat(judgement.grade()).isEqualTo(Score.A);
        assertThat(judgement.reason())
                .hasToString("grading.but-for{senses=list{value=[sense.EYE.inside]}, look=look.EYE.B}");
    }

    @Property(tries = 300, seed = "20261125")
    void aDoubtNeverEndsInARecommendationToEat(@ForAll boolean whole, @ForAll @Size(max = 12) Map<Sense, Score> seen) {
        Judgement judgement = Grading.of(whole, false, seen);
        boolean refused =
                seen.entrySet().stream().anyMatch(e -> e.getKey().whole() == whole && e.getValue() == Score.REFUSED);
        if (refused) {
            assertThat(judgement.grade()).isEqualTo(Score.REFUSED);
        }
        if (refused || !judgement.missing().isEmpty()) {
            assertThat(judgement.eat()).isFalse();
        }
        if (judgement.grade() == Score.B) {
            assertThat(judgement.advice()).hasToString("grading.today");
        }
    }

    @Property(tries = 300, seed = "20261125")
    void aWorseCharacterNeverBettersTheGrade(@ForAll boolean whole, @ForAll Sense worse, @ForAll Score base) {
        Map<Sense, Score> seen = all(whole, base);
        Judgement before = Grading.of(whole, false, seen);
        if (worse.whole() == whole && base != Score.REFUSED) {
            seen.put(worse, Score.values()[base.ordinal() + 1]);
            assertThat(Grading.of(whole, false, seen).grade()).isGreaterThanOrEqualTo(before.grade());
        }
    }

    /** Source: USDA FSIS storage chart: raw fish 1 to 2 days in the refrigerator; lean frozen 6 to 8 months (from memory). */
    @Test
    void fishKeepsTwoDaysColdAndHalfAYearFrozen() {
        assertThat(Keeping.FRIDGE.hours(false)).isEqualTo(48);
        assertThat(Keeping.ON_ICE.hours(true)).isEqualTo(48);
        assertThat(Keeping.THAWED.hours(false)).isLessThan(48);
        assertThat(Keeping.FROZEN.hours(false) / 24).isBetween(180, 240);
        assertThat(Keeping.FROZEN.hours(true)).isLessThan(Keeping.FROZEN.hours(false));
    }

    /** Source: Regulation (EC) No 2406/96, bluefish table: gills dark red to purple (from memory). */
    @Test
    void oilyFishAreJudgedByTheirOwnTable() {
        assertThat(Sense.GILLS.look(Score.EXTRA, true)).hasToString("look.GILLS.bluefish.EXTRA");
        assertThat(Sense.GILLS.look(Score.EXTRA, false)).hasToString("look.GILLS.EXTRA");
        assertThat(Sense.EYE.look(Score.A, true)).isEqualTo(Sense.EYE.look(Score.A, false));
        Map<Sense, Score> seen = all(true, Score.EXTRA);
        seen.put(Sense.SKIN, Score.B);
        assertThat(Grading.of(true, true, seen).reason().values())
                .hasToString("{senses=list{value=[sense.SKIN.inside]}, look=look.SKIN.bluefish.B}");
    }
}
