package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.Keys;

/** From a fish on the Bench to a line in the log, over a killed application and a killed database. */
class FirstBakeJourneyTest {

    private static final String CHECK_FROM = ".slip .check dd";

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
        screen.waitForText(CHECK_FROM, "min");
        assertThat(screen.path()).isEqualTo("/bench");
        assertThat(screen.text(".slip")).containsIgnoringCase("likely").containsIgnoringCase("on the plate");

        double before = screen.minutes(CHECK_FROM);
        String inside = picture();
        for (int i = 0; i < 4; i++) {
            screen.press("]");
        }
        screen.waitForText(".handle", "30 mm");
        screen.until("a longer time", () -> screen.minutes(CHECK_FROM) > before ? true : null);
        screen.until("another inside", () -> !picture().equals(inside) ? true : null);

        double thick = screen.minutes(CHECK_FROM);
        screen.drag(".handle circle", 0, 40);
        screen.until(
                "a shorter time after dragging the edge down", () -> screen.minutes(CHECK_FROM) < thick ? true : null);
        screen.press("z");
        screen.waitForText(".handle", "30 mm");

        String atPull = picture();
        screen.press(",");
        screen.press(",");
        screen.until("a colder middle two minutes earlier", () -> !picture().equals(atPull) ? true : null);

        screen.press(Keys.ENTER);
        screen.waitForText("h1", "Leave it shut");
        String here = screen.path();
        assertThat(here).startsWith("/oven/");
        assertThat(seconds(".big")).isGreaterThan(400);
        screen.see(".inside svg");

        kitchen.cut("app");
        kitchen.cut("db");
        screen.waitForText(".trouble", "does not answer");
        // Tapped while nobody listens: shown at once, sent when the kitchen computer is back, counted once.
        screen.tapNamed("button", "Take it out");
        // Never a calm sentence over raw fish, not even before the kitchen computer has heard of it.
        screen.waitForText("h1", "Put it back");
        screen.waitForText(".trouble", "Waiting: out");
        kitchen.olla("start");
        screen.until("the trouble to pass", () -> screen.shows(".trouble") ? null : true);
        assertThat(kitchen.get("/api/bakes")).containsOnlyOnce("\"kind\":\"OUT\"");
        screen.reload();
        screen.waitForText("h1", "Put it back: it is not cooked");
        screen.waitForText(".hint", "this fish must come to 55 °C");
        screen.press("z");
        screen.waitForText("h1", "Leave it shut");
        assertThat(screen.path()).isEqualTo(here);
        assertThat(screen.text(".what")).contains("Zander portion, tray");
        assertThat(screen.title()).contains("Leave it shut");

        screen.tapNamed("button", "Take it out");
        screen.waitForText("h1", "Put it back");
        screen.tapNamed("button", "It is back in");
        screen.waitForText("h1", "Leave it shut");
        screen.waitForText(".more", "Undo: it went back in");
        kitchen.waitUntilStored("\"kind\":\"BACK\"");
        kitchen.wentInEarlier("Zander portion, tray", 25 * 60);
        screen.waitForText("h1", "Take it out");
        screen.press(Keys.ENTER);
        screen.waitForText("h1", "Let it rest");

        screen.type(".note input", "Taken out far too soon, on purpose");
        // Its rest is over while somebody types: nothing is taken from under their fingers.
        kitchen.wentInEarlier("Zander portion, tray", 25 * 60);
        screen.waitForText("h1", "On the plate");
        assertThat(screen.script("return document.querySelector('.note input').value"))
                .isEqualTo("Taken out far too soon, on purpose");
        screen.type(".probe input", "400");
        screen.waitForText(".wrong", "A probe in fish reads");
        screen.type(".probe input", "41");
        screen.tapNamed(".choices button", "Under");
        screen.waitForText(".after .line", "Zander portion, tray: under");

        screen.press("5");
        screen.waitForText(".log ol li", "Zander portion, tray");
        assertThat(screen.text(".log ol li"))
                .contains("Zander 30 mm")
                .contains("Under")
                .contains("probe 41°")
                .contains("Taken out far too soon");

        kitchen.cut("app");
        kitchen.olla("start");
        screen.reload();
        screen.waitForText(".log ol li", "Taken out far too soon");

        screen.tapNamed(".log ol li button", "See it on the Bench");
        screen.waitForText(".handle", "30 mm");
        // A cut server and a refused slip are failed loads; anything else would be a fault of the page.
        assertThat(screen.complaints())
                .filteredOn(c -> !c.contains("Failed to load resource"))
                .isEmpty();
    }

    private static String picture() {
        return screen.see(".cut image").getAttribute("href");
    }

    private static int seconds(String css) {
        String[] parts = screen.text(css).split(":");
        return Integer.parseInt(parts[parts.length - 2]) * 60 + Integer.parseInt(parts[parts.length - 1]);
    }
}
