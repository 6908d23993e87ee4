package olla.server.load;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.DoubleStream;
import olla.server.Started;
import olla.server.Wire;
import olla.server.Wire.Reply;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A kitchen of which more is asked than it has hands for: taps and clocks go on, and who has to wait is told so. */
@Started(
        schema = "load",
        settings = {"olla.screens.most-each=48", "olla.taps.patience=1ms"},
        with = LoadTest.Endless.class)
class LoadTest {

    private static final String QUESTION = """
            {"piece":{"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160},
             "dress":{"kind":"OPEN_TRAY"}, "oven":{"kind":"STILL"},
             "programme":[{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}]}
            """;
    private static final String JSON = "Host: localhost\nContent-Type: application/json\n";

    /** Work that ends only where it is given up. */
    @RestController
    static class Endless {

        private final Reckoner reckoner;
        private volatile CountDownLatch begun = new CountDownLatch(1);
        private volatile CountDownLatch givenUp = new CountDownLatch(1);

        Endless(Reckoner reckoner) {
            this.reckoner = reckoner;
        }

        /** Lines that stand still after some kilobytes and not after some megabytes. */
        @Bean
        WebServerFactoryCustomizer<TomcatServletWebServerFactory> narrowLines() {
            return factory ->
                    factory.addConnectorCustomizers(connector -> connector.setProperty("socket.txBufSize", "16384"));
        }

        @GetMapping("/test/endless")
        String get() {
            return work();
        }

        @PostMapping("/test/endless")
        String post(@RequestBody String body) {
            return work();
        }

        private String work() {
            return reckoner.reckonLong(() -> {
                begun.countDown();
                try {
                    Thread.sleep(TimeUnit.MINUTES.toMillis(2));
                    return "never";
                } catch (InterruptedException stopped) {
                    givenUp.countDown();
                    return "given up";
                }
            });
        }
    }

    @Value("${local.server.port}")
    private int port;

    @Autowired
    private Endless endless;

    @Autowired
    private TapsFirst taps;

    private final List<Socket> lines = new ArrayList<>();
    private Wire wire;
    private Wire other;

    @BeforeEach
    void wires() {
        wire = new Wire(port);
        other = new Wire(port, "127.0.0.2");
        endless.begun = new CountDownLatch(1);
        endless.givenUp = new CountDownLatch(1);
    }

    @AfterEach
    void hangUp() throws IOException {
        for (Socket line : lines) {
            line.close();
        }
    }

    private Socket begin(Wire from, String head, String body, int length) throws IOException {
        Socket line = from.begin(head, body.getBytes(StandardCharsets.UTF_8), length);
        lines.add(line);
        return line;
    }

    private UUID putIn() throws IOException {
        UUID id = UUID.randomUUID();
        Reply in = wire.say(
                "POST /api/bakes HTTP/1.1\n" + JSON,
                "{\"id\":\"" + id + "\",\"title\":\"Hake\",\"ovenId\":1,\"question\":" + QUESTION + "}");
        assertThat(in.status()).as(in.body()).isEqualTo(201);
        return id;
    }

    private Reply tap(UUID bake, String kind, String more) throws IOException {
        return tap(bake, UUID.randomUUID(), kind, more);
    }

    private Reply tap(UUID bake, UUID id, String kind, String more) throws IOException {
        return wire.say(
                "POST /api/bakes/" + bake + "/taps HTTP/1.1\n" + JSON,
                "{\"id\":\"" + id + "\",\"kind\":\"" + kind + "\"" + more + "}");
    }

    /** Each used to hold a thread until it had waited for the rest; there are two hundred. */
    @Test
    void bodiesThatStopHalfWayHoldUpNobody() throws IOException {
        UUID bake = putIn();
        for (int i = 0; i < 230; i++) {
            begin(wire, "POST /api/estimates HTTP/1.1\n" + JSON, "{\"piece\":", 400);
        }

        assertThat(tap(bake, "OUT", "").status()).isEqualTo(200);
        assertThat(wire.say("GET /api/bakes HTTP/1.1\nHost: localhost\n", "").status())
                .isEqualTo(200);
        Reply end = Wire.heard(lines.get(0));
        assertThat(end.status()).isEqualTo(408);
        assertThat(end.isProblem()).isTrue();
    }

    @Test
    void aBodyInPiecesIsReadWhole() throws Exception {
        Socket line = begin(wire, "POST /api/estimates HTTP/1.1\n" + JSON, "", QUESTION.length());
        for (int from = 0; from < QUESTION.length(); from += 50) {
            line.getOutputStream()
                    .write(QUESTION.substring(from, Math.min(QUESTION.length(), from + 50))
                            .getBytes(StandardCharsets.UTF_8));
            line.getOutputStream().flush();
            Thread.sleep(5);
        }

        assertThat(Wire.heard(line).status()).isEqualTo(200);
    }

    @Test
    void aBodyWithoutALengthIsBoundedToo() throws IOException {
        String chunk = "fa0\r\n" + " ".repeat(0xfa0) + "\r\n";
        Socket line = begin(wire, "POST /api/estimates HTTP/1.1\n" + JSON + "Transfer-Encoding: chunked\n", chunk, 0);
        try {
            for (int i = 0; i < 20; i++) {
                line.getOutputStream().write(chunk.getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException hungUp) {
            // It has heard enough.
        }

        assertThat(Wire.heard(line).status()).isEqualTo(413);
    }

    /** What is held of bodies is bounded, and free again once they are answered. */
    @Test
    void whatWasTakenInIsGivenBack() throws IOException {
        String large = " ".repeat(60_000) + "{}";
        for (int i = 0; i < 500; i++) {
            assertThat(wire.say("POST /api/shopping HTTP/1.1\n" + JSON, large).status())
                    .isEqualTo(400);
        }
    }

    @Test
    void whatNobodyWaitsForIsGivenUp() throws Exception {
        for (String method : new String[] {"GET", "POST"}) {
            endless.begun = new CountDownLatch(1);
            endless.givenUp = new CountDownLatch(1);
            String body = method.equals("GET") ? "" : "{}";
            Socket line = begin(wire, method + " /test/endless HTTP/1.1\n" + JSON, body, body.length());
            assertThat(endless.begun.await(20, TimeUnit.SECONDS)).isTrue();

            line.close();

            assertThat(endless.givenUp.await(10, TimeUnit.SECONDS)).as(method).isTrue();
        }
    }

    /** A tap is answered when it is stored; what follows from it takes longer, and the stream tells it. */
    @Test
    void aTapIsAnsweredBeforeWhatFollowsFromItIsKnown() throws Exception {
        UUID bake = putIn();
        Socket reads = begin(other, "GET /api/bakes/stream HTTP/1.1\nHost: localhost\n", "", 0);
        hear(reads, told -> told.contains(bake.toString()));

        double answered =
                likely(tap(bake, "DIAL", ",\"celsius\":150").body()).max().orElseThrow();

        hear(reads, told -> likely(told).anyMatch(later -> later > answered + 2));
    }

    private static DoubleStream likely(String told) {
        return Pattern.compile("\"window\":\\{[^}]*\"likelyMin\":([0-9.]+)")
                .matcher(told)
                .results()
                .mapToDouble(window -> Double.parseDouble(window.group(1)));
    }

    /** While somebody waits for a tap's answer nothing that takes long is begun; and it is not put off for ever. */
    @Test
    void whatTakesLongIsBegunAfterTheTaps() throws Exception {
        taps.begin();
        try {
            begin(wire, "GET /test/endless HTTP/1.1\nHost: localhost\n", "", 0);
            assertThat(endless.begun.await(1, TimeUnit.SECONDS)).isFalse();
        } finally {
            taps.end();
        }
        assertThat(endless.begun.await(20, TimeUnit.SECONDS)).isTrue();
        hangUp();
        assertThat(endless.givenUp.await(10, TimeUnit.SECONDS)).isTrue();

        endless.begun = new CountDownLatch(1);
        taps.begin();
        try {
            begin(wire, "GET /test/endless HTTP/1.1\nHost: localhost\n", "", 0);
            assertThat(endless.begun.await(20, TimeUnit.SECONDS)).isTrue();
        } finally {
            taps.end();
        }
    }

    @Test
    void whoAsksForTooMuchAtOnceIsToldSoAndNobodyElseIs() throws Exception {
        UUID bake = putIn();
        ExecutorService askers = Executors.newFixedThreadPool(81);
        CountDownLatch refused = new CountDownLatch(30);
        String asked = "{\"question\":" + QUESTION + "}";
        try {
            // Whoever has the seat keeps it until enough have been refused: on a quick machine all would have been
            // answered.
            Socket seated = begin(new Wire(port, "127.0.0.3"), "GET /test/endless HTTP/1.1\nHost: localhost\n", "", 0);
            assertThat(endless.begun.await(20, TimeUnit.SECONDS)).isTrue();
            List<Future<Reply>> answers = new ArrayList<>();
            for (int i = 0; i < 80; i++) {
                answers.add(askers.submit(() -> {
                    Reply reply = wire.say("POST /api/certainty HTTP/1.1\n" + JSON, asked);
                    if (reply.status() == 429) {
                        refused.countDown();
                    }
                    return reply;
                }));
            }
            Future<Reply> others = askers.submit(() -> other.say("POST /api/certainty HTTP/1.1\n" + JSON, asked));
            Reply tapped = tap(bake, "DIAL", ",\"celsius\":220");
            assertThat(refused.await(20, TimeUnit.SECONDS)).isTrue();
            seated.close();
            TreeMap<Integer, Integer> how = new TreeMap<>();
            for (Future<Reply> answer : answers) {
                Reply reply = answer.get(60, TimeUnit.SECONDS);
                how.merge(reply.status(), 1, Integer::sum);
                if (reply.status() != 200) {
                    assertThat(reply.isProblem()).isTrue();
                    assertThat(reply.headers()).containsKey("retry-after");
                }
            }
            assertThat(others.get(60, TimeUnit.SECONDS).status()).isEqualTo(200);
            assertThat(tapped.status()).as(tapped.body()).isEqualTo(200);
            assertThat(how).containsKeys(200, 429);
            assertThat(Set.of(200, 429, 503)).containsAll(how.keySet());
        } finally {
            askers.shutdownNow();
        }
    }

    @Test
    void screensThatNeverReadSilenceNoOther() throws Exception {
        List<UUID> bakes = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            bakes.add(putIn());
        }
        String follow = "GET /api/bakes/stream HTTP/1.1\nHost: localhost\nAccept: text/event-stream\n";
        for (int i = 0; i < 40; i++) {
            begin(wire, follow, "", 0);
        }
        Socket reads = begin(other, follow, "", 0);
        reads.setSoTimeout(15_000);
        long most = 0;
        for (int round = 0; round < 6; round++) {
            most = Math.max(most, stalled());
            UUID told = UUID.randomUUID();
            Reply stored = tap(bakes.get(round), told, "DIAL", ",\"celsius\":" + (150 + round));
            assertThat(stored.status()).as(stored.body()).isEqualTo(200);
            hear(reads, heard -> heard.contains(told.toString()));
        }

        assertThat(most).as("lines that stand still").isGreaterThan(12);
    }

    /* Until a line says so. */
    private static void hear(Socket line, Predicate<String> enough) throws IOException {
        StringBuilder heard = new StringBuilder();
        byte[] some = new byte[65536];
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
        while (!enough.test(heard.toString())) {
            assertThat(System.nanoTime())
                    .as("it is told; the last that was: %s", heard.substring(Math.max(0, heard.length() - 400)))
                    .isLessThan(end);
            int read = line.getInputStream().read(some);
            assertThat(read).as("the line goes on").isPositive();
            heard.append(new String(some, 0, read, StandardCharsets.UTF_8));
        }
    }

    private static long stalled() {
        return Thread.getAllStackTraces().entrySet().stream()
                .filter(e -> e.getKey().getName().startsWith("stream-sender"))
                .filter(e -> List.of(e.getValue()).stream()
                        .anyMatch(f -> f.getMethodName().startsWith("doWrite")))
                .count();
    }

    @Test
    void oneAskerHasScreensEnoughAndLeavesRoomForOthers() throws Exception {
        String follow = "GET /api/bakes/stream HTTP/1.1\nHost: localhost\nAccept: text/event-stream\n";
        String refused = null;
        for (int i = 0; i < 100 && refused == null; i++) {
            Socket line = begin(wire, follow, "", 0);
            if (!follows(line)) {
                refused = new String(line.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            }
        }
        assertThat(refused).contains("Retry-After: 1", "application/problem+json", "Close one of them");
        Socket elsewhere = begin(other, follow, "", 0);
        assertThat(follows(elsewhere)).isTrue();

        hangUp();
        lines.clear();

        // Whoever has left makes room, as soon as it is noticed.
        boolean room = false;
        for (int i = 0; i < 100 && !room; i++) {
            Socket line = begin(wire, follow, "", 0);
            room = follows(line);
            Thread.sleep(100);
        }
        assertThat(room).isTrue();
    }

    private static boolean follows(Socket line) throws IOException {
        return new String(line.getInputStream().readNBytes(12), StandardCharsets.UTF_8).equals("HTTP/1.1 200");
    }
}
