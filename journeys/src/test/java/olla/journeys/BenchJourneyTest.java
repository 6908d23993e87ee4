package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.WebElement;

/** What is typed and chosen on the Bench: in one's own units, slips answered beside their field, fish by two letters. */
class BenchJourneyTest {

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Kitchen kitchen;
    private static Screen screen;
    private static Bench bench;

    @BeforeAll
    static void open() {
        kitchen = EVENING.kitchen();
        screen = EVENING.screen();
        bench = new Bench(screen);
    }

    @Test
    void theDemoKitchenHasItsBakesInTheLog() throws Exception {
        String log = kitchen.get("/api/log");
        assertThat(log).contains("Char parcels", "Haddock", "Lemon sole", "Zander", "Hake", "trout");
    }

    /** What whoever counts otherwise has no ruler or dial for; the space may be one that parts no line. */
    private static final Pattern METRIC = Pattern.compile("\\d[\\s\\u00a0]?(°C|mm\\b|ml\\b|g\\b|kg\\b)");

    @Test
    void unitsSwitchInOnePlaceAndTypingKeepsWhatItMeans() {
        bench.openAfresh();
        screen.type(Bench.THICKEST, "25");
        screen.waitForText(Bench.THICKNESS, "25 mm");
        double metric = screen.minutes(Bench.CHECK_FROM);
        screen.tap(Screen.UNITS);
        screen.waitForText(Bench.THICKNESS, "1 in");
        // As a dial and a ruler have it.
        assertThat(screen.text(Bench.DIAL)).isEqualTo("450°");
        assertThat(screen.see(Bench.THICKEST).getAttribute("value")).isEqualTo("1");
        assertThat(screen.minutes(Bench.CHECK_FROM)).isEqualTo(metric);
        // Who counts in inches gets all of it so, what the server says as soon as it has said it anew; only the other
        // dials
        // stand beside, small.
        for (Part part : List.of(Bench.PIECE, Bench.CAUTIONS, Bench.DOUBTS, Bench.CURVE, Bench.LOSES)) {
            screen.until(
                    part + " in inches", () -> METRIC.matcher(screen.text(part)).find() ? null : true);
        }
        assertThat(screen.text(Bench.TICKET)).contains("145");
        screen.press("]");
        screen.waitForText(Bench.THICKNESS, "1⅛ in");
        screen.type(Bench.THICKEST, "1 1/4");
        screen.waitForText(Bench.THICKNESS, "1¼ in");
        screen.tap(Screen.UNITS);
        screen.waitForText(Bench.DIAL, "gas 8");
        screen.press("-");
        screen.waitForText(Bench.DIAL, "gas 7½");
        screen.press("z");
        screen.tap(Screen.UNITS);
        screen.waitForText(Bench.THICKNESS, "32 mm");
    }

    @Test
    void aSlipIsAnsweredBesideItsFieldAndWhatWasTypedStays() {
        bench.openAfresh();
        screen.type(Bench.THICKEST, "260");
        screen.waitForText(Bench.REFUSED, "Did you mean 26 mm?");
        assertThat(screen.see(Bench.THICKEST).getAttribute("value")).isEqualTo("260");
        assertThat(screen.see(Bench.PUT_IN).isEnabled()).isFalse();
        screen.type(Bench.THICKEST, "26");
        screen.until("the refusal to go", () -> screen.shows(Bench.REFUSED) ? null : true);
    }

    @Test
    void aFishIsFoundByTwoLettersAndWeightAloneIsEnough() {
        bench.openAfresh();
        screen.tap(Bench.FISH);
        screen.press("pl");
        screen.tap(Part.option("Plaice"));
        screen.waitForText(Bench.PIECE, "Pleuronectes platessa");
        screen.type(Bench.THICKEST, "");
        screen.waitForText(Bench.PIECE, "from its weight");
        screen.type(Bench.THICKEST, "26");
        screen.waitForText(Bench.PIECE, "by ruler");
    }

    /** A fillet's thin end is done long before its thick one; a portion is as thick all along, and has no long cut. */
    @Test
    void aFilletIsTurnedToItsLongCutAndAPortionIsNot() {
        bench.openAfresh();
        Part along = Part.button("Along it").in(Bench.INSIDE);
        screen.see(Bench.THICKNESS);
        assertThat(screen.shows(along)).isFalse();
        screen.tap(Part.radio("Fillet").in(Bench.PIECE));
        screen.tap(along);
        String atPull = name(screen.see(Bench.LONG_CUT));
        assertThat(atPull).matches(".*thin end (6[6-9]|[7-9][0-9]|100)°, dry");
        screen.press(",");
        screen.press(",");
        screen.until(
                "a colder thin end", () -> !name(screen.see(Bench.LONG_CUT)).equals(atPull) ? true : null);
        screen.tap(Part.button("Across it").in(Bench.INSIDE));
        screen.see(Bench.THICKNESS);
        screen.tap(along);
        screen.see(Bench.LONG_CUT);
        screen.tap(Part.radio("Portion").in(Bench.PIECE));
        screen.see(Bench.THICKNESS);
    }

    private static String name(WebElement drawn) {
        return drawn.getAttribute("aria-label");
    }

    /** What goes to the table at once does not coast: it is baked for longer, and out when it is done. */
    @Test
    void whatIsServedAtOnceIsBakedForLonger() {
        bench.openAfresh();
        double rested = screen.minutes(Bench.CHECK_FROM);
        screen.waitForText(Bench.REST, "4 min");
        screen.tap(Part.radio("at once").in(Bench.SERVED));
        screen.waitForText(Bench.REST, "at once");
        assertThat(screen.minutes(Bench.CHECK_FROM)).isGreaterThan(rested);
        screen.tap(Part.radio("after 8 min").in(Bench.SERVED));
        screen.waitForText(Bench.REST, "8 min");
        screen.press("z");
        screen.press("z");
        screen.waitForText(Bench.REST, "4 min");
        assertThat(screen.minutes(Bench.CHECK_FROM)).isEqualTo(rested);
    }

    /** On the upper shelf it is hotter: the ticket says so, and takes less time for it. */
    @Test
    void aDishMayStandHigherOrLower() {
        bench.openAfresh();
        // So thick that from shelf to shelf is more than the half minutes that a ticket is rounded to.
        screen.type(Bench.THICKEST, "50");
        screen.waitForText(Bench.THICKNESS, "50 mm");
        screen.waitForText(Bench.TICKET, "Middle shelf");
        screen.tap(Part.radio("Lower").in(Bench.SHELF));
        screen.waitForText(Bench.TICKET, "Lower shelf: reckoned 6° cooler than the middle");
        double lower = screen.minutes(Bench.LIKELY);
        screen.tap(Part.radio("Upper").in(Bench.SHELF));
        screen.waitForText(Bench.TICKET, "Upper shelf: reckoned 6° hotter than the middle");
        assertThat(screen.minutes(Bench.LIKELY)).isLessThan(lower);
        assertThat(screen.objections()).isEmpty();
        screen.press("z");
        screen.press("z");
        screen.waitForText(Bench.TICKET, "Middle shelf");
    }
}
