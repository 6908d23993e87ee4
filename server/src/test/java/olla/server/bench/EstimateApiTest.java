package olla.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.junit.jupiter.params.provider.Arguments.arguments;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Base64;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import olla.server.MockWeb;
import olla.server.Started;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@Started(schema = "answers", with = MockWeb.class)
class EstimateApiTest {

    private static final String HAKE = """
            {"piece": {"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160,"widthMm":70,"lengthMm":110,
                       "startTempC":8,"frozen":false},
             "dress": {"kind":"OPEN_TRAY"},
             "oven": {"kind":"STILL"},
             "programme": [{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}],
             "doneness": "FLAKES"}
            """;

    @Autowired
    private MockMvc mvc;

    private ResultActions ask(String question) throws Exception {
        return mvc.perform(
                post("/api/estimates").contentType(MediaType.APPLICATION_JSON).content(question));
    }

    @Test
    void aPortionGetsItsTicket() throws Exception {
        String answer = ask(HAKE)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.dial.celsius").value(230))
                .andExpect(jsonPath("$.dial.fahrenheit").value(450))
                .andExpect(jsonPath("$.dial.gasMark").value(8))
                .andExpect(jsonPath("$.dial.fanCelsius").value(210))
                .andExpect(jsonPath("$.restMinutes").value(4))
                .andExpect(jsonPath("$.cautions[*].code", hasItem("BELOW_MINIMUM")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        com.jayway.jsonpath.DocumentContext json = com.jayway.jsonpath.JsonPath.parse(answer);
        double from = json.read("$.checkFromMin");
        double likely = json.read("$.likelyMin");
        double latest = json.read("$.noLaterThanMin");
        assertThat(from).isLessThan(likely).isBetween(8.0, 12.0);
        assertThat(likely).isLessThan(latest).isEqualTo(json.read("$.bakeMinutes"));
        assertThat(json.<Double>read("$.peakC")).isBetween(56.5, 57.5);
        int places = json.<Integer>read("$.sections.columns") * json.<Integer>read("$.sections.rows");
        assertThat(Base64.getDecoder().decode(json.<String>read("$.sections.picture[0]")))
                .hasSize(places);
        assertThat(json.<Integer>read("$.trace.minute.length()"))
                .isEqualTo(json.<Integer>read("$.trace.coldestC.length()"));
        assertThat(answer).doesNotContain(":NaN");
    }

    private double[] window(String oven) throws Exception {
        String answer = ask(HAKE.replace("{\"kind\":\"STILL\"}", oven))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        com.jayway.jsonpath.DocumentContext json = com.jayway.jsonpath.JsonPath.parse(answer);
        return new double[] {json.read("$.checkFromMin"), json.read("$.likelyMin"), json.read("$.noLaterThanMin")};
    }

    /** Higher up it is hotter, and less well known how much. */
    @Test
    void onAnotherShelfItTakesOtherMinutesAndLessSurely() throws Exception {
        double[] middle = window("{\"kind\":\"STILL\"}");
        double[] upper = window("{\"kind\":\"STILL\",\"shelf\":\"UPPER\"}");
        double[] lower = window("{\"kind\":\"STILL\",\"shelf\":\"LOWER\"}");
        assertThat(upper[1]).isLessThan(middle[1]);
        assertThat(lower[1]).isGreaterThan(middle[1]);
        assertThat(Math.log(upper[2] / upper[0])).isGreaterThan(Math.log(middle[2] / middle[0]));
        assertThat(window("{\"kind\":\"STILL\",\"shelf\":\"MIDDLE\"}")).isEqualTo(middle);
        ask(HAKE).andExpect(jsonPath("$.dial.shelf").value("Middle shelf"));
        ask(HAKE.replace("\"STILL\"", "\"STILL\",\"shelf\":\"LOWER\""))
                .andExpect(jsonPath("$.dial.shelf").value(containsString("cooler than the middle")));
        ask(HAKE.replace("\"STILL\"", "\"WOOD\",\"shelf\":\"LOWER\""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.dial.shelf").doesNotExist());
        ask(HAKE.replace("\"STILL\"", "\"STILL\",\"shelf\":\"ATTIC\"")).andExpect(status().isBadRequest());
    }

    /** A fillet along its length: the same form of pictures, twice as long as it is high; a portion has none. */
    @Test
    void aFilletIsCutAlongToo() throws Exception {
        String fillet = HAKE.replace(
                "\"cut\":\"PORTION\",\"thicknessMm\":26,\"massG\":160,\"widthMm\":70,\"lengthMm\":110",
                "\"cut\":\"FILLET\",\"massG\":300");
        mvc.perform(post("/api/estimates/along")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(fillet))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.halfWidthMm").value(greaterThan(100.0)))
                .andExpect(jsonPath("$.picture.length()").value(greaterThan(10)))
                .andExpect(jsonPath("$.outline.length()").value(greaterThan(10)));
        mvc.perform(post("/api/estimates/along")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(HAKE))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("piece.cut"));
    }

    @Test
    void theMassAloneIsEnough() throws Exception {
        ask("""
            {"piece": {"species":"sea_bream","cut":"WHOLE","massG":600}, "dress": {"kind":"FOIL"},
             "oven": {"kind":"FAN"}, "programme": [{"stage":"BAKE","tempC":190}]}
            """)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.piece.measured").value("SCALE"))
                .andExpect(jsonPath("$.dial.fanCelsius").value(190))
                .andExpect(jsonPath("$.doubts[0].what", containsString("thickness from its weight")));
    }

    @Test
    void givenMinutesAreRunAsGiven() throws Exception {
        ask(HAKE.replace("\"tempC\":230", "\"tempC\":230,\"minutes\":5"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.bakeMinutes").value(5));
    }

    @Test
    void everyWrongFieldHasItsLine() throws Exception {
        ask("""
            {"piece": {"species":"unicorn","cut":"PORTION","thicknessMm":26}, "dress": {},
             "programme": [{"stage":"BAKE","tempC":1000}]}
            """)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors", hasSize(4)))
                .andExpect(jsonPath("$.errors[0].field").value("piece.species"))
                .andExpect(jsonPath("$.errors[0].message", containsString("unicorn")))
                .andExpect(jsonPath("$.errors[1].field").value("dress.kind"))
                .andExpect(jsonPath("$.errors[2].field").value("oven.kind"))
                .andExpect(jsonPath("$.errors[3].field").value("programme.tempC"))
                .andExpect(jsonPath("$.errors[3].message", containsString("90\u00a0°C to 300\u00a0°C")));
    }

    @Test
    void aSlipOfTenIsAskedAboutOnce() throws Exception {
        ask(HAKE.replace("\"thicknessMm\":26", "\"thicknessMm\":200"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors", hasSize(1)))
                .andExpect(
                        jsonPath(
                                "$.errors[0].message",
                                containsString(
                                        "A 200\u00a0mm thick hake portion does not exist; 8\u00a0mm to 90\u00a0mm do. Did you mean")));
    }

    @Test
    void unknownFieldsAreRefusedByName() throws Exception {
        ask(HAKE.replace("\"frozen\"", "\"frozzen\""))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("piece.frozzen"))
                .andExpect(jsonPath("$.errors[0].message", containsString("frozzen")));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "null",
                "[]",
                "{}",
                "{",
                "{\"piece\":null,\"dress\":null,\"oven\":null,\"programme\":null}",
                "{\"piece\":{\"species\":5}}",
                "{\"piece\":{\"species\":\"hake\",\"cut\":\"PORTION\",\"thicknessMm\":\"26\"}}",
                "{\"piece\":{\"species\":\"hake\",\"cut\":\"PORTION\",\"thicknessMm\":1e999,\"massG\":-1}}",
                "{\"piece\":{\"species\":\"hake\",\"cut\":\"PORTION\",\"thicknessMm\":NaN}}",
                "{\"programme\":[null,null]}",
                "{\"programme\":[{\"stage\":\"REST\"},{\"stage\":\"BAKE\"}]}",
                "{\"programme\":[{\"stage\":\"BAKE\",\"tempC\":null}]}"
            })
    void nonsenseIsAnsweredInWords(String body) throws Exception {
        ask(body)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].message").isNotEmpty())
                .andExpect(jsonPath("$.status").value(400));
    }

    private static String crust(String more) {
        return """
            {"piece": {"species":"sea_bream","cut":"WHOLE","massG":1500,"startTempC":6},
             "dress": {"kind":"SALT_CRUST"%s},
             "oven": {"kind":"STILL"}, "usual": true,
             "programme": [{"stage":"BAKE","tempC":210},{"stage":"REST","minutes":10}]}
            """.formatted(more);
    }

    @Test
    void aCrustSaysWhatItTakesAndHowFarItCoasts() throws Exception {
        String answer = ask(crust(""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.quantities.amounts[*].what", hasItem(containsString("salt"))))
                .andExpect(jsonPath("$.quantities.advice[*]", hasItem(containsString("yolk"))))
                .andExpect(jsonPath("$.sections.layers[*].kind", hasItem("CRUST")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        com.jayway.jsonpath.DocumentContext json = com.jayway.jsonpath.JsonPath.parse(answer);
        assertThat(json.<Double>read("$.peakC") - json.<Double>read("$.pullC")).isGreaterThan(5);
        assertThat(json.<Double>read("$.forgotten.peakC")).isGreaterThan(json.<Double>read("$.peakC"));
    }

    @Test
    void theUsualProgrammeComesBackStageByStage() throws Exception {
        ask("""
            {"piece": {"species":"haddock","cut":"STRIP","thicknessMm":20,"massG":60,"startTempC":6},
             "dress": {"kind":"BREADED"}, "oven": {"kind":"STILL"}, "usual": true, "pieces": 12,
             "programme": [{"stage":"BAKE","tempC":175},{"stage":"REST","minutes":2}]}
            """)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.programme[*].stage", contains("BAKE", "TURN", "BAKE", "REST")))
                .andExpect(jsonPath("$.programme[0].open").value(true));
    }

    /** What was answered can be asked again as it stands: the programme a cook then changes. */
    @Test
    void aProgrammeOfOnesOwnIsRunAsItIs() throws Exception {
        ask(HAKE.replace("\"OPEN_TRAY\"", "\"TOPPING\",\"when\":\"AFTER\"")
                        .replace(
                                "{\"stage\":\"REST\"",
                                "{\"stage\":\"ADD\",\"what\":\"TOPPING\"},{\"stage\":\"GRILL\",\"minutes\":2},{\"stage\":\"REST\""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.programme[*].stage", contains("BAKE", "ADD", "GRILL", "REST")))
                .andExpect(jsonPath("$.programme[2].underMm").doesNotExist())
                .andExpect(jsonPath("$.colour").isNotEmpty());
    }

    /** Near the grill it is brown in the minutes in which it stays blond far under it, and what was asked comes back. */
    @Test
    void howFarUnderTheGrillCounts() throws Exception {
        String way = HAKE.replace("\"OPEN_TRAY\"", "\"TOPPING\",\"mix\":\"MAYONNAISE\",\"when\":\"AFTER\"")
                .replace(
                        "{\"stage\":\"REST\"",
                        "{\"stage\":\"ADD\",\"what\":\"TOPPING\"},{\"stage\":\"GRILL\",\"minutes\":2,\"underMm\":%s},{\"stage\":\"REST\"");
        ask(way.formatted("60"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.programme[2].underMm").value(60))
                .andExpect(jsonPath("$.colour").value("BROWN"));
        ask(way.formatted("300"))
                .andExpect(jsonPath("$.programme[2].underMm").value(300))
                .andExpect(jsonPath("$.colour").value("BLOND"));
        ask(way.formatted("20")).andExpect(status().isBadRequest());
    }

    private double likely(String dress, String stages) throws Exception {
        String answer = ask("""
            {"piece": {"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160}, "dress": {%s}, "usual": true,
             "oven": {"kind":"STILL"}, "programme": [{"stage":"BAKE","tempC":220},{"stage":"REST","minutes":3}]}
            """.formatted(dress))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        com.jayway.jsonpath.DocumentContext json = com.jayway.jsonpath.JsonPath.parse(answer);
        assertThat(json.<List<String>>read("$.programme[*].stage")).containsExactly(stages.split(" "));
        return json.<Double>read("$.likelyMin");
    }

    /** A stuffing is weighed in; it is on the list, and more of it than goes in is refused with how much does. */
    @Test
    void aStuffingIsWeighedIn() throws Exception {
        String bream = """
            {"piece": {"species":"sea_bream","cut":"WHOLE","massG":900,"filling":"STUFFING","fillingKept":"HOT","fillingG":%s},
             "dress": {"kind":"OPEN_TRAY"}, "oven": {"kind":"STILL"}, "pieces": 2,
             "programme": [{"stage":"BAKE","tempC":200},{"stage":"REST"}]}
            """;
        ask(bream.formatted("180"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.piece.stuffingG").value(180))
                .andExpect(jsonPath("$.quantities.amounts[?(@.what == 'stuffing')].value", hasItem(360.0)))
                .andExpect(jsonPath("$.cautions[*].code", hasItem("HOT_STUFFING")));
        ask(bream.formatted("5000"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("piece.fillingG"))
                .andExpect(jsonPath("$.errors[0].message", containsString("A stuffing for one piece of 5\u00a0kg")));
    }

    /** One topping said as it used to be is the same as one said in a list; several lie on one another, in what they stand in. */
    @Test
    void whatIsSpreadOnItIsAListFromBelowToAbove() throws Exception {
        double once =
                likely("\"kind\":\"TOPPING\",\"mix\":\"PASTE\",\"when\":\"BEFORE\",\"depthMm\":4", "BAKE GRILL REST");
        double listed = likely(
                "\"kind\":\"TOPPING\",\"toppings\":[{\"mix\":\"PASTE\",\"when\":\"BEFORE\",\"depthMm\":4}]",
                "BAKE GRILL REST");
        assertThat(listed).isEqualTo(once);
        String pasteAndCrumb = "\"kind\":\"TOPPING\",\"underlay\":\"CITRUS\",\"toppings\":["
                + "{\"mix\":\"PASTE\",\"when\":\"BEFORE\",\"depthMm\":4},{\"mix\":\"CRUMB\",\"when\":\"AFTER\",\"depthMm\":3}]";
        double both = likely(pasteAndCrumb, "BAKE ADD GRILL REST");
        assertThat(both).isGreaterThan(once);
        assertThat(likely(pasteAndCrumb + ",\"vessel\":\"STONEWARE\"", "BAKE ADD GRILL REST"))
                .isGreaterThan(both + 0.5);
    }

    /** Dress, programme, and what the answer must say. */
    static Stream<Arguments> whatCannotBe() {
        String bake = "{\"stage\":\"BAKE\",\"tempC\":200}";
        String grill = "{\"stage\":\"GRILL\",\"minutes\":3}";
        String rest = "{\"stage\":\"REST\",\"minutes\":3}";
        String tray = "\"kind\":\"OPEN_TRAY\"";
        return Stream.of(
                arguments(
                        "\"kind\":\"PARCHMENT\"",
                        bake + "," + grill,
                        "Parchment never meets a grill: it catches fire."),
                arguments("\"kind\":\"SALT_CRUST\"", bake, "Salt on bare flesh makes it inedible"),
                arguments(
                        "\"kind\":\"SALT_CRUST\",\"coatMm\":400", bake, "A salt crust of 400\u00a0mm is out of range"),
                arguments(
                        "\"kind\":\"SALT_CRUST\",\"saltThereG\":0",
                        bake,
                        "Salt for a crust of 0\u00a0g is out of range"),
                arguments("\"kind\":\"TOPPING\",\"depthMm\":-3", bake, "−3\u00a0mm is out of range"),
                arguments(
                        "\"kind\":\"TOPPING\",\"when\":\"AFTER\"",
                        bake + "," + grill,
                        "an ADD of the TOPPING is missing"),
                arguments(
                        "\"kind\":\"TOPPING\",\"toppings\":[{\"mix\":\"PASTE\"},{\"depthMm\":90}]",
                        bake,
                        "90\u00a0mm is out of range"),
                arguments("\"kind\":\"OPEN_TRAY\",\"toppings\":[null]", bake, "A topping that is missing"),
                arguments(
                        "\"kind\":\"TOPPING\",\"toppings\":[{},{},{},{},{}]",
                        bake,
                        "At most 4 toppings go on one another"),
                arguments(
                        "\"kind\":\"OPEN_TRAY\",\"bedMm\":90,\"vegetables\":[\"LEEK\"]",
                        bake,
                        "90\u00a0mm is out of range"),
                arguments("\"kind\":\"TRAY_BAKE\"", bake + "," + grill, "an ADD of the FISH is missing"),
                arguments(
                        "\"kind\":\"FOIL\",\"bedMm\":900,\"vegetables\":[\"LEEK\"]",
                        bake,
                        "900\u00a0mm is out of range"),
                arguments(tray, rest + "," + bake, "REST is out of the oven and stands last"),
                arguments(tray, "{\"stage\":\"TURN\"}," + bake, "TURN cannot stand first"),
                arguments(tray, bake + ",{\"stage\":\"ADD\",\"what\":\"GLAZE\"}", "ADD GLAZE cannot stand last"),
                arguments(tray, rest, "A programme needs a BAKE."),
                arguments(tray, grill, "A programme needs a BAKE."),
                arguments(tray, "{\"stage\":\"BAKE\",\"tempC\":-40}", "−40\u00a0°C is out of range"),
                arguments(tray, "{\"stage\":\"BAKE\",\"tempC\":200,\"minutes\":5000}", "5000\u00a0min is out of range"),
                arguments(
                        tray, bake + ",{\"stage\":\"GRILL\",\"minutes\":90}", "A grill of 90\u00a0min is out of range"),
                arguments(
                        tray, bake + ",{\"stage\":\"REST\",\"minutes\":3,\"tempC\":90}", "A rest has no temperature"));
    }

    @ParameterizedTest
    @MethodSource("whatCannotBe")
    void whatCannotBeIsRefusedWithItsReason(String dress, String programme, String why) throws Exception {
        ask("""
            {"piece": {"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160}, "dress": {%s},
             "oven": {"kind":"STILL"}, "programme": [%s]}
            """.formatted(dress, programme))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[*].message", hasItem(containsString(why))));
    }

    /** What is said and what is refused is in the asker's units; figures that a screen draws stay in SI. */
    @Test
    void whoeverCountsInFahrenheitAndInchesIsAnsweredSo() throws Exception {
        mvc.perform(post("/api/estimates?units=imperial")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(parcel("char", 28, 260)))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.piece.thicknessMm").value(28))
                .andExpect(jsonPath("$.cautions[*].text", hasItem(containsString("scorch above 425\u00a0°F"))));
        mvc.perform(post("/api/estimates")
                        .header("Accept-Language", "en-GB-u-ms-ussystem")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(parcel("char", 280, 260)))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].message", containsString("A 11\u00a0in thick")));
    }

    /** Common practice, no source: makers rate their paper for 215 to 230 °C. */
    @Test
    void paperInAVeryHotOvenIsCautionedAgainst() throws Exception {
        ask(parcel("char", 28, 260))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cautions[*].text", hasItem(containsString("scorch above 220\u00a0°C"))));
    }

    @Test
    void aCrustLargerThanItsTrayIsRefusedWithBothSizes() throws Exception {
        ask(crust(",\"trayLengthMm\":300,\"trayWidthMm\":200"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("dress.trayLengthMm"))
                .andExpect(jsonPath("$.errors[0].message", containsString("this tray has 300\u00a0mm × 200\u00a0mm")));
        ask(crust(",\"trayLengthMm\":400,\"trayWidthMm\":600")).andExpect(status().isOk());
    }

    @Test
    void twoUnlikeParcelsShareATrayEachWithItsOwnTime() throws Exception {
        String thin = parcel("lemon_sole", 12, 200);
        String thick = parcel("char", 28, 200);
        tray(thick, thin)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[*].index", contains(1, 0)))
                .andExpect(jsonPath("$[0].checkFromMin").isNumber());
        tray(thick, parcel("lemon_sole", 12, 180))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("dishes.1"))
                .andExpect(jsonPath("$.errors[0].message", containsString("shares its oven and its temperature")));
        tray(thick, thin.replace("\"thicknessMm\":12", "\"thicknessMm\":900"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("dishes.1.piece.thicknessMm"));
        tray().andExpect(status().isBadRequest());
        tray(Collections.nCopies(DishTurn.MOST_DISHES + 1, thin).toArray(String[]::new))
                .andExpect(status().isBadRequest());
    }

    private static String parcel(String species, int mm, int tempC) {
        return """
            {"piece": {"species":"%s","cut":"FILLET","thicknessMm":%d,"massG":180}, "dress": {"kind":"PARCHMENT"},
             "oven": {"kind":"FAN"}, "programme": [{"stage":"BAKE","tempC":%d}]}
            """.formatted(species, mm, tempC);
    }

    private ResultActions tray(String... dishes) throws Exception {
        return mvc.perform(post("/api/trays")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"dishes\": [" + String.join(",", dishes) + "]}"));
    }

    @Test
    void targetsAreOfferedToWhomTheySuit() throws Exception {
        String set = HAKE.replace("\"FLAKES\"", "\"BARELY_SET\"");
        ask(set).andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("parasites"))
                .andExpect(jsonPath("$.errors[0].message", containsString("7 days at −20\u00a0°C")));
        ask(set.replace("\"BARELY_SET\"", "\"BARELY_SET\", \"parasites\":\"FROZEN\""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cautions[*].code", hasItem("BELOW_MINIMUM")))
                .andExpect(jsonPath("$.cautions[*].code", not(hasItem("PARASITES"))));
        ask(HAKE.replace("\"FLAKES\"", "\"FLAKES\", \"atRisk\":true"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("doneness"));
        ask(HAKE.replace("\"FLAKES\"", "\"OFFICIAL\", \"atRisk\":true"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cautions[*].code", not(hasItem("BELOW_MINIMUM"))));
    }

    @Test
    void theSameFishOtherwise() throws Exception {
        mvc.perform(post("/api/alternatives")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(HAKE))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.targets", hasSize(5)))
                .andExpect(jsonPath("$.dials[*].tempC", contains(160.0, 200.0, 230.0)))
                .andExpect(jsonPath("$.why", containsString("Olla would take")));
    }

    @Test
    void theCatalogueListsFishWithTheirSources() throws Exception {
        mvc.perform(get("/api/catalogue"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.species", hasSize(34)))
                .andExpect(jsonPath("$.species[0].source", containsString("from memory")))
                .andExpect(jsonPath("$.targets[4].peakC").value(63));
    }
}
