package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * From "Put it in" to the leftovers, in a kitchen whose clock runs sixty times as fast, with the stand-in probes and oven
 * thermometers pushing their readings.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FastEveningJourneyTest {

    @RegisterExtension
    static final Evening EVENING = Evening.fast("fast-evening", 60);

    private static Screen screen;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
    }

    @Order(1)
    @Test
    void aFishInSaltIsProbedCheckedRestedCrackedCarvedAndLogged() throws Exception {
        screen.layASaltFish();
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
    void aProbePushedTooFarIsSaidNotBelieved() {
        // A fish in salt is in for a minute of this clock; a portion would be long done before a slow screen looks.
        screen.layASaltFish();
        screen.tapNamed("button", "Put it in");
        screen.waitForText("h1", "Leave it shut");
        screen.see(".inside svg");
        screen.tapNamed("button", "Put a probe in");
        screen.tapNamed(".el-dialog button", "probe-2");
        screen.waitLongForText(".probe p", "near the tray or the edge");
        assertThat(screen.text(".probe p")).contains("Battery");
    }
}
