package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.Keys;

/** Every way to dress a fish, from its own questions to the oven; recipes out and in again. */
class DressJourneyTest {

    private static final String LIKELY = ".slip dl div:nth-child(3) dd";

    private static final String GRILLED_FROM = ".slip .stages li:nth-child(2) b";

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Kitchen kitchen;
    private static Screen screen;

    @BeforeAll
    static void open() {
        kitchen = EVENING.kitchen();
        screen = EVENING.screen();
    }

    @BeforeEach
    void atTheBench() {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(".slip .check dd");
    }

    private static void fish(String letters, String name, String cut) {
        screen.fish(letters, name);
        screen.tapNamed(".side [role=radio]", cut);
    }

    private static void dress(String name) {
        screen.tapNamed(".dresses button", name);
    }

    private static void choose(String label, String words) {
        screen.tap("[data-of='" + label + "'] .el-select__wrapper");
        screen.tapNamed(".el-select-dropdown__item", words);
    }

    private static void amount(String label, String value) {
        screen.type("[data-of='" + label + "'] input", value);
    }

    private static double minutesIn(String text) {
        Matcher number = Pattern.compile("[0-9]+(\\.5)?").matcher(text.replace("½", ".5"));
        assertThat(number.find()).as(text).isTrue();
        return Double.parseDouble(number.group());
    }

    @Test
    void aSaltCrustEvening() {
        fish("gilt", "Sea bream", "Whole");
        screen.type(".measure input", "");
        screen.type(".measure[data-of=Weighs] input", "1500");
        for (int i = 0; i < 3; i++) {
            screen.tap("[aria-label='One piece less']");
        }
        dress("salt");
        screen.waitForText(".slip .quantities", "coarse sea salt");
        screen.see(".cut .layer.crust");

        // The pull is well below the target, and the ticket says how far the crust carries it.
        double pull = minutesIn(screen.text(".slip dl div:nth-child(5) dd"));
        assertThat(pull).isLessThan(52);
        assertThat(screen.text(".slip")).containsIgnoringCase("coasts to").contains("Left shut for 20 min it comes to");
        assertThat(minutesIn(screen.text(".slip dl div:nth-child(6) dd"))).isGreaterThanOrEqualTo(10);
        assertThat(screen.text(".slip .advice")).contains("yolk").contains("tray of at least");
        assertThat(screen.objections()).isEmpty();

        screen.tapNamed(".bar button", "What there is");
        amount("Salt there is", "0");
        screen.waitForText("[data-of='Salt there is'] .wrong", "it can be 100 g to 50 kg");
        assertThat(screen.see("[data-of='Salt there is'] input").getAttribute("value"))
                .isEqualTo("0");
        assertThat(screen.see(".slip .main-action").isEnabled()).isFalse();
        amount("Salt there is", "900");
        screen.waitForText(".slip .advice", "900 g lies");
        amount("Tray, long", "300");
        amount("and wide", "200");
        screen.waitForText("[data-of='Tray, long'] .wrong", "this tray has 300 mm × 200 mm");
        amount("Tray, long", "600");
        amount("and wide", "400");
        screen.until("the tray to be large enough", () -> screen.shows("[data-of='Tray, long'] .wrong") ? null : true);

        choose("How is the salt damped?", "water only");
        screen.until("no whites", () -> screen.text(".slip .quantities").contains("egg whites") ? null : true);
        choose("How is the salt damped?", "beaten whites");
        screen.waitForText(".slip .quantities", "egg whites");
        choose("Scales on?", "no");
        screen.waitForText(".slip .cautions", "scales");
        choose("Scales on?", "yes");

        screen.until(
                "the way to the oven to open",
                () -> screen.see(".slip .main-action").isEnabled() ? true : null);
        screen.tapNamed(".slip button", "Put it in");
        screen.waitForText("h1", "Leave it shut");
        screen.waitForText(".tabs", "Whole sea bream, salt");
    }

    @Test
    void twoUnlikeParcelsGoInOnOneTray() {
        dress("paper");
        fish("lemon s", "Lemon sole", "Fillet");
        screen.type(".measure input", "12");
        screen.waitForText(".handle", "12 mm");
        screen.tapNamed(".slip button", "Add to the tray");
        fish("char", "Arctic char", "Fillet");
        screen.type(".measure input", "30");
        screen.waitForText(".handle", "30 mm");
        choose("On a bed of", "leek");
        screen.press(Keys.ESCAPE);
        screen.waitForText(".tray li:nth-child(1)", "Lemon sole fillet");
        screen.waitForText(".tray li:nth-child(2)", "this one");
        screen.until(
                "the thin one to be out first",
                () -> minutesIn(screen.text(".tray li:nth-child(1) b"))
                                < minutesIn(screen.text(".tray li:nth-child(2) b"))
                        ? true
                        : null);
        assertThat(screen.objections()).isEmpty();

        screen.tapNamed(".slip button", "how to fold it");
        screen.see(".el-dialog svg");
        assertThat(screen.objections()).isEmpty();
        screen.press(Keys.ESCAPE);
        screen.until("the folding to close", () -> screen.shows(".el-dialog") ? null : true);

        screen.tapNamed(".slip button", "Put it in");
        screen.waitForText("h1", "Leave it shut");
        screen.waitForText(".tabs", "Lemon sole fillet, paper");
        screen.waitForText(".tabs", "Arctic char fillet, paper");
    }

    @Test
    void aToppedFilletEndsUnderTheGrill() {
        fish("had", "Haddock", "Fillet");
        screen.type(".measure input", "25");
        dress("topping");
        screen.waitForText(".slip .stages", "grill on");
        screen.see(".strip .grill");
        screen.see(".cut .layer.coat");
        double baked = minutesIn(screen.text(LIKELY));
        double grill = minutesIn(screen.text(GRILLED_FROM));

        // An edge moved: the grill is as long as the cook says, the bake is solved round it.
        screen.script("document.querySelectorAll('.strip .edge')[1].focus()");
        screen.press(Keys.ARROW_RIGHT);
        screen.press(Keys.ARROW_RIGHT);
        screen.press(Keys.ARROW_RIGHT);
        screen.until("a grill begun earlier", () -> minutesIn(screen.text(GRILLED_FROM)) < grill ? true : null);
        screen.press("z");

        choose("Goes on", "after");
        screen.waitForText(".slip .stages", "topping on");
        screen.waitForText(".strip", "Topping on");
        assertThat(screen.objections()).isEmpty();
        choose("Topping", "crumb all round");
        screen.waitForText(".slip .stages", "turn it over");
        screen.tapNamed(".starts button", "freezer");
        double frozen = minutesIn(screen.until("a longer time from frozen", () -> {
            String text = screen.text(LIKELY);
            return minutesIn(text) > baked ? text : null;
        }));
        assertThat(frozen).isGreaterThan(baked);
    }

    @Test
    void aTrayBakeHasItsBaseFirst() {
        dress("tray bake");
        screen.waitForText(".slip .stages", "fish on");
        screen.see(".cut .layer.bed");
        choose("Join for the last 5 min", "tomato");
        screen.press(Keys.ESCAPE);
        screen.waitForText(".slip .stages", "sides in");
        choose("Cut in", "wedges");
        screen.waitForText(".strip", "Fish on");
        assertThat(screen.objections()).isEmpty();
        screen.tapNamed(".slip button", "Put it in");
        screen.waitForText(".tabs", "Zander portion, tray bake");
    }

    @Test
    void aStuffingSetsTheTimeAndTheFleshsFateIsShown() {
        double plain = minutesIn(screen.text(LIKELY));
        choose("Inside it", "a stuffing");
        screen.waitForText(".slip", "The stuffing sets the time");
        assertThat(minutesIn(screen.text(LIKELY))).isGreaterThan(plain);
        screen.see(".cut .layer.filling");
    }

    @Test
    void aWoodOvenIsNotedAndTaken() {
        double still = minutesIn(screen.text(LIKELY));
        screen.tap(".oven .el-select__wrapper");
        screen.tapNamed(".el-select-dropdown__footer button", "Another oven, or one away");
        screen.see(".el-dialog input");
        assertThat(screen.objections()).isEmpty();
        screen.tapNamed(".el-dialog button", "Note it");
        screen.waitForText(".el-dialog .wrong", "1 to 60 characters");
        screen.type(".el-dialog input", "Garden oven");
        screen.tapNamed(".el-dialog button", "Note it");
        screen.waitForText(".oven .el-select", "Garden oven, wood");
        screen.until("another time in the wood oven", () -> minutesIn(screen.text(LIKELY)) != still ? true : null);

        screen.tap(".oven .el-select__wrapper");
        screen.tapNamed(".el-select-dropdown__footer button", "Another oven, or one away");
        screen.tapNamed(".there li:last-child button", "Put away");
        screen.waitForText(".there li:last-child", "put away; its log stays");
        screen.until(
                "another oven on the bench",
                () -> screen.text(".oven .el-select").contains("Garden") ? null : true);
        screen.tapNamed(".there li:last-child button", "Take out again");
        screen.tapNamed(".there li:last-child button", "Put away");
    }

    @Test
    void aRecipeGoesOutAsAFileAndComesInAgain() throws Exception {
        choose("Inside it", "sprigs");
        dress("topping");
        amount("How thick", "6");
        screen.waitForText(".slip .stages", "grill on");
        screen.tapNamed("button", "Recipe book");
        screen.waitForText(".book nav", "Gilthead in salt");
        screen.tapNamed(".book nav button", "Zander under rye");
        screen.waitForText(".book .amounts", "rye crumbs");
        screen.waitForText(".book .allergens", "milk");
        assertThat(screen.objections()).isEmpty();

        screen.tapNamed(".book nav button", "Keep tonight's dress");
        screen.type(".book form .name input", "Tonight's crumb");
        assertThat(screen.objections()).isEmpty();
        screen.tapNamed(".book form button", "Write it down");
        screen.waitForText(".book article h2", "Tonight's crumb");
        String link = screen.see(".book a[download]").getAttribute("href");
        String file = kitchen.get(link.substring(kitchen.address().length()));
        assertThat(file).contains("\"@type\" : \"Recipe\"").contains("\"depthMm\" : 6");
        screen.tapNamed(".book .actions button", "Tear it out");
        screen.until("the recipe to be gone", () -> screen.text(".book nav").contains("Tonight's crumb") ? null : true);

        Path folder = Files.createTempDirectory("olla-recipes");
        Path broken = Files.writeString(folder.resolve("broken.jsonld"), file.substring(0, file.length() / 2));
        screen.upload(".book input[type=file]", broken);
        screen.waitForText(".book .wrong", "not readable JSON");
        screen.upload(".book input[type=file]", Files.writeString(folder.resolve("recipe.jsonld"), file));
        screen.waitForText(".book article h2", "Tonight's crumb");
        assertThat(screen.shows(".book .wrong")).isFalse();

        screen.tapNamed(".book nav button", "Hake on a celeriac");
        screen.waitForText(".book .amounts", "celeriac");
        screen.tapNamed(".book button", "Lay it on the bench");
        screen.waitForText(".slip .stages", "sides in");
        screen.tapNamed(".slip button", "Shopping list");
        screen.waitForText(".el-dialog", "zander");
        screen.waitForText(".el-dialog", "celeriac");
        assertThat(screen.objections()).isEmpty();
    }
}
