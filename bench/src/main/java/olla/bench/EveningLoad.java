package olla.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Plans many evenings, ticks a step of each at the same moment, and measures how long it takes until the sheet that follows is
 * answered. Run as {@code java bench/src/main/java/olla/bench/EveningLoad.java PORT EVENINGS} against {@code ./olla demo}; loopback only,
 * takes back what it has written, and ends by itself.
 */
public final class EveningLoad {

    /* How long the plans before are waited for. */
    private static final Duration PLANNED = Duration.ofMinutes(10);

    /* A screen hears of what has changed four times a second. */
    private static final long LOOKS_MS = 250;

    private static final String FISH = """
            {"key": "hake", "title": "Hake", "question":
              {"piece": {"species": "hake", "cut": "PORTION", "thicknessMm": %d}, "dress": {"kind": "OPEN_TRAY"},
               "oven": {"kind": "STILL"}, "programme": [{"stage": "BAKE", "tempC": 220}, {"stage": "REST", "minutes": 4}],
               "usual": true, "doneness": "FLAKES", "pieces": 6}}
            """;
    private static final String EVENING = """
            {"name": "Load %d", "serveAt": "%s", "guests": 6, "fish": [%s], "sides": [
              {"key": "potatoes", "title": "Potatoes", "where": "OVEN", "prepareMin": 8, "cookMin": 45, "dialC": 200, "giveC": 20,
               "finishMin": 1, "waitsMin": 20},
              {"key": "rice", "title": "Rice", "where": "HOB", "prepareMin": 2, "cookMin": 18, "finishMin": 1, "waitsMin": 20},
              {"key": "salad", "title": "Salad", "where": "COLD", "prepareMin": 8, "cookMin": 0,
               "finishMin": 2, "waitsMin": 20}],
             "ovens": [{"ovenId": 1, "shelves": 2}], "burners": 4, "hands": [{"name": "cook"}]}
            """;

    private final int port;
    private final HttpClient http = HttpClient.newHttpClient();

    private EveningLoad(int port) {
        this.port = port;
    }

    /** @param args the port and how many evenings */
    public static void main(String[] args) throws Exception {
        new EveningLoad(Integer.parseInt(args[0])).run(Integer.parseInt(args[1]));
    }

    private void run(int count) throws Exception {
        List<UUID> evenings = new ArrayList<>();
        ExecutorService kitchens = Executors.newFixedThreadPool(count);
        try {
            Instant serveAt = Instant.now().plus(Duration.ofHours(3));
            for (int i = 0; i < count; i++) {
                UUID id = UUID.randomUUID();
                evenings.add(id);
                ask("PUT", "/api/evenings/" + id, EVENING.formatted(i, serveAt, FISH.formatted(20 + i % 8)));
            }
            long end = System.nanoTime() + PLANNED.toNanos();
            for (UUID id : evenings) {
                while (!planned(ask("GET", "/api/evenings/" + id, "").body()) && System.nanoTime() < end) {
                    TimeUnit.MILLISECONDS.sleep(500);
                }
            }
            CountDownLatch now = new CountDownLatch(1);
            List<Future<Double>> took = new ArrayList<>();
            for (UUID id : evenings) {
                took.add(kitchens.submit(() -> {
                    now.await();
                    return tick(id);
                }));
            }
            now.countDown();
            List<Double> ms = new ArrayList<>();
            for (Future<Double> one : took) {
                ms.add(one.get());
            }
            Collections.sort(ms);
            System.out.printf(
                    "%d evenings ticked at once: half within %.0f ms, 95 %% within %.0f ms, all within %.0f ms%n",
                    count, ms.get(count / 2), ms.get((int) (0.95 * (count - 1))), ms.get(count - 1));
        } finally {
            kitchens.shutdownNow();
            for (UUID id : evenings) {
                ask("DELETE", "/api/evenings/" + id, "");
            }
        }
    }

    private static boolean planned(String view) {
        return view.contains("\"sheet\":") && view.contains("\"searching\":false");
    }

    private double tick(UUID id) throws Exception {
        long from = System.nanoTime();
        String move =
                "{\"id\": \"%s\", \"kind\": \"DONE\", \"step\": \"potatoes.PREPARE\"}".formatted(UUID.randomUUID());
        HttpResponse<String> answer = ask("POST", "/api/evenings/" + id + "/moves", move);
        String view = answer.body();
        while (!view.contains("\"sheet\":") || view.contains("\"key\":\"potatoes.PREPARE\"")) {
            TimeUnit.MILLISECONDS.sleep(LOOKS_MS);
            view = ask("GET", "/api/evenings/" + id, "").body();
        }
        return (System.nanoTime() - from) / 1e6;
    }

    private HttpResponse<String> ask(String method, String path, String body) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 400 && !method.equals("DELETE")) {
            throw new IllegalStateException(method + " " + path + ": " + answer.statusCode() + " " + answer.body());
        }
        return answer;
    }
}
