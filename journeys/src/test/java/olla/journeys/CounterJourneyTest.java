package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** At the Counter: a whole fish bought by weight goes to the Bench; one is refused; a slip of units is caught. */
class CounterJourneyTest {

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Screen screen;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
    }

    @BeforeEach
    void atTheCounter() {
        screen.openAfresh("/counter");
        screen.see(Counter.STEP);
    }

    private static void wholeBream() {
        Bench.fish(screen, Counter.FOUND, "do", "Sea bream");
        screen.waitForText(Counter.FOUND, "Sparus aurata");
        screen.tap(Part.radio("Whole").in(Counter.FOUND));
        screen.type(Counter.THICKEST, "");
    }

    private static void every(int look, int first, int last) {
        for (int row = first; row <= last; row++) {
            screen.tap(Counter.look(row, look));
        }
    }

    @Test
    void aWholeFishBoughtByWeightIsGradedPreparedAndSentToTheBench() {
        wholeBream();
        screen.type(Counter.WEIGHS, "600");
        screen.waitForText(Counter.GOOD, "a ruler would narrow the check window");

        screen.waitForText(Counter.VERDICT, "Look at it");
        every(1, 1, 7);
        screen.waitForText(Counter.VERDICT, "grade Extra");
        screen.tap(Counter.look(3, 3));
        screen.waitForText(Counter.VERDICT, "grade A");
        screen.waitForText(Counter.VERDICT, "eye: flat, cloudy");

        assertThat(screen.text(Counter.TO_DO))
                .contains("Scale it from tail to head")
                .doesNotContain("Leave the scales on");
        screen.tap(Part.radio("salt").in(Counter.TO_DO));
        screen.waitForText(Counter.TO_DO, "Leave the scales on");
        screen.waitForText(Counter.TO_DO, "an oven inside the oven");
        screen.tap(Part.of("checkbox", "Gut it").in(Counter.TO_DO));
        screen.see(Part.of("checkbox").checked().in(Counter.TO_DO));
        screen.tap(Part.radio("foil").in(Counter.TO_DO));
        screen.waitForText(Counter.TO_DO, "Scale it");
        screen.waitForText(Counter.TO_DO, "3 pieces");

        screen.tap(Counter.TO_THE_BENCH);
        screen.waitForText(Bench.CHECK_FROM, "min");
        assertThat(screen.path()).isEqualTo("/bench");
        screen.see(Bench.FOIL);
        assertThat(screen.text(Bench.PIECE)).contains("Sparus aurata");
        assertThat(screen.text(Bench.PIECE)).contains("from its weight");

        screen.press("1");
        screen.waitForText(Counter.VERDICT, "grade A");
        screen.see(Part.of("checkbox").checked().in(Counter.TO_DO));
    }

    @Test
    void oneBadCharacterIsARefusal() {
        wholeBream();
        screen.type(Counter.WEIGHS, "600");
        every(1, 1, 7);
        screen.waitForText(Counter.VERDICT, "grade Extra");
        screen.tap(Counter.look(4, 4));
        screen.waitForText(Counter.VERDICT, "Refuse it");
        screen.until(
                "the way to the Bench to close", () -> screen.see(Counter.GO).isEnabled() ? null : true);
    }

    @Test
    void aSlipOfUnitsIsAskedAboutAndMendedWithATap() {
        wholeBream();
        screen.type(Counter.WEIGHS, "8000");
        screen.type(Counter.THICKEST, "12");
        screen.waitForText(Counter.REFUSED, "Did you mean a thickness of 120 mm?");
        screen.type(Counter.THICKEST, "75");
        screen.type(Counter.WEIGHS, "130");
        screen.waitForText(Counter.ASKED, "Did you mean a weight of 3.6");
        screen.tap(Part.button("Yes, that").in(Counter.GOOD));
        screen.until("the question to go", () -> screen.shows(Counter.ASKED) ? null : true);
        assertThat(screen.see(Counter.WEIGHS).getAttribute("value")).isEqualTo("3685");
    }

    @Test
    void aTaperIsJudgedWithItsRemedies() throws Exception {
        screen.tap(Part.radio("Fillet").in(Counter.FOUND));
        screen.type(Counter.THICKEST, "28");
        screen.type(Counter.THINNEST, "8");
        screen.waitForText(Counter.GOOD, "Uneven");
        assertThat(screen.text(Counter.GOOD))
                .contains("take the thin part out", "Cut strips")
                .doesNotContain("Roll it up");
        screen.type(Counter.ANOTHER_PIECE, "15");
        screen.waitForText(Counter.OUT_FIRST, "15 mm");
        assertThat(screen.text(Counter.OUT_FIRST.nth(1))).contains("28 mm");
        screen.tap(Part.radio("milk").in(Counter.TO_DO));
        screen.waitForText(Counter.TO_DO, "Soak it in milk");
        screen.picture(Path.of("target/pictures/counter-taper.png"));
        screen.tap(Part.radio("freezer").in(Counter.FOUND));
        screen.waitForText(Counter.TO_DO, "Thaws in");
    }
}
