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
        screen.see(".prep li");
    }

    private static void wholeBream() {
        screen.fish("do", "Sea bream");
        screen.waitForText(".about", "Sparus aurata");
        screen.tapNamed(".side button", "Whole");
        screen.type(".measure input", "");
    }

    private static void every(String look, int first, int last) {
        for (int row = first; row <= last; row++) {
            screen.tap(".sense:nth-child(" + row + ") button:nth-of-type(" + look + ")");
        }
    }

    @Test
    void aWholeFishBoughtByWeightIsGradedPreparedAndSentToTheBench() {
        wholeBream();
        screen.type(".measure[data-of=Weighs] input", "600");
        screen.waitForText(".sure", "a ruler would narrow the check window");

        screen.waitForText(".verdict", "Look at it");
        every("1", 1, 7);
        screen.waitForText(".verdict h2", "grade Extra");
        screen.tap(".sense:nth-child(3) button:nth-of-type(3)");
        screen.waitForText(".verdict h2", "grade A");
        screen.waitForText(".verdict p", "eye: flat, cloudy");

        assertThat(screen.text(".prep")).contains("Scale it from tail to head").doesNotContain("Leave the scales on");
        screen.tapNamed(".right button", "salt");
        screen.waitForText(".prep", "Leave the scales on");
        screen.waitForText(".fit", "an oven inside the oven");
        screen.tapNamed(".prep label", "Gut it");
        screen.see(".prep li.done");
        screen.tapNamed(".right button", "foil");
        screen.waitForText(".prep", "Scale it");
        screen.waitForText(".say", "3 pieces");

        screen.tapNamed(".right button", "To the Bench");
        screen.waitForText(".slip .check dd", "min");
        assertThat(screen.path()).isEqualTo("/bench");
        screen.see(".air.foil");
        assertThat(screen.text(".about")).contains("Sparus aurata");
        assertThat(screen.text(".measure")).contains("from its weight");

        screen.press("1");
        screen.waitForText(".verdict h2", "grade A");
        screen.see(".prep li.done");
    }

    @Test
    void oneBadCharacterIsARefusal() {
        wholeBream();
        screen.type(".measure[data-of=Weighs] input", "600");
        every("1", 1, 7);
        screen.waitForText(".verdict h2", "grade Extra");
        screen.tap(".sense:nth-child(4) button:nth-of-type(4)");
        screen.waitForText(".verdict h2", "Refuse it");
        screen.until(
                "the way to the Bench to close",
                () -> screen.see(".right .main-action").isEnabled() ? null : true);
    }

    @Test
    void aSlipOfUnitsIsAskedAboutAndMendedWithATap() {
        wholeBream();
        screen.type(".measure[data-of=Weighs] input", "8000");
        screen.type(".measure input", "12");
        screen.waitForText(".measure .wrong", "Did you mean a thickness of 120 mm?");
        screen.type(".measure input", "75");
        screen.type(".measure[data-of=Weighs] input", "130");
        screen.waitForText(".slip", "Did you mean a weight of 3.6");
        screen.tapNamed(".slip button", "Yes, that");
        screen.until("the question to go", () -> screen.shows(".slip") ? null : true);
        assertThat(screen.see(".measure[data-of=Weighs] input").getAttribute("value"))
                .isEqualTo("3685");
    }

    @Test
    void aTaperIsJudgedWithItsRemedies() throws Exception {
        screen.tapNamed(".side button", "Fillet");
        screen.type(".measure input", "28");
        screen.type(".measure[data-of=Thinnest] input", "8");
        screen.waitForText(".even", "Uneven");
        assertThat(screen.text(".even"))
                .contains("take the thin part out", "Cut strips")
                .doesNotContain("Roll it up");
        screen.type(".order input", "15");
        screen.waitForText(".order ol", "15 mm");
        assertThat(screen.text(".order ol").indexOf("15 mm"))
                .isLessThan(screen.text(".order ol").indexOf("28 mm"));
        screen.tapNamed(".right button", "milk");
        screen.waitForText(".prep", "Soak it in milk");
        screen.picture(Path.of("target/pictures/counter-taper.png"));
        screen.tapNamed(".side button", "freezer");
        screen.waitForText(".right", "Thaws in");
    }
}
