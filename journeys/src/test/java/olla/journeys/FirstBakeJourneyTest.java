package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.Keys;

/** From a fish on the Bench to a line in the log, over a killed application and a killed database. */
class FirstBakeJourneyTest {

    @RegisterExtension
    static final Evening EVENING = new Evening("first-bake", "start");

    private static Kitchen kitchen;
    private static Screen screen;

    @BeforeAll
    static void open() {
        kitchen = EVENING.kitchen();
        screen = EVENING.screen();
    }

    @Test
    void aFishGoesFromTheBenchToTheLogAndSurvivesTwoCuts() throws Exception {
        screen.openAfresh("/");
        screen.waitForText(Bench.CHECK_FROM, "min");
        assertThat(screen.path()).isEqualTo("/bench");
        assertThat(screen.text(Bench.TICKET)).containsIgnoringCase("likely").containsIgnoringCase("on the plate");

        double before = screen.minutes(Bench.CHECK_FROM);
        String inside = picture();
        for (int i = 0; i < 4; i++) {
            screen.press("]");
        }
        screen.waitForText(Bench.THICKNESS, "30 mm");
        screen.until("a longer time", () -> screen.minutes(Bench.CHECK_FROM) > before ? true : null);
        screen.until("another inside", () -> !picture().equals(inside) ? true : null);

        double thick = screen.minutes(Bench.CHECK_FROM);
        screen.drag(Bench.KNOB, 0, 40);
        screen.until(
                "a shorter time after dragging the edge down",
                () -> screen.minutes(Bench.CHECK_FROM) < thick ? true : null);
        screen.press("z");
        screen.waitForText(Bench.THICKNESS, "30 mm");

        String atPull = picture();
        screen.press(",");
        screen.press(",");
        screen.until("a colder middle two minutes earlier", () -> !picture().equals(atPull) ? true : null);

        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        String here = screen.path();
        assertThat(here).startsWith("/oven/");
        assertThat(seconds(OvenSide.TIMER)).isGreaterThan(400);
        screen.see(OvenSide.DRAWN);

        kitchen.cut("app");
        kitchen.cut("db");
        screen.waitForText(OvenSide.TROUBLE, "does not answer");
        // Tapped while nobody listens: shown at once, sent when the kitchen computer is back, counted once.
        screen.tap(Part.button("Take it out"));
        // Never a calm sentence over raw fish, not even before the kitchen computer has heard of it.
        screen.waitForText(OvenSide.SAYS, "Put it back");
        screen.waitForText(OvenSide.TROUBLE, "Waiting: out");
        kitchen.olla("start");
        screen.until("the trouble to pass", () -> screen.shows(OvenSide.TROUBLE) ? null : true);
        assertThat(kitchen.get("/api/bakes")).containsOnlyOnce("\"kind\":\"OUT\"");
        screen.reload();
        screen.waitForText(OvenSide.SAYS, "Put it back: it is not cooked");
        screen.waitForText(OvenSide.ALL, "this fish must come to 55 °C");
        screen.press("z");
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        assertThat(screen.path()).isEqualTo(here);
        assertThat(screen.text(OvenSide.ALL)).contains("Zander portion, tray");
        assertThat(screen.title()).contains("Leave it shut");

        screen.tap(Part.button("Take it out"));
        screen.waitForText(OvenSide.SAYS, "Put it back");
        screen.tap(Part.button("It is back in"));
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.see(Part.button("Undo: it went back in"));
        kitchen.waitUntilStored("\"kind\":\"BACK\"");
        kitchen.wentInEarlier("Zander portion, tray", 25 * 60);
        screen.waitForText(OvenSide.SAYS, "Take it out");
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.SAYS, "Let it rest");

        screen.type(OvenSide.NOTE, "Taken out far too soon, on purpose");
        // Its rest is over while somebody types: nothing is taken from under their fingers.
        kitchen.wentInEarlier("Zander portion, tray", 25 * 60);
        screen.waitForText(OvenSide.SAYS, "On the plate");
        assertThat(screen.see(OvenSide.NOTE).getAttribute("value")).isEqualTo("Taken out far too soon, on purpose");
        screen.type(OvenSide.PROBE_AT_THE_MIDDLE, "400");
        screen.waitForText(Part.of("alert"), "A probe in fish reads");
        screen.type(OvenSide.PROBE_AT_THE_MIDDLE, "41");
        screen.tap(Part.button("Under"));
        screen.waitForText(OvenSide.AFTERWARDS, "Zander portion, tray: under");

        screen.press("5");
        screen.waitForText(LogPage.NEWEST, "Zander portion, tray");
        assertThat(screen.text(LogPage.NEWEST))
                .contains("Zander 30 mm")
                .contains("Under")
                .contains("probe 41°")
                .contains("Taken out far too soon");

        kitchen.cut("app");
        kitchen.olla("start");
        screen.reload();
        screen.waitForText(LogPage.NEWEST, "Taken out far too soon");

        screen.tap(LogPage.SEE_IT);
        screen.waitForText(Bench.THICKNESS, "30 mm");
        // A cut server and a refused slip are failed loads; anything else would be a fault of the page.
        assertThat(screen.complaints())
                .filteredOn(c -> !c.contains("Failed to load resource"))
                .isEmpty();
    }

    private static String picture() {
        return screen.see(Bench.PICTURE).getAttribute("href");
    }

    private static int seconds(Part part) {
        String[] parts = screen.text(part).split(":");
        return Integer.parseInt(parts[parts.length - 2]) * 60 + Integer.parseInt(parts[parts.length - 1]);
    }
}
