package olla.bench;

import java.io.IOException;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Kills application and database of a kitchen of one's own again and again while cooks write to it, lets what watches over both bring
 * them back, and looks afterwards whether whatever was answered as stored is there, once. Whoever writes does as the screens do: one id
 * for one intention, sent until it is answered. Run as {@code java bench/src/main/java/olla/bench/RoughKills.java VAR PORT DB_PORT KILLS}
 * against {@code ./olla start}, with its OLLA_VAR; with a folder on the database's disk as a fifth word that disk is filled to its end so
 * many times instead, for some seconds each (bench/full-disk.sh gives it a small one). Loopback only; it ends by itself, with 1 where
 * something was lost, doubled or did not come back.
 */
public final class RoughKills {

    private static final int COOKS = 4;
    private static final int FRESH_MS = 800;
    private static final int AT_ANY_MOMENT_MS = 3_000;
    private static final Duration PATIENCE = Duration.ofSeconds(15);
    private static final Duration COMES_BACK = Duration.ofMinutes(3);
    private static final int FIRST_FAULT = 500;
    private static final int TOO_MANY = 429;
    private static final String QUESTION = """
            {"piece":{"species":"hake","cut":"PORTION","thicknessMm":%d,"massG":160},
             "dress":{"kind":"OPEN_TRAY"}, "oven":{"kind":"STILL"},
             "programme":[{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}]}
            """;

    private final Path folder;
    private final int port;
    private final int databasePort;
    private final int kills;
    private final Path disk;
    private final Random random = new Random(1);
    private final HttpClient http = HttpClient.newHttpClient();
    private final Set<String> bakes = ConcurrentHashMap.newKeySet();
    private final Set<String> taps = ConcurrentHashMap.newKeySet();
    private final Set<String> readings = ConcurrentHashMap.newKeySet();
    private final Map<String, String> notes = new ConcurrentHashMap<>();
    private final Set<String> sent = ConcurrentHashMap.newKeySet();
    private final Map<Integer, AtomicInteger> statuses = new ConcurrentHashMap<>();
    private final ConcurrentLinkedQueue<String> wrong = new ConcurrentLinkedQueue<>();
    private volatile boolean over;

    private RoughKills(Path folder, int port, int databasePort, int kills, Path disk) {
        this.folder = folder;
        this.port = port;
        this.databasePort = databasePort;
        this.kills = kills;
        this.disk = disk;
    }

    /** @param args OLLA_VAR, the port, the database's port, how often, and the folder where it is a disk that is filled */
    public static void main(String[] args) throws Exception {
        boolean whole = new RoughKills(
                        Path.of(args[0]),
                        Integer.parseInt(args[1]),
                        Integer.parseInt(args[2]),
                        Integer.parseInt(args[3]),
                        args.length > 4 ? Path.of(args[4]) : null)
                .run();
        System.exit(whole ? 0 : 1);
    }

    private boolean run() throws Exception {
        List<Thread> cooks = new ArrayList<>();
        for (int c = 0; c < COOKS; c++) {
            int seed = c;
            Thread cook = new Thread(() -> cook(new Random(100 + seed)));
            cook.setDaemon(true);
            cook.start();
            cooks.add(cook);
        }
        Map<String, List<Double>> back = new TreeMap<>();
        for (int i = 0; i < (disk == null ? 2 : 1) * kills; i++) {
            String which = disk != null ? "disk" : i % 2 == 0 ? "app" : "db";
            // Often while it is fresh, with all the cooks asking at once; else at any moment.
            TimeUnit.MILLISECONDS.sleep(random.nextInt(i % 4 < 2 ? FRESH_MS : AT_ANY_MOMENT_MS));
            if (disk == null) {
                kill(which);
            } else {
                fill();
            }
            long since = System.nanoTime();
            if (!comesBack()) {
                wrong.add("nothing was stored again after trouble " + (i + 1) + " with the " + which);
                break;
            }
            back.computeIfAbsent(which, w -> new ArrayList<>()).add((System.nanoTime() - since) / 1e9);
        }
        over = true;
        for (Thread cook : cooks) {
            cook.join();
        }
        back.forEach((which, seconds) -> {
            Collections.sort(seconds);
            System.out.printf(
                    "trouble with the %s, %d times: stored again after %.1f s (median), %.1f s (slowest)%n",
                    which, seconds.size(), seconds.get(seconds.size() / 2), seconds.get(seconds.size() - 1));
        });
        System.out.printf("all answers: %s%n", new TreeMap<>(statuses));
        look();
        wrong.forEach(System.out::println);
        return wrong.isEmpty();
    }

    private void kill(String which) throws Exception {
        Path file = folder.resolve("run/" + which + ".pid");
        // What was killed on its way back may be begun anew just now.
        for (int i = 0; !Files.exists(file) && i < 600; i++) {
            TimeUnit.MILLISECONDS.sleep(100);
        }
        ProcessHandle.of(Long.parseLong(Files.readString(file).strip())).ifPresent(ProcessHandle::destroyForcibly);
    }

    /* To the last byte, at once, as another program would; for as long as nobody makes room. */
    private void fill() throws Exception {
        Path filler = disk.resolve("filler");
        byte[] block = new byte[1 << 16];
        try (OutputStream out = Files.newOutputStream(filler)) {
            for (int size = block.length; size > 0; size /= 2) {
                try {
                    while (true) {
                        out.write(block, 0, size);
                    }
                } catch (IOException full) {
                    // Then in smaller pieces.
                }
            }
        }
        TimeUnit.MILLISECONDS.sleep(AT_ANY_MOMENT_MS + random.nextInt(3 * AT_ANY_MOMENT_MS));
        System.out.printf("full, with answers so far: %s%n", new TreeMap<>(statuses));
        Files.delete(filler);
    }

    /* Until a reading that is asked for now is stored. */
    private boolean comesBack() throws InterruptedException {
        long end = System.nanoTime() + COMES_BACK.toNanos();
        // What was killed may still answer for a moment.
        TimeUnit.MILLISECONDS.sleep(100);
        while (System.nanoTime() < end) {
            String device = "back-" + UUID.randomUUID().toString().substring(0, 12);
            if (once("POST", "/api/readings", reading(device, Instant.now().minusSeconds(1), 20)) / 100 == 2) {
                return true;
            }
            TimeUnit.MILLISECONDS.sleep(50);
        }
        return false;
    }

    private static String reading(String device, Instant at, int celsius) {
        return "{\"readings\":[{\"device\":\"" + device + "\",\"channel\":\"TIP\",\"at\":\""
                + at.truncatedTo(ChronoUnit.MILLIS) + "\",\"celsius\":" + celsius + "}]}";
    }

    /* A fish goes in, is looked at and read, comes out, is judged and put away; then the next. */
    private void cook(Random chance) {
        try {
            while (!over) {
                String bake = UUID.randomUUID().toString();
                String question = QUESTION.formatted(20 + chance.nextInt(4));
                store(
                        bakes,
                        bake,
                        "POST",
                        "/api/bakes",
                        "{\"id\":\"" + bake + "\",\"title\":\"Killed\",\"ovenId\":1,\"question\":" + question + "}");
                tap(bake, "\"kind\":\"DOOR\",\"number\":20");
                tap(bake, "\"kind\":\"CUE\",\"cue\":\"GLASSY\"");
                readings(chance);
                tap(bake, "\"kind\":\"OUT\"");
                String note = "note " + chance.nextInt(1_000_000);
                if (send(
                        "PUT",
                        "/api/bakes/" + bake + "/verdict",
                        "{\"verdict\":\"RIGHT\",\"note\":\"" + note + "\"}")) {
                    notes.put(bake, note);
                }
                tap(bake, "\"kind\":\"CHILLED\"");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void tap(String bake, String what) throws InterruptedException {
        String id = UUID.randomUUID().toString();
        store(taps, id, "POST", "/api/bakes/" + bake + "/taps", "{\"id\":\"" + id + "\"," + what + "}");
    }

    private void readings(Random chance) throws InterruptedException {
        String device = "kill-" + UUID.randomUUID().toString().substring(0, 12);
        store(
                readings,
                device,
                "POST",
                "/api/readings",
                reading(device, Instant.now().minusSeconds(1), 20 + chance.nextInt(30)));
    }

    private void store(Set<String> answered, String id, String method, String path, String body)
            throws InterruptedException {
        sent.add(id);
        if (send(method, path, body)) {
            answered.add(id);
        }
    }

    /* The same again until it is answered, as a screen does; at the end of all this too, so that nothing is left open. */
    private boolean send(String method, String path, String body) throws InterruptedException {
        while (true) {
            int status = once(method, path, body);
            if (status / 100 == 2) {
                return true;
            }
            if (status != 0 && status < FIRST_FAULT && status != TOO_MANY) {
                wrong.add(method + " " + path + " answered " + status + ": " + body);
                return false;
            }
            TimeUnit.MILLISECONDS.sleep(300);
        }
    }

    private int once(String method, String path, String body) throws InterruptedException {
        HttpRequest.BodyPublisher content =
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body);
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(PATIENCE)
                .header("content-type", "application/json")
                .method(method, content)
                .build();
        int status = 0;
        try {
            status = http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
        } catch (IOException notAnswered) {
            // Counted as 0.
        }
        statuses.computeIfAbsent(status, s -> new AtomicInteger()).incrementAndGet();
        return status;
    }

    private void look() throws Exception {
        lost("bakes", bakes, rows("select id from bake where title = 'Killed'"));
        lost("taps", taps, rows("select id from tap where bake_id in (select id from bake where title = 'Killed')"));
        lost("readings", readings, rows("select device from reading where device like 'kill-%'"));
        Set<String> told =
                Set.copyOf(rows("select concat(id, ' ', note) from bake where title = 'Killed' and note is not null"));
        notes.forEach((bake, note) -> {
            if (!told.contains(bake + " " + note)) {
                wrong.add("a verdict is lost: " + bake + " " + note);
            }
        });
        System.out.printf("%d verdicts answered%n", notes.size());
    }

    private void lost(String what, Set<String> answered, List<String> stored) {
        Set<String> distinct = Set.copyOf(stored);
        long missing = answered.stream().filter(id -> !distinct.contains(id)).count();
        long foreign = distinct.stream().filter(id -> !sent.contains(id)).count();
        int doubled = stored.size() - distinct.size();
        System.out.printf(
                "%s: %d answered as stored, %d there, %d lost, %d doubled%n",
                what, answered.size(), stored.size(), missing, doubled);
        if (missing + foreign + doubled > 0) {
            wrong.add(what + " are not what was sent");
        }
    }

    private List<String> rows(String query) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(
                "mariadb",
                "--no-defaults",
                "-h",
                "127.0.0.1",
                "-P",
                String.valueOf(databasePort),
                "-u",
                "olla_owner",
                "-N",
                "olla",
                "-e",
                query);
        builder.environment()
                .put("MYSQL_PWD", Files.readString(folder.resolve("db.owner")).strip());
        Process process = builder.redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (process.waitFor() != 0) {
            throw new IOException(said);
        }
        return said.lines().toList();
    }
}
