package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.Keys;

/** Dishes as cooks say them, laid on the Bench layer by layer and stage by stage. */
class LayersJourneyTest {

    private static final Part STAGES = Part.of("list", "The stages").in(Bench.DIALOG);
    private static final Part NOW_AT = Part.value("Check from").in(Bench.TICKET);

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Screen screen;
    private static Bench bench;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
        bench = new Bench(screen);
    }

    @BeforeEach
    void atTheBench() {
        screen.size(1280, 800);
        bench.openAfresh();
    }

    private static double minutesIn(String text) {
        Matcher number = Pattern.compile("[0-9]+(\\.5)?").matcher(text.replace("½", ".5"));
        assertThat(number.find()).as(text).isTrue();
        return Double.parseDouble(number.group());
    }

    /** From the first screen to fish on citrus under a paste with late crumbs, by taps alone: a newcomer needs no more than 15. */
    @Test
    void aNewcomerLaysFourLayersInAFewTaps() {
        int before = screen.taps();
        bench.dress("topping");
        bench.choose("Topping", "nut paste");
        bench.lay("under it");
        bench.lay("on top");
        screen.waitForText(Bench.LAYERS, "crumb, cheese, 3 mm, after");
        screen.waitForText(Bench.LAYERS, "nut paste, 6 mm");
        screen.waitForText(Bench.LAYERS, "citrus slices");
        screen.waitForText(Bench.STAGES, "topping on");
        assertThat(screen.taps() - before).isLessThanOrEqualTo(15);
        assertThat(screen.objections()).isEmpty();
    }

    @Test
    void aParcelWithThingsOnTheFishIsOpenedForColour() {
        bench.fish("hali", "Halibut");
        bench.dress("foil");
        screen.see(Bench.LIQUOR);
        double shut = minutesIn(screen.text(Bench.LIKELY));
        bench.lay("on top");
        bench.choose("Topping", "herb butter");
        bench.lay("on top");
        bench.choose("Topping", "citrus slices");
        bench.choose("Goes on", "before");
        screen.waitForText(Bench.CAUTIONS, "dissolves bare aluminium");
        bench.layer("foil");
        bench.choose("Opened at the end", "yes");
        screen.waitForText(Bench.STAGES, "open it");
        screen.waitForText(Bench.STAGES, "grill on");
        screen.see(Bench.GRILL);
        assertThat(minutesIn(screen.text(Bench.LIKELY))).isGreaterThan(shut);
        assertThat(screen.text(Bench.TICKET)).contains("milk");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Put it in").in(Bench.TICKET));
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
    }

    /** On the hob first, then in the oven, then the fish: the cook's own stages, kept when a layer changes. */
    @Test
    void potatoesInStockGoOnTheHobFirst() {
        bench.dress("tray bake");
        bench.lay("poured in");
        bench.choose("Lies in", "stock");
        bench.amount("How much", "400");
        screen.waitForText(Bench.TICKET, "stock");
        bench.layer("a tray");
        bench.choose("Stands in", "an iron pan");
        screen.tap(Part.button("Stages").in(Bench.INSIDE));
        screen.tap(Part.button("+ hob").in(Bench.DIALOG));
        screen.type(Part.field("How long 1").in(STAGES), "8");
        screen.press(Keys.ESCAPE);
        screen.until("the stages to close", () -> screen.shows(Bench.DIALOG) ? null : true);
        screen.waitForText(Bench.STAGES, "on the hob");
        screen.waitForText(Bench.STAGES, "fish on");
        bench.layer("stock");
        bench.amount("How much", "300");
        screen.waitForText(Bench.STAGES, "on the hob");
        bench.layer("an iron pan");
        bench.choose("Stands in", "glass");
        screen.waitForText(Bench.REFITTED, "without hob");
        screen.press("z");
        screen.waitForText(Bench.STAGES, "on the hob");
        screen.waitForText(Bench.LAYERS, "an iron pan");
        assertThat(screen.objections()).isEmpty();
    }

    /** A topping that goes on when the middle is nearly there. */
    @Test
    void aStageWaitsForTheMiddle() {
        bench.dress("topping");
        bench.choose("Topping", "herb butter");
        bench.choose("Goes on", "part-way");
        screen.waitForText(Bench.STAGES, "topping on");
        screen.tap(Part.button("Stages").in(Bench.INSIDE));
        screen.type(Part.field("Until the middle of 1 is at").in(STAGES), "40");
        assertThat(screen.objections()).isEmpty();
        screen.press(Keys.ESCAPE);
        screen.waitForText(Bench.STAGES, "topping on, middle at 40°");
        bench.layer("herb butter");
        screen.tap(Part.button("Take it away").in(Bench.DRESS));
        screen.waitForText(Bench.REFITTED, "without topping on");
    }

    @Test
    void aFishOfOnesOwnIsNotedAndATradeNameIsFound() {
        bench.fish("steelh", "Trout");
        screen.waitForText(Bench.PIECE, "asked for as steelhead");
        bench.fish("bannie", "Another fish");
        screen.type(Part.field("What you call it").in(Bench.DIALOG), "Bannie");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Note it and lay it there").in(Bench.DIALOG));
        screen.waitForText(Bench.PIECE, "your own, reckoned as kin of Trout");
        screen.until("the ticket", () -> screen.see(Bench.PUT_IN).isEnabled() ? true : null);
        screen.tap(Part.button("Put it in").in(Bench.TICKET));
        screen.waitForText(OvenSide.BAKES, "Bannie portion, tray");
    }

    @Test
    void aVesselIsKeptAndSaysWhatItHolds() {
        bench.layer("a tray");
        bench.choose("Stands in", "stoneware");
        bench.amount("Inside, long", "250");
        bench.amount("and wide", "150");
        screen.see(Part.of("status").saying("It holds").in(Bench.DRESS));
        screen.tap(Part.button("Keep this vessel").in(Bench.DRESS));
        screen.type(Part.field("Its name").in(Bench.DRESS), "Brown dish");
        screen.tap(Part.button("Keep it").in(Bench.DRESS));
        screen.see(Part.button("Strike out Brown dish").in(Bench.DRESS));
        assertThat(screen.objections()).isEmpty();
        bench.openAfresh();
        bench.layer("a tray");
        bench.choose("Stands in", "Brown dish");
        screen.waitForText(Bench.LAYERS, "stoneware");
        screen.tap(Part.button("Strike out Brown dish").in(Bench.DRESS));
    }

    /** In the cut itself: one topping is dragged over the other, and a "+" lays a third between them. */
    @Test
    void theCutIsWhereLayersAreMovedAndLaid() {
        bench.dress("topping");
        bench.choose("Topping", "nut paste");
        bench.lay("on top");
        bench.choose("Topping", "citrus slices");
        bench.choose("Goes on", "before");
        screen.until("citrus above", () -> screen.text(Bench.LAYERS).startsWith("citrus") ? true : null);
        screen.until(
                "both drawn as they lie from the start",
                () -> screen.shows(Bench.COAT.nth(1))
                                && !screen.text(Bench.STAGES).contains("topping on")
                        ? true
                        : null);
        screen.dragByItsTop(Bench.COAT, -40);
        screen.until("the paste above", () -> screen.text(Bench.LAYERS).startsWith("nut paste") ? true : null);
        // The list is at once as it was said, the drawing and the ticket when the kitchen computer has answered.
        screen.until("the paste drawn above", () -> onTheTicket("citrus slices:", "nut paste:"));
        screen.press("z");
        screen.until("citrus above again", () -> screen.text(Bench.LAYERS).startsWith("citrus") ? true : null);
        screen.until("citrus drawn above again", () -> onTheTicket("nut paste:", "citrus slices:"));
        screen.tap(Bench.PLUS.nth(1));
        screen.waitForText(Bench.LAYERS, "crumb, cheese");
        assertThat(screen.text(Bench.LAYERS).lines().limit(3).map(line -> line.split(",")[0]))
                .containsExactly("citrus slices", "crumb", "nut paste");
        assertThat(screen.objections()).isEmpty();
    }

    private Boolean onTheTicket(String first, String then) {
        String ticket = screen.text(Bench.TICKET);
        return ticket.contains(first) && ticket.indexOf(first) < ticket.indexOf(then) ? true : null;
    }

    /** What is made ahead comes from the fridge: the ticket has it so, and it takes longer. */
    @Test
    void aDishMadeAheadComesFromTheFridge() {
        bench.dress("topping");
        screen.waitForText(Bench.STAGES, "grill on");
        double fresh = minutesIn(screen.text(Bench.LIKELY));
        screen.tap(Part.button("Ahead").in(Bench.TICKET));
        screen.waitForText(Bench.DIALOG, "up to 3 days before");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Made ahead").in(Bench.DIALOG));
        screen.until("longer from the fridge", () -> minutesIn(screen.text(Bench.LIKELY)) > fresh ? true : null);
    }

    /** Where a stuffing sets the time, the ways out stand beside it with their minutes. */
    @Test
    void aStuffingThatGovernsHasItsWaysOut() {
        bench.layer("fish");
        bench.choose("Inside it", "a stuffing");
        screen.waitForText(Bench.TICKET, "The stuffing sets the time");
        screen.tap(Part.button("Compare"));
        screen.waitForText(Bench.DIALOG, "half as much stuffing");
        screen.waitForText(Bench.DIALOG, "filled in hot from the pan");
        screen.waitForText(Bench.DIALOG, "cooked apart");
        assertThat(screen.objections()).isEmpty();
        assertThat(screen.text(NOW_AT)).contains("min");
    }
}
