package olla.server.counter;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import olla.server.MockWeb;
import olla.server.Started;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@Started(
        schema = "answers",
        with = {MockWeb.class, CounterApiTest.StoppedClock.class})
class CounterApiTest {

    private static final String FILLET = """
            {"bench": {"piece": {"species":"mackerel","cut":"FILLET","thicknessMm":24,"massG":220},
                       "dress": {"kind":"OPEN_TRAY"}, "oven": {"kind":"STILL"},
                       "programme": [{"stage":"BAKE","tempC":220}]},
             "style":"OPEN_TRAY", "thinMm":8, "othersMm":[30,15], "extra":"CITRUS", "guests":4,
             "senses": {"SURFACE":"A","GAPING":"A","EDGE":"A","FILLET_SMELL":"A","FILLET_FLESH":"B"},
             "tray": {"lengthMm":400,"widthMm":300},
             "kept": {"how":"FRIDGE","boughtAt":"2026-11-20T10:00:00Z"}}
            """;

    /** Stands still. */
    static class StoppedClock {
        @Bean
        @Primary
        Clock stopped() {
            return Clock.fixed(Instant.parse("2026-11-21T10:00:00Z"), ZoneOffset.UTC);
        }
    }

    @Autowired
    private MockMvc mvc;

    private ResultActions look(String found) throws Exception {
        return mvc.perform(
                post("/api/counter").contentType(MediaType.APPLICATION_JSON).content(found));
    }

    @Test
    void aFilletIsLookedAtFromEverySide() throws Exception {
        look(FILLET)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.judgement.grade").value("A"))
                .andExpect(jsonPath("$.judgement.eat").value(true))
                .andExpect(jsonPath("$.helpings.pieces").value(3))
                .andExpect(jsonPath("$.tray.straight").value(true))
                .andExpect(jsonPath("$.keeping.useBy").value("2026-11-22T10:00:00Z"))
                .andExpect(jsonPath("$.keeping.past").value(false))
                .andExpect(jsonPath("$.evenness.even").value(false))
                .andExpect(jsonPath("$.evenness.remedies[0].way").value("EARLIER"))
                .andExpect(jsonPath("$.order[0].thicknessMm").value(15))
                .andExpect(jsonPath("$.order[2].thicknessMm").value(30))
                .andExpect(jsonPath("$.prep[*].key", hasItem("citrus")))
                .andExpect(jsonPath("$.suitability", hasSize(7)))
                .andExpect(jsonPath("$.prep[*].key", hasItem("pin")))
                .andExpect(jsonPath("$.cautions[*].code", hasItem("HISTAMINE")))
                .andExpect(jsonPath("$.cautions[*].code", hasItem("BONES")))
                .andExpect(jsonPath("$.thawHours").doesNotExist());
    }

    @Test
    void whatIsPastItsTimeIsSaid() throws Exception {
        look(FILLET.replace("2026-11-20T10", "2026-11-18T10"))
                .andExpect(jsonPath("$.keeping.past").value(true))
                .andExpect(jsonPath("$.keeping.words", containsString("Leave it")));
    }

    @Test
    void aRefusedFishIsRefusedWhateverElseIsGood() throws Exception {
        look(FILLET.replace("\"FILLET_SMELL\":\"A\"", "\"FILLET_SMELL\":\"REFUSED\""))
                .andExpect(jsonPath("$.judgement.grade").value("REFUSED"))
                .andExpect(jsonPath("$.judgement.eat").value(false));
    }

    @Test
    void frozenFishIsThawedInHours() throws Exception {
        look(FILLET.replace("\"massG\":220", "\"massG\":220,\"frozen\":true"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.thawHours").isNumber())
                .andExpect(jsonPath("$.prep[*].key", not(hasItem("temper"))));
    }

    @Test
    void nonsenseIsAnsweredFieldByField() throws Exception {
        look("{}").andExpect(status().isBadRequest()).andExpect(jsonPath("$.errors", hasSize(2)));
        look(FILLET.replace("\"thinMm\":8", "\"thinMm\":40"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("thinMm"));
        look(FILLET.replace("\"guests\":4", "\"guests\":0"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("guests"));
        look(FILLET.replace("\"lengthMm\":400", "\"lengthMm\":4"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("tray.trayLengthMm"));
        look(FILLET.replace("\"SURFACE\":\"A\"", "\"SURFACE\":\"FINE\""))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].message", containsString("none of EXTRA, A, B, REFUSED")));
        look(FILLET.replace("[30,15]", "[30,null]"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("othersMm"));
        look(FILLET.replace("\"SURFACE\":\"A\"", "\"NOSE\":\"A\"")).andExpect(status().isBadRequest());
    }
}
