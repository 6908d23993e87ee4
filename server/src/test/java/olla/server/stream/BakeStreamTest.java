package olla.server.stream;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Predicate;
import olla.server.OllaServer;
import olla.server.TestDatabase;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Two instances of the application share one database; screens follow either. The database is cut and comes back. */
class BakeStreamTest {

    private static final String PUT_IN = """
            {"id": "%s", "title": "Hake", "ovenId": 1, "question": {
              "piece": {"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160},
              "dress": {"kind":"OPEN_TRAY"}, "oven": {"kind":"STILL"},
              "programme": [{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}]}}
            """;
    private static final String OUT = "{\"id\": \"%s\", \"kind\": \"OUT\"}";
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final List<ConfigurableApplicationContext> INSTANCES = new ArrayList<>();

    @BeforeAll
    static void twoInstances() {
        Map<String, String> connection = TestDatabase.running().connection("stream");
        for (int i = 0; i < 2; i++) {
            SpringApplicationBuilder builder = new SpringApplicationBuilder(OllaServer.class);
            List<String> arguments = new ArrayList<>(List.of("--server.port=0"));
            connection.forEach((name, value) -> arguments.add("--" + name + "=" + value));
            INSTANCES.add(builder.run(arguments.toArray(String[]::new)));
        }
    }

    @AfterAll
    static void stop() {
        INSTANCES.forEach(ConfigurableApplicationContext::close);
    }

    private static URI uri(int instance, String path) {
        return URI.create(
                "http://127.0.0.1:" + INSTANCES.get(instance).getEnvironment().getProperty("local.server.port") + path);
    }

    private static HttpResponse<String> send(int instance, String method, String path, String body) throws Exception {
        HttpRequest.BodyPublisher content =
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body);
        return HTTP.send(
                HttpRequest.newBuilder(uri(instance, path))
                        .header("content-type", "application/json")
                        .method(method, content)
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** A screen that follows the stream of one instance. */
    private static final class Screen implements AutoCloseable {
        private final List<JsonNode> events = new CopyOnWriteArrayList<>();
        private final InputStream in;

        Screen(int instance) throws Exception {
            in = HTTP.send(
                            HttpRequest.newBuilder(uri(instance, "/api/bakes/stream"))
                                    .header("accept", "text/event-stream")
                                    .build(),
                            HttpResponse.BodyHandlers.ofInputStream())
                    .body();
            Thread reader = new Thread(this::read);
            reader.setDaemon(true);
            reader.start();
        }

        private void read() {
            StringBuilder line = new StringBuilder();
            try {
                for (int c = in.read(); c >= 0; c = in.read()) {
                    if (c != '\n') {
                        line.append((char) c);
                    } else {
                        String said = new String(
                                line.toString().getBytes(StandardCharsets.ISO_8859_1), StandardCharsets.UTF_8);
                        if (said.startsWith("data:")) {
                            events.add(JSON.readTree(said.substring(5)));
                        }
                        line.setLength(0);
                    }
                }
            } catch (IOException closed) {
                // The test has closed it, or the server has.
            }
        }

        JsonNode await(String what, Predicate<JsonNode> wanted) throws InterruptedException {
            long end = System.nanoTime() + PATIENCE.toNanos();
            while (System.nanoTime() < end) {
                for (JsonNode event : events) {
                    if (wanted.test(event)) {
                        return event;
                    }
                }
                Thread.sleep(10);
            }
            throw new AssertionError("nobody heard of " + what + ": " + events.size() + " events");
        }

        @Override
        public void close() throws IOException {
            in.close();
        }
    }

    private static Predicate<JsonNode> shows(UUID id, Predicate<JsonNode> bake) {
        return event -> {
            for (JsonNode one : event.get("bakes")) {
                if (one.get("id").asString().equals(id.toString()) && bake.test(one)) {
                    return true;
                }
            }
            return false;
        };
    }

    @Test
    void bothInstancesTellOfWhatHappensAtEither() throws Exception {
        UUID id = UUID.randomUUID();
        try (Screen here = new Screen(0);
                Screen there = new Screen(1)) {
            here.await("everything", e -> e.get("stored").asBoolean());
            assertThat(send(0, "POST", "/api/bakes", PUT_IN.formatted(id)).statusCode())
                    .isEqualTo(201);
            for (Screen screen : List.of(here, there)) {
                screen.await("the new bake with its card", shows(id, b -> b.has("card")));
            }
            assertThat(send(1, "POST", "/api/bakes/" + id + "/taps", OUT.formatted(UUID.randomUUID()))
                            .statusCode())
                    .isEqualTo(200);
            long tapped = System.nanoTime();
            here.await("out, tapped at the other", shows(id, b -> b.has("outAt")));
            System.out.printf("heard at the other instance after %d ms%n", (System.nanoTime() - tapped) / 1_000_000);
            there.await("out", shows(id, b -> b.has("outAt")));

            send(0, "DELETE", "/api/bakes/" + id, null);
            for (Screen screen : List.of(here, there)) {
                screen.await("it is gone", e -> e.get("gone").toString().contains(id.toString()));
            }
        }
    }

    /** A door that is opened for one of them, and what is read of it, is of all that is in that oven: nobody has to ask for it. */
    @Test
    void whatIsReadOfOneIsToldOfTheOthersInItsOven() throws Exception {
        UUID mine = UUID.randomUUID();
        UUID other = UUID.randomUUID();
        String then = Instant.now().minusSeconds(540).toString();
        try (Screen here = new Screen(0)) {
            for (UUID id : List.of(mine, other)) {
                String late = PUT_IN.formatted(id).replace("\"ovenId\"", "\"at\": \"" + then + "\", \"ovenId\"");
                assertThat(send(0, "POST", "/api/bakes", late).statusCode()).isEqualTo(201);
                here.await("it is in", shows(id, b -> b.has("card")));
            }
            String cold = "{\"id\": \"%s\", \"kind\": \"READ\", \"celsius\": 26}".formatted(UUID.randomUUID());
            assertThat(send(1, "POST", "/api/bakes/" + other + "/taps", cold).statusCode())
                    .isEqualTo(200);

            JsonNode told = here.await("what the other tells", shows(mine, b -> b.has("found") && b.has("window")));

            assertThat(told.toString()).contains("By what else is in it tonight, this oven runs about");
            for (UUID id : List.of(mine, other)) {
                send(0, "DELETE", "/api/bakes/" + id, null);
            }
        }
    }

    @Test
    void aScreenThatWasAwayGetsEverythingFirst() throws Exception {
        UUID id = UUID.randomUUID();
        send(0, "POST", "/api/bakes", PUT_IN.formatted(id));
        try (Screen first = new Screen(0)) {
            first.await("the bake", shows(id, b -> true));
        }
        send(0, "POST", "/api/bakes/" + id + "/taps", OUT.formatted(UUID.randomUUID()));
        try (Screen again = new Screen(0)) {
            JsonNode event = again.await("everything", e -> true);
            assertThat(shows(id, b -> b.has("outAt") && b.has("card")).test(event))
                    .isTrue();
        }
        send(0, "DELETE", "/api/bakes/" + id, null);
    }

    @Test
    void aDatabaseThatGoesAndComesBackLosesNothing() throws Exception {
        UUID id = UUID.randomUUID();
        send(0, "POST", "/api/bakes", PUT_IN.formatted(id));
        String door = "{\"id\": \"%s\", \"kind\": \"DOOR\", \"number\": 20}".formatted(UUID.randomUUID());
        String tap = OUT.formatted(UUID.randomUUID());
        try (Screen screen = new Screen(0)) {
            screen.await("the bake", shows(id, b -> true));
            send(0, "POST", "/api/bakes/" + id + "/taps", door);
            TestDatabase.running().cut();
            screen.await("the store is away", e -> !e.get("stored").asBoolean());
            int away = screen.events.size();
            assertThat(send(0, "POST", "/api/bakes/" + id + "/taps", tap).statusCode())
                    .isEqualTo(503);
            TestDatabase.running().start();
            screen.await(
                    "the store is back",
                    e -> screen.events.indexOf(e) >= away && e.get("stored").asBoolean());
            // The screen sends what could not be sent, and, not having heard the answer, sends it again.
            assertThat(send(0, "POST", "/api/bakes/" + id + "/taps", tap).statusCode())
                    .isEqualTo(200);
            assertThat(send(1, "POST", "/api/bakes/" + id + "/taps", tap).statusCode())
                    .isEqualTo(200);
            screen.await("out", shows(id, b -> b.has("outAt") && b.get("taps").size() == 2));
        }
        send(0, "DELETE", "/api/bakes/" + id, null);
    }
}
