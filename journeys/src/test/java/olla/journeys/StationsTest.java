package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Rule;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Keys;

/** Every station with the demo data: nothing axe-core objects to, nothing wider than its screen, a picture of each. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class StationsTest {

    /** Where the README's pictures go when {@code -Dolla.pictures} is given; otherwise they are left in target. */
    private static final Path PICTURES = Path.of(System.getProperty("olla.pictures", "target/pictures"));

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Kitchen kitchen;
    private static Screen screen;

    @BeforeAll
    static void open() {
        kitchen = EVENING.kitchen();
        screen = EVENING.screen();
    }

    @Order(1)
    @ParameterizedTest
    @CsvSource({
        "counter-portion, /counter, .prep li, 1280, 800",
        "counter-390, /counter, .prep li, 390, 844",
        "bench, /bench, .slip .check dd, 1280, 800",
        "oven-side, /oven, .inside svg, 1280, 800",
        "log, /log, .log ol li, 1280, 800",
        "bench-390, /bench, .slip .check dd, 390, 844",
        "oven-side-390, /oven, .inside svg, 390, 844",
        "log-390, /log, .log ol li, 390, 844",
        "oven-side-768, /oven, .inside svg, 768, 1024"
    })
    void everyStationIsUsableByEveryone(String name, String path, String ready, int width, int height)
            throws Exception {
        screen.size(width, height);
        screen.openAfresh(path);
        screen.see(ready);
        screen.scriptLater("document.fonts.ready.then(() => setTimeout(arguments[0], 400))");
        screen.picture(PICTURES.resolve(name + ".png"));
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo((long) width);
        assertThat(screen.violations())
                .extracting(Rule::getId, rule -> rule.getNodes().toString())
                .isEmpty();
    }

    /** By one key, each dress after the other. */
    @Order(2)
    @ParameterizedTest
    @CsvSource({
        "1, topping, .layer.coat",
        "2, parchment, .air.parchment",
        "3, foil, .air.foil",
        "4, salt, .layer.crust",
        "5, tray-bake, .layer.bed",
        "6, tray, .flakes"
    })
    void everyDressIsDrawn(int presses, String name, String drawn) throws Exception {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(".slip .check dd");
        if (name.equals("salt")) {
            screen.tapNamed(".side [role=radio]", "Whole");
            screen.type(".measure input", "");
            screen.type(".measure[data-of=Weighs] input", "1200");
        }
        for (int i = 0; i < presses; i++) {
            screen.press("d");
        }
        screen.see(".cut " + drawn);
        screen.until("no other dress", () -> presses == 6 && screen.shows(".air") ? null : true);
        if (name.equals("parchment")) {
            screen.waitForText(".slip .cautions", "scorch above 220");
            assertThat(screen.text(".slip")).as("danger first").matches("(?is).*scorch above.*check from.*");
        }
        screen.pointAway();
        screen.scriptLater("setTimeout(arguments[0], 800)");
        screen.picture(PICTURES.resolve("bench-" + name + ".png"));
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(1280L);
    }

    @Order(2)
    @ParameterizedTest
    @CsvSource({"recipe-book, Recipe book, .book .amounts", "same-fish-otherwise, Compare, .el-dialog .why"})
    void everyLeafIsOpened(String name, String button, String ready) throws Exception {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(".slip .check dd");
        screen.tapNamed(".side button", button);
        screen.see(ready);
        assertThat(screen.objections()).isEmpty();
        screen.picture(PICTURES.resolve(name + ".png"));
    }

    /** Last, since it puts a second fish in. */
    @Order(3)
    @Test
    void theCheckAndTheRestAreShownBesideTheOtherBake() throws Exception {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(".slip .check dd");
        screen.press(Keys.ENTER);
        screen.waitForText(".tabs", "Whole trout in foil");
        screen.see(".inside svg");
        kitchen.hasBeenIn("Zander portion, tray", 640);
        screen.waitForText("h1", "Check the thickest piece");
        screen.tapNamed(".cues button", "Glassy");
        screen.waitForText(".look .verdict", "Give it");
        shown("oven-side-check");
        screen.size(390, 844);
        shown("oven-side-check-390");
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(390L);

        // Given what the look asked for, and a minute: it may come out.
        kitchen.wentInEarlier("Zander portion, tray", 120);
        screen.size(1280, 800);
        screen.waitForText("h1", "Take it out");
        screen.tapNamed("button", "Take it out");
        screen.waitForText("h1", "Let it rest");
        screen.see(".resting svg");
        shown("oven-side-rest");
        screen.size(390, 844);
        shown("oven-side-rest-390");
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(390L);
    }

    /** After that, the whole trout comes out of its foil. */
    @Order(4)
    @Test
    void aWholeFishIsCarvedAndItsLeftoversAreWatched() throws Exception {
        screen.size(1280, 800);
        screen.open("/oven");
        screen.tapNamed(".tabs a", "Whole trout");
        kitchen.hasBeenIn("Whole trout in foil, sorrel", 23 * 60);
        screen.waitForText("h1", "Open one parcel");
        screen.tapNamed("button", "Take it out");
        // The server knows that it is out once it tells of the rest.
        screen.see(".resting svg");
        kitchen.wentInEarlier("Whole trout in foil, sorrel", 300);
        screen.waitForText("h1", "Carve it");
        for (int i = 0; i < 5; i++) {
            screen.tapNamed(".carving button", "Next step");
        }
        screen.waitForText(".carving h2", "Lift the top fillets");
        screen.tap("[aria-label='One helping more']");
        screen.waitForText(".yield", "1 of 1 helping lifted");
        shown("oven-side-carving", ".carving svg");
        screen.size(390, 844);
        shown("oven-side-carving-390", ".carving svg");
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(390L);
        screen.size(1280, 800);
        screen.tapNamed(".choose button", "How was it?");
        screen.tapNamed(".choices button", "Just right");
        screen.waitForText(".lesson", "This oven runs");
        screen.upload(".photo input", Path.of("src/test/resources/plate.jpg"));
        screen.see("figure img");
        shown("oven-side-after", ".after img");
        screen.tapNamed(".after button", "In the fridge");
        screen.until("the next bake", () -> screen.shows(".after") ? null : true);
    }

    /** What is tapped at the oven is as high as a knuckle needs it. */
    private static void targetsAreLarge() {
        assertThat(screen.script(
                        "return [...document.querySelectorAll('main button, main a')].filter(e => e.offsetParent)"
                                + ".filter(e => e.offsetHeight < 72).map(e => e.innerText + ' ' + e.offsetHeight)"))
                .as("lower than 72 px")
                .isEqualTo(List.of());
    }

    /** A whole fish, looked at and found good. */
    @Order(2)
    @Test
    void aWholeFishAtTheCounterIsDrawnAndGraded() throws Exception {
        screen.size(1280, 800);
        screen.openAfresh("/counter");
        screen.see(".prep li");
        screen.fish("gilt", "Sea bream");
        screen.tapNamed(".side button", "Whole");
        screen.type(".measure input", "");
        screen.type(".measure[data-of=Weighs] input", "620");
        for (int row = 1; row <= 7; row++) {
            screen.tap(".sense:nth-child(" + row + ") button:nth-of-type(" + (row == 3 ? 2 : 1) + ")");
        }
        screen.waitForText(".verdict h2", "grade");
        screen.pointAway();
        screen.scriptLater("setTimeout(arguments[0], 600)");
        screen.picture(PICTURES.resolve("counter.png"));
        assertThat(screen.violations()).isEmpty();
    }

    /** The ticket alone goes to the printer, on a narrow slip. */
    @Order(2)
    @Test
    void theTicketPrintsAlone() throws Exception {
        screen.size(400, 800);
        screen.openAfresh("/bench");
        screen.see(".slip .check dd");
        screen.medium("print");
        assertThat(screen.shows(".piece")).isFalse();
        assertThat(screen.shows(".cut")).isFalse();
        assertThat(screen.shows("header")).isFalse();
        assertThat(screen.shows(".main-action")).isFalse();
        assertThat(screen.text(".slip"))
                .startsWith("Zander portion, tray, 26 mm")
                .containsIgnoringCase("check from")
                .contains("230°");
        screen.picture(Path.of("target/pictures/ticket-print.png"));
        screen.medium("screen");
    }

    private static void shown(String name) throws Exception {
        shown(name, ".inside svg");
    }

    private static void shown(String name, String ready) throws Exception {
        screen.see(ready);
        screen.pointAway();
        screen.scriptLater("setTimeout(arguments[0], 800)");
        screen.picture(PICTURES.resolve(name + ".png"));
        targetsAreLarge();
        assertThat(screen.violations()).isEmpty();
    }
}
