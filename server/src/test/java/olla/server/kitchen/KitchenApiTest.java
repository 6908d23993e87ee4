package olla.server.kitchen;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import olla.server.MockWeb;
import olla.server.Started;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** A kitchen's own fish and vessels: noted once, found again, struck out; and what they are for. */
@Started(schema = "kitchen", with = MockWeb.class)
class KitchenApiTest {

    @Autowired
    private MockMvc mvc;

    private ResultActions note(String what, UUID id, String body) throws Exception {
        return mvc.perform(put("/api/kitchen/" + what + "/" + id)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private ResultActions all() throws Exception {
        return mvc.perform(get("/api/kitchen")).andExpect(status().isOk());
    }

    private ResultActions ask(String piece, String dress) throws Exception {
        String question = """
            {"piece": {"cut":"PORTION","thicknessMm":26,"massG":160,%s}, "dress": {"kind":"OPEN_TRAY"%s}, "pieces": 6,
             "oven": {"kind":"STILL"}, "programme": [{"stage":"BAKE","tempC":200},{"stage":"REST","minutes":3}]}
            """.formatted(piece, dress);
        return mvc.perform(
                post("/api/estimates").contentType(MediaType.APPLICATION_JSON).content(question));
    }

    @Test
    void aFishIsNotedOnceAndStruckOut() throws Exception {
        UUID id = UUID.randomUUID();
        String bannie = "{\"name\":\" Bannie \",\"closest\":\"cod\",\"fatPercent\":4}";
        note("fish", id, bannie)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.name").value("Bannie"))
                .andExpect(jsonPath("$.build").value("TORPEDO"));
        note("fish", id, bannie).andExpect(status().isOk());
        all().andExpect(jsonPath("$.fish[?(@.name == 'Bannie')].fatPercent", hasItem(4.0)));
        note("fish", UUID.randomUUID(), bannie)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].message", containsString("is noted already")));
        note("fish", UUID.randomUUID(), "{\"name\":\"\",\"closest\":\"unicorn\"}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[*].message", hasItem(containsString("knows no fish called"))));
        note("fish", UUID.randomUUID(), "{\"name\":\"x\",\"closest\":\"cod\",\"fatPercent\":90}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].message", containsString("Fat in 100")));
        mvc.perform(delete("/api/kitchen/fish/" + id)).andExpect(status().isNoContent());
        mvc.perform(delete("/api/kitchen/fish/" + id)).andExpect(status().isNoContent());
        all().andExpect(jsonPath("$.fish[?(@.name == 'Bannie')]").isEmpty());
    }

    @Test
    void aVesselIsNotedOnceAndStruckOut() throws Exception {
        UUID id = UUID.randomUUID();
        String oval = "{\"name\":\"Oval dish\",\"ware\":\"STONEWARE\",\"lengthMm\":320,\"widthMm\":210}";
        note("vessels", id, oval)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.ware").value("STONEWARE"));
        all().andExpect(jsonPath("$.vessels[?(@.name == 'Oval dish')].widthMm", hasItem(210.0)));
        note("vessels", UUID.randomUUID(), oval).andExpect(status().isBadRequest());
        note("vessels", UUID.randomUUID(), "{\"name\":\"Thimble\",\"lengthMm\":9,\"widthMm\":9}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[*].message", hasItem(containsString("Say what it is made of"))))
                .andExpect(jsonPath("$.errors[*].message", hasItem(containsString("A vessel's length of 9"))));
        mvc.perform(delete("/api/kitchen/vessels/" + id)).andExpect(status().isNoContent());
        all().andExpect(jsonPath("$.vessels[?(@.name == 'Oval dish')]").isEmpty());
    }

    /** A fish of one's own is reckoned by its relation, its build and its fat, and cautioned for as its relation. */
    @Test
    void aFishOfOnesOwnIsReckoned() throws Exception {
        ask("\"species\":\"mackerel\",\"ownName\":\"Bannie\",\"fatPercent\":3", "")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cautions[*].code", hasItem("HISTAMINE")));
        ask("\"species\":\"cod\",\"ownName\":\"\"", "")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.errors[0].field").value("piece.ownName"));
    }

    /** Whether they all go in: two by two of 8 x 11 cm in a tray of 30 x 20 (exact, geometry). */
    @Test
    void theVesselSaysHowManyItHolds() throws Exception {
        ask("\"species\":\"hake\",\"widthMm\":80,\"lengthMm\":110", ",\"vesselLengthMm\":300,\"vesselWidthMm\":200")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.fit.holds").value(4))
                .andExpect(jsonPath("$.fit.enough").value(false))
                .andExpect(jsonPath("$.fit.words").value("It holds 4 such pieces of 6."));
        ask("\"species\":\"hake\",\"widthMm\":80,\"lengthMm\":110", ",\"vesselLengthMm\":400,\"vesselWidthMm\":300")
                .andExpect(jsonPath("$.fit.enough").value(true));
        ask("\"species\":\"hake\"", "").andExpect(jsonPath("$.fit").doesNotExist());
    }
}
