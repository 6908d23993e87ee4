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
        screen.waitForText(OvenSide.ALL, "Whole trout in foil");
        for (int tab = 1; tab < TABS; tab++) {
            screen.tab("/oven");
            screen.waitForText(OvenSide.ALL, "Whole trout in foil");
        }
        screen.see(OvenSide.DRAWN);
        screen.tap(Part.button("The oven…"));
        screen.tap(Part.button("A look").in(Bench.DIALOG));
        screen.see(Part.button("Undo: the open door"));
        kitchen.waitUntilStored("\"kind\":\"DOOR\"");
        screen.until("the tap to have arrived", () -> screen.shows(OvenSide.TROUBLE) ? null : true);
        screen.press("z");
        screen.see(Part.button("It never went in: undo"));
        // And the log, opened in yet another, has what is stored.
        screen.tab("/log");
        screen.waitForText(LogPage.NEWEST, "Lemon sole");
        assertThat(screen.shows(OvenSide.TROUBLE)).isFalse();
    }
}
