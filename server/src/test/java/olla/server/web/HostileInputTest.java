package olla.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import olla.server.Started;
import olla.server.Wire;
import olla.server.Wire.Reply;
import olla.server.people.NetworkKeys;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whatever is sent, made from the interface's own document: the server answers as one that has understood or refused, in words,
 * and what it keeps can be read again. Seeded; a failure names the request.
 */
@ExtendWith(NetworkKeys.class)
@Started(
        schema = "hostile",
        settings = {
            "olla.lan.port=0",
            "olla.lan.address=127.0.0.1",
            "olla.lan.keys=" + NetworkKeys.FILE,
            "olla.lan.password=" + NetworkKeys.PASSWORD
        })
class HostileInputTest {

    private static final long SEED = 20261126;
    private static final int AT_LEAST = 1_500;

    /* Enough of each kind of answer that is dear to reckon. */
    private static final int MOST_FOR_ONE = 140;

    /* Of those, this part is sent by each that is not the machine itself. */
    private static final int PART = 4;

    /** Who sends it. */
    private enum As {
        THE_MACHINE,
        ANOTHER_KITCHEN,
        A_SCREEN_LET_IN,
        A_STRANGER
    }

    /* What a stranger may ask for. */
    private static final Set<String> FOR_ALL = Set.of("GET /api/me", "PUT /api/screens/{id}");

    /* What a web server may say of a protocol it does not speak (RFC 9110, 15.6.2 and 15.6.6). */
    private static final List<Integer> NOT_SPOKEN = List.of(501, 505);

    private static final List<String> VALUES = List.of(
            "null",
            "true",
            "[]",
            "{}",
            "\"\"",
            "0",
            "-1",
            "1.5",
            "1e308",
            "-1e308",
            "1e999",
            "1e49",
            "1e-320",
            "99999999999999999999",
            "NaN",
            "\"NaN\"",
            "\"Infinity\"",
            "\"-Infinity\"",
            "\"12\"",
            "\"\\u0000\"",
            "\"\\ud800\"",
            "\"\u202e\ud83d\udc1f\u0301\ufeff\"",
            "\"<script>alert(1)</script>\"",
            "\"'; drop table bake; --\"",
            "\"=1+1\"",
            "\"+999999999-12-31T23:59:59Z\"",
            "\"-0001-01-01T00:00:00Z\"",
            "\"" + "a".repeat(50_000) + "\"");

    private static final List<String> BODIES = List.of(
            "",
            "null",
            "[]",
            "{",
            "{}",
            "\"x\"",
            "7",
            "\ufeff{}",
            "{\"a\":1,\"a\":2}",
            "{\"\":{}}",
            "[".repeat(3_000),
            "{\"a\":".repeat(3_000),
            "{\"nothing\":\"" + "b".repeat(70_000) + "\"}",
            "<xml/>",
            "a: 1\nb: [2]",
            "device,channel,at,celsius\nx,TIP,now,hot",
            "\"unclosed,quote\nx");

    private static final List<String> HEADERS = List.of(
            "Accept: text/html",
            "Accept: image/png",
            "Accept: ///",
            "Accept: " + "x/y,".repeat(500) + "z/z",
            "Content-Type: text/plain",
            "Content-Type: application/xml",
            "Content-Type: application/yaml",
            "Content-Type: application/json;charset=utf-16",
            "Content-Type: application/json;charset=none",
            "Content-Type: multipart/form-data",
            "Content-Type: //",
            "Content-Type: text/csv",
            "Content-Type: application/ld+json",
            "Content-Type: image/png",
            "Range: bytes=5-2",
            "If-Match: ",
            "If-Match: \"x",
            "If-Match: *",
            "If-Match: \"99999999999999\"",
            "Expect: the-unexpected",
            "Transfer-Encoding: gzip",
            "Transfer-Encoding: nonsense",
            "Content-Encoding: gzip",
            "Accept-Language: " + "q".repeat(4_000),
            "X-Http-Method-Override: DELETE",
            "Cookie: " + "c=".repeat(2_000),
            "Last-Event-ID: \"'");

    private static final List<String> METHODS =
            List.of("TRACE", "PATCH", "PROPFIND", "OPTIONS", "HEAD", "get", "DELETE", "CONNECT");

    private static final List<String> SEGMENTS = List.of(
            "",
            "%00",
            "..",
            "%2e%2e",
            "%2F",
            ";a=b",
            "a b",
            "%zz",
            "-1",
            "0x1",
            "9".repeat(40),
            "x".repeat(7_000),
            "%C3%28",
            "{id}",
            "*");

    /* What a well-meant question says, by the name of its field. */
    private static final Map<String, String> MEANT = Map.ofEntries(
            Map.entry("species", "\"hake\""),
            Map.entry("cut", "\"PORTION\""),
            Map.entry("thicknessMm", "26"),
            Map.entry("massG", "160"),
            Map.entry("startTempC", "8"),
            Map.entry("tempC", "200"),
            Map.entry("stage", "\"BAKE\""),
            Map.entry("ovenId", "1"),
            Map.entry("at", "\"2026-11-26T18:00:00Z\""),
            Map.entry("measure", "\"GRAM\""),
            Map.entry("id", "\"" + UUID.nameUUIDFromBytes(new byte[] {1}) + "\""));

    private static final String QUESTION = """
            {"piece":{"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160,"widthMm":70,"lengthMm":120,"startTempC":8},
             "dress":{"kind":"TOPPING","mix":"CRUMB","depthMm":6}, "oven":{"kind":"STILL"},
             "programme":[{"stage":"BAKE","tempC":230},{"stage":"GRILL","minutes":3},{"stage":"REST","minutes":4}],
             "doneness":"FLAKES","pieces":2,"atRisk":false,"parasites":"UNKNOWN"}
            """;

    private static final String ID = UUID.nameUUIDFromBytes(new byte[] {1}).toString();

    /* Rounds of practice: each is begun before something is done in it, as their addresses are sorted. */
    private static final String DRILL = UUID.nameUUIDFromBytes(new byte[] {2}).toString();
    private static final String BAKED = UUID.nameUUIDFromBytes(new byte[] {3}).toString();

    /* What is understood as it is, so that what is wrong with its changed copies lies deep. */
    private static final Map<String, String> WELL_MEANT = new TreeMap<>(Map.ofEntries(
            Map.entry("POST /api/estimates", QUESTION),
            Map.entry("POST /api/alternatives", QUESTION),
            Map.entry("POST /api/certainty", "{\"question\":" + QUESTION + ",\"ovenId\":1}"),
            Map.entry("POST /api/trays", "{\"dishes\":[" + QUESTION + "," + QUESTION + "]}"),
            Map.entry(
                    "POST /api/bakes",
                    "{\"id\":\"" + ID + "\",\"title\":\"Hake\",\"ovenId\":1,\"question\":" + QUESTION + "}"),
            Map.entry("POST /api/bakes/" + ID + "/taps", "{\"id\":\"" + ID + "\",\"kind\":\"DIAL\",\"celsius\":210}"),
            Map.entry("PUT /api/bakes/" + ID + "/probe", "{\"device\":\"probe-1\"}"),
            Map.entry(
                    "PUT /api/recipes/" + ID,
                    "{\"name\":\"Hake\",\"pieces\":2,\"ingredients\":[{\"what\":\"salt\",\"value\":5,\"measure\":\"GRAM\"}],"
                            + "\"steps\":[\"Bake it.\"],\"notes\":\"\"}"),
            Map.entry("POST /api/shopping", "{\"lines\":[{\"what\":\"salt\",\"value\":5,\"measure\":\"GRAM\"}]}"),
            Map.entry("PUT /api/practice/rounds/" + DRILL, "{\"skill\":\"BY_EYE\"}"),
            Map.entry("PUT /api/practice/rounds/" + DRILL + "/answer", "{\"mm\":20}"),
            Map.entry("PUT /api/practice/rounds/" + BAKED, "{\"skill\":\"EVEN\"}"),
            Map.entry(
                    "PUT /api/practice/rounds/" + BAKED + "/moves/0", "{\"kind\":\"KNIFE\",\"dish\":0,\"minute\":3.5}"),
            Map.entry("PUT /api/kitchens", "{\"name\":\"Mill\"}"),
            Map.entry("PUT /api/people/" + ID, "{\"name\":\"Ada\",\"role\":\"COOK\",\"pin\":\"4711\"}"),
            Map.entry("PUT /api/invitations/" + ID, "{\"role\":\"COOK\",\"shared\":false}"),
            Map.entry("PUT /api/device-keys/" + ID, "{\"device\":\"probe-1\"}")));

    /* Of each of those, so many changed copies. */
    private static final int MOST_NEARLY_RIGHT = 60;

    /* Pictures that are none, or more than they say. */
    private static final List<byte[]> PICTURES = List.of(
            new byte[] {0},
            new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff, (byte) 0xe0, 0, 16, 'J', 'F', 'I', 'F', 0},
            new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff, (byte) 0xc0, 0, 17, 8, -1, -1, -1, -1, 3, 1, 34, 0, 2, 17
            },
            new byte[] {
                (byte) 0x89,
                'P',
                'N',
                'G',
                13,
                10,
                26,
                10,
                0,
                0,
                0,
                13,
                'I',
                'H',
                'D',
                'R',
                127,
                -1,
                -1,
                -1,
                127,
                -1,
                -1,
                -1,
                16,
                6,
                0,
                0,
                0,
                0,
                0,
                0,
                0
            },
            "GIF89a\u0001\u0000\u0001\u0000".getBytes(StandardCharsets.ISO_8859_1),
            "<svg xmlns='http://www.w3.org/2000/svg' onload='alert(1)'/>".getBytes(StandardCharsets.US_ASCII),
            "BM".getBytes(StandardCharsets.US_ASCII));

    /** A request as it goes over the wire. */
    private record Sent(String operation, String head, byte[] body) {
        @Override
        public String toString() {
            String said = head + "\n" + new String(body, StandardCharsets.UTF_8);
            return said.substring(0, Math.min(said.length(), 600));
        }
    }

    @Autowired
    private Lan lan;

    @Value("${local.server.port}")
    private int port;

    @Autowired
    private ObjectMapper json;

    private final Random random = new Random(SEED);

    /** A line to the server, and the headers that say who is at its end. */
    private record Sender(Wire wire, String who) {
        Reply say(Sent sent) throws IOException {
            return wire.say(sent.head() + who, sent.body());
        }
    }

    private Sender sender(As as) throws IOException, GeneralSecurityException {
        Wire machine = new Wire(port);
        if (as == As.THE_MACHINE) {
            return new Sender(machine, "");
        }
        if (as == As.ANOTHER_KITCHEN) {
            String made =
                    put(machine, "/api/kitchens", "{\"name\":\"Mill\"}", "").body();
            return new Sender(
                    machine, "Olla-Kitchen: " + json.readTree(made).get("id").asInt() + "\n");
        }
        String address = lan.addresses().get(0);
        Wire network = new Wire(
                Integer.parseInt(address.substring(address.lastIndexOf(':') + 1)),
                // Another asker than the one whose wrong codes are many by now.
                as == As.A_SCREEN_LET_IN ? "127.0.0.2" : "127.0.0.1",
                NetworkKeys.trusting().getSocketFactory());
        String token = network.say(head("GET", "/api/me", List.of()), "")
                .headers()
                .get("set-cookie")
                .split("[=;]")[1];
        String page = "X-XSRF-TOKEN: " + token + "\nCookie: XSRF-TOKEN=" + token;
        if (as == As.A_STRANGER) {
            return new Sender(network, page + "\n");
        }
        String code = json.readTree(put(machine, "/api/invitations/" + UUID.randomUUID(), "{\"role\":\"OWNER\"}", "")
                        .body())
                .get("code")
                .asString();
        Reply paired = put(
                network,
                "/api/screens/" + UUID.randomUUID(),
                "{\"code\":\"" + code + "\",\"name\":\"Hostile\"}",
                page + "\n");
        String key = paired.headers().get("set-cookie").split("[=;]")[1];
        return new Sender(network, page + "; __Host-olla-screen=" + key + "\n");
    }

    private Reply put(Wire wire, String path, String body, String who) throws IOException {
        Reply reply = wire.say(head("PUT", path, List.of("Content-Type: application/json")) + who, body);
        assertThat(reply.status()).as(reply.body()).isEqualTo(200);
        return reply;
    }

    @ParameterizedTest
    @EnumSource(As.class)
    void everyRequestIsUnderstoodOrRefusedInWords(As as) throws IOException, GeneralSecurityException {
        Wire wire = new Wire(port);
        Sender sender = sender(as);
        // The API's description is longer than anything it may be asked.
        JsonNode document = new ObjectMapper()
                .readTree(wire.say(head("GET", "/v3/api-docs", List.of()), "").body());
        List<Sent> requests = requests(document);
        assertThat(requests).hasSizeGreaterThanOrEqualTo(AT_LEAST);
        if (as != As.THE_MACHINE) {
            Collections.shuffle(requests, random);
            requests = requests.subList(0, requests.size() / PART);
        }

        List<String> wrong = new ArrayList<>();
        long slowestMs = 0;
        Sent slowest = null;
        for (Sent sent : requests) {
            long from = System.nanoTime();
            Reply reply = sender.say(sent);
            long ms = (System.nanoTime() - from) / 1_000_000;
            if (ms > slowestMs) {
                slowestMs = ms;
                slowest = sent;
            }
            judge(sent, reply, wrong);
            if (as == As.A_STRANGER && reply.status() < 300 && !FOR_ALL.contains(sent.operation())) {
                wrong.add(reply.status() + " to a stranger: " + sent);
            }
        }
        System.out.printf(
                "%s: %d hostile requests, the slowest %d ms: %s%n",
                as, requests.size(), slowestMs, slowest.operation());

        assertThat(wrong)
                .as("%d wrong answers of %d", wrong.size(), requests.size())
                .isEmpty();
        for (String list : List.of("/api/bakes", "/api/log", "/api/ovens", "/api/recipes", "/api/catalogue")) {
            Reply reply = wire.say(head("GET", list, List.of()), "");
            assertThat(reply.status()).as(list).isEqualTo(200);
            // Somebody may call a recipe so; no number reads so.
            assertThat(reply.body()).as(list).doesNotContainPattern("[:,\\[]\\s*-?(NaN|Infinity)");
        }
    }

    /** One thing wrong in what is right otherwise, so that it gets past the door. */
    @Test
    void whatIsNearlyRightIsUnderstoodOrRefusedInWords() throws IOException {
        Wire wire = new Wire(port);
        List<String> wrong = new ArrayList<>();
        for (Map.Entry<String, String> meant : WELL_MEANT.entrySet()) {
            String[] way = meant.getKey().split(" ");
            String head = head(way[0], way[1], List.of("Content-Type: application/json"));
            List<String> bodies = new ArrayList<>(mutants(json.readTree(meant.getValue())));
            bodies.addAll(withoutOneField(json.readTree(meant.getValue())));
            String asItIs = bodies.remove(0);
            Collections.shuffle(bodies, random);
            if (meant.getKey().startsWith("POST /api/bakes") || meant.getKey().startsWith("PUT /api/practice")) {
                // Whatever is asked of a bake or a round later is asked of one that is there.
                wire.say(head, asItIs);
            }
            for (String body : bodies.subList(0, Math.min(MOST_NEARLY_RIGHT, bodies.size()))) {
                Sent sent = sent(meant.getKey(), head, body);
                judge(sent, wire.say(sent.head(), sent.body()), wrong);
            }
            Reply understood = wire.say(head, asItIs);
            assertThat(understood.status())
                    .as(meant.getKey() + " -> " + understood.body())
                    .satisfiesAnyOf(
                            status -> assertThat(status).isBetween(200, 299),
                            // A changed copy of the recipe was written before it.
                            status -> assertThat(status).isEqualTo(412));
        }
        for (byte[] picture : PICTURES) {
            for (String type : List.of("image/jpeg", "image/png", "image/webp", "image/svg+xml")) {
                Sent sent = new Sent(
                        "photo", head("PUT", "/api/bakes/" + ID + "/photo", List.of("Content-Type: " + type)), picture);
                Reply reply = wire.say(sent.head(), sent.body());
                judge(sent, reply, wrong);
                assertThat(reply.status()).as(sent.toString()).isGreaterThanOrEqualTo(400);
            }
        }
        for (String header : HEADERS) {
            String follow = head("GET", "/api/bakes/stream", List.of(header));
            try (Socket line = wire.begin(follow, new byte[0], 0)) {
                String first = new String(line.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
                assertThat(first).as(header).matches("HTTP/1.1 (200|4..|501)");
            }
        }

        assertThat(wrong).isEmpty();
        assertThat(wire.say(head("GET", "/api/bakes", List.of()), "").body()).contains(ID);
    }

    private static List<String> withoutOneField(JsonNode sample) {
        List<String> bodies = new ArrayList<>();
        for (String place : places(sample, "")) {
            int cut = place.lastIndexOf('/');
            JsonNode copy = sample.deepCopy();
            if (copy.at(place.substring(0, cut)) instanceof ObjectNode parent) {
                parent.remove(place.substring(cut + 1));
                bodies.add(copy.toString());
            }
        }
        return bodies;
    }

    private static void judge(Sent sent, Reply reply, List<String> wrong) {
        boolean failed = reply.status() >= 500 && !NOT_SPOKEN.contains(reply.status());
        boolean silent = reply.status() == 0;
        boolean wordless =
                reply.status() >= 400 && !reply.isProblem() && !sent.head().startsWith("HEAD");
        boolean leaks = reply.status() >= 400
                && (reply.body().contains("java.")
                        || reply.body().contains("org.")
                        || reply.body().contains("Exception"));
        if (failed || silent || wordless || leaks) {
            wrong.add(reply.status() + " " + reply.headers().get("content-type") + " to " + sent + "\n   -> "
                    + reply.body().substring(0, Math.min(300, reply.body().length())));
        }
    }

    private List<Sent> requests(JsonNode document) {
        List<Sent> all = new ArrayList<>();
        document.path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(op -> {
                    List<Sent> some = new ArrayList<>();
                    String method = op.getKey().toUpperCase(java.util.Locale.ROOT);
                    operation(document, method, path.getKey(), op.getValue(), some);
                    Collections.shuffle(some, random);
                    all.addAll(some.subList(0, Math.min(MOST_FOR_ONE, some.size())));
                }));
        return all;
    }

    private void operation(JsonNode document, String method, String template, JsonNode operation, List<Sent> into) {
        if (template.endsWith("/stream")) {
            return;
        }
        String path = template.replaceAll(
                "\\{[^}]*}", UUID.nameUUIDFromBytes(new byte[] {1}).toString());
        String name = method + " " + template;
        JsonNode content = operation.path("requestBody").path("content");
        String type = content.propertyNames().stream().findFirst().orElse("application/json");
        List<String> typed = List.of("Content-Type: " + type);
        for (String value : HEADERS) {
            List<String> headers = value.startsWith("Content-Type") ? List.of(value) : List.of(typed.get(0), value);
            into.add(sent(name, head(method, path, headers), method.equals("GET") ? "" : "{}"));
        }
        for (String other : METHODS) {
            into.add(sent(name, head(other, path, List.of()), ""));
        }
        for (String segment : SEGMENTS) {
            into.add(sent(
                    name,
                    head(
                            method,
                            template.contains("{")
                                    ? template.replaceAll(
                                            "\\{[^}]*}", java.util.regex.Matcher.quoteReplacement(segment))
                                    : path + "/" + segment,
                            typed),
                    ""));
            into.add(sent(name, head(method, path + "?pieces=" + segment, typed), ""));
        }
        if (!content.isEmpty()) {
            for (String body : BODIES) {
                into.add(sent(name, head(method, path, typed), body));
            }
            into.add(new Sent(
                    name, head(method, path, typed), new byte[] {'{', '"', (byte) 0xff, (byte) 0xfe, '"', ':', '1', '}'
                    }));
            JsonNode sample = sample(document, content.path(type).path("schema"), "", 0);
            for (String body : mutants(sample)) {
                into.add(sent(name, head(method, path, typed), body));
            }
        }
    }

    private static Sent sent(String operation, String head, String body) {
        return new Sent(operation, head, body.getBytes(StandardCharsets.UTF_8));
    }

    private String head(String method, String path, List<String> headers) {
        StringBuilder head = new StringBuilder(method + " " + path + " HTTP/1.1\nHost: localhost:" + port + "\n");
        headers.forEach(h -> head.append(h).append('\n'));
        return head.toString();
    }

    /* One that might be meant. */
    private JsonNode sample(JsonNode document, JsonNode schema, String field, int depth) {
        if (schema.has("$ref")) {
            return sample(document, document.at(schema.path("$ref").asString().substring(1)), field, depth + 1);
        }
        if (MEANT.containsKey(field)) {
            try {
                return json.readTree(MEANT.get(field));
            } catch (JacksonException broken) {
                throw new IllegalStateException(broken);
            }
        }
        JsonNodeFactory make = JsonNodeFactory.instance;
        if (schema.has("enum")) {
            return schema.path("enum").get(0);
        }
        return switch (schema.path("type").asString()) {
            case "object" -> {
                ObjectNode object = make.objectNode();
                if (depth < 8) {
                    schema.path("properties")
                            .properties()
                            .forEach(
                                    p -> object.set(p.getKey(), sample(document, p.getValue(), p.getKey(), depth + 1)));
                }
                yield object;
            }
            case "array" -> {
                ArrayNode array = make.arrayNode();
                if (depth < 8) {
                    array.add(sample(document, schema.path("items"), field, depth + 1));
                }
                yield array;
            }
            case "integer" -> make.numberNode(2);
            case "number" -> make.numberNode(10.0);
            case "boolean" -> make.booleanNode(true);
            default -> make.stringNode("a word");
        };
    }

    /* Each place of a body with each value that should not be there; and each field twice. */
    private static List<String> mutants(JsonNode sample) {
        List<String> bodies = new ArrayList<>();
        bodies.add(sample.toString());
        for (String place : places(sample, "")) {
            for (String value : VALUES) {
                bodies.add(with(sample, place, "\ue000").replace("\"\ue000\"", value));
            }
            if (!Character.isDigit(place.charAt(place.length() - 1))) {
                String field = "\"" + place.substring(place.lastIndexOf('/') + 1) + "\":";
                bodies.add(sample.toString().replaceFirst(java.util.regex.Pattern.quote(field), field + "1," + field));
                bodies.add(
                        sample.toString().replaceFirst(java.util.regex.Pattern.quote(field), "\"unheard\":1," + field));
            }
        }
        return bodies;
    }

    private static List<String> places(JsonNode node, String at) {
        List<String> found = new ArrayList<>();
        if (!at.isEmpty()) {
            found.add(at);
        }
        node.properties().forEach(f -> found.addAll(places(f.getValue(), at + "/" + f.getKey())));
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            found.addAll(places(node.get(i), at + "/" + i));
        }
        return found;
    }

    private static String with(JsonNode sample, String place, String text) {
        JsonNode copy = sample.deepCopy();
        int cut = place.lastIndexOf('/');
        JsonNode parent = copy.at(place.substring(0, cut));
        String last = place.substring(cut + 1);
        if (parent instanceof ObjectNode object) {
            object.put(last, text);
        } else {
            ((ArrayNode) parent).set(Integer.parseInt(last), JsonNodeFactory.instance.stringNode(text));
        }
        return copy.toString();
    }
}
