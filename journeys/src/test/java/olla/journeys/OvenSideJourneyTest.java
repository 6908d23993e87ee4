package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.Keys;

/**
 * From "Put it in" to the leftovers, in a kitchen whose clock runs sixty times as fast, with the stand-in probes and oven
 * thermometers pushing their readings.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class OvenSideJourneyTest {

    @RegisterExtension
    static final Evening EVENING = new Evening("fast-evening", "demo", Map.of("OLLA_SPEED", "60"));

    private static Kitchen kitchen;
    private static Screen screen;

    @BeforeAll
    static void open() {
        kitchen = EVENING.kitchen();
        screen = EVENING.screen();
    }

    private static void layASaltFish() {
        screen.openAfresh("/bench");
        screen.waitForText(".slip .check dd", "min");
        screen.fish("gilt", "Sea bream");
        screen.tapNamed(".side [role=radio]", "Whole");
        screen.type(".measure input", "");
        screen.type(".measure[data-of=Weighs] input", "900");
        for (int i = 0; i < 4; i++) {
            screen.press("d");
        }
        screen.see(".cut .layer.crust");
    }

    @Order(1)
    @Test
    void aFishInSaltIsProbedCheckedRestedCrackedCarvedAndLogged() throws Exception {
        layASaltFish();
        screen.tapNamed("button", "Put it in");
        screen.waitForText(".what", "Whole sea bream, salt");
        screen.waitForText("h1", "Leave it shut");
        screen.see(".inside svg");

        screen.tapNamed("button", "Put a probe in");
        screen.tapNamed(".el-dialog button", "probe-1");
        screen.waitLongForText(".probe p", "steady");
        screen.see(".inside .trace");
        assertThat(screen.text(".probe button")).contains("oven ");
        String ticket = screen.text(".bar p");
        screen.waitLongForText("h1", "Check through the crust");
        assertThat(screen.text(".bar p")).as("the probe has moved the window").isNotEqualTo(ticket);
        screen.tapNamed(".cues button", "Tip warm");
        screen.see(".look .verdict");
        assertThat(screen.objections()).isEmpty();
        screen.waitLongForText("h1", "Take it out");
        screen.tapNamed(".first button", "Take it out");

        screen.waitForText("h1", "Let it rest");
        screen.waitForText(".resting", "coasts");
        screen.waitLongForText("h1", "Crack the crust");
        screen.tapNamed(".first button", "It is cracked");
        screen.waitForText("h1", "Carve it");
        screen.waitForText(".carving h2", "A cloth over the crust");
        for (int step = 1; step < 13; step++) {
            screen.tapNamed(".carving button", "Next step");
        }
        screen.waitForText(".carving h2", "Take the cheeks");
        screen.tap("[aria-label='One helping more']");
        screen.tap("[aria-label='One helping more']");
        screen.waitForText(".yield", "2 of ");
        assertThat(screen.objections()).isEmpty();

        screen.tapNamed(".choose button", "How was it?");
        screen.type(".probe input", "58");
        screen.tapNamed(".choices button", "Just right");
        screen.waitForText(".after .line", "just right");
        screen.waitForText(".lesson", "after 7 bakes");
        assertThat(screen.objections()).isEmpty();
        screen.tapNamed(".after button", "In the fridge");
        screen.press("5");
        screen.waitForText(".log ol li", "Whole sea bream, salt");
        assertThat(screen.text(".log ol li")).contains("probe 58°");
        assertThat(screen.complaints())
                .filteredOn(c -> !c.contains("Failed to load resource"))
                .isEmpty();
    }

    @Order(2)
    @Test
    void aTabletAndAPhoneStayInStepOverTwoBakes() throws Exception {
        layASaltFish();
        screen.tapNamed("button", "Put it in");
        screen.waitForText(".what", "Whole sea bream, salt");
        String salt = screen.path();
        screen.open("/bench");
        screen.waitForText(".slip .check dd", "min");
        screen.press(Keys.ENTER);
        screen.waitForText(".tabs", "Whole sea bream, salt");
        try (Screen phone = new Screen(kitchen.address())) {
            phone.size(390, 844);
            phone.open(salt);
            screen.open(salt);
            phone.waitForText(".what", "Whole sea bream, salt");
            screen.waitForText(".what", "Whole sea bream, salt");
            phone.tapNamed("button", "The oven…");
            phone.tapNamed(".el-dialog button", "A look");
            long tapped = System.nanoTime();
            screen.waitForText(".more", "Undo: the open door");
            System.out.printf("seen on the other screen after %d ms%n", (System.nanoTime() - tapped) / 1_000_000);
            screen.press("z");
            phone.waitForText(".more", "It never went in: undo");
            assertThat(phone.script("return document.documentElement.scrollWidth"))
                    .isEqualTo(390L);

            // A lost network: what is tapped is kept, and sent once.
            phone.network(false);
            phone.tapNamed("button", "Take it out");
            phone.waitForText("h1", "Put it back");
            phone.waitForText(".trouble", "Waiting: out");
            assertThat(screen.text("h1")).doesNotContain("Put it back");
            phone.network(true);
            screen.waitForText("h1", "Put it back");
            phone.until("the trouble to pass", () -> phone.shows(".trouble") ? null : true);
        }
        assertThat(kitchen.get("/api/bakes")).containsOnlyOnce("\"kind\":\"OUT\"");
    }

    @Order(3)
    @Test
    void aProbePushedTooFarIsSaidNotBelieved() {
        screen.openAfresh("/bench");
        screen.waitForText(".slip .check dd", "min");
        screen.press(Keys.ENTER);
        screen.waitForText("h1", "Leave it shut");
        screen.see(".inside svg");
        screen.tapNamed("button", "Put a probe in");
        screen.tapNamed(".el-dialog button", "probe-2");
        screen.waitLongForText(".probe p", "near the tray or the edge");
        assertThat(screen.text(".probe p")).contains("Battery");
    }

    @Order(4)
    @Test
    void everythingAtTheOvenIsReachedByKeyboard() throws Exception {
        screen.openAfresh("/bench");
        screen.waitForText(".slip .check dd", "min");
        screen.press(Keys.ENTER);
        screen.waitForText("h1", "Leave it shut");
        screen.press("l");
        screen.see(".cues button");
        for (int i = 0; i < 60 && !"Glassy".equals(focused()); i++) {
            screen.press(Keys.TAB);
        }
        assertThat(focused()).isEqualTo("Glassy");
        screen.press(Keys.ENTER);
        screen.waitForText(".look .verdict", "Give it");
        screen.script("document.activeElement.blur()");
        screen.press("z");
        screen.until("no verdict", () -> screen.shows(".look .verdict") ? null : true);
        screen.press(Keys.ENTER);
        screen.waitForText("h1", "Put it back");
        screen.press(Keys.ENTER);
        screen.waitForText("h1", "Leave it shut");
    }

    @Order(5)
    @Test
    void aDeviceWhoseClockIsSetKeepsTheKitchensTime() {
        screen.open("/bench");
        screen.waitForText(".slip .check dd", "min");
        screen.tapNamed("button", "Put it in");
        screen.waitForText("h1", "Leave it shut");
        screen.see(".inside svg");
        screen.script("const real = Date.now; Date.now = () => real() + 3600e3");
        screen.waitForText(".done", "clock was set");
        assertThat(screen.text("h1")).isNotEqualTo("Take it out");
        screen.tapNamed(".done button", "All right");
    }

    private static String focused() {
        return String.valueOf(screen.script("return document.activeElement.querySelector('b')?.innerText"));
    }
}
