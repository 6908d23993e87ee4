package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * From "Put it in" to the leftovers, in a kitchen whose clock runs 24 times as fast, with the stand-in probes and oven
 * thermometers pushing their readings.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FastEveningJourneyTest {

    @RegisterExtension
    static final Evening EVENING = Evening.fast("fast-evening", 24);

    private static Screen screen;
    private static Bench bench;

    @BeforeAll
    static void open() throws Exception {
        EVENING.kitchen().onlyBakes();
        screen = EVENING.screen();
        bench = new Bench(screen);
    }

    @Order(1)
    @Test
    void aFishInSaltIsProbedCheckedRestedCrackedCarvedAndLogged() throws Exception {
        bench.saltFish();
        screen.tap(Part.button("Put it in"));
        screen.waitForText(OvenSide.ALL, "Whole sea bream, salt");
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.see(OvenSide.DRAWN);

        screen.tap(Part.button("Put a probe in"));
        screen.tap(Part.button("probe-1").in(Bench.DIALOG));
        String ticket = screen.text(OvenSide.WINDOW);
        screen.waitLongForText(OvenSide.PROBE_SAYS, "steady");
        screen.see(OvenSide.TRACE);
        assertThat(screen.text(OvenSide.PROBE)).contains("oven ");
        screen.waitLongForText(OvenSide.SAYS, "Check through the crust");
        assertThat(screen.text(OvenSide.WINDOW))
                .as("the probe has moved the window")
                .isNotEqualTo(ticket);
        screen.tap(OvenSide.CUE.named("Tip warm"));
        screen.see(OvenSide.VERDICT);
        assertThat(screen.objections()).isEmpty();
        screen.waitLongForText(OvenSide.SAYS, "Take it out");
        screen.tap(Part.button("Take it out"));

        screen.waitForText(OvenSide.SAYS, "Let it rest");
        screen.waitForText(OvenSide.INSIDE, "coasts");
        screen.waitLongForText(OvenSide.SAYS, "Crack the crust");
        screen.tap(Part.button("It is cracked"));
        screen.waitForText(OvenSide.SAYS, "Carve it");
        screen.waitForText(OvenSide.CARVING_SAYS, "A cloth over the crust");
        for (int step = 1; step < 13; step++) {
            screen.tap(Part.button("Next step").in(OvenSide.CARVING));
        }
        screen.waitForText(OvenSide.CARVING_SAYS, "Take the cheeks");
        screen.tap(Part.button("One helping more"));
        screen.tap(Part.button("One helping more"));
        screen.waitForText(OvenSide.LIFTED, "2 of ");
        assertThat(screen.objections()).isEmpty();

        screen.tap(Part.button("How was it?"));
        screen.type(OvenSide.PROBE_AT_THE_MIDDLE, "58");
        screen.tap(Part.button("Just right"));
        screen.waitForText(OvenSide.AFTERWARDS, "just right");
        screen.waitLongForText(OvenSide.AFTERWARDS, "after 7 bakes");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("In the fridge").in(OvenSide.AFTERWARDS));
        screen.press("5");
        screen.waitForText(LogPage.NEWEST, "Whole sea bream, salt");
        assertThat(screen.text(LogPage.NEWEST)).contains("probe 58°");
        assertThat(screen.complaints())
                .filteredOn(c -> !c.contains("Failed to load resource"))
                .isEmpty();
    }

    @Order(2)
    @Test
    void aProbePushedTooFarIsSaidNotBelieved() {
        // A fish in salt is in for longer than a minute of this clock; a portion would be done before a slow screen
        // looks.
        bench.saltFish();
        screen.tap(Part.button("Put it in"));
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.see(OvenSide.DRAWN);
        screen.tap(Part.button("Put a probe in"));
        screen.tap(Part.button("probe-2").in(Bench.DIALOG));
        screen.waitLongForText(OvenSide.PROBE_SAYS, "near the tray or the edge");
        assertThat(screen.text(OvenSide.PROBE_SAYS)).contains("Battery");
    }
}
