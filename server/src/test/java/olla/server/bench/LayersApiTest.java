package olla.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.junit.jupiter.params.provider.Arguments.arguments;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.stream.Stream;
import olla.server.MockWeb;
import olla.server.Started;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** The dish said in layers and stages, on the wire; as earlier versions said it, too. */
@Started(schema = "layers", with = MockWeb.class)
class LayersApiTest {

    private static final String BAKE = "{\"stage\":\"BAKE\",\"tempC\":200}";
    private static final String REST = "{\"stage\":\"REST\",\"minutes\":3}";

    @Autowired
    private MockMvc mvc;

    private ResultActions ask(String dress, String stages, boolean usual) throws Exception {
        String question = """
            {"piece": {"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160}, "dress": {%s},
             "oven": {"kind":"STILL"}, "programme": [%s], "usual": %s, "pieces": 4}
            """.formatted(dress, stages, usual);
        return mvc.perform(
                post("/api/estimates").contentType(MediaType.APPLICATION_JSON).content(question));
    }

    private double minutes(String dress) throws Exception {
        String answer = ask(dress, BAKE + "," + REST, true)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return JsonPath.<Number>read(answer, "$.bakeMinutes").doubleValue();
    }

    static Stream<Arguments> asItWasSaid() {
        return Stream.of(
                arguments(
                        "\"kind\":\"OPEN_TRAY\",\"underlay\":\"CITRUS\"",
                        "\"kind\":\"OPEN_TRAY\",\"vegetables\":[\"CITRUS\"]"),
                arguments(
                        "\"kind\":\"OPEN_TRAY\",\"underlay\":\"PAN_SAUCE\"",
                        "\"kind\":\"OPEN_TRAY\",\"liquid\":\"WINE_BUTTER\""),
                arguments(
                        "\"kind\":\"TRAY_BAKE\",\"vegetables\":[\"LEEK\"],\"depthMm\":20",
                        "\"kind\":\"TRAY_BAKE\",\"vegetables\":[\"LEEK\"],\"bedMm\":20"),
                arguments(
                        "\"kind\":\"PARCHMENT\",\"splashMl\":20",
                        "\"kind\":\"PARCHMENT\",\"liquid\":\"WINE\",\"liquidMl\":20"));
    }

    @ParameterizedTest
    @MethodSource("asItWasSaid")
    void whatEarlierVersionsSaidIsReadAsItsLayers(String before, String now) throws Exception {
        assertThat(minutes(before)).isEqualTo(minutes(now));
    }

    /** Common practice, no source: what lies round a fish keeps heat from it for a while. */
    @Test
    void everyLayerHoldsItsHeatBack() throws Exception {
        double bare = minutes("\"kind\":\"OPEN_TRAY\"");
        assertThat(minutes("\"kind\":\"OPEN_TRAY\",\"liquid\":\"STOCK\",\"liquidMl\":400"))
                .isGreaterThan(bare + 0.5);
        assertThat(minutes("\"kind\":\"OPEN_TRAY\",\"liquid\":\"STOCK\",\"liquidMl\":400,\"liquidHot\":true"))
                .isLessThan(minutes("\"kind\":\"OPEN_TRAY\",\"liquid\":\"STOCK\",\"liquidMl\":400"));
        assertThat(minutes("\"kind\":\"OPEN_TRAY\",\"lid\":\"FOIL\"")).isGreaterThan(bare);
        assertThat(minutes("\"kind\":\"OPEN_TRAY\",\"vessel\":\"CAST_PAN\",\"preheatedC\":220"))
                .isLessThan(minutes("\"kind\":\"OPEN_TRAY\",\"vessel\":\"CAST_PAN\""));
        String parcel = "\"kind\":\"FOIL\",\"toppings\":[{\"mix\":\"BUTTER\",\"depthMm\":3}";
        assertThat(minutes(parcel + ",{\"mix\":\"CITRUS\",\"depthMm\":7}]")).isGreaterThan(minutes(parcel + "]"));
        assertThat(minutes("\"kind\":\"TOPPING\",\"toppings\":[{\"mix\":\"COOKED\",\"depthMm\":8,\"kept\":\"HOT\"}]"))
                .isLessThan(minutes(
                        "\"kind\":\"TOPPING\",\"toppings\":[{\"mix\":\"COOKED\",\"depthMm\":8,\"kept\":\"FRIDGE\"}]"));
    }

    /** Stages of one's own go with the dish that was changed, where that is asked for; else they are refused with the reason. */
    @Test
    void stagesOfOnesOwnAreFittedToTheDish() throws Exception {
        String stages = BAKE + ",{\"stage\":\"ADD\",\"what\":\"TOPPING\",\"note\":\"rye\"}," + BAKE + "," + REST;
        ask("\"kind\":\"OPEN_TRAY\"", stages, false).andExpect(status().isBadRequest());
        String asked = """
            {"piece": {"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160},
             "dress": {"kind":"OPEN_TRAY","sides":["PEAS",{"of":"CARROT","lastMin":8,"gEach":50,"waterMl":10}]},
             "oven": {"kind":"STILL"}, "programme": [%s], "fit": true, "pieces": 4}
            """.formatted(stages);
        mvc.perform(post("/api/estimates")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(asked))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.fitted.dropped[0].note").value("rye"))
                .andExpect(jsonPath("$.fitted.put.length()").value(2))
                .andExpect(jsonPath("$.fitted.put[0].what").value("SIDES"))
                .andExpect(jsonPath("$.fitted.programme[0].minutes").doesNotExist())
                .andExpect(jsonPath("$.quantities.amounts[?(@.what=='carrot')].value")
                        .value(200.0))
                .andExpect(jsonPath("$.quantities.advice", hasItem(containsString("with a splash of water"))));
    }

    @Test
    void aSideIsHeldToItsRanges() throws Exception {
        ask("\"kind\":\"OPEN_TRAY\",\"sides\":[{\"of\":\"PEAS\",\"lastMin\":90}]", BAKE + "," + REST, true)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("dress.sides[0].lastMin"));
    }

    /** A parcel opened for colour, with something on at the end: each is a stage, each has its amount. */
    @Test
    void aParcelIsOpenedForColour() throws Exception {
        ask(
                        "\"kind\":\"FOIL\",\"opened\":true,\"toppings\":[{\"mix\":\"CRUMB\",\"when\":\"AFTER\"}]",
                        BAKE + "," + REST,
                        true)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.programme[1].stage").value("UNCOVER"))
                .andExpect(jsonPath("$.programme[2].what").value("TOPPING"))
                .andExpect(jsonPath("$.programme[3].stage").value("GRILL"))
                .andExpect(jsonPath("$.colour").isNotEmpty())
                .andExpect(jsonPath("$.quantities.sheet.fold").value("SEAM_UP"))
                .andExpect(
                        jsonPath("$.cautions[?(@.code == 'ALLERGENS')].text", hasItem(containsString("gluten, milk"))));
    }

    /** On the hob, then in the oven until the middle is at 40°, then on with the topping, then until done. */
    @Test
    void stagesWaitForTheMiddle() throws Exception {
        String stages = "{\"stage\":\"HOB\",\"minutes\":3},{\"stage\":\"BAKE\",\"tempC\":200,\"untilC\":40},"
                + "{\"stage\":\"ADD\",\"what\":\"TOPPING\"}," + BAKE + "," + REST;
        String dress = "\"kind\":\"TOPPING\",\"vessel\":\"CAST_PAN\",\"liquid\":\"STOCK\",\"liquidMl\":200,"
                + "\"toppings\":[{\"mix\":\"BUTTER\",\"when\":\"PART_WAY\",\"depthMm\":3}]";
        String answer = ask(dress, stages, false)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.programme[0].stage").value("HOB"))
                .andExpect(jsonPath("$.programme[1].untilC").value(40))
                .andExpect(jsonPath("$.programme[1].open").value(false))
                .andExpect(jsonPath("$.programme[3].open").value(true))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(JsonPath.<Number>read(answer, "$.programme[1].coldestC").doubleValue())
                .isBetween(39.5, 42.0);
        ask(
                        dress,
                        BAKE
                                + ",{\"stage\":\"BAKE\",\"tempC\":200,\"untilC\":40},{\"stage\":\"ADD\",\"what\":\"TOPPING\"},"
                                + BAKE,
                        false)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath(
                        "$.errors[0].message", containsString("stands before the one that goes on until done")));
    }

    /** What a cook says of what goes on comes back at its moment, in the usual programme, too. */
    @Test
    void theCooksWordsStayAtTheirMoment() throws Exception {
        String stages = BAKE + ",{\"stage\":\"ADD\",\"what\":\"TOPPING\",\"note\":\"rye crumb, pressed down\"}," + BAKE
                + "," + REST;
        String dress = "\"kind\":\"TOPPING\",\"toppings\":[{\"mix\":\"CRUMB\",\"when\":\"AFTER\",\"depthMm\":3}]";
        for (boolean usual : new boolean[] {true, false}) {
            ask(dress, stages, usual)
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.programme[1].note").value("rye crumb, pressed down"))
                    .andExpect(jsonPath("$.quantities.byPart[0].part").value("ON"));
        }
        ask(dress, stages.replace("rye", "x".repeat(300)), false)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].message", containsString("A note beside a stage")));
    }

    static Stream<Arguments> whatCannotBe() {
        return Stream.of(
                arguments(
                        "\"kind\":\"OPEN_TRAY\",\"vessel\":\"GLASS\"",
                        "{\"stage\":\"HOB\",\"minutes\":5}," + BAKE,
                        "crack on a flame"),
                arguments("\"kind\":\"FOIL\",\"opened\":true", BAKE, "an UNCOVER is missing"),
                arguments(
                        "\"kind\":\"OPEN_TRAY\"",
                        BAKE + ",{\"stage\":\"UNCOVER\"}," + BAKE,
                        "There is nothing to open"),
                arguments("\"kind\":\"FOIL\",\"toppings\":[{\"when\":\"AFTER\"}]", BAKE, "Have it opened"),
                arguments(
                        "\"kind\":\"OPEN_TRAY\",\"liquid\":\"STOCK\",\"liquidMl\":90000",
                        BAKE,
                        "A liquid for one piece of 22"),
                arguments("\"kind\":\"OPEN_TRAY\",\"preheatedC\":900", BAKE, "A heated vessel of 900"),
                arguments(
                        "\"kind\":\"OPEN_TRAY\",\"vesselLengthMm\":2,\"vesselWidthMm\":200",
                        BAKE,
                        "A vessel's length of 2"),
                arguments("\"kind\":\"OPEN_TRAY\"", "{\"stage\":\"HOB\"}," + BAKE, "how long it stands on the hob"),
                arguments(
                        "\"kind\":\"OPEN_TRAY\"",
                        "{\"stage\":\"BAKE\",\"tempC\":200,\"minutes\":5,\"untilC\":40}",
                        "not both"),
                arguments("\"kind\":\"OPEN_TRAY\",\"vegetables\":[null]", BAKE, "A vegetable without a name"));
    }

    @ParameterizedTest
    @MethodSource("whatCannotBe")
    void whatCannotBeIsRefusedAtTheLayer(String dress, String stages, String why) throws Exception {
        ask(dress, stages, false)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[*].message", hasItem(containsString(why))));
    }

    static Stream<Arguments> whatMeansNothing() {
        return Stream.of(
                arguments("\"kind\":\"OPEN_TRAY\",\"coatMm\":8", "dress.coatMm"),
                arguments("\"kind\":\"SALT_CRUST\",\"lid\":\"FOIL\"", "dress.lid"),
                arguments("\"kind\":\"OPEN_TRAY\",\"opened\":true", "dress.opened"),
                arguments("\"kind\":\"OPEN_TRAY\",\"liquidMl\":100", "dress.liquidMl"),
                arguments("\"kind\":\"FOIL\",\"mix\":\"CRUMB\"", "dress.mix"),
                arguments("\"kind\":\"BREADED\",\"fold\":\"HEART\"", "dress.fold"));
    }

    /** What would be ignored is refused, with its name. */
    @ParameterizedTest
    @MethodSource("whatMeansNothing")
    void aFieldThatMeansNothingIsAnError(String dress, String field) throws Exception {
        ask(dress, BAKE, true)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath(
                        "$.errors[?(@.field == '" + field + "')].message", hasItem(containsString("means nothing"))));
    }

    @Test
    void theCatalogueKnowsWhatCanBeLaid() throws Exception {
        mvc.perform(get("/api/catalogue"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.liquids[*].words", hasItem("stock")))
                .andExpect(jsonPath("$.mixes[*].words", hasItem("cooked shellfish")))
                .andExpect(jsonPath("$.vegetables[*].words", hasItem("citrus slices")))
                .andExpect(jsonPath("$.usuals.side").value("TOMATO"));
    }
}
