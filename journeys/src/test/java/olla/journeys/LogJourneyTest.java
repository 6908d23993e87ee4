package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The log found again: what was baked before, looked at whole, laid beside another, and baked again. */
class LogJourneyTest {

    private static final Part MAIN = Part.drawn("main");
    private static final Part WORDS = Part.of("searchbox", "Words in it");
    private static final Part FISH = Part.of("combobox", "Fish");
    private static final Part HOW = Part.of("combobox", "How it was");
    private static final Part ORDER = Part.of("combobox", "Sorted by");
    private static final Part ALL = Part.button("All of it");

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Screen screen;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
    }

    @BeforeEach
    void atTheLog() {
        screen.openAfresh("/log");
        screen.waitForText(LogPage.NEWEST, "Lemon sole fillets");
    }

    private static void choose(Part field, String option) {
        screen.tap(field);
        screen.tap(Part.option(option));
    }

    private static void only(String there, String gone) {
        screen.waitForText(LogPage.NEWEST, there);
        screen.until("less of it", () -> !screen.text(MAIN).contains(gone));
    }

    @Test
    void itIsFoundByFishWordsAndVerdictAndTheAddressKeepsIt() {
        choose(FISH, "Haddock (2)");
        only("Haddock, straight from the freezer", "Lemon sole fillets");
        screen.waitForText(MAIN, "2 bakes.");
        screen.reload();
        only("Haddock, straight from the freezer", "Lemon sole fillets");
        screen.tap(ALL);
        screen.waitForText(LogPage.NEWEST, "Lemon sole fillets");

        screen.type(WORDS, "butter rye");
        only("Zander portions, rye butter", "Haddock");
        screen.type(WORDS, "nobody ever baked this");
        screen.waitForText(MAIN, "Nothing in the log is like that.");
        assertThat(screen.objections()).isEmpty();
        screen.tap(ALL);
        choose(HOW, "Over");
        only("Lemon sole fillets", "Hake for the celeriac tray");
        screen.tap(ALL);
        choose(ORDER, "Oldest");
        screen.until("another order", () -> !screen.text(LogPage.NEWEST).contains("Lemon sole fillets"));
    }

    @Test
    void oneIsLookedAtWholeLaidBesideAnotherAndBakedAgain() {
        screen.tap(Part.of("link", "Zander portions, rye butter"));
        screen.waitForText(MAIN, "The ticket as it was");
        screen.waitForText(MAIN, "Zander, portion");
        screen.waitForText(MAIN, "What was believed of the Old electric");
        screen.waitForText(MAIN, "Before: the Old electric");
        // Worked out beside, after a start.
        screen.waitLongForText(MAIN, "After: the Old electric runs about");
        screen.waitForText(MAIN, "it went in");
        screen.see(Part.drawn("svg").in(Part.region("How the middle went until it came out")));
        assertThat(screen.objections()).isEmpty();

        screen.tap(Part.of("link", "Lay another beside it"));
        screen.waitForText(MAIN, "Which one is to lie beside “Zander portions, rye butter”?");
        screen.type(WORDS, "haddock");
        only("Haddock, straight from the freezer", "Lemon sole fillets");
        screen.tap(Part.button("Lay it beside").in(LogPage.NEWEST));
        screen.waitForText(MAIN, "Two bakes");
        screen.waitForText(MAIN, "Zander, portion");
        screen.waitForText(MAIN, "Haddock, fillet");
        assertThat(screen.objections()).isEmpty();

        screen.tap(Part.button("Again tonight").in(Part.of("main")));
        screen.until("the Bench", () -> screen.path().equals("/bench"));
        screen.waitForText(Bench.PIECE, "Sander lucioperca");
    }

    /** In words first; and an oven that was changed is another from then on, until somebody takes that back. */
    @Test
    void whatItTaughtOfTheTicketsAndOfAnOvenThatWasChanged() {
        screen.tap(Part.of("link", "What it taught"));
        screen.waitForText(MAIN, "were done inside their ticket’s window");
        screen.waitForText(MAIN, "By fish");
        Part fan = Part.region("Fan oven");
        screen.waitLongForText(fan, "This oven runs about");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("It was changed").in(fan));
        screen.waitForText(fan, "nothing older is believed of it");
        screen.tap(Part.button("Forget before").in(fan));
        screen.waitForText(fan, "Another since");
        screen.waitLongForText(fan, "Nothing is logged for this oven yet.");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("It was not changed").in(fan));
        screen.waitLongForText(fan, "This oven runs about");
    }

    /** What to put into an oven to learn most of it, by what there is to read it with; and it lies on the Bench. */
    @Test
    void aTestBakeIsChosenAndLaidOnTheBench() {
        screen.tap(Part.of("link", "What it taught"));
        Part fan = Part.region("Fan oven");
        screen.tap(Part.button("What would tell most of it?").in(fan));
        screen.waitLongForText(fan, "Its air would be known to");
        screen.waitForText(fan, "Put it in by the ticket, read it, and say how it was");
        assertThat(screen.objections()).isEmpty();
        String without = screen.text(fan);
        screen.tap(Part.of("checkbox", "A thermometer hangs in the oven").in(fan));
        screen.until("another doubt", () -> !screen.text(fan).equals(without));
        screen.tap(Part.button("Set it on the Bench").in(fan));
        screen.until("the Bench", () -> screen.path().equals("/bench"));
        screen.waitForText(Part.drawn("main"), "Fan oven");
    }

    /** On a phone what is looked for does not push the log off the screen, and is there when it is asked for. */
    @Test
    void onAPhone() {
        screen.size(390, 844);
        try {
            screen.openAfresh("/log");
            screen.waitForText(LogPage.NEWEST, "Lemon sole fillets");
            assertThat(screen.shows(ORDER)).isFalse();
            screen.tap(Part.button("Find by more"));
            choose(FISH, "Haddock (2)");
            only("Haddock, straight from the freezer", "Lemon sole fillets");
            assertThat(screen.objections()).isEmpty();
            screen.tap(Part.of("link", "Haddock, straight from the freezer"));
            screen.waitForText(MAIN, "The ticket as it was");
            assertThat(screen.objections()).isEmpty();
        } finally {
            screen.size(1280, 800);
        }
    }
}
