package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * A browser gives one address six connections. However many tabs of it show the kitchen, one of them listens for all, and a tap
 * in any of them goes through.
 */
class TabsJourneyTest {

    private static final int TABS = 12;

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    @Test
    void theTwelfthTabTapsLikeTheFirst() throws Exception {
        Screen screen = EVENING.screen();
        Kitchen kitchen = EVENING.kitchen();
        screen.openAfresh("/oven");
        screen.waitForText(".what", "Whole trout in foil");
        for (int tab = 1; tab < TABS; tab++) {
            screen.tab("/oven");
            screen.waitForText(".what", "Whole trout in foil");
        }
        screen.see(".inside svg");
        screen.tapNamed("button", "The oven…");
        screen.tapNamed(".el-dialog button", "A look");
        screen.waitForText(".more", "Undo: the open door");
        kitchen.waitUntilStored("\"kind\":\"DOOR\"");
        screen.until("the tap to have arrived", () -> screen.shows(".trouble") ? null : true);
        screen.press("z");
        screen.waitForText(".more", "It never went in: undo");
        // And the log, opened in yet another, has what is stored.
        screen.tab("/log");
        screen.waitForText(".log ol li", "Lemon sole");
        assertThat(screen.shows(".trouble")).isFalse();
    }
}
