package olla.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Base64;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.WebMvcTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@WebMvcTest(BenchController.class)
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
                .andExpect(jsonPath("$.errors[3].message", containsString("90 to 300 °C")));
    }

    @Test
    void aSlipOfTenIsAskedAboutOnce() throws Exception {
        ask(HAKE.replace("\"thicknessMm\":26", "\"thicknessMm\":200"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors", hasSize(1)))
                .andExpect(jsonPath(
                        "$.errors[0].message",
                        containsString("A 200 mm thick hake portion does not exist; 8 to 90 mm do. Did you mean 20?")));
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

    @Test
    void theCatalogueListsFishWithTheirSources() throws Exception {
        mvc.perform(get("/api/catalogue"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.species", hasSize(34)))
                .andExpect(jsonPath("$.species[0].source", containsString("from memory")))
                .andExpect(jsonPath("$.targets[3].peakC").value(63));
    }
}
