package olla.server.bakes;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
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
 * Application and database are killed while bakes are being stored, again and again: whatever was answered as stored is
 * there afterwards, and once.
 */
class PowerCutTest {

    private static final int ROUNDS = 2;
    private static final int WRITERS = 3;
    private static final String QUESTION = """
            {"id":"%s","title":"Cut","ovenId":1,"question":{"piece":{"species":"hake","cut":"PORTION","thicknessMm":12},
             "dress":{"kind":"OPEN_TRAY"},"oven":{"kind":"STILL"},
             "programme":[{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":1}]}}
            """;

    private final HttpClient http = HttpClient.newHttpClient();
    private final TestDatabase database = TestDatabase.running();
    private final Map<String, String> connection = database.connection("power_cut");
    private final List<UUID> answered = Collections.synchronizedList(new ArrayList<>());

    @Test
    void whatWasAnsweredAsStoredIsStored() throws Exception {
        for (int round = 0; round < ROUNDS; round++) {
            int port = freePort();
            Process server = serve(port);
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
        List<UUID> stored = stored();
        assertThat(stored).doesNotHaveDuplicates();
        Set<UUID> lost = new HashSet<>(answered);
        stored.forEach(lost::remove);
        assertThat(lost).as("of %d answered", answered.size()).isEmpty();
    }

    private void waitUntilAnswered(int count) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (answered.size() < count && System.nanoTime() < end) {
            Thread.sleep(5);
        }
        assertThat(answered.size()).isGreaterThanOrEqualTo(count);
    }

    private void write(int port) {
        while (true) {
            UUID id = UUID.randomUUID();
            HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/bakes"))
                    .header("content-type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(QUESTION.formatted(id)))
                    .build();
            try {
                HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
                if (response.statusCode() != 201) {
                    return;
                }
                answered.add(id);
            } catch (java.io.IOException cut) {
                return;
            } catch (InterruptedException stop) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }

    private Process serve(int port) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
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
            } catch (java.io.IOException notYet) {
                Thread.sleep(200);
            }
        }
        throw new IllegalStateException("the server did not start; see target/power-cut.log");
    }

    private List<UUID> stored() throws Exception {
        List<UUID> ids = new ArrayList<>();
        try (Connection sql = DriverManager.getConnection(
                        connection.get("spring.datasource.url"),
                        connection.get("spring.datasource.username"),
                        connection.get("spring.datasource.password"));
                ResultSet rows = sql.createStatement().executeQuery("select id from bake")) {
            while (rows.next()) {
                ids.add(UUID.fromString(rows.getString(1)));
            }
        }
        return ids;
    }

    private static int freePort() throws java.io.IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
