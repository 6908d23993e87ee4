package olla.server.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import olla.server.MockWeb;
import olla.server.Started;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Rounds through the API and the store: what is done once is done once, what is over is remembered, and nothing of it is a bake. */
@Started(schema = "practice", with = MockWeb.class)
class PracticeTest {

    private static final String ROUNDS = "/api/practice/rounds/";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private ObjectMapper json;

    @Autowired
    private JdbcClient sql;

    @BeforeEach
    void nothingPractised() {
        sql.sql("delete from practice_round").update();
    }

    private JsonNode puts(String path, String body, int status) throws Exception {
        var answer = mvc.perform(
                        put(path).contentType(MediaType.APPLICATION_JSON).content(body))
                .andReturn()
                .getResponse();
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(status);
        return json.readTree(answer.getContentAsString());
    }

    private JsonNode gets(String path) throws Exception {
        var answer = mvc.perform(get(path)).andReturn().getResponse();
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(200);
        return json.readTree(answer.getContentAsString());
    }

    private JsonNode begins(UUID id, String skill) throws Exception {
        return puts(ROUNDS + id, "{\"skill\":\"" + skill + "\"}", 200);
    }

    private JsonNode does(UUID id, int number, String kind, double minute) throws Exception {
        return puts(ROUNDS + id + "/moves/" + number, move(kind, minute), 200);
    }

    private static String move(String kind, double minute) {
        return String.format(Locale.ROOT, "{\"kind\":\"%s\",\"dish\":0,\"minute\":%.2f}", kind, minute);
    }

    private int rows(String table) {
        return sql.sql("select count(*) from " + table).query(Integer.class).single();
    }

    @Test
    void aRoundGoesFromTheTicketToTheTruthAndIsRemembered() throws Exception {
        assertThat(gets("/api/practice").get("next").asString()).isEqualTo("EVEN");
        int bakes = rows("bake");
        int taps = rows("tap");
        UUID id = UUID.randomUUID();
        JsonNode begun = begins(id, "EVEN");
        assertThat(begun.has("truth")).isFalse();
        JsonNode slip = begun.get("slips").get(0);
        double likely = slip.get("window").get("likelyMin").asDouble();
        assertThat(likely).isBetween(4.0, 40.0);

        JsonNode felt = does(id, 0, "KNIFE", 0.4 * likely);
        assertThat(felt.get("seen").get(0).get("words").asString()).isEqualTo("The tip is cold at the lip.");
        does(id, 1, "FORK", 0.9 * likely);
        does(id, 2, "OUT", 3 * likely);
        JsonNode over = does(id, 3, "SERVE", 3 * likely + 4);

        JsonNode dish = over.get("truth").get("dishes").get(0);
        assertThat(dish.get("verdict").asString()).isEqualTo("OVER");
        assertThat(dish.get("words").get(0).asString()).startsWith("Overdone");
        assertThat(dish.get("minutes").size()).isEqualTo(dish.get("coldestC").size());
        assertThat(gets(ROUNDS + id)).isEqualTo(over);
        JsonNode practised = gets("/api/practice").get("skills").get(0);
        assertThat(practised.get("rounds").asInt()).isEqualTo(1);
        assertThat(practised.get("words").asString()).contains("late", "even portions");
        assertThat(rows("bake")).as("bakes").isEqualTo(bakes);
        assertThat(rows("tap")).as("taps").isEqualTo(taps);
    }

    @Test
    void aMoveThatIsSentAgainIsMadeOnceAndAnotherInItsPlaceIsNone() throws Exception {
        UUID id = UUID.randomUUID();
        begins(id, "EVEN");
        begins(id, "EVEN");
        assertThat(rows("practice_round")).isEqualTo(1);
        JsonNode once = does(id, 0, "KNIFE", 5);
        assertThat(does(id, 0, "KNIFE", 5)).isEqualTo(once);
        puts(ROUNDS + id + "/moves/0", move("FORK", 6), 412);
        puts(ROUNDS + id + "/moves/3", move("FORK", 6), 412);
        assertThat(gets(ROUNDS + id).get("seen").size()).isEqualTo(1);
    }

    @Test
    void whatCannotBeIsRefusedAndTheRoundStandsAsItStood() throws Exception {
        UUID id = UUID.randomUUID();
        begins(id, "CRUST");
        for (String body : List.of(
                move("FORK", 5),
                move("SERVE", 5),
                move("KNIFE", 900),
                "{\"kind\":\"KNIFE\",\"dish\":4,\"minute\":1}",
                "{\"kind\":\"KNIFE\"}",
                "{\"minute\":3}")) {
            puts(ROUNDS + id + "/moves/0", body, 400);
        }
        puts(ROUNDS + id + "/answer", "{\"mm\":20}", 400);
        puts(ROUNDS + UUID.randomUUID(), "{}", 400);
        puts(ROUNDS + UUID.randomUUID() + "/moves/0", move("KNIFE", 5), 404);
        assertThat(gets(ROUNDS + id).get("seen").size()).isZero();
    }

    @Test
    void aDrillIsAnsweredOnce() throws Exception {
        UUID fish = UUID.randomUUID();
        assertThat(begins(fish, "FRESHNESS").get("fish").get("looks").size()).isGreaterThanOrEqualTo(5);
        puts(ROUNDS + fish + "/answer", "{}", 400);
        JsonNode said =
                puts(ROUNDS + fish + "/answer", "{\"grade\":\"A\"}", 200).get("said");
        assertThat(said.get("grade").asString()).isNotEmpty();
        assertThat(puts(ROUNDS + fish + "/answer", "{\"grade\":\"B\"}", 200).get("said"))
                .isEqualTo(said);
        UUID piece = UUID.randomUUID();
        JsonNode drawn = begins(piece, "BY_EYE").get("piece");
        double is = 24 * drawn.get("thick").asDouble() / drawn.get("corkThick").asDouble();
        puts(ROUNDS + piece + "/answer", "{\"mm\":0}", 400);
        puts(ROUNDS + piece + "/moves/0", move("KNIFE", 5), 400);
        JsonNode guess = puts(ROUNDS + piece + "/answer", String.format(Locale.ROOT, "{\"mm\":%.1f}", is), 200);
        assertThat(guess.get("said").get("close").asBoolean()).isTrue();
        assertThat(rows("practice_round")).isEqualTo(2);
    }

    @Test
    void movesThatCanNotBeReadAnyMoreAreNone() throws Exception {
        UUID id = UUID.randomUUID();
        begins(id, "EVEN");
        does(id, 0, "KNIFE", 5);
        sql.sql("update practice_round set moves_json = '[{\"kind\":\"SNIFF\"}]'")
                .update();
        assertThat(gets(ROUNDS + id).get("seen").size()).isZero();
    }

    /** One row of which half is missing hides no other. */
    @Test
    void halfARowTellsNothing() throws Exception {
        UUID piece = UUID.randomUUID();
        begins(piece, "BY_EYE");
        puts(ROUNDS + piece + "/answer", "{\"mm\":30}", 200);
        sql.sql("insert into practice_round (id, kitchen_id, skill, began_at, moves_json, over_at, missed)"
                        + " select uuid(), kitchen_id, skill, began_at, moves_json, over_at, 1 from practice_round")
                .update();
        assertThat(gets("/api/practice").get("skills").get(9).get("rounds").asInt())
                .isEqualTo(1);
    }
}
