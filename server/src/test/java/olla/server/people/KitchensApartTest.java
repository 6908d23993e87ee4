package olla.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import olla.server.Http;
import olla.server.Started;
import olla.server.bakes.Hakes;
import olla.server.web.Lan;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * Two kitchens in one installation: from the second every address, stream, file and photo of the first is walked, by its ids and with what would be right there. Nothing of the first
 * is heard, and not a field of its rows changes.
 */
@ExtendWith(NetworkKeys.class)
@Started(
        schema = "kitchens",
        settings = {
            "olla.lan.port=0",
            "olla.lan.address=127.0.0.1",
            "olla.lan.keys=" + NetworkKeys.FILE,
            "olla.lan.password=" + NetworkKeys.PASSWORD
        })
class KitchensApartTest {

    /* In every text that the first kitchen has. */
    /* An address of something that is one kitchen's. */
    private static final Pattern NAMED = Pattern.compile("/[0-9a-f-]{36}");
    private static final String MARK = "Zebra";
    private static final String ROUND = "{\"skill\":\"BY_EYE\"}";
    private static final String HABIT = "{\"about\":\"FISH\",\"of\":\"hake\",\"on\":false}";
    private static final String DEVICE = "zebra-1";
    private static final String FIRST = "1";

    @Autowired
    private Lan lan;

    @Autowired
    private Http machine;

    @Autowired
    private JdbcClient sql;

    @Autowired
    private ObjectMapper json;

    @Value("${local.server.port}")
    private int port;

    private final HttpClient client = HttpClient.newHttpClient();
    private final Map<String, String> ids = new TreeMap<>();
    private String question;
    private String second;
    private NetworkScreen owner;

    private HttpResponse<String> asks(
            String kitchen, String method, String path, String type, byte[] body, String match) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(Duration.ofSeconds(60))
                .header(ItsKitchen.NAMED, kitchen)
                .header("Content-Type", type)
                .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofByteArray(body));
        if (match != null) {
            request.header("If-Match", match);
        }
        return client.send(request.build(), BodyHandlers.ofString());
    }

    private HttpResponse<String> asks(String kitchen, String method, String path, String body) throws Exception {
        return asks(
                kitchen,
                method,
                path,
                "application/json",
                body == null ? null : body.getBytes(StandardCharsets.UTF_8),
                null);
    }

    private String inFirst(String method, String path, String body) throws Exception {
        HttpResponse<String> answer = asks(FIRST, method, path, body);
        assertThat(answer.statusCode())
                .as(method + " " + path + " " + answer.body())
                .isBetween(200, 299);
        return answer.body();
    }

    private String id(String name) {
        return ids.computeIfAbsent(name, n -> UUID.randomUUID().toString());
    }

    private static byte[] picture() throws IOException {
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        return jpeg.toByteArray();
    }

    private String note() {
        return "{\"about\":\"FISH\",\"of\":\"hake\",\"words\":\"" + MARK + " words\"}";
    }

    private String evening() {
        return """
                {"name": "%s evening", "serveAt": "%s", "guests": 8,
                 "fish": [{"key": "hake", "title": "%s hake", "question": %s}], "sides": [],
                 "ovens": [{"ovenId": %s, "shelves": 2}], "burners": 4, "hands": [{"name": "%s cook"}]}
                """.formatted(MARK, Instant.now().plus(Duration.ofDays(5)), MARK, question, id("oven"), MARK);
    }

    private String putIn(String id) {
        return "{\"id\":\"%s\",\"title\":\"%s bake\",\"ovenId\":%s,\"question\":%s}"
                .formatted(id, MARK, id("oven"), question);
    }

    private static String recipe() {
        return ("{\"name\":\"%s recipe\",\"pieces\":2,\"ingredients\":[{\"what\":\"salt\",\"value\":5,\"measure\":\"GRAM\"}],"
                        + "\"steps\":[\"Bake it.\"],\"notes\":\"\"}")
                .formatted(MARK);
    }

    private static String reading() {
        return "{\"readings\":[{\"device\":\"%s\",\"channel\":\"TIP\",\"celsius\":41}]}".formatted(DEVICE);
    }

    private static String fish() {
        return "{\"name\":\"%s fish\",\"closest\":\"hake\",\"build\":\"TORPEDO\",\"fatPercent\":3}".formatted(MARK);
    }

    private static String person() {
        return "{\"name\":\"%s cook\",\"role\":\"OWNER\",\"pin\":\"1234\"}".formatted(MARK);
    }

    private static String vessel() {
        return "{\"name\":\"%s dish\",\"ware\":\"STONEWARE\",\"lengthMm\":300,\"widthMm\":200}".formatted(MARK);
    }

    /* One of everything there can be. */
    @BeforeEach
    void twoKitchens() throws Exception {
        for (String table : List.of(
                "photo",
                "tap",
                "probe_use",
                "bake",
                "recipe",
                "own_fish",
                "own_vessel",
                "practice_round",
                "evening_move",
                "evening",
                "screen",
                "invitation",
                "device_key",
                "person",
                "reading",
                "probe",
                "bake_gone")) {
            sql.sql("delete from " + table).update();
        }
        sql.sql("delete from oven where name like '%" + MARK + "%'").update();
        question = json.writeValueAsString(Hakes.hake());
        second = json.readTree(inFirst("PUT", "/api/kitchens", "{\"name\":\"Mill\"}"))
                .get("id")
                .asString();

        ids.put(
                "oven",
                json.readTree(inFirst("POST", "/api/ovens", "{\"name\":\"" + MARK + " oven\",\"kind\":\"STILL\"}"))
                        .get("id")
                        .asString());
        inFirst("POST", "/api/bakes", putIn(id("bake")));
        inFirst("PUT", "/api/bakes/" + id("bake") + "/probe", "{\"device\":\"" + DEVICE + "\"}");
        inFirst("POST", "/api/readings", reading());
        inFirst(
                "POST",
                "/api/bakes/" + id("bake") + "/taps",
                "{\"id\":\"%s\",\"kind\":\"DOOR\",\"number\":20}".formatted(id("tap")));
        inFirst("POST", "/api/bakes", putIn(id("logged")));
        inFirst(
                "POST",
                "/api/bakes/" + id("logged") + "/taps",
                "{\"id\":\"%s\",\"kind\":\"OUT\"}".formatted(UUID.randomUUID()));
        inFirst(
                "PUT",
                "/api/bakes/" + id("logged") + "/verdict",
                "{\"verdict\":\"RIGHT\",\"note\":\"" + MARK + " note\"}");
        assertThat(asks(FIRST, "PUT", "/api/bakes/" + id("bake") + "/photo", "image/jpeg", picture(), null)
                        .statusCode())
                .isBetween(200, 299);
        inFirst("PUT", "/api/recipes/" + id("recipe"), recipe());
        inFirst("PUT", "/api/kitchen/fish/" + id("fish"), fish());
        inFirst("PUT", "/api/kitchen/vessels/" + id("vessel"), vessel());
        inFirst("PUT", "/api/notes/" + id("note"), note());
        inFirst("PUT", "/api/habits", HABIT);
        inFirst("PUT", "/api/practice/rounds/" + id("round"), ROUND);
        inFirst("PUT", "/api/evenings/" + id("evening"), evening());
        String step = firstStep();
        inFirst(
                "POST",
                "/api/evenings/" + id("evening") + "/moves",
                "{\"id\":\"%s\",\"kind\":\"DONE\",\"step\":\"%s\",\"at\":\"%s\"}"
                        .formatted(id("move"), step, Instant.now().plus(Duration.ofDays(5))));
        inFirst("PUT", "/api/people/" + id("person"), person());
        inFirst("PUT", "/api/device-keys/" + id("key"), "{\"device\":\"" + DEVICE + "\"}");
        NetworkScreen tablet = another();
        assertThat(pair(tablet, id("screen"), FIRST, MARK + " tablet")).isEqualTo(200);
        inFirst("PUT", "/api/invitations/" + id("invitation"), "{\"role\":\"OWNER\"}");

        owner = another();
        assertThat(pair(owner, UUID.randomUUID().toString(), second, "Mill office"))
                .isEqualTo(200);
        settled();
    }

    /* A sheet that takes longer to work out than whoever writes the evening waits for it is told once it is there. */
    private String firstStep() throws Exception {
        for (int looks = 0; looks < 200; looks++) {
            JsonNode key = json.readTree(inFirst("GET", "/api/evenings/" + id("evening"), null))
                    .at("/sheet/steps/0/key");
            if (!key.isMissingNode()) {
                return key.asString();
            }
            Thread.sleep(200);
        }
        throw new AssertionError("The evening never got its sheet.");
    }

    private NetworkScreen another() throws Exception {
        return NetworkScreen.at(lan);
    }

    private int pair(NetworkScreen screen, String id, String kitchen, String name) throws Exception {
        String code = json.readTree(
                        asks(kitchen, "PUT", "/api/invitations/" + UUID.randomUUID(), "{\"role\":\"OWNER\"}")
                                .body())
                .get("code")
                .asString();
        return screen.ask("PUT", "/api/screens/" + id, "{\"code\":\"%s\",\"name\":\"%s\"}".formatted(code, name))
                .statusCode();
    }

    /* All rows of the first kitchen, every field of them. */
    private Map<String, List<Map<String, Object>>> rows() {
        Map<String, List<Map<String, Object>>> all = new TreeMap<>();
        for (String table : sql.sql("select table_name from information_schema.columns where table_schema = database()"
                        + " and column_name = 'kitchen_id'")
                .query(String.class)
                .list()) {
            all.put(
                    table,
                    sql
                            .sql("select * from " + table + " where kitchen_id = 1 order by 1, 2")
                            .query()
                            .listOfRows()
                            .stream()
                            .map(KitchensApartTest::comparable)
                            .toList());
        }
        assertThat(all)
                .hasSizeGreaterThan(14)
                .allSatisfy((table, its) -> assertThat(its)
                        .as(table)
                        .satisfies(rows -> assertThat("bake_gone".equals(table) || !rows.isEmpty())
                                .isTrue()));
        return all;
    }

    private static Map<String, Object> comparable(Map<String, Object> row) {
        Map<String, Object> same = new TreeMap<>();
        row.forEach((column, value) -> same.put(
                column,
                value instanceof byte[] bytes ? java.util.HexFormat.of().formatHex(bytes) : String.valueOf(value)));
        return same;
    }

    /* Until nothing is worked out beside any longer. */
    private void settled() throws Exception {
        Map<String, List<Map<String, Object>>> before = rows();
        for (int same = 0, looks = 0; same < 4; looks++) {
            assertThat(looks).as("looks until nothing changes of itself").isLessThan(200);
            Thread.sleep(500);
            Map<String, List<Map<String, Object>>> now = rows();
            same = now.equals(before) ? same + 1 : 0;
            before = now;
        }
    }

    /** Something asked from the second kitchen. */
    private record Walk(String method, String path, String type, byte[] body) {}

    /* Every address there is, with the ids of the first kitchen; where a body is wanted, with one that is right there and with none. */
    private List<Walk> walks() throws Exception {
        Map<String, String> bodies = new TreeMap<>();
        bodies.put("POST /api/bakes", putIn(id("bake")));
        bodies.put(
                "POST /api/bakes/{id}/taps",
                "{\"id\":\"%s\",\"kind\":\"DIAL\",\"celsius\":210}".formatted(UUID.randomUUID()));
        bodies.put("PUT /api/bakes/{id}/probe", "{\"device\":\"" + DEVICE + "\"}");
        bodies.put("PUT /api/bakes/{id}/verdict", "{\"verdict\":\"OVER\"}");
        bodies.put("PUT /api/ovens/{id}", "{\"device\":\"x\",\"fallsCPerHour\":3}");
        bodies.put("PUT /api/recipes/{id}", recipe());
        bodies.put("PUT /api/kitchen/fish/{id}", fish());
        bodies.put("PUT /api/kitchen/vessels/{id}", vessel());
        bodies.put("PUT /api/notes/{id}", note());
        bodies.put("PUT /api/practice/rounds/{id}", ROUND);
        bodies.put("PUT /api/practice/rounds/{id}/moves/{number}", "{\"kind\":\"KNIFE\",\"dish\":0,\"minute\":3}");
        bodies.put("PUT /api/practice/rounds/{id}/answer", "{\"mm\":20}");
        bodies.put("PUT /api/habits", HABIT.replace("false", "true"));
        bodies.put("POST /api/habits/tonight", question);
        bodies.put("PUT /api/evenings/{id}", evening());
        bodies.put(
                "POST /api/evenings/{id}/moves",
                "{\"id\":\"%s\",\"kind\":\"DONE\",\"step\":\"x\"}".formatted(UUID.randomUUID()));
        bodies.put("PUT /api/people/{id}", person());
        bodies.put("PUT /api/me/person", "{\"person\":\"%s\",\"pin\":\"1234\"}".formatted(id("person")));
        bodies.put("PUT /api/device-keys/{id}", "{\"device\":\"" + DEVICE + "\"}");
        bodies.put("PUT /api/invitations/{id}", "{\"role\":\"OWNER\"}");
        bodies.put("PUT /api/screens/{id}", "{\"code\":\"ABCDEFGH\",\"name\":\"x\"}");
        bodies.put("POST /api/readings", reading());
        bodies.put("POST /api/certainty", "{\"question\":" + question + ",\"ovenId\":" + id("oven") + "}");
        List<Walk> walks = new ArrayList<>();
        // Longer than anything the application lets itself be told.
        JsonNode document = new ObjectMapper().readTree(machine.read("/v3/api-docs"));
        Set<String> known = new HashSet<>();
        for (Map.Entry<String, JsonNode> path : document.path("paths").properties()) {
            for (String operation : path.getValue().propertyNames()) {
                String method = operation.toUpperCase();
                String named = method + " " + path.getKey();
                known.add(named);
                if (named.equals("GET /api/bakes/stream")) {
                    continue;
                }
                for (String at : its(path.getKey())) {
                    walks.add(new Walk(method, at, "application/json", method.equals("GET") ? null : "{}".getBytes()));
                    if (bodies.containsKey(named)) {
                        walks.add(new Walk(
                                method,
                                at,
                                "application/json",
                                bodies.get(named).getBytes(StandardCharsets.UTF_8)));
                    }
                    if (named.equals("PUT /api/bakes/{id}/photo")) {
                        walks.add(new Walk(method, at, "image/jpeg", picture()));
                    }
                    if (named.equals("POST /api/recipes/{id}/file")) {
                        walks.add(new Walk(
                                method,
                                at,
                                "application/ld+json",
                                inFirst("GET", at, null).getBytes(StandardCharsets.UTF_8)));
                    }
                }
            }
        }
        assertThat(known).containsAll(bodies.keySet()).hasSizeGreaterThan(60);
        return walks;
    }

    /* The addresses of everything of the first kitchen's that such a path names. */
    private List<String> its(String path) {
        String last =
                path.replace("{number}", "0").replace("{tapId}", id("tap")).replace("{moveId}", id("move"));
        if (!last.contains("{")) {
            return List.of(last);
        }
        assertThat(last).contains("{id}").doesNotContainPattern("\\{(?!id})");
        String what = last.split("/")[2];
        List<String> names = switch (what) {
            // Only one of them has a photo.
            case "bakes" -> last.contains("/photo") ? List.of("bake") : List.of("bake", "logged");
            case "log" -> List.of("logged");
            case "ovens" -> List.of("oven");
            case "recipes" -> List.of("recipe");
            case "kitchen" -> List.of(last.contains("/fish/") ? "fish" : "vessel");
            case "notes" -> List.of("note");
            case "practice" -> List.of("round");
            case "evenings" -> List.of("evening");
            case "screens" -> List.of("screen");
            case "people" -> List.of("person");
            case "invitations" -> List.of("invitation");
            case "device-keys" -> List.of("key");
            default -> throw new AssertionError("Nobody says whose ids " + path + " names.");
        };
        return names.stream().map(name -> last.replace("{id}", id(name))).toList();
    }

    private static void judge(Walk walk, String answer, int status, List<String> heard) {
        if (answer.contains(MARK) || answer.contains(DEVICE) && !walk.path().contains("device-keys") || status >= 500) {
            heard.add(status + " " + walk.method() + " " + walk.path() + " -> " + answer);
        }
    }

    @Test
    @Timeout(300)
    void fromAnotherKitchenNothingIsHeardAndNothingChanged() throws Exception {
        Map<String, List<Map<String, Object>>> before = rows();
        List<String> heard = new ArrayList<>();
        List<Walk> walks = walks();
        for (Walk walk : walks) {
            for (String match : new String[] {null, "\"0\""}) {
                HttpResponse<String> answer = asks(second, walk.method(), walk.path(), walk.type(), walk.body(), match);
                judge(walk, answer.body(), answer.statusCode(), heard);
                boolean itsOwn = walk.path().contains(id("oven"))
                        || NAMED.matcher(walk.path()).find();
                if (itsOwn && walk.method().equals("GET")) {
                    assertThat(answer.statusCode()).as(walk.path()).isBetween(400, 499);
                }
            }
        }
        assertThat(heard).isEmpty();
        assertThat(rows()).isEqualTo(before);
        // The walk is one: in its own kitchen each of these is there.
        for (Walk walk : walks) {
            if (walk.method().equals("GET") && !walk.path().endsWith("/rest")) {
                assertThat(asks(FIRST, "GET", walk.path(), null).statusCode())
                        .as(walk.path())
                        .isEqualTo(200);
            }
        }
        assertThat(asks(FIRST, "GET", "/api/bakes", null).body()).contains(MARK, id("tap"));
        assertThat(asks(FIRST, "GET", "/api/log", null).body()).contains(MARK + " note");
    }

    /** Nor over TLS, for a screen that is owner of the other kitchen. */
    @Test
    @Timeout(300)
    void anOwnerOfAnotherKitchenHearsNothingEither() throws Exception {
        Map<String, List<Map<String, Object>>> before = rows();
        List<String> heard = new ArrayList<>();
        for (Walk walk : walks()) {
            if (walk.type().equals("application/json")) {
                String body = walk.body() == null ? null : new String(walk.body(), StandardCharsets.UTF_8);
                HttpResponse<String> answer = owner.ask(walk.method(), walk.path(), body);
                judge(walk, answer.body(), answer.statusCode(), heard);
            }
        }
        assertThat(heard).isEmpty();
        assertThat(rows()).isEqualTo(before);
        // To say it is for another kitchen helps nobody out there.
        assertThat(owner.ask("GET", "/api/screens", null).body())
                .contains("Mill office")
                .doesNotContain(MARK);
        assertThat(owner.ask("GET", "/api/kitchens", null).statusCode()).isEqualTo(403);
    }

    /** What its screens follow is its own: a tap in the one kitchen is not told in the other. */
    @Test
    @Timeout(60)
    void aScreenFollowsItsOwnKitchen() throws Exception {
        HttpResponse<InputStream> stream = owner.follow();
        assertThat(stream.statusCode()).isEqualTo(200);
        String own = json.readTree(asks(second, "GET", "/api/ovens", null).body())
                .get(0)
                .get("id")
                .asString();
        String mine = UUID.randomUUID().toString();
        inFirst(
                "POST",
                "/api/bakes/" + id("bake") + "/taps",
                "{\"id\":\"%s\",\"kind\":\"DIAL\",\"celsius\":210}".formatted(UUID.randomUUID()));
        Thread.sleep(1500);
        HttpResponse<String> put = asks(
                second,
                "POST",
                "/api/bakes",
                "{\"id\":\"%s\",\"title\":\"Mill trout\",\"ovenId\":%s,\"question\":%s}"
                        .formatted(mine, own, question));
        assertThat(put.statusCode()).as(put.body()).isBetween(200, 299);

        StringBuilder told = new StringBuilder();
        byte[] some = new byte[8192];
        while (!told.toString().contains(mine)) {
            int read = stream.body().read(some);
            assertThat(read).as(told.toString()).isPositive();
            told.append(new String(some, 0, read, StandardCharsets.UTF_8));
        }
        stream.body().close();
        assertThat(told.toString())
                .contains("Mill trout")
                .doesNotContain(MARK, id("bake"), id("logged"), id("evening"));
    }

    /** Devices of one name in two kitchens are two. */
    @Test
    void aDeviceOfTheSameNameIsAnother() throws Exception {
        String key = json.readTree(
                        asks(second, "PUT", "/api/device-keys/" + UUID.randomUUID(), "{\"device\":\"" + DEVICE + "\"}")
                                .body())
                .get("key")
                .asString();
        Map<String, List<Map<String, Object>>> before = rows();
        assertThat(another().pushes(key, reading().replace("41", "77")).statusCode())
                .isEqualTo(200);
        assertThat(rows()).isEqualTo(before);
        assertThat(asks(second, "GET", "/api/devices", null).body())
                .contains("celsius\":77")
                .doesNotContain("celsius\":41");
        assertThat(asks(FIRST, "GET", "/api/devices", null).body())
                .contains("celsius\":41")
                .doesNotContain("celsius\":77");
    }

    @Test
    void aKitchenIsMadeOnceAndHasTwoOvens() throws Exception {
        String mill = inFirst("PUT", "/api/kitchens", "{\"name\":\" Mill \"}");
        assertThat(json.readTree(mill).get("id").asString()).isEqualTo(second);
        assertThat(json.readTree(asks(second, "GET", "/api/ovens", null).body()).size())
                .isEqualTo(2);
        assertThat(inFirst("GET", "/api/kitchens", null)).contains("\"Kitchen\"", "\"Mill\"");
        assertThat(asks(FIRST, "PUT", "/api/kitchens", "{\"name\":\" \"}").statusCode())
                .isEqualTo(400);
        for (String none : List.of("999", "0", "-1", "x", "")) {
            assertThat(asks(none, "GET", "/api/bakes", null).statusCode())
                    .as(none)
                    .isEqualTo(404);
        }
    }
}
