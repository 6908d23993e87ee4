package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalTime;
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
        arrived();
    }

    @Test
    void anEveningIsPlannedADishDrawnAlongAndAllOfItThrownAway() {
        begin();
        screen.type(SheetPage.NAME, "A trial");
        screen.tap(SheetPage.ADD_SIDE);
        screen.type(Part.field("What it is called"), "Lentils");
        screen.tap(SheetPage.KEEP);
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

    /** A fish is ten degrees colder than it should be by now: the oven is slow, and what is still ahead waits for it. */
    @Test
    void anOvenThatIsFoundSlowMovesWhatIsStillAhead() {
        screen.size(1280, 800);
        screen.openAfresh("/sheet");
        screen.see(SheetPage.CHANCE);
        String looked = screen.text(SheetPage.step("trout.LOOK"));
        screen.open("/oven");
        screen.waitForText(OvenSide.ALL, "Whole trout in foil, sorrel");
        screen.press("l");
        screen.type(OvenSide.THERMOMETER, "9");
        screen.tap(OvenSide.NOTE_IT);
        screen.waitForText(OvenSide.VERDICT, "Give it");
        screen.open("/sheet");
        screen.until(
                "the next look to be later",
                () -> screen.text(SheetPage.step("trout.LOOK")).equals(looked) ? null : true);
        screen.see(SheetPage.MOVED);
        String late = screen.text(SheetPage.step("trout.LOOK"));
        screen.open("/oven");
        screen.see(OvenSide.VERDICT);
        screen.press("z");
        screen.until("the look to be taken back", () -> screen.shows(OvenSide.VERDICT) ? null : true);
        // Shown at once; the oven of the tests that follow is not slow only when it has arrived.
        screen.open("/sheet");
        screen.until(
                "the next look to be sooner again",
                () -> screen.text(SheetPage.step("trout.LOOK")).equals(late) ? null : true);
    }

    /** Potatoes that have had their time and are still hard: they are looked at again, some minutes from now. */
    @Test
    void aSideThatWantsLongerIsLookedAtAgain() throws Exception {
        screen.size(1280, 800);
        potatoesWentIn("- interval 24 minute");
        screen.openAfresh("/sheet");
        screen.see(SheetPage.CHANCE);
        screen.tap(Part.button("Not yet: Look at Roast potatoes"));
        Part time = SheetPage.timeOf("potatoes.LOOK");
        // Fewer once it has arrived that the trout was not looked at after all.
        screen.until("another look some minutes from now", () -> {
            long minutes = minutesFromNow(screen.text(time));
            return minutes > 0 && minutes < 15 ? true : null;
        });
        screen.tap(SheetPage.UNDO);
        potatoesWentIn("+ interval 24 minute");
    }

    private static void potatoesWentIn(String otherwise) throws Exception {
        EVENING.kitchen()
                .sql("update evening_move set at = at " + otherwise + " where kind = 'IN' and step = 'potatoes'");
    }

    private static long minutesFromNow(String clock) {
        long minutes = Duration.between(LocalTime.now(), LocalTime.parse(clock)).toMinutes();
        return Math.floorMod(minutes + 720, 1440) - 720;
    }

    @Test
    void whatCannotBeIsSaidWithTheNearestThatCan() {
        begin();
        // In ten minutes from now.
        screen.script("""
                const field = document.querySelector('.served input'), at = new Date(Date.now() + 6e5)
                field.value = new Date(at - at.getTimezoneOffset() * 6e4).toISOString().slice(0, 16)
                field.dispatchEvent(new Event('change'))
                """);
        screen.waitForText(SheetPage.SHORT, "Too little time");
        assertThat(screen.text(SheetPage.SHORT))
                .containsPattern("The nearest that can be: served \\d+\\hmin(utes)? later");
        screen.tap(SheetPage.FORGET);
        screen.until("it to be gone", () -> screen.shows(SheetPage.SHORT) ? null : true);
    }

    @Test
    void coursesKitchenAndDialsAreTheEveningsOwn() {
        begin();
        screen.tap(Part.button("One course more"));
        screen.see(Part.button("Course 2 later"));
        screen.tap(Part.button("One pair of hands more"));
        screen.tap(SheetPage.KITCHEN);
        screen.tap(Part.button("One burner less"));
        screen.type(Part.field("Tray, long side"), "300");
        screen.type(Part.field("Tray, short side"), "200");
        screen.tap(SheetPage.KEEP);
        screen.until("the kitchen to be kept", () -> screen.shows(Part.of("dialog")) ? null : true);
        screen.tap(SheetPage.KITCHEN);
        assertThat(screen.see(Part.field("Tray, long side")).getDomProperty("value"))
                .isEqualTo("300");
        screen.press(Keys.ESCAPE);
        screen.until("the dialog to close", () -> screen.shows(Part.of("dialog")) ? null : true);
        screen.tap(SheetPage.FROM_BOOK);
        // What was baked before stands last, once it is there.
        screen.waitForText(Part.of("dialog"), "Zander under rye crumb");
        screen.tap(Part.of("button").in(Part.of("list").in(Part.of("dialog")).last()));
        screen.until("two dishes", () -> screen.shows(SheetPage.wanted(2)) ? true : null);
        screen.tap(SheetPage.wanted(2));
        screen.tap(Part.of("combobox", "Served with"));
        screen.tap(Part.of("option").saying("course 2"));
        screen.tap(SheetPage.KEEP);
        screen.waitForText(SheetPage.wanted(2), "Course 2");
        screen.see(SheetPage.CHANCE);
        screen.tap(SheetPage.KEEP_DIAL);
        screen.waitForText(SheetPage.DIALS, "Stays at");
        screen.tap(Part.button("Let each dish have its own"));
        screen.until("the dial to be free", () -> screen.text(SheetPage.DIALS).contains("Stays at") ? null : true);
        screen.tap(SheetPage.FORGET);
    }

    @Test
    void onAPhoneTheListIsOnTopAndTickedThere() {
        screen.size(390, 844);
        screen.openAfresh("/sheet");
        screen.waitForText(SheetPage.STEPS, "Zander under rye crumb");
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(390L);
        assertThat((Long) screen.script(
                        "return Math.round(document.querySelector('.list ol').getBoundingClientRect().top)"))
                .isLessThan(400);
        Part dress = SheetPage.step("char.DRESS");
        screen.tap(Part.button("Done: Dress Char parcels, apple and cider"));
        screen.until("the step to be gone", () -> screen.shows(dress) ? null : true);
        screen.tap(SheetPage.UNDO);
        screen.see(dress);
        arrived();
    }

    /* What was tapped has reached the kitchen; a storage that is cleared before would lose it. */
    private static void arrived() {
        screen.until(
                "all moves to be answered",
                () -> screen.script(
                        "return JSON.parse(localStorage.getItem('olla.moves') ?? '[]').length ? null : true"));
    }

    private static void begin() {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(Bench.CHECK_FROM);
        screen.open("/sheet");
        screen.see(SheetPage.NEXT);
        screen.tap(SheetPage.ANOTHER);
        screen.until(
                "the new evening",
                () -> "Tonight".equals(screen.see(SheetPage.NAME).getDomProperty("value")) ? true : null);
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
