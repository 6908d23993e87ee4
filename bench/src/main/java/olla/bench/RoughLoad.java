package olla.bench;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Asks a kitchen of one's own for far more than it can do, and measures how long a tap and the clock take meanwhile: forty who ask
 * how sure it is, for alternatives, trays and what is inside; forty screens that never read; two hundred and thirty bodies that stop
 * half way. Run as {@code java bench/src/main/java/olla/bench/RoughLoad.java PORT SECONDS} against {@code ./olla demo}; loopback only, and
 * it ends by itself.
 */
public final class RoughLoad {

    private static final int ASKERS = 40;
    private static final int STALLED_SCREENS = 40;
    private static final int HALF_BODIES = 230;
    /* Whoever is told so asks again in a second, as our own screens do. */
    private static final int TOO_MANY = 429;
    private static final int BUSY = 503;
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final String QUESTION = """
            {"piece":{"species":"hake","cut":"PORTION","thicknessMm":%d,"massG":160},
             "dress":{"kind":"OPEN_TRAY"}, "oven":{"kind":"STILL"},
             "programme":[{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}]}
            """;

    private final int port;
    private final long end;
    private final HttpClient http = HttpClient.newHttpClient();
    private final Map<String, List<Double>> took = new ConcurrentHashMap<>();
    private final Map<String, Map<Integer, AtomicInteger>> answered = new ConcurrentHashMap<>();

    private RoughLoad(int port, int seconds) {
        this.port = port;
        this.end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
    }

    /** @param args the port and for how many seconds */
    public static void main(String[] args) throws Exception {
        new RoughLoad(Integer.parseInt(args[0]), Integer.parseInt(args[1])).run();
    }

    private void run() throws Exception {
        String bake = UUID.randomUUID().toString();
        String question = QUESTION.formatted(26);
        ask(
                "put in",
                "POST",
                "/api/bakes",
                "{\"id\":\"" + bake + "\",\"title\":\"Load\",\"ovenId\":1,\"question\":" + question + "}");
        List<Thread> all = new ArrayList<>();
        all.add(begin(() -> tapAndLook(bake, "idle")));
        TimeUnit.SECONDS.sleep(5);
        all.get(0).interrupt();
        all.get(0).join();
        all.clear();
        List<Socket> held = new ArrayList<>();
        for (int i = 0; i < STALLED_SCREENS; i++) {
            held.add(say("GET /api/bakes/stream HTTP/1.1\r\nHost: localhost\r\nAccept: text/event-stream\r\n\r\n"));
        }
        for (int i = 0; i < ASKERS; i++) {
            int which = i;
            all.add(begin(() -> askOn(bake, which)));
        }
        all.add(begin(() -> halfBodies(held)));
        all.add(begin(() -> tapAndLook(bake, "under load")));
        for (Thread thread : all) {
            thread.join();
        }
        for (Socket socket : held) {
            socket.close();
        }
        new TreeMap<>(took).forEach((what, times) -> {
            List<Double> sorted = new ArrayList<>(times);
            Collections.sort(sorted);
            System.out.printf(
                    "%-28s %6d, median %5.0f ms, 95 of 100 %5.0f ms, slowest %5.0f ms, %s%n",
                    what,
                    sorted.size(),
                    sorted.get(sorted.size() / 2),
                    sorted.get((int) (0.95 * (sorted.size() - 1))),
                    sorted.get(sorted.size() - 1),
                    answered.get(what));
        });
    }

    private interface Work {
        void go() throws Exception;
    }

    private static Thread begin(Work work) {
        Thread thread = new Thread(() -> {
            try {
                work.go();
            } catch (InterruptedException over) {
                Thread.currentThread().interrupt();
            } catch (Exception failed) {
                System.out.println("ended early: " + failed);
            }
        });
        thread.start();
        return thread;
    }

    private boolean on() {
        return System.nanoTime() < end && !Thread.currentThread().isInterrupted();
    }

    private void tapAndLook(String bake, String when) throws Exception {
        for (int i = 0; on(); i++) {
            ask(
                    "tap, " + when,
                    "POST",
                    "/api/bakes/" + bake + "/taps",
                    "{\"id\":\"" + UUID.randomUUID() + "\",\"kind\":\"DIAL\",\"celsius\":" + (200 + i % 40) + "}");
            ask("running bakes, " + when, "GET", "/api/bakes", null);
            TimeUnit.MILLISECONDS.sleep(100);
        }
    }

    private void askOn(String bake, int which) throws Exception {
        for (int i = 0; on(); i++) {
            String question = QUESTION.formatted(15 + (which * 7 + i) % 40);
            switch (which % 4) {
                case 0 -> ask("certainty", "POST", "/api/certainty", "{\"question\":" + question + "}");
                case 1 -> ask("alternatives", "POST", "/api/alternatives", question);
                case 2 -> ask("trays", "POST", "/api/trays", "{\"dishes\":[" + question + "," + question + "]}");
                default -> ask("inside", "GET", "/api/bakes/" + bake + "/inside", null);
            }
        }
    }

    private void halfBodies(List<Socket> held) throws Exception {
        while (on()) {
            for (int i = 0; i < HALF_BODIES; i++) {
                held.add(say("POST /api/estimates HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                        + "Content-Length: 400\r\n\r\n{\"piece\":"));
            }
            TimeUnit.SECONDS.sleep(5);
        }
    }

    private Socket say(String what) throws IOException {
        Socket socket = new Socket(InetAddress.getLoopbackAddress(), port);
        socket.getOutputStream().write(what.getBytes(StandardCharsets.US_ASCII));
        return socket;
    }

    private void ask(String what, String method, String path, String body) throws InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(PATIENCE)
                .header("content-type", "application/json")
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body))
                .build();
        long before = System.nanoTime();
        int status = 0;
        try {
            status = http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
        } catch (IOException lost) {
            // Counted as 0.
        }
        took.computeIfAbsent(what, w -> Collections.synchronizedList(new ArrayList<>()))
                .add((System.nanoTime() - before) / 1e6);
        answered.computeIfAbsent(what, w -> new ConcurrentHashMap<>())
                .computeIfAbsent(status, s -> new AtomicInteger())
                .incrementAndGet();
        if (status == TOO_MANY || status == BUSY) {
            TimeUnit.SECONDS.sleep(1);
        }
    }
}
