package olla.server.bakes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import olla.server.OllaServer;
import olla.server.TestDatabase;
import org.junit.jupiter.api.Test;

/**
 * Application and database are killed while bakes are being stored and a run sheet is being ticked, again and again: whatever was
 * answered as stored is there afterwards, and once.
 */
class PowerCutTest {

    private static final int ROUNDS = 2;
    private static final int WRITERS = 3;
    private static final String QUESTION = """
            {"id":"%s","title":"Cut","ovenId":1,"question":{"piece":{"species":"hake","cut":"PORTION","thicknessMm":12},
             "dress":{"kind":"OPEN_TRAY"},"oven":{"kind":"STILL"},
             "programme":[{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":1}]}}
            """;

    private static final String EVENING = """
            {"name":"Cut","serveAt":"%s","guests":4,"fish":[],"ovens":[],"burners":1,"hands":[{"name":"cook"}],
             "sides":[{"key":"rice","title":"Rice","where":"HOB","prepareMin":2,"cookMin":18,"finishMin":1,"waitsMin":20}]}
            """;
    private static final String TICK = """
            {"id":"%s","kind":"DONE","step":"rice.PREPARE"}
            """;

    private final UUID evening = UUID.randomUUID();
    private final HttpClient http = HttpClient.newHttpClient();
    private final TestDatabase database = TestDatabase.running();
    private final Map<String, String> connection = database.connection("power_cut");
    private final List<UUID> answered = Collections.synchronizedList(new ArrayList<>());
    private final List<UUID> ticked = Collections.synchronizedList(new ArrayList<>());

    @Test
    void whatWasAnsweredAsStoredIsStored() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            int port = freePort();
            Process server = serve(port);
            if (round == 0) {
                String words = EVENING.formatted(Instant.now().plusSeconds(7200));
                assertThat(send("PUT", port, "/api/evenings/" + evening, words)).isEqualTo(200);
            }
            int before = answered.size();
            List<Thread> writers = new ArrayList<>();
            for (int w = 0; w < WRITERS; w++) {
                Thread writer = new Thread(() -> write(port));
                writer.start();
                writers.add(writer);
            }
            waitUntilAnswered(before + 12);
            if (round % 2 == 0) {
                server.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
                database.cut();
            } else {
                database.cut();
                server.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
            }
            for (Thread writer : writers) {
                writer.join(TimeUnit.SECONDS.toMillis(30));
            }
            database.start();
        }
        allStored(answered, "bake");
        allStored(ticked, "evening_move");
    }

    private void allStored(List<UUID> said, String table) throws Exception {
        List<UUID> stored = stored(table);
        assertThat(stored).doesNotHaveDuplicates();
        Set<UUID> lost = new HashSet<>(said);
        stored.forEach(lost::remove);
        assertThat(said).as(table).isNotEmpty();
        assertThat(lost).as("of %d answered in %s", said.size(), table).isEmpty();
    }

    private void waitUntilAnswered(int count) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (answered.size() < count && System.nanoTime() < end) {
            Thread.sleep(5);
        }
        assertThat(answered.size()).isGreaterThanOrEqualTo(count);
    }

    private void write(int port) {
        try {
            while (true) {
                UUID bake = UUID.randomUUID();
                if (send("POST", port, "/api/bakes", QUESTION.formatted(bake)) != 201) {
                    return;
                }
                answered.add(bake);
                UUID move = UUID.randomUUID();
                if (send("POST", port, "/api/evenings/" + evening + "/moves", TICK.formatted(move)) != 200) {
                    return;
                }
                ticked.add(move);
            }
        } catch (IOException cut) {
            // What was on its way was not answered.
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private int send(String method, int port, String path, String body) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("content-type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        return http.send(request, HttpResponse.BodyHandlers.ofString()).statusCode();
    }

    private Process serve(int port) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        OllaServer.class.getName(),
                        "--server.port=" + port)
                .redirectErrorStream(true)
                .redirectOutput(Path.of("target", "power-cut.log").toFile());
        connection.forEach((name, value) -> builder.command().add("--" + name + "=" + value));
        Process process = builder.start();
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(120);
        while (System.nanoTime() < end && process.isAlive()) {
            try {
                HttpResponse<String> health = http.send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/actuator/health"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
                if (health.statusCode() == 200) {
                    return process;
                }
            } catch (IOException notYet) {
                Thread.sleep(200);
            }
        }
        throw new IllegalStateException("the server did not start; see target/power-cut.log");
    }

    private List<UUID> stored(String table) throws Exception {
        List<UUID> ids = new ArrayList<>();
        try (Connection sql = DriverManager.getConnection(
                        connection.get("spring.datasource.url"),
                        connection.get("spring.datasource.username"),
                        connection.get("spring.datasource.password"));
                ResultSet rows = sql.createStatement().executeQuery("select id from " + table)) {
            while (rows.next()) {
                ids.add(UUID.fromString(rows.getString(1)));
            }
        }
        return ids;
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
