package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.openqa.selenium.Keys;

/** The dishes of {@code docs/jobs.md}, laid by keys alone: nothing is tapped, and the keys go from stop to stop. */
class KeyboardJourneyTest {

    private static final Part STAGES = Part.of("list", "The stages").in(Bench.DIALOG);
    private static final Part ADD = Part.button("Add a layer").in(Bench.LAYERS);

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Screen screen;
    private static Bench bench;
    private static Keyboard keys;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
        screen.size(1280, 800);
        bench = new Bench(screen);
        keys = new Keyboard(screen);
    }

    private static void kind(String name) {
        keys.pick(Part.radio(name).in(Part.of("radiogroup", "How it is dressed")));
    }

    private static void cut(String name) {
        keys.pick(Part.radio(name).in(Bench.PIECE));
    }

    private static void layer(String begins) {
        Part line = Part.button(begins).in(Bench.LAYERS);
        if (!"true".equals(screen.see(line).getAttribute("aria-expanded"))) {
            keys.press(line);
        }
    }

    private static void lay(String where) {
        keys.press(ADD);
        keys.press(Part.button("+ " + where).in(Bench.DRESS));
    }

    private static void choose(String question, String words) {
        keys.choose(Part.of("combobox", question).in(Bench.DRESS), words);
    }

    private static void amount(String question, String value) {
        keys.type(Part.field(question).in(Bench.DRESS), value);
    }

    /** In the list of stages, from opening it to closing it. */
    private static void stages(Runnable done) {
        keys.press(Part.button("Stages").in(Bench.INSIDE));
        screen.see(STAGES);
        done.run();
        screen.press(Keys.ESCAPE);
        screen.until("the stages to close", () -> screen.shows(Bench.DIALOG) ? null : true);
    }

    private static void putIn(String stage) {
        keys.press(Part.button("+ " + stage).in(Bench.DIALOG));
    }

    private static void minutes(int stage, String minutes) {
        keys.type(Part.field("How long " + stage).in(STAGES), minutes);
    }

    private static Arguments job(String name, Consumer<Screen> laid, String... says) {
        return arguments(name, laid, says);
    }

    static Stream<Arguments> jobs() {
        return Stream.of(
                job(
                        "a side on leaves under vegetables; crumb, hotter",
                        s -> {
                            cut("Side");
                            kind("topping");
                            choose("Topping", "vegetable slices");
                            lay("under it");
                            choose("On a bed of", "spinach");
                            lay("on top");
                            choose("Goes on", "part-way");
                            stages(() -> keys.type(Part.field("Dial of 3").in(STAGES), "230"));
                        },
                        "vegetable slices",
                        "spinach",
                        "part-way"),
                job(
                        "fish on citrus under a paste, crumb after",
                        s -> {
                            kind("topping");
                            choose("Topping", "nut paste");
                            lay("under it");
                            lay("on top");
                        },
                        "nut paste",
                        "citrus slices",
                        "crumb, cheese, 3 mm, after"),
                job(
                        "a pocket of shellfish",
                        s -> {
                            layer("fish");
                            choose("Inside it", "a stuffing");
                            amount("Stuffing, each", "120");
                            choose("Of", "shellfish");
                        },
                        "a stuffing"),
                job(
                        "rolls in stoneware under onion and tomato",
                        s -> {
                            cut("Roll");
                            kind("topping");
                            choose("Topping", "onion, tomato");
                            lay("on top");
                            layer("a tray");
                            choose("Stands in", "stoneware");
                        },
                        "onion, tomato",
                        "crumb",
                        "stoneware"),
                job(
                        "a whole fish upright in an iron pan with wine and butter",
                        s -> {
                            cut("Whole");
                            layer("fish");
                            choose("It lies", "upright");
                            lay("poured in");
                            layer("a tray");
                            choose("Stands in", "an iron pan");
                        },
                        "upright",
                        "wine and butter",
                        "an iron pan"),
                job(
                        "potatoes in stock: hob, oven, then the fish",
                        s -> {
                            kind("tray bake");
                            lay("poured in");
                            choose("Lies in", "stock");
                            amount("How much", "400");
                            layer("a tray");
                            choose("Stands in", "an iron pan");
                            stages(() -> {
                                putIn("hob");
                                minutes(1, "8");
                            });
                            screen.waitForText(Bench.STAGES, "on the hob");
                        },
                        "stock",
                        "an iron pan"),
                job(
                        "glazed, glazed again, grilled, in a small dish",
                        s -> {
                            layer("fish");
                            choose("Its face", "glazed");
                            layer("a tray");
                            choose("Stands in", "stoneware");
                            amount("Inside, long", "200");
                            amount("and wide", "150");
                            screen.waitForText(Bench.STAGES, "glaze");
                        },
                        "glazed",
                        "stoneware"),
                job(
                        "a boat of open foil",
                        s -> {
                            layer("a tray");
                            choose("Stands in", "a foil boat");
                        },
                        "a foil boat"),
                job(
                        "strips dipped in mayonnaise, turned, lemon over them",
                        s -> {
                            cut("Strip");
                            kind("topping");
                            choose("Topping", "crumb all round");
                            choose("Dipped in", "mayonnaise");
                            stages(() -> putIn("lemon"));
                            screen.waitForText(Bench.STAGES, "lemon");
                        },
                        "crumb all round"),
                job(
                        "one of two unlike parcels, on leek with cider",
                        s -> {
                            kind("paper");
                            lay("under it");
                            choose("On a bed of", "leek");
                            lay("poured in");
                            choose("Lies in", "cider");
                            amount("In each", "40");
                        },
                        "paper",
                        "leek",
                        "cider"),
                job(
                        "sticks with asparagus and a splash for the last five minutes",
                        s -> {
                            cut("Strip");
                            lay("beside it");
                            choose("Side", "asparagus");
                            keys.press(Part.button("With a splash").in(Bench.DRESS));
                            screen.waitForText(Bench.STAGES, "sides in");
                        },
                        "asparagus, a splash, last 5 min"),
                job(
                        "salt with the eye left free",
                        s -> {
                            cut("Whole");
                            kind("salt");
                            choose("Head and tail", "bare");
                        },
                        "salt, wet sand"),
                job(
                        "a parcel with butter and citrus on the fish, opened for colour",
                        s -> {
                            kind("foil");
                            lay("on top");
                            choose("Topping", "herb butter");
                            lay("on top");
                            choose("Topping", "citrus slices");
                            choose("Goes on", "before");
                            layer("foil");
                            choose("Opened at the end", "yes");
                            screen.waitForText(Bench.STAGES, "open it");
                        },
                        "foil",
                        "herb butter",
                        "citrus slices"));
    }

    /** Whoever takes a layer away goes on from the list of layers, and not from the top of the page. */
    @Test
    void theKeysStayWithTheLayersWhenOneIsTakenAway() {
        bench.openAfresh();
        lay("poured in");
        keys.press(Part.button("Take it away").in(Bench.DRESS));
        screen.until("no liquid", () -> screen.text(Bench.LAYERS).contains("wine") ? null : true);
        screen.press(Keys.ENTER);
        screen.see(Part.button("+ poured in").in(Bench.DRESS));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("jobs")
    void eachDishIsLaidByKeysAlone(String name, Consumer<Screen> laid, String... says) {
        bench.openAfresh();
        laid.accept(screen);
        for (String words : says) {
            screen.waitForText(Bench.LAYERS, words);
        }
        screen.waitForText(Bench.LIKELY, "min");
        boolean refused = screen.shows(Bench.DRESS_REFUSED);
        assertThat(refused).as(() -> screen.text(Bench.DRESS_REFUSED)).isFalse();
    }
}
