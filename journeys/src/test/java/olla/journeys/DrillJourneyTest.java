package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Practice: a round from the ticket to the truth, taken up again where it was left, two dishes at once, and the drills of a minute. */
class DrillJourneyTest {

    private static final Part MAIN = Part.drawn("main");
    private static final Part NEXT = Part.region("Next for you");
    private static final Part KITCHEN = Part.region("The hidden kitchen");
    private static final Part SAYS = Part.drawn(".says");
    private static final Part CLOCK = Part.of("timer");

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Screen screen;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
    }

    @AfterEach
    void wide() {
        screen.size(1280, 800);
    }

    private static int minutes() {
        return Integer.parseInt(screen.text(CLOCK).split(":")[0].strip());
    }

    @Test
    void aRoundGoesFromTheTicketToTheTruth() {
        int logged = log();
        screen.openAfresh("/drill");
        screen.waitForText(MAIN, "Even portion");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Begin: Even portion"));
        screen.waitLongForText(SAYS, "The door is shut");
        screen.waitForText(Part.of("complementary", "Ticket"), "Nobody has checked this oven");
        assertThat(screen.objections()).isEmpty();

        screen.tap(Part.of("radio", "×60").in(KITCHEN));
        screen.until("three minutes", () -> minutes() >= 3 ? true : null);
        screen.tap(Part.button("Knife’s tip"));
        screen.waitLongForText(SAYS, "The tip is");
        screen.tap(Part.button("Look in"));
        screen.waitLongForText(SAYS, "From above");
        screen.tap(Part.button("Fork"));
        screen.waitLongForText(SAYS, "Parted at the thickest");
        assertThat(screen.objections()).isEmpty();

        // Left and come back to, it stands where it stood.
        screen.reload();
        screen.waitLongForText(SAYS, "Parted at the thickest");
        screen.tap(Part.button("Take it out"));
        screen.waitLongForText(SAYS, "It is out");
        screen.tap(Part.button("Serve it"));
        Part truth = Part.region("How it was");
        screen.waitLongForText(truth, "wanted");
        screen.waitForText(truth, "It had to come out at");
        screen.waitForText(truth, "You first looked");
        screen.waitForText(Part.region("Minute by minute"), "what the ticket believed");
        assertThat(screen.objections()).isEmpty();

        screen.tap(Part.of("link", "All of the drill"));
        screen.waitForText(MAIN, "You take even portions out");
        assertThat(log()).as("what the log has").isEqualTo(logged);
    }

    private static int log() {
        screen.openAfresh("/log");
        screen.waitForText(LogPage.NEWEST, "Lemon sole fillets");
        return screen.text(LogPage.NEWEST).length();
    }

    @Test
    void twoDishesEachComeOutByThemselvesOnAPhone() {
        screen.size(390, 844);
        screen.openAfresh("/drill");
        screen.waitForText(MAIN, "Two at once");
        screen.tap(Part.button("Begin: Two at once"));
        Part which = Part.of("radiogroup", "Which dish");
        screen.waitLongForText(which, "1:");
        screen.waitLongForText(which, "2:");
        assertThat(screen.objections()).isEmpty();
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(390L);
        screen.tap(Part.of("radio", "×60").in(KITCHEN));
        screen.until("five minutes", () -> minutes() >= 5 ? true : null);
        for (int dish = 0; dish < 2; dish++) {
            screen.tap(Part.button("Take it out"));
            screen.waitLongForText(SAYS, "It is out");
            screen.tap(Part.button("Serve it"));
        }
        screen.waitLongForText(Part.region("How it was"), "wanted");
        assertThat(screen.script("return document.documentElement.scrollWidth")).isEqualTo(390L);
        assertThat(screen.objections()).isEmpty();
    }

    @Test
    void aFishIsGradedAndAPieceIsMeasuredByEye() {
        screen.openAfresh("/drill");
        screen.waitForText(MAIN, "Is it good?");
        screen.tap(Part.button("Begin: Is it good?"));
        screen.waitForText(MAIN, "say its grade");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Not admitted"));
        screen.waitForText(Part.region("Your answer"), "Another");
        screen.tap(Part.of("link", "All of the drill"));
        screen.waitForText(NEXT, "Begin");

        screen.tap(Part.button("Begin: Thickness by eye"));
        screen.waitForText(MAIN, "a wine cork");
        screen.type(Part.field("How thick is it?"), "500");
        screen.tap(Part.button("That thick"));
        screen.waitForText(Part.of("alert"), "200");
        screen.type(Part.field("How thick is it?"), "25");
        screen.tap(Part.button("That thick"));
        screen.waitForText(Part.region("Your answer"), "mm");
        assertThat(screen.objections()).isEmpty();
    }
}
