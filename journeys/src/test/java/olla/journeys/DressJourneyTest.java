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

    private static final Part GRILLED_FROM =
            Part.of("listitem").saying("grill on").in(Bench.STAGES);

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

    @BeforeEach
    void atTheBench() {
        screen.size(1280, 800);
        bench.openAfresh();
    }

    private static void fish(String letters, String name, String cut) {
        bench.fish(letters, name);
        bench.cut(cut);
    }

    private static double minutesIn(String text) {
        Matcher number = Pattern.compile("[0-9]+(\\.5)?").matcher(text.replace("½", ".5"));
        assertThat(number.find()).as(text).isTrue();
        return Double.parseDouble(number.group());
    }

    @Test
    void aSaltCrustEvening() {
        fish("gilt", "Sea bream", "Whole");
        screen.type(Bench.THICKEST, "");
        screen.type(Bench.WEIGHS, "1500");
        for (int i = 0; i < 3; i++) {
            screen.tap(Part.button("One piece less"));
        }
        bench.dress("salt");
        screen.waitForText(Bench.TICKET, "coarse sea salt");
        screen.see(Bench.CRUST);

        // The pull is well below the target, and the ticket says how far the crust carries it.
        double pull = minutesIn(screen.text(Bench.PULL_AT));
        assertThat(pull).isLessThan(52);
        assertThat(screen.text(Bench.TICKET))
                .containsIgnoringCase("coasts to")
                .contains("Left shut for 20 min it comes to");
        assertThat(minutesIn(screen.text(Bench.REST))).isGreaterThanOrEqualTo(10);
        assertThat(screen.text(Bench.TO_KNOW)).contains("yolk").contains("tray of at least");
        assertThat(screen.objections()).isEmpty();

        screen.tap(Part.button("What there is").in(Bench.DRESS));
        bench.amount("Salt there is", "0");
        screen.waitForText(Bench.DRESS_REFUSED, "it can be 100 g to 50 kg");
        assertThat(screen.see(Part.field("Salt there is").in(Bench.DRESS)).getAttribute("value"))
                .isEqualTo("0");
        assertThat(screen.see(Bench.PUT_IN).isEnabled()).isFalse();
        bench.amount("Salt there is", "900");
        screen.waitForText(Bench.TO_KNOW, "900 g lies");
        bench.amount("Tray, long", "300");
        bench.amount("and wide", "200");
        screen.waitForText(Bench.DRESS_REFUSED, "this tray has 300 mm × 200 mm");
        bench.amount("Tray, long", "600");
        bench.amount("and wide", "400");
        screen.until("the tray to be large enough", () -> screen.shows(Bench.DRESS_REFUSED) ? null : true);

        bench.choose("How is the salt damped?", "water only");
        screen.until("no whites", () -> screen.text(Bench.TICKET).contains("egg whites") ? null : true);
        bench.choose("How is the salt damped?", "beaten whites");
        screen.waitForText(Bench.TICKET, "egg whites");
        bench.choose("Scales on?", "no");
        screen.waitForText(Bench.TICKET, "scales");
        bench.choose("Scales on?", "yes");

        screen.until(
                "the way to the oven to open", () -> screen.see(Bench.PUT_IN).isEnabled() ? true : null);
        screen.tap(Part.button("Put it in").in(Bench.TICKET));
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.waitForText(OvenSide.BAKES, "Whole sea bream, salt");
    }

    @Test
    void twoUnlikeParcelsGoInOnOneTray() {
        bench.dress("paper");
        fish("lemon s", "Lemon sole", "Fillet");
        screen.type(Bench.THICKEST, "12");
        screen.waitForText(Bench.THICKNESS, "12 mm");
        screen.tap(Part.button("Add to the tray").in(Bench.TICKET));
        fish("char", "Arctic char", "Fillet");
        screen.type(Bench.THICKEST, "30");
        screen.waitForText(Bench.THICKNESS, "30 mm");
        bench.lay("under it");
        bench.choose("On a bed of", "leek");
        screen.press(Keys.ESCAPE);
        screen.waitForText(Part.of("listitem").in(Bench.TRAY), "Lemon sole fillet");
        screen.waitForText(Part.of("listitem").in(Bench.TRAY).nth(1), "this one");
        screen.until(
                "the thin one to be out first",
                () -> minutesIn(screen.text(Part.of("listitem").in(Bench.TRAY)))
                                < minutesIn(screen.text(
                                        Part.of("listitem").in(Bench.TRAY).nth(1)))
                        ? true
                        : null);
        assertThat(screen.objections()).isEmpty();

        screen.tap(Part.button("how to fold it").in(Bench.TICKET));
        screen.see(Part.of("image").in(Bench.DIALOG));
        assertThat(screen.objections()).isEmpty();
        screen.press(Keys.ESCAPE);
        screen.until("the folding to close", () -> screen.shows(Bench.DIALOG) ? null : true);

        screen.tap(Part.button("Put it in").in(Bench.TICKET));
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.waitForText(OvenSide.BAKES, "Lemon sole fillet, paper");
        screen.waitForText(OvenSide.BAKES, "Arctic char fillet, paper");
    }

    @Test
    void aToppedFilletEndsUnderTheGrill() {
        fish("had", "Haddock", "Fillet");
        screen.type(Bench.THICKEST, "25");
        bench.dress("topping");
        screen.waitForText(Bench.STAGES, "grill on");
        screen.see(Bench.GRILL);
        screen.see(Bench.COAT);
        double baked = minutesIn(screen.text(Bench.LIKELY));
        double grill = minutesIn(screen.text(GRILLED_FROM));

        // An edge moved: the grill is as long as the cook says, the bake is solved round it.
        screen.focus(Bench.END_OF_A_STAGE.nth(1));
        screen.press(Keys.ARROW_RIGHT);
        screen.press(Keys.ARROW_RIGHT);
        screen.press(Keys.ARROW_RIGHT);
        screen.until("a grill begun earlier", () -> minutesIn(screen.text(GRILLED_FROM)) < grill ? true : null);
        screen.press("z");

        bench.choose("Goes on", "after");
        screen.waitForText(Bench.STAGES, "topping on");
        screen.waitForText(Bench.PROGRAMME, "Topping on");
        assertThat(screen.objections()).isEmpty();
        bench.choose("Topping", "crumb all round");
        screen.waitForText(Bench.STAGES, "turn it over");
        screen.tap(Part.radio("freezer").in(Bench.PIECE));
        double frozen = minutesIn(screen.until("a longer time from frozen", () -> {
            String text = screen.text(Bench.LIKELY);
            return minutesIn(text) > baked ? text : null;
        }));
        assertThat(frozen).isGreaterThan(baked);
    }

    /** As somebody says it: on citrus, under a paste, with crumbs on at the end. */
    @Test
    void aFishOnCitrusUnderAPasteGetsLateCrumbs() {
        bench.dress("topping");
        bench.choose("Topping", "nut paste");
        bench.lay("under it");
        screen.waitForText(Bench.LAYERS, "citrus slices");
        screen.waitForText(Bench.STAGES, "grill on");
        double alone = minutesIn(screen.text(Bench.LIKELY));
        bench.lay("on top");
        screen.waitForText(Bench.STAGES, "topping on");
        screen.see(Bench.COAT.nth(1));
        screen.see(Bench.BED);
        screen.waitForText(Bench.TO_KNOW, "nut paste");
        bench.amount("How thick", "4");
        screen.waitForText(Bench.LAYERS, "crumb, cheese, 4 mm, after");
        bench.layer("a tray");
        bench.choose("Stands in", "glass");
        screen.waitForText(Bench.CAUTIONS, "Glass shatters");
        screen.until("longer in glass", () -> minutesIn(screen.text(Bench.LIKELY)) > alone ? true : null);
        assertThat(screen.objections()).isEmpty();

        bench.layer("nut paste");
        screen.tap(Part.button("Take it away").in(Bench.DRESS));
        screen.until("one coat", () -> screen.shows(Bench.COAT.nth(1)) ? null : true);
        screen.press("z");
        screen.see(Bench.COAT.nth(1));
        // A layer is opened in the drawing, too.
        screen.tap(Bench.BED);
        bench.choose("On a bed of", "spinach");
        screen.press(Keys.ESCAPE);
        screen.waitForText(Bench.TICKET, "spinach");
        screen.tap(Part.button("Put it in").in(Bench.TICKET));
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
    }

    /** Stages are put in, changed, moved and taken out; what is left open is solved round them. */
    @Test
    void theStagesAreTheCooksOwn() {
        bench.dress("tray");
        screen.waitForText(Bench.CHECK_FROM, "min");
        double usual = minutesIn(screen.text(Bench.LIKELY));
        screen.tap(Part.button("Stages").in(Bench.INSIDE));
        Part stages = Part.of("list", "The stages").in(Bench.DIALOG);
        screen.type(Part.field("Dial of 1").in(stages), "150");
        screen.until("slower at a gentle dial", () -> minutesIn(screen.text(Bench.LIKELY)) > usual ? true : null);
        screen.waitForText(Bench.PIECE, "150°");
        screen.tap(Part.button("+ bake").in(Bench.DIALOG));
        screen.type(Part.field("Dial of 2").in(stages), "250");
        screen.tap(Part.button("+ turn it over").in(Bench.DIALOG));
        screen.tap(Part.button("Stage 3 earlier").in(stages));
        assertThat(screen.objections()).isEmpty();
        screen.type(Part.field("Dial of 3").in(stages), "500");
        screen.waitForText(Part.of("alert").in(Bench.DIALOG), "out of range");
        screen.type(Part.field("Dial of 3").in(stages), "250");
        screen.until("no objection", () -> screen.shows(Part.of("alert").in(Bench.DIALOG)) ? null : true);
        screen.tap(Part.button("+ grill").in(Bench.DIALOG));
        screen.type(Part.field("Under the grill 4").in(stages), "80");
        screen.type(Part.field("Before it is served").in(stages), "0");
        screen.press(Keys.ESCAPE);
        screen.until("the stages to close", () -> screen.shows(Bench.DIALOG) ? null : true);
        screen.waitForText(Bench.STAGES, "turn it over");
        screen.waitForText(Bench.STAGES, "grill on, 80 mm under it");
        screen.waitForText(Bench.PROGRAMME, "250°");
        screen.waitForText(Bench.REST, "at once");

        screen.tap(Part.button("Stages").in(Bench.INSIDE));
        screen.tap(Part.button("Take stage 2 out").in(stages));
        screen.tap(Part.button("As usual again").in(Bench.DIALOG));
        screen.press(Keys.ESCAPE);
        // The dial stays where it was turned to.
        screen.until("one bake and nothing to be told of it", () -> screen.shows(Bench.STAGES) ? null : true);
        screen.waitForText(Bench.DIAL, "150");
    }

    @Test
    void aTrayBakeHasItsBaseFirst() {
        bench.dress("tray bake");
        screen.waitForText(Bench.STAGES, "fish on");
        screen.see(Bench.BED);
        bench.lay("beside it");
        screen.waitForText(Bench.LAYERS, "tomato, last 5 min");
        screen.waitForText(Bench.STAGES, "sides in");
        bench.layer("potato");
        bench.choose("Cut in", "wedges");
        screen.waitForText(Bench.PROGRAMME, "Fish on");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Put it in").in(Bench.TICKET));
        screen.waitForText(OvenSide.BAKES, "Zander portion, tray bake");
    }

    @Test
    void aStuffingSetsTheTimeAndTheFleshsFateIsShown() {
        double plain = minutesIn(screen.text(Bench.LIKELY));
        bench.layer("fish");
        bench.choose("Inside it", "a stuffing");
        screen.waitForText(Bench.TICKET, "The stuffing sets the time");
        assertThat(minutesIn(screen.text(Bench.LIKELY))).isGreaterThan(plain);
        screen.see(Bench.FILLING);
        double usual = minutesIn(screen.text(Bench.LIKELY));
        bench.amount("Stuffing, each", "40");
        screen.waitForText(Bench.TICKET, "160 g");
        screen.waitForText(Bench.TO_KNOW, "measure the thickest place with it in");
        bench.choose("It goes in", "hot");
        screen.until("hot is sooner done", () -> minutesIn(screen.text(Bench.LIKELY)) < usual ? true : null);
        screen.waitForText(Bench.CAUTIONS, "Hot stuffing");
        assertThat(screen.objections()).isEmpty();
        bench.amount("Stuffing, each", "900");
        screen.waitForText(Bench.DRESS_REFUSED, "out of range");
    }

    @Test
    void aWoodOvenIsNotedAndTaken() {
        double still = minutesIn(screen.text(Bench.LIKELY));
        screen.tap(Bench.OVEN);
        screen.tap(Part.button("Another oven, or one away"));
        screen.see(Part.of("textbox").in(Bench.DIALOG));
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Note it").in(Bench.DIALOG));
        screen.waitForText(Part.of("alert").in(Bench.DIALOG), "1 to 60 characters");
        screen.type(Part.of("textbox").in(Bench.DIALOG), "Garden oven");
        screen.tap(Part.button("Note it").in(Bench.DIALOG));
        screen.waitForText(Bench.PIECE, "Garden oven, wood");
        screen.until(
                "another time in the wood oven", () -> minutesIn(screen.text(Bench.LIKELY)) != still ? true : null);

        screen.tap(Bench.OVEN);
        screen.tap(Part.button("Another oven, or one away"));
        screen.tap(Part.button("Put away").in(Bench.DIALOG).last());
        screen.waitForText(Part.of("listitem").in(Bench.DIALOG).last(), "put away; its log stays");
        screen.until("another oven on the bench", () -> screen.text(Bench.PIECE).contains("Garden") ? null : true);
        screen.tap(Part.button("Take out again").in(Bench.DIALOG).last());
        screen.tap(Part.button("Put away").in(Bench.DIALOG).last());
    }

    /** A recipe in the cook's own words: amounts as they are said, what each is for, and what is said when something goes on. */
    @Test
    void aRecipeIsWrittenAsACookSaysIt() {
        bench.dress("topping");
        bench.choose("Goes on", "after");
        screen.waitForText(Bench.STAGES, "topping on");
        screen.tap(Part.button("Stages").in(Bench.INSIDE));
        screen.type(Part.field("In your words, 2").in(Bench.DIALOG), "crumb on, pressed down");
        screen.press(Keys.ESCAPE);
        screen.waitForText(Bench.STAGES, "topping on, crumb on, pressed down");
        screen.tap(Part.button("Recipe book"));
        screen.tap(Part.button("Keep tonight's dress").in(Bench.RECIPES));
        screen.type(Part.field("Name").in(Bench.BOOK), "As I say it");
        screen.type(Part.field("As you say it, 1").in(Bench.BOOK), "1 pound rye crumbs");
        screen.waitForText(Bench.BOOK, "115 g each");
        screen.type(Part.field("As you say it, 2").in(Bench.BOOK), "a handful of parsley");
        screen.type(Part.field("As you say it, 3").in(Bench.BOOK), "pepper");
        screen.waitForText(Bench.BOOK, "to taste");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Write it down").in(Bench.BOOK));
        screen.waitForText(Part.of("heading").in(Bench.BOOK).nth(1), "As I say it");
        screen.tap(Part.button("Lay it on the bench").in(Bench.BOOK));
        screen.waitForText(Bench.TICKET, "rye crumbs");
        screen.until(
                "the mix that is usual to go", () -> screen.text(Bench.TICKET).contains("hard cheese") ? null : true);
        screen.tap(Part.button("Shopping").in(Bench.TICKET));
        screen.waitForText(Bench.DIALOG, "450 g rye crumbs");
        screen.press(Keys.ESCAPE);
        screen.tap(Part.button("Put it in").in(Bench.TICKET));
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.tap(Part.of("link", "Bench"));
        screen.tap(Part.button("Recipe book"));
        screen.tap(Part.button("As I say it").in(Bench.RECIPES));
        screen.tap(Part.button("Tear it out").in(Bench.BOOK));
    }

    @Test
    void aRecipeGoesOutAsAFileAndComesInAgain() throws Exception {
        bench.layer("fish");
        bench.choose("Inside it", "sprigs");
        bench.dress("topping");
        bench.amount("How thick", "6");
        screen.waitForText(Bench.STAGES, "grill on");
        screen.tap(Part.button("Recipe book"));
        screen.waitForText(Bench.RECIPES, "Gilthead in salt");
        screen.tap(Part.button("Zander under rye").in(Bench.RECIPES));
        screen.waitForText(Bench.BOOK, "rye crumbs");
        screen.waitForText(Bench.BOOK, "milk");
        assertThat(screen.objections()).isEmpty();

        screen.tap(Part.button("Keep tonight's dress").in(Bench.RECIPES));
        screen.type(Part.field("Name").in(Bench.BOOK), "Tonight's crumb");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Write it down").in(Bench.BOOK));
        screen.waitForText(Part.of("heading").in(Bench.BOOK).nth(1), "Tonight's crumb");
        String link =
                screen.see(Part.of("link", "Save as a file").in(Bench.BOOK)).getAttribute("href");
        String file = kitchen.get(link.substring(kitchen.address().length()));
        assertThat(file).contains("\"@type\" : \"Recipe\"").contains("\"depthMm\" : 6");
        screen.tap(Part.button("Tear it out").in(Bench.BOOK));
        screen.until(
                "the recipe to be gone", () -> screen.text(Bench.RECIPES).contains("Tonight's crumb") ? null : true);

        Path folder = Files.createTempDirectory("olla-recipes");
        Path broken = Files.writeString(folder.resolve("broken.jsonld"), file.substring(0, file.length() / 2));
        screen.upload(Part.drawn("[type=file]"), broken);
        screen.waitForText(Bench.BOOK_REFUSED, "not readable JSON");
        screen.upload(Part.drawn("[type=file]"), Files.writeString(folder.resolve("recipe.jsonld"), file));
        screen.waitForText(Part.of("heading").in(Bench.BOOK).nth(1), "Tonight's crumb");
        assertThat(screen.shows(Bench.BOOK_REFUSED)).isFalse();

        screen.tap(Part.button("Hake on a celeriac").in(Bench.RECIPES));
        screen.waitForText(Bench.BOOK, "celeriac");
        screen.tap(Part.button("Lay it on the bench").in(Bench.BOOK));
        screen.waitForText(Bench.STAGES, "sides in, tomatoes, cut side up");
        screen.tap(Part.button("Shopping").in(Bench.TICKET));
        screen.waitForText(Bench.DIALOG, "zander");
        screen.waitForText(Bench.DIALOG, "celeriac");
        assertThat(screen.objections()).isEmpty();
    }
}
