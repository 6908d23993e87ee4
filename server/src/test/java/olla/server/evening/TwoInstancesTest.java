package olla.server.evening;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import olla.server.OllaServer;
import olla.server.TestDatabase;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** Two instances of the application share one database: whichever is asked, an evening has one sheet. */
class TwoInstancesTest {

    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final List<ConfigurableApplicationContext> INSTANCES = new ArrayList<>();
    private static final String EVENING = """
            {"name": "Friday", "serveAt": "%s", "guests": 4, "burners": 2, "hands": [{"name": "cook"}],
             "fish": [{"key": "hake", "title": "Hake", "question":
               {"piece": {"species": "hake", "cut": "PORTION", "thicknessMm": 25},
                "dress": {"kind": "OPEN_TRAY"}, "oven": {"kind": "STILL"},
                "programme": [{"stage": "BAKE", "tempC": 220}, {"stage": "REST", "minutes": 4}],
                "usual": true, "doneness": "FLAKES", "pieces": 4}}],
             "sides": [{"key": "potatoes", "title": "Potatoes", "where": "OVEN", "prepareMin": 8, "cookMin": 45,
               "dialC": 200, "giveC": 20, "finishMin": 1, "waitsMin": 20}],
             "ovens": [{"ovenId": 1, "shelves": 2}]}
            """;

    @BeforeAll
    static void twoInstances() {
        for (int i = 0; i < 2; i++) {
            List<String> arguments = new ArrayList<>(List.of("--server.port=0", "--olla.evenings.better=400ms"));
            TestDatabase.running()
                    .connection("two_instances")
                    .forEach((name, value) -> arguments.add("--" + name + "=" + value));
            INSTANCES.add(new SpringApplicationBuilder(OllaServer.class).run(arguments.toArray(String[]::new)));
        }
    }

    @AfterAll
    static void stop() {
        INSTANCES.forEach(ConfigurableApplicationContext::close);
    }

    private static JsonNode ask(int instance, String method, String path, String body) throws Exception {
        String port = INSTANCES.get(instance).getEnvironment().getProperty("local.server.port");
        HttpResponse<String> answer = HTTP.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                        .header("content-type", "application/json")
                        .method(
                                method,
                                body == null
                                        ? HttpRequest.BodyPublishers.noBody()
                                        : HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 299);
        return answer.body().isEmpty() ? JSON.createObjectNode() : JSON.readTree(answer.body());
    }

    private static JsonNode until(int instance, UUID id, Predicate<JsonNode> wanted) throws Exception {
        Instant end = Instant.now().plus(PATIENCE);
        JsonNode view = ask(instance, "GET", "/api/evenings/" + id, null);
        while (!wanted.test(view)) {
            assertThat(Instant.now()).as("waited for long enough: " + view).isBefore(end);
            Thread.sleep(100);
            view = ask(instance, "GET", "/api/evenings/" + id, null);
        }
        return view;
    }

    private static boolean planned(JsonNode view) {
        return view.has("sheet") && view.has("advice") && !view.get("searching").asBoolean();
    }

    /* But for the moment, and how often it had changed when its row was read, which is before its plan is. */
    private static JsonNode whatIsShown(JsonNode view) {
        return ((ObjectNode) view.deepCopy()).remove(List.of("now", "revision"));
    }

    private static UUID evening() throws Exception {
        UUID id = UUID.randomUUID();
        ask(0, "PUT", "/api/evenings/" + id, EVENING.formatted(Instant.now().plus(Duration.ofHours(4))));
        return id;
    }

    private static boolean has(JsonNode view, String step) {
        return view.get("sheet").get("steps").findValuesAsString("key").contains(step);
    }

    @Test
    void whatOneHasWorkedOutTheOtherShows() throws Exception {
        UUID id = evening();
        JsonNode first = until(0, id, TwoInstancesTest::planned);
        JsonNode second = ask(1, "GET", "/api/evenings/" + id, null);
        assertThat(whatIsShown(second)).isEqualTo(whatIsShown(first));

        String done =
                "{\"id\": \"%s\", \"kind\": \"DONE\", \"step\": \"potatoes.PREPARE\"}".formatted(UUID.randomUUID());
        assertThat(has(first, "potatoes.PREPARE")).isTrue();
        ask(1, "POST", "/api/evenings/" + id + "/moves", done);
        JsonNode after = until(0, id, view -> planned(view) && !has(view, "potatoes.PREPARE"));
        assertThat(whatIsShown(until(1, id, TwoInstancesTest::planned))).isEqualTo(whatIsShown(after));
    }

    /** Whoever had begun it is gone: the other finds that nobody says so any more, and does it. */
    @Test
    void whatOneHasLeftTheOtherTakesOver() throws Exception {
        UUID id = evening();
        until(0, id, TwoInstancesTest::planned);
        JdbcClient sql = INSTANCES.get(0).getBean(JdbcClient.class);
        int turn = sql.sql("select turn from evening_plan where evening_id = ?")
                .param(id.toString())
                .query(Integer.class)
                .single();
        sql.sql("update evening_plan set turn = turn + 1, worked_json = null, searching = true,"
                        + " alive_at = utc_timestamp(3) - interval 1 minute where evening_id = ?")
                .param(id.toString())
                .update();
        assertThat(planned(until(1, id, TwoInstancesTest::planned))).isTrue();
        assertThat(sql.sql("select turn from evening_plan where evening_id = ?")
                        .param(id.toString())
                        .query(Integer.class)
                        .single())
                .isEqualTo(turn + 2);
    }
}
