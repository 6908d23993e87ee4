package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What is typed and chosen on the Bench: in one's own units, slips answered beside their field, fish by two letters. */
class BenchJourneyTest {

    private static final String CHECK_FROM = ".slip .check dd";

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Kitchen kitchen;
    private static Screen screen;

    @BeforeAll
    static void open() {
        kitchen = EVENING.kitchen();
        screen = EVENING.screen();
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
        screen.openAfresh("/bench");
        screen.waitForText(CHECK_FROM, "min");
        screen.type(".measure input", "25");
        screen.waitForText(".handle", "25 mm");
        double metric = screen.minutes(CHECK_FROM);
        screen.tap(".units");
        screen.waitForText(".handle", "1 in");
        // As a dial and a ruler have it.
        assertThat(screen.text(".slip .oven dd")).isEqualTo("450°");
        assertThat(screen.see(".measure input").getAttribute("value")).isEqualTo("1");
        assertThat(screen.minutes(CHECK_FROM)).isEqualTo(metric);
        // Who counts in inches gets all of it so, what the server says as soon as it has said it anew; only the other
        // dials
        // stand beside, small.
        for (String css : List.of(".side", ".slip .cautions", ".slip .why", ".curve", ".slip dl.quantities")) {
            screen.until(
                    css + " in inches", () -> METRIC.matcher(screen.text(css)).find() ? null : true);
        }
        assertThat(screen.text(".slip .cautions")).contains("145");
        screen.press("]");
        screen.waitForText(".handle", "1⅛ in");
        screen.type(".measure input", "1 1/4");
        screen.waitForText(".handle", "1¼ in");
        screen.tap(".units");
        screen.waitForText(".handle", "32 mm");
    }

    @Test
    void aSlipIsAnsweredBesideItsFieldAndWhatWasTypedStays() {
        screen.openAfresh("/bench");
        screen.waitForText(CHECK_FROM, "min");
        screen.type(".measure input", "260");
        screen.waitForText(".measure .wrong", "Did you mean 26 mm?");
        assertThat(screen.see(".measure input").getAttribute("value")).isEqualTo("260");
        assertThat(screen.see(".main-action").isEnabled()).isFalse();
        screen.type(".measure input", "26");
        screen.until("the refusal to go", () -> screen.shows(".measure .wrong") ? null : true);
    }

    @Test
    void aFishIsFoundByTwoLettersAndWeightAloneIsEnough() {
        screen.openAfresh("/bench");
        screen.waitForText(CHECK_FROM, "min");
        screen.tap(".fish input");
        screen.press("pl");
        screen.tapNamed(".el-select-dropdown__item", "Plaice");
        screen.waitForText(".about", "Pleuronectes platessa");
        screen.type(".measure input", "");
        screen.waitForText(".measure", "from its weight");
        screen.type(".measure input", "26");
        screen.waitForText(".measure", "by ruler");
    }
}
