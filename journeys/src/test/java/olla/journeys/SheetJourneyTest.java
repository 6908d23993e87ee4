package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.Keys;

/** The run sheet: read, ticked, drawn along, taken back, thrown away. */
class SheetJourneyTest {

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Screen screen;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
    }

    @Test
    void theEveningIsReadTickedAndTakenBack() {
        screen.size(1280, 800);
        screen.openAfresh("/sheet");
        screen.waitForText(SheetPage.STEPS, "Zander under rye crumb");
        // The trout of the demo is in the oven already: nobody is told to put it in.
        assertThat(screen.text(SheetPage.STEPS)).doesNotContain("Whole trout in foil, sorrel into");
        screen.see(SheetPage.CHANCE);
        Part dress = SheetPage.step("char.DRESS");
        screen.tap(Part.button("Done: Dress Char parcels, apple and cider"));
        screen.until("the step to be gone", () -> screen.shows(dress) ? null : true);
        screen.tap(SheetPage.UNDO);
        screen.see(dress);
    }

    @Test
    void anEveningIsPlannedADishDrawnAlongAndAllOfItThrownAway() {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(Bench.CHECK_FROM);
        screen.open("/sheet");
        screen.see(SheetPage.NEXT);
        screen.tap(SheetPage.ANOTHER);
        screen.until(
                "the new evening",
                () -> "Tonight".equals(screen.see(SheetPage.NAME).getDomProperty("value")) ? true : null);
        screen.type(SheetPage.NAME, "A trial");
        screen.tap(SheetPage.ADD_SIDE);
        screen.type(Part.field("What it is called"), "Lentils");
        screen.tap(Part.button("Keep"));
        screen.waitForText(SheetPage.STEPS, "Lentils on the hob");
        String before = screen.text(Part.drawn(".list li[data-step$='.PUT_IN'] time"));
        assertThat(before).matches("\\d\\d:\\d\\d");
        // Nothing is looked for any more, so nothing but the hand moves it.
        screen.see(SheetPage.CHANCE);
        screen.focus(SheetPage.bar("Lentils"));
        screen.press(Keys.ARROW_LEFT);
        screen.see(Part.button("Unpin: Lentils"));
        screen.tap(Part.button("Unpin: Lentils"));
        screen.until("the pin to be gone", () -> screen.shows(Part.button("Unpin: Lentils")) ? null : true);
        assertThat((String) screen.scriptLater(
                        "fetch(document.querySelector('a[download]').href).then(r => r.text()).then(arguments[0])"))
                .startsWith("BEGIN:VCALENDAR")
                .contains("Lentils on the hob");
        screen.reload();
        screen.waitForText(SheetPage.STEPS, "Lentils on the hob");
        screen.tap(Part.button("Shopping"));
        screen.waitForText(Part.of("dialog"), "Lentils");
        screen.press(Keys.ESCAPE);
        screen.tap(SheetPage.FORGET);
        screen.until(
                "the other evening", () -> screen.text(SheetPage.STEPS).contains("Lentils on the hob") ? null : true);
    }

    @Test
    void onOnePageItIsPrinted() {
        screen.size(1280, 800);
        screen.openAfresh("/sheet");
        screen.see(SheetPage.CHANCE);
        screen.medium("print");
        assertThat(screen.shows(SheetPage.ADD_SIDE)).isFalse();
        assertThat(screen.text(SheetPage.STEPS)).contains("Zander under rye crumb");
        screen.medium("screen");
    }
}
