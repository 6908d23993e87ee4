package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** {@code ./olla cluster}: a proxy, two instances and three database nodes, of which some are killed. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ClusterTest {

    private static final int FIRST_PORT = 21_000;
    private static final int PORTS = 40;
    private static final int[] NODES = {1, 2, 3};
    private static final Duration PATIENCE = Duration.ofSeconds(90);
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static final String QUESTION = """
            {"piece":{"species":"hake","cut":"PORTION","thicknessMm":24,"massG":160},
             "dress":{"kind":"OPEN_TRAY"}, "oven":{"kind":"STILL"},
             "programme":[{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}]}
            """;

    private static final UUID BAKE = UUID.randomUUID();
    private static final UUID EVENING = UUID.randomUUID();
    private static final List<UUID> TAPS = new ArrayList<>();
    private static Kitchen kitchen;

    @BeforeAll
    static void start() throws Exception {
        // Three and thirty in a row, below those that whoever connects is given by the way.
        int first = FIRST_PORT;
        while (IntStream.range(first, first + PORTS).anyMatch(ClusterTest::taken)) {
            first += PORTS;
        }
        kitchen = new Kitchen("cluster", Map.of("OLLA_WATCH", "no"), first, first + 3);
        kitchen.olla("cluster", "start");
        surely(
                "POST",
                "/api/bakes",
                "{\"id\":\"" + BAKE + "\",\"title\":\"Hake\",\"ovenId\":1,\"question\":" + QUESTION + "}");
    }

    private static boolean taken(int port) {
        try (ServerSocket free = new ServerSocket(port)) {
            return false;
        } catch (IOException somebodys) {
            return true;
        }
    }

    @AfterAll
    static void stop() {
        assertThat(kitchen.attempt(Map.of(), "cluster", "stop").code()).isZero();
    }

    private static HttpResponse<String> ask(int port, String method, String path, String body) throws Exception {
        return HTTP.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                        .timeout(Duration.ofSeconds(15))
                        .header("content-type", "application/json")
                        .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }

    /* By the proxy, the same again until it is answered. */
    private static String surely(String method, String path, String body) throws Exception {
        Instant end = Instant.now().plus(PATIENCE);
        while (true) {
            String answered;
            try {
                HttpResponse<String> answer = ask(kitchen.port(), method, path, body);
                if (answer.statusCode() / 100 == 2) {
                    return answer.body();
                }
                answered = answer.statusCode() + " " + answer.body();
            } catch (IOException nobody) {
                answered = nobody.toString();
            }
            assertThat(Instant.now()).as(method + " " + path + ": " + answered).isBefore(end);
            Thread.sleep(200);
        }
    }

    private static String tap() {
        UUID id = UUID.randomUUID();
        TAPS.add(id);
        return "{\"id\":\"" + id + "\",\"kind\":\"DOOR\",\"number\":5}";
    }

    private static Path pid(String which) {
        return kitchen.folder().resolve("cluster").resolve(which + ".pid");
    }

    private static long status(int node, String name) throws Exception {
        return Long.parseLong(
                kitchen.sqlAt(node, "show status like '" + name + "'").strip().replaceAll(".*\\s", ""));
    }

    private static void allTapsAreThereOnce() throws Exception {
        for (int node : NODES) {
            List<String> stored =
                    kitchen.sqlAt(node, "select id from tap").strip().lines().toList();
            assertThat(stored)
                    .as("node " + node)
                    .containsExactlyInAnyOrderElementsOf(
                            TAPS.stream().map(UUID::toString).toList());
        }
    }

    /** Somebody writes the same row at another node, ten times a second: whoever is in the way there begins again, and nobody hears of it. */
    @Test
    @Order(1)
    void whatIsInTheWayAtAnotherNodeIsDoneAgain() throws Exception {
        long before = status(1, "wsrep_local_bf_aborts") + status(1, "wsrep_local_cert_failures");
        String touch = "do sleep(0.1); update bake set revision = revision + 1 where id = '" + BAKE + "';";
        CompletableFuture<Void> elsewhere = CompletableFuture.runAsync(() -> {
            try {
                kitchen.sqlAt(2, touch.repeat(120));
            } catch (Exception failed) {
                throw new IllegalStateException(failed);
            }
        });
        int asked = 0;
        while (!elsewhere.isDone() || asked < 20) {
            HttpResponse<String> answer = ask(kitchen.port(), "POST", "/api/bakes/" + BAKE + "/taps", tap());
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
            asked++;
        }
        elsewhere.get(1, TimeUnit.MINUTES);
        assertThat(status(1, "wsrep_local_bf_aborts") + status(1, "wsrep_local_cert_failures"))
                .as("how often somebody was in the way, in " + asked + " taps")
                .isGreaterThan(before);
        allTapsAreThereOnce();
    }

    /** Instance and node go, the same ones that were asked so far; who waits, waits for seconds. */
    @Test
    @Order(2)
    void whatWasAnsweredIsThereOnceWhoeverIsKilled() throws Exception {
        String fish = "{\"key\":\"hake\",\"title\":\"Hake\",\"question\":" + QUESTION + "}";
        surely(
                "PUT",
                "/api/evenings/" + EVENING,
                "{\"name\":\"Friday\",\"serveAt\":\"" + Instant.now().plus(Duration.ofHours(3))
                        + "\",\"guests\":4,\"burners\":2,\"hands\":[{\"name\":\"cook\"}],\"fish\":[" + fish
                        + "],\"sides\":[],\"ovens\":[{\"ovenId\":1,\"shelves\":2}]}");
        String sheet = sheet(kitchen.port());

        Kitchen.cut(pid("instance1/run/app"));
        for (int i = 0; i < 10; i++) {
            surely("POST", "/api/bakes/" + BAKE + "/taps", tap());
        }
        Kitchen.cut(pid("node1/run/db"));
        for (int i = 0; i < 10; i++) {
            surely("POST", "/api/bakes/" + BAKE + "/taps", tap());
        }
        assertThat(sheet(kitchen.port())).isEqualTo(sheet);

        kitchen.olla("cluster", "start");
        assertThat(status(3, "wsrep_cluster_size")).isEqualTo(3);
        allTapsAreThereOnce();
        assertThat(sheet(kitchen.port() + 1)).isEqualTo(sheet);
        assertThat(sheet(kitchen.port() + 2)).isEqualTo(sheet);
    }

    /* Once nothing better is looked for. */
    private static String sheet(int port) throws Exception {
        Instant end = Instant.now().plus(PATIENCE);
        while (true) {
            String view = ask(port, "GET", "/api/evenings/" + EVENING, null).body();
            if (view.contains("\"searching\":false") && view.contains("\"sheet\"")) {
                return view.replaceAll(".*\"sheet\":\\{(.*)},\"searching\".*", "$1");
            }
            assertThat(Instant.now()).as(view).isBefore(end);
            Thread.sleep(200);
        }
    }

    /** The one that is left might be cut off and so stands still; who sees that the others are gone lets it go on. */
    @Test
    @Order(3)
    void ofTwoNodesKilledAtOnceNothingIsLost() throws Exception {
        surely("POST", "/api/bakes/" + BAKE + "/taps", tap());
        Kitchen.cut(pid("node1/run/db"));
        Kitchen.cut(pid("node2/run/db"));
        kitchen.olla("cluster", "start");
        assertThat(status(3, "wsrep_cluster_size")).isEqualTo(3);
        surely("POST", "/api/bakes/" + BAKE + "/taps", tap());
        allTapsAreThereOnce();
    }

    /** All of it at once, as when the power goes: the node that had got furthest begins. */
    @Test
    @Order(4)
    void afterAPowerCutAllOfItIsThere() throws Exception {
        surely("POST", "/api/bakes/" + BAKE + "/taps", tap());
        for (String which : new String[] {
            "node2/run/db", "node3/run/db", "node1/run/db", "instance1/run/app", "instance2/run/app", "run/proxy"
        }) {
            Kitchen.cut(pid(which));
        }
        kitchen.olla("cluster", "start");
        assertThat(status(2, "wsrep_cluster_size")).isEqualTo(3);
        allTapsAreThereOnce();

        Path file = kitchen.folder().resolve("rows.sql");
        kitchen.olla("cluster", "backup", file.toString());
        assertThat(Files.readString(file)).contains(TAPS.get(0).toString(), "Dump completed");
        assertThat(kitchen.attempt(Map.of(), "cluster", "status").said()).doesNotContain("stopped");
    }
}
