package olla.server.certainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.reset;
import static org.mockito.Mockito.verify;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import olla.core.estimate.OvenRecord;
import olla.server.MockWeb;
import olla.server.Started;
import olla.server.bakes.BakeService;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@Started(
        schema = "answers",
        with = {MockWeb.class, CertaintyApiTest.SomeBakes.class})
class CertaintyApiTest {

    /* Both are said to a hundredth of a minute. */
    private static final double ROUNDED = 0.011;

    private static final String HAKE = """
            {"piece": {"species":"hake","cut":"PORTION","massG":160,"startTempC":8},
             "dress": {"kind":"OPEN_TRAY"}, "oven": {"kind":"STILL"},
             "programme": [{"stage":"BAKE","tempC":%d}], "doneness": "FIRM"}
            """;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private BakeService bakes;

    /** A log that holds what a test says. */
    static class SomeBakes {
        @Bean
        @Primary
        BakeService someBakes() {
            return mock();
        }
    }

    @BeforeEach
    void afresh() {
        reset(bakes);
    }

    private ResultActions ask(String body) throws Exception {
        return mvc.perform(
                post("/api/certainty").contentType(MediaType.APPLICATION_JSON).content(body));
    }

    @Test
    void theWindowComesWithItsDoubtsAndTheSchools() throws Exception {
        given(bakes.record(7)).willReturn(new OvenRecord(3, 1.1));
        String answer = ask("{\"question\": " + HAKE.formatted(230) + ", \"ovenId\": 7}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.doubts[0].remedy").value("a ruler"))
                .andExpect(jsonPath(
                        "$.rulesOfThumb[*].way", contains("THICKNESS_RULE", "MODERATE_OVEN", "HEAT_MODEL", "OVEN_LOG")))
                .andExpect(jsonPath("$.rulesOfThumb[3].says", containsString("3 bakes")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        com.jayway.jsonpath.DocumentContext json = com.jayway.jsonpath.JsonPath.parse(answer);
        double from = json.read("$.window.checkFromMin");
        double likely = json.read("$.window.likelyMin");
        double latest = json.read("$.window.noLaterThanMin");
        assertThat(from).isLessThan(likely);
        assertThat(likely).isLessThan(latest);
        assertThat(json.<Double>read("$.doubts[0].narrowsToMin")).isLessThan(latest - from);
        assertThat(json.<Double>read("$.rulesOfThumb[3].fromMin")).isCloseTo(1.1 * likely, within(ROUNDED));
    }

    @Test
    void withoutAnOvenNoLogIsLookedAt() throws Exception {
        ask("{\"question\": " + HAKE.formatted(230) + "}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.rulesOfThumb[3].fromMin").doesNotExist());
        verify(bakes, never()).record(anyInt());
    }

    @Test
    void whatIsWrongIsNamedByItsField() throws Exception {
        ask("{}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("question"));
        ask("{\"question\": " + HAKE.formatted(900) + "}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("question.programme.tempC"));
    }
}
