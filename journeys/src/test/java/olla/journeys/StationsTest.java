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
        "counter-portion, /counter, COUNTER, 1280, 800",
        "counter-390, /counter, COUNTER, 390, 844",
        "bench, /bench, BENCH, 1280, 800",
        "run-sheet, /sheet, RUN_SHEET, 1280, 800",
        "oven-side, /oven, OVEN_SIDE, 1280, 800",
        "log, /log, LOG, 1280, 800",
        "bench-390, /bench, BENCH, 390, 844",
        "run-sheet-390, /sheet, RUN_SHEET, 390, 844",
        "oven-side-390, /oven, OVEN_SIDE, 390, 844",
        "log-390, /log, LOG, 390, 844",
        "oven-side-768, /oven, OVEN_SIDE, 768, 1024"
    })
    void everyStationIsUsableByEveryone(String name, String path, Station ready, int width, int height)
            throws Exception {
        screen.size(width, height);
        screen.openAfresh(path);
        screen.see(ready.part());
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
        "1, topping, layer.coat",
        "2, parchment, air.parchment",
        "3, foil, air.foil",
        "4, salt, layer.crust",
        "5, tray-bake, layer.bed",
        "6, tray, flakes"
    })
    void everyDressIsDrawn(int presses, String name, String drawn) throws Exception {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(Bench.CHECK_FROM);
        if (name.equals("salt")) {
            screen.tap(Part.radio("Whole").in(Bench.PIECE));
            screen.type(Bench.THICKEST, "");
            screen.type(Bench.WEIGHS, "1200");
        }
        for (int i = 0; i < presses; i++) {
            screen.press("d");
        }
        screen.see(Bench.drawn(drawn));
        if (name.equals("topping")) {
            // Several things on one another, on something.
            new Bench(screen).lay("under it");
            new Bench(screen).lay("on top");
            screen.see(Bench.COAT.nth(1));
        }
        screen.until("no other dress", () -> presses == 6 && screen.shows(Bench.SHEET) ? null : true);
        if (name.equals("parchment")) {
            screen.waitForText(Bench.TICKET, "scorch above 220");
            assertThat(screen.text(Bench.TICKET)).as("danger first").matches("(?is).*scorch above.*check from.*");
        }
        screen.pointAway();
        screen.scriptLater("setTimeout(arguments[0], 800)");
        screen.picture(PICTURES.resolve("bench-" + name + ".png"));
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(1280L);
    }

    @Order(2)
    @ParameterizedTest
    @CsvSource({"recipe-book, Recipe book, Lay it on the bench", "same-fish-otherwise, Compare, Olla would take"})
    void everyLeafIsOpened(String name, String button, String ready) throws Exception {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(Bench.CHECK_FROM);
        screen.tap(Part.button(button).in(Bench.PIECE));
        screen.waitForText(Bench.DIALOG, ready);
        assertThat(screen.objections()).isEmpty();
        screen.picture(PICTURES.resolve(name + ".png"));
    }

    @Order(2)
    @Test
    void theLongCutIsDrawn() throws Exception {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(Bench.CHECK_FROM);
        screen.tap(Part.radio("Whole").in(Bench.PIECE));
        screen.tap(Part.button("Along it").in(Bench.INSIDE));
        screen.see(Bench.LONG_CUT);
        assertThat(screen.objections()).isEmpty();
        screen.pointAway();
        screen.scriptLater("setTimeout(arguments[0], 800)");
        screen.picture(PICTURES.resolve("bench-along.png"));
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(1280L);
    }

    /** Last, since it puts a second fish in. */
    @Order(3)
    @Test
    void theCheckAndTheRestAreShownBesideTheOtherBake() throws Exception {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(Bench.CHECK_FROM);
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.BAKES, "Whole trout in foil");
        screen.see(OvenSide.DRAWN);
        kitchen.hasBeenIn("Zander portion, tray", 640);
        screen.waitForText(OvenSide.SAYS, "Check the thickest piece");
        screen.tap(OvenSide.CUE.named("Glassy"));
        screen.waitForText(OvenSide.VERDICT, "Give it");
        shown("oven-side-check");
        screen.size(390, 844);
        shown("oven-side-check-390");
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(390L);

        // Given what the look asked for, and some minutes more: it has to come out.
        kitchen.wentInEarlier("Zander portion, tray", 180);
        screen.size(1280, 800);
        screen.waitForText(OvenSide.SAYS, "Take it out");
        screen.tap(Part.button("Take it out"));
        screen.waitForText(OvenSide.SAYS, "Let it rest");
        screen.see(OvenSide.RESTING);
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
        screen.tap(Part.of("link", "Whole trout").in(OvenSide.BAKES));
        kitchen.hasBeenIn("Whole trout in foil, sorrel", 26 * 60);
        screen.waitForText(OvenSide.SAYS, "Open one parcel");
        screen.tap(Part.button("Take it out"));
        // The server knows that it is out once it tells of the rest.
        screen.see(OvenSide.RESTING);
        kitchen.wentInEarlier("Whole trout in foil, sorrel", 300);
        screen.waitForText(OvenSide.SAYS, "Carve it");
        for (int i = 0; i < 5; i++) {
            screen.tap(Part.button("Next step").in(OvenSide.CARVING));
        }
        screen.waitForText(OvenSide.CARVING_SAYS, "Lift the top fillets");
        screen.tap(Part.button("One helping more"));
        screen.waitForText(OvenSide.LIFTED, "1 of 1 helping lifted");
        shown("oven-side-carving", OvenSide.CARVING);
        screen.size(390, 844);
        shown("oven-side-carving-390", OvenSide.CARVING);
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(390L);
        screen.size(1280, 800);
        screen.tap(Part.button("How was it?"));
        screen.tap(Part.button("Just right"));
        screen.waitForText(OvenSide.AFTERWARDS, "This oven runs");
        screen.upload(OvenSide.PHOTO_FILE, Path.of("src/test/resources/plate.jpg"));
        screen.see(OvenSide.PHOTO);
        shown("oven-side-after", OvenSide.PHOTO);
        screen.tap(Part.button("In the fridge").in(OvenSide.AFTERWARDS));
        screen.waitForText(OvenSide.AFTERWARDS, "In the fridge. Eat it by");
        screen.tap(Part.button("Undo").in(OvenSide.AFTERWARDS));
        screen.see(Part.button("In the fridge").in(OvenSide.AFTERWARDS));
        screen.tap(Part.button("Nothing is left").in(OvenSide.AFTERWARDS));
        screen.waitForText(OvenSide.AFTERWARDS, "Nothing is left.");
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
        screen.see(Counter.STEP);
        Bench.fish(screen, Counter.FOUND, "gilt", "Sea bream");
        screen.tap(Part.radio("Whole").in(Counter.FOUND));
        screen.type(Counter.THICKEST, "");
        screen.type(Counter.WEIGHS, "620");
        for (int row = 1; row <= 7; row++) {
            screen.tap(Counter.look(row, row == 3 ? 2 : 1));
        }
        screen.waitForText(Counter.VERDICT, "grade");
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
        screen.see(Bench.CHECK_FROM);
        screen.medium("print");
        assertThat(screen.shows(Bench.PIECE)).isFalse();
        assertThat(screen.shows(Bench.INSIDE)).isFalse();
        assertThat(screen.shows(Part.of("banner"))).isFalse();
        assertThat(screen.shows(Bench.PUT_IN)).isFalse();
        assertThat(screen.text(Bench.TICKET))
                .startsWith("Zander portion, tray, 26 mm")
                .containsIgnoringCase("check from")
                .contains("230°");
        screen.picture(Path.of("target/pictures/ticket-print.png"));
        screen.medium("screen");
    }

    private static void shown(String name) throws Exception {
        shown(name, OvenSide.DRAWN);
    }

    private static void shown(String name, Part ready) throws Exception {
        screen.see(ready);
        screen.pointAway();
        screen.scriptLater("setTimeout(arguments[0], 800)");
        screen.picture(PICTURES.resolve(name + ".png"));
        targetsAreLarge();
        assertThat(screen.violations()).isEmpty();
    }
}
