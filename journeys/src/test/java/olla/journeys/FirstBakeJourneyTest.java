package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.Keys;

/** From a fish on the Bench to a line in the log, over a killed application and a killed database. */
class FirstBakeJourneyTest {

    private static final String CHECK_FROM = ".slip .check dd";

    @RegisterExtension
    static final Evening EVENING = new Evening("first-bake", "demo");

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

        double before = minutes();
        String inside = picture();
        for (int i = 0; i < 4; i++) {
            screen.press("]");
        }
        screen.waitForText(".handle", "30 mm");
        screen.until("a longer time", () -> minutes() > before ? true : null);
        screen.until("another inside", () -> !picture().equals(inside) ? true : null);

        double thick = minutes();
        screen.drag(".handle circle", 0, 40);
        screen.until("a shorter time after dragging the edge down", () -> minutes() < thick ? true : null);
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

        screen.type(".probe input", "400");
        screen.waitForText(".wrong", "A probe in fish reads");
        screen.type(".probe input", "41");
        screen.type(".note input", "Taken out far too soon, on purpose");
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

    @Test
    void theDemoKitchenHasItsBakesInTheLog() throws Exception {
        String log = kitchen.get("/api/log");
        assertThat(log).contains("Char parcels", "Haddock", "Lemon sole", "Zander", "Hake", "trout");
    }

    @Test
    void unitsSwitchInOnePlaceAndTypingKeepsWhatItMeans() {
        screen.openAfresh("/bench");
        screen.waitForText(CHECK_FROM, "min");
        screen.type(".measure input", "25");
        screen.waitForText(".handle", "25 mm");
        double metric = minutes();
        screen.tap(".units");
        screen.waitForText(".handle", "1 in");
        // As a dial and a ruler have it.
        assertThat(screen.text(".slip .oven dd")).isEqualTo("450°");
        assertThat(screen.see(".measure input").getAttribute("value")).isEqualTo("1");
        assertThat(minutes()).isEqualTo(metric);
        // Who counts in inches gets all of it so; only the other dials stand beside, small.
        for (String css : List.of(".side", ".slip .cautions", ".slip .why", ".curve", ".slip dl.quantities")) {
            assertThat(screen.text(css)).as(css).doesNotContainPattern("\\d\\s?(°C|mm\\b|ml\\b|g\\b|kg\\b)|\\[\\d");
        }
        screen.press("]");
        screen.waitForText(".handle", "1⅛ in");
        screen.type(".measure input", "1 1/4");
        screen.waitForText(".handle", "1¼ in");
        screen.tap(".units");
        screen.waitForText(".handle", "32 mm");
    }

    @Test
    void aSlipIsAnsweredBesideItsFieldAndWhatWasTypedStays() {
        screen.openAfresh("/bench");
        screen.waitForText(CHECK_FROM, "min");
        screen.type(".measure input", "260");
        screen.waitForText(".measure .wrong", "Did you mean 26 mm?");
        assertThat(screen.see(".measure input").getAttribute("value")).isEqualTo("260");
        assertThat(screen.see(".main-action").isEnabled()).isFalse();
        screen.type(".measure input", "26");
        screen.until("the refusal to go", () -> screen.shows(".measure .wrong") ? null : true);
    }

    @Test
    void aFishIsFoundByTwoLettersAndWeightAloneIsEnough() {
        screen.openAfresh("/bench");
        screen.waitForText(CHECK_FROM, "min");
        screen.tap(".fish input");
        screen.press("pl");
        screen.tapNamed(".el-select-dropdown__item", "Plaice");
        screen.waitForText(".about", "Pleuronectes platessa");
        screen.type(".measure input", "");
        screen.waitForText(".measure", "from its weight");
        screen.type(".measure input", "26");
        screen.waitForText(".measure", "by ruler");
    }

    private static double minutes() {
        String text = screen.text(CHECK_FROM).replace("½", ".5");
        Matcher number = Pattern.compile("([0-9.]+)").matcher(text);
        assertThat(number.find()).as(text).isTrue();
        return Double.parseDouble(number.group(1));
    }

    private static String picture() {
        return screen.see(".cut image").getAttribute("href");
    }

    private static int seconds(String css) {
        String[] parts = screen.text(css).split(":");
        return Integer.parseInt(parts[parts.length - 2]) * 60 + Integer.parseInt(parts[parts.length - 1]);
    }
}
