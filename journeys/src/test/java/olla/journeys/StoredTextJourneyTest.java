package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Whatever is stored as a name or a note, however it got there, is shown as what it is: to the machine, to who is let in, to whoever is not, and to no other kitchen. */
class StoredTextJourneyTest {

    private static final String TEXT = "<img src=x onerror=ran=1>";
    private static final Part PAGE = Part.drawn("main");
    private static final Part HANDS = Part.drawn("header .hands");

    private static Kitchen kitchen;

    @BeforeAll
    static void open() throws Exception {
        kitchen = new Kitchen(
                "stored-text", Map.of("OLLA_LAN", "yes", "OLLA_LAN_PORT", String.valueOf(Kitchen.freePort())));
        kitchen.olla("demo");
        kitchen.attempt(Map.of(), "kitchens", "add", "Mill");
    }

    @AfterAll
    static void close() {
        if (kitchen != null) {
            kitchen.close();
        }
    }

    private static Screen letIn(String role, String... further) {
        NetworkJourneyTest.LetIn door = NetworkJourneyTest.letIn(kitchen, role, further);
        Screen screen = new Screen(door.address());
        screen.open("/pair");
        screen.type(Part.field("The code it shows"), door.code());
        screen.type(Part.field("What this screen is called"), role + TEXT);
        screen.tap(Part.button("Let it in"));
        screen.until("to be in", () -> screen.path().equals("/pair") ? null : true);
        return screen;
    }

    private static void everywhere(Screen screen, Map<String, Boolean> pages) {
        pages.forEach((page, says) -> {
            screen.open(page);
            if (says) {
                screen.waitForText(PAGE, TEXT);
            } else {
                screen.see(PAGE);
                assertThat(screen.objections()).as(page).isEmpty();
                assertThat(screen.text(Part.drawn("body"))).as(page).doesNotContain("<img");
            }
            nothingRan(screen, page);
        });
    }

    private static void nothingRan(Screen screen, String where) {
        assertThat(screen.script("return window.ran === undefined && document.images.length === "
                        + "[...document.images].filter((one) => one.getAttribute('src') !== 'x').length"))
                .as(where)
                .isEqualTo(true);
    }

    @Test
    void itIsShownAsWhatItIsAndRunsNowhere() throws Exception {
        try (Screen machine = new Screen(kitchen.address());
                Screen tablet = letIn("cook");
                Screen mill = letIn("owner", "Mill")) {
            machine.open("/screens");
            machine.type(Part.field("Name"), "Ada " + TEXT);
            machine.type(Part.drawn("#pin"), "4711");
            machine.tap(Part.button("Put on the list"));
            machine.waitForText(PAGE, "Ada " + TEXT);
            // As if somebody had got at the rows themselves.
            String text = "'" + TEXT + "'";
            kitchen.sql("update bake set title = " + text + ", note = " + text + ", revision = revision + 1"
                    + "; update oven set name = concat(" + text + ", id)"
                    + "; update recipe set name = " + text + ", notes = " + text
                    + ", steps_json = json_array(" + text + ")"
                    + "; update evening set name = " + text
                    + ", input_json = regexp_replace(input_json, '\"(name|title)\":\"[^\"]*\"', concat('\"\\\\1\":\"', "
                    + text + ", '\"'))"
                    + "; update screen set shared = 1 where name like 'cook%'");
            kitchen.cut("app");
            kitchen.olla("demo");

            everywhere(
                    machine,
                    Map.of(
                            "/oven",
                            true,
                            "/log",
                            true,
                            "/sheet",
                            true,
                            "/screens",
                            true,
                            "/plates",
                            true,
                            "/bench",
                            true));
            everywhere(tablet, Map.of("/oven", true, "/log", true, "/sheet", true, "/plates", true));
            tablet.tap(HANDS);
            tablet.waitForText(Part.of("dialog"), "Ada " + TEXT);
            nothingRan(tablet, "who stands there");

            everywhere(mill, Map.of("/oven", false, "/log", false, "/sheet", false, "/plates", false));
            try (Screen nobody =
                    new Screen(NetworkJourneyTest.letIn(kitchen, "watcher").address())) {
                everywhere(nobody, Map.of("/oven", false, "/log", false, "/screens", false));
            }
        }
    }
}
