package olla.server.habits;

import static olla.server.bakes.Hakes.hake;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import olla.core.doneness.Doneness;
import olla.core.fish.Habit;
import olla.core.habits.Which;
import olla.core.messages.RefusedInput;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeView;
import olla.server.bakes.HowItWas;
import olla.server.bakes.PutIn;
import olla.server.lessons.Lessons;
import olla.server.query.EstimateAnswer;
import olla.server.query.EstimateRequest;
import olla.server.query.EstimateRequest.HabitPartInput;
import olla.server.query.EstimateRequest.HabitsInput;
import olla.server.query.Question;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A kitchen whose fish goes slower than it is reckoned to, baked by bake. In a real MariaDB. */
@Started(schema = "habits", with = SettableClock.InPlaceOfTheKitchens.class, web = false)
class KitchenHabitsTest {

    @Autowired
    private KitchenHabits habits;

    @Autowired
    private BakeService bakes;

    @Autowired
    private Lessons lessons;

    @Autowired
    private JdbcClient sql;

    @Autowired
    private SettableClock clock;

    @AfterEach
    void clear() {
        sql.sql("delete from bake").update();
        sql.sql("delete from habit_off").update();
        lessons.catchUp(1);
    }

    /* By its probe it peaked so at the likely minute. */
    private void baked(double peakC) {
        UUID id = UUID.randomUUID();
        BakeView in = bakes.putIn(new PutIn(id, "Dinner", 1, hake(), null));
        clock.pass(in.likelyMin());
        bakes.takeOut(id, null);
        clock.pass(5);
        bakes.log(id, new HowItWas(peakC < 54 ? Verdict.UNDER : Verdict.RIGHT, peakC, null, null));
        clock.pass(Duration.ofDays(1));
        lessons.catchUp(1);
    }

    private double likelyMin(EstimateRequest question) {
        return EstimateAnswer.of(Question.of(question)).likelyMin();
    }

    @Test
    void nothingIsFoundBeforeThereAreThreeBakes() {
        baked(50);
        baked(50);
        assertThat(habits.all().habits()).isEmpty();
        assertThat(habits.of(hake())).isEmpty();
    }

    /** Found, said on the ticket, put in with, left out, and believed again. */
    @Test
    void slowFishIsFoundAndSaidAndCanBeLeftOut() {
        for (int i = 0; i < 4; i++) {
            baked(49);
        }
        assertThat(habits.all().habits())
                .extracting(HabitView::about)
                .contains(Which.About.KITCHEN, Which.About.DISH, Which.About.FISH);
        HabitsInput tonight = habits.of(hake()).orElseThrow();
        assertThat(tonight.logSlower()).isBetween(0.01, 0.2);
        assertThat(tonight.logDoubt()).isLessThan(Habit.USUAL_DOUBT);

        EstimateAnswer answer = EstimateAnswer.of(Question.of(hake().going(tonight)));
        assertThat(Math.log(answer.likelyMin() / likelyMin(hake()))).isCloseTo(tonight.logSlower(), within(0.02));
        assertThat(answer.habits()).isNotEmpty().allSatisfy(habit -> {
            assertThat(habit.minutes()).isPositive();
            assertThat(habit.words().key()).startsWith("about.");
        });
        double sum =
                tonight.parts().stream().mapToDouble(part -> part.logSlower()).sum();
        assertThat(sum).isPositive();

        // What is put in is taken for what it is here, whatever the asker knew.
        double before = bakes.putIn(new PutIn(UUID.randomUUID(), "Tonight", 1, hake(), null))
                .likelyMin();
        for (HabitView habit : habits.all().habits()) {
            habits.believe(new HabitInput(habit.about(), habit.of(), false));
        }
        assertThat(habits.of(hake())).isEmpty();
        assertThat(habits.all().habits()).isNotEmpty().noneMatch(HabitView::on);
        double without = bakes.putIn(new PutIn(UUID.randomUUID(), "Tonight", 1, hake(), null))
                .likelyMin();
        assertThat(without).isLessThan(before);
        for (HabitView habit : habits.all().habits()) {
            habits.believe(new HabitInput(habit.about(), habit.of(), true));
        }
        assertThat(habits.of(hake())).contains(tonight);
    }

    /** Asked for again under the same id it is the same bake, whatever was learned meanwhile. */
    @Test
    void puttingInTwiceIsOnceThoughTheHabitsHaveChanged() {
        UUID id = UUID.randomUUID();
        PutIn in = new PutIn(id, "Tonight", 1, hake(), null);
        BakeView first = bakes.putIn(in);
        for (int i = 0; i < 3; i++) {
            baked(49);
        }
        assertThat(bakes.putIn(in).likelyMin()).isEqualTo(first.likelyMin());
    }

    /** What has to be safe is not made quicker by a log; slower it is. */
    @Test
    void whatHasToBeSafeIsNeverMadeQuicker() {
        EstimateRequest safe = hake().forSomebodyAtRisk().to(Doneness.OFFICIAL);
        double plain = likelyMin(safe);
        assertThat(likelyMin(safe.going(new HabitsInput(-0.1, 0.08, List.of()))))
                .isEqualTo(plain);
        assertThat(likelyMin(safe.going(new HabitsInput(0.1, 0.08, List.of())))).isGreaterThan(1.05 * plain);
    }

    /** Nor is it said that it was. */
    @Test
    void whatWasNotMadeQuickerIsNotSaidToBe() {
        HabitsInput quicker = new HabitsInput(-0.1, 0.08, List.of(new HabitPartInput(Which.About.DISH, null, 9, -0.1)));
        EstimateRequest safe = hake().forSomebodyAtRisk().to(Doneness.OFFICIAL);
        assertThat(EstimateAnswer.of(Question.of(hake().going(quicker))).habits())
                .hasSize(1);
        assertThat(EstimateAnswer.of(Question.of(safe.going(quicker))).habits()).isEmpty();
    }

    /** A row that tells what cannot be tells nothing, and hides no other. */
    @Test
    void aBrokenRowHidesNoOther() {
        for (int i = 0; i < 4; i++) {
            baked(49);
        }
        HabitsInput before = habits.of(hake()).orElseThrow();
        for (String broken :
                List.of("told_variance = -1", "told_variance = null", "question_json = '{}'", "told_log = 1e300")) {
            baked(49);
            sql.sql("update bake set " + broken + " order by started_at desc limit 1")
                    .update();
        }
        sql.sql("update oven set lessons = lessons + 1").update();
        assertThat(habits.of(hake()).orElseThrow().parts()).hasSameSizeAs(before.parts());
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> habits.believe(new HabitInput(null, "", true))).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> habits.believe(new HabitInput(Which.About.FISH, "hake", null)))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> Question.of(hake().going(new HabitsInput(2, 0.08, List.of()))))
                .isInstanceOf(RefusedInput.class);
    }
}
