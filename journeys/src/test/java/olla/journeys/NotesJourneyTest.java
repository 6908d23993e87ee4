package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What the house knows: its notes, shown where they matter, and what its log has found to go otherwise here. */
class NotesJourneyTest {

    private static final Part MAIN = Part.drawn("main");
    private static final Part NOTES = Part.region("House notes");

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Screen screen;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
    }

    /** Written once, of the fish; there at the Bench and the Counter, gone with another fish, changed in the book, struck out. */
    @Test
    void aNoteIsWrittenOnceAndShownWhereItMatters() {
        screen.openAfresh("/bench");
        screen.waitForText(Bench.PIECE, "Thickest");
        screen.tap(Part.button("Write a note").in(Bench.TICKET));
        Part dialog = Part.of("dialog", "Write a note");
        screen.type(Part.of("textbox", "The note").in(dialog), "Trim the thin end; it is dry before the rest is warm.");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Keep it").in(dialog));
        screen.waitForText(NOTES, "Trim the thin end");

        screen.openAfresh("/counter");
        screen.waitForText(MAIN, "Trim the thin end");

        screen.openAfresh("/notes");
        Part fish = Part.region("Of fish");
        screen.waitForText(fish, "Trim the thin end");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Change it").in(fish));
        screen.type(Part.of("textbox", "The note"), "Trim the tail.");
        screen.tap(Part.button("Keep it"));
        screen.waitForText(fish, "Trim the tail.");
        screen.tap(Part.button("Change it").in(fish));
        screen.tap(Part.button("Strike it out"));
        screen.until("struck out", () -> !screen.text(MAIN).contains("Trim the tail."));
    }

    /** Of an oven, from the book; at the Oven side while something is in it. */
    @Test
    void aNoteOfAnOvenIsReadAtTheOvenSide() {
        screen.openAfresh("/notes");
        Part ovens = Part.region("Of ovens");
        screen.tap(Part.button("Write a note").in(ovens));
        screen.tap(Part.of("radio", "Fan oven"));
        screen.type(Part.of("textbox", "The note"), "Its left is hotter: turn the tray half way.");
        screen.tap(Part.button("Keep it"));
        screen.waitForText(ovens, "Fan oven: Its left is hotter");

        screen.openAfresh("/bench");
        screen.tap(Bench.OVEN);
        screen.tap(Part.option("Fan oven, fan"));
        screen.waitForText(NOTES, "Its left is hotter");
        screen.tap(Bench.PUT_IN);
        screen.until("the Oven side", () -> screen.path().startsWith("/oven/"));
        screen.waitForText(NOTES, "Its left is hotter");
        assertThat(screen.objections()).isEmpty();
    }

    /** What is left out is not believed any more, and believed again when it is wanted. */
    @Test
    void aHabitIsLeftOutAndBelievedAgain() {
        screen.openAfresh("/log/taught");
        Part habits = Part.region("What goes otherwise here");
        screen.waitLongForText(habits, "All fish here");
        assertThat(screen.objections()).isEmpty();
        Part all = Part.of("checkbox", "Believe that of: All fish here").in(habits);
        screen.tap(all);
        screen.until("left out", () -> screen.shows(all) && !screen.shows(all.checked()));
        screen.reload();
        screen.until("still left out", () -> screen.shows(all) && !screen.shows(all.checked()));
        screen.tap(all);
        screen.until("believed again", () -> screen.shows(all.checked()));
    }
}
