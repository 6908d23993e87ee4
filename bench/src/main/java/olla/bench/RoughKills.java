package olla.bench;

import java.io.IOException;
import java.io.OutputStream;
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
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Kills what a kitchen of one's own consists of again and again while cooks write to it, lets what watches over it bring it back, and looks
 * afterwards whether whatever was answered as stored is there, once. Whoever writes does as the screens do: one id for one intention, sent until
 * it is answered. Two cooks stand at the machine, keep the list of people and the devices' keys, and tick their steps of a run sheet; two
 * stand at tablets out on the network, with their PIN. {@code bench/kills.sh} starts and runs it. Loopback only; it ends by itself, with 1 where
 * something was lost, doubled or did not come back.
 *
 * <p>Arguments: the folder with the secrets (OLLA_VAR, of a cluster its {@code cluster}), the port, the network's port, a database's port, how
 * often, and what: {@code app}, {@code cluster}, {@code clock} with the file that says how far it goes wrong, or the folder of a disk that is filled. Of {@code app} application and
 * database are killed in turn; of {@code cluster} instances, nodes and the proxy. Where the clock goes back and forth, by minutes and hours, what is refused in words
 * counts as not stored, and whoever's time at a tablet is over by it says again who they are.
 */
public final class RoughKills {

    private static final int COOKS = 4;
    private static final int FRESH_MS = 800;
    private static final int AT_ANY_MOMENT_MS = 3_000;
    private static final Duration COMES_BACK = Duration.ofMinutes(3);
    private static final int FIRST_FAULT = 500;
    private static final int TOO_MANY = 429;
    private static final int NOBODY = 403;
    private static final String QUESTION = """
            {"piece":{"species":"hake","cut":"PORTION","thicknessMm":%d,"massG":160},
             "dress":{"kind":"OPEN_TRAY"}, "oven":{"kind":"STILL"},
             "programme":[{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}]}
            """;

    private static final List<String> OF_ONE = List.of("run/app.pid", "run/db.pid");
    private static final List<String> OF_MANY = List.of(
            "instance1/run/app.pid",
            "node1/run/db.pid",
            "instance2/run/app.pid",
            "node2/run/db.pid",
            "run/proxy.pid",
            "node3/run/db.pid");
    /* How far a clock is wrong, s. */
    private static final List<String> CLOCKS = List.of("+0", "+90", "-90", "+25200", "-25200");
    private static final String EVENING = """
            {"name": "Killed", "serveAt": "%s", "guests": 4, "burners": 2, "hands": [{"name": "cook"}],
             "fish": [{"key": "hake", "title": "Hake", "question": %s}], "sides": [], "ovens": [{"ovenId": 1, "shelves": 2}]}
            """;

    private final Path folder;
    private final int port;
    private final int networkPort;
    private final int databasePort;
    private final int kills;
    private final String what;
    private final Path clock;
    private final Path disk;
    private final Random random = new Random(1);
    private final Set<String> people = ConcurrentHashMap.newKeySet();
    private final Set<String> keys = ConcurrentHashMap.newKeySet();
    private final Set<String> moves = ConcurrentHashMap.newKeySet();
    private final Map<String, String> by = new ConcurrentHashMap<>();
    private final Set<String> bakes = ConcurrentHashMap.newKeySet();
    private final Set<String> taps = ConcurrentHashMap.newKeySet();
    private final Set<String> readings = ConcurrentHashMap.newKeySet();
    private final Map<String, String> notes = new ConcurrentHashMap<>();
    private final Set<String> sent = ConcurrentHashMap.newKeySet();
    private final Map<Integer, AtomicInteger> statuses = new ConcurrentHashMap<>();
    private final ConcurrentLinkedQueue<String> wrong = new ConcurrentLinkedQueue<>();
    private volatile boolean over;

    private RoughKills(String[] args) {
        folder = Path.of(args[0]);
        port = Integer.parseInt(args[1]);
        networkPort = Integer.parseInt(args[2]);
        databasePort = Integer.parseInt(args[3]);
        kills = Integer.parseInt(args[4]);
        what = args[5];
        disk = what.startsWith("/") ? Path.of(what) : null;
        clock = what.equals("clock") ? Path.of(args[6]) : null;
    }

    /** @param args as above */
    public static void main(String[] args) throws Exception {
        System.exit(new RoughKills(args).run() ? 0 : 1);
    }

    private boolean run() throws Exception {
        List<Thread> cooks = new ArrayList<>();
        Door machine = Door.machine(port);
        for (int c = 0; c < COOKS; c++) {
            UUID who = UUID.randomUUID();
            boolean outside = c >= COOKS / 2;
            Door door = outside
                    ? Door.network(
                            machine, networkPort, who, "Cook " + who.toString().substring(0, 8))
                    : Door.machine(port);
            String key = machine.surely(
                            "PUT", "/api/device-keys/" + UUID.randomUUID(), "{\"device\":\"kill-" + c + "\"}")
                    .text("key");
            int number = c;
            Thread cook = new Thread(() ->
                    cook(new Random(100 + number), door, outside ? who : null, door.device(key), "kill-" + number));
            cook.setDaemon(true);
            cook.start();
            cooks.add(cook);
        }
        Map<String, List<Double>> back = new TreeMap<>();
        List<String> all = what.equals("cluster") ? OF_MANY : OF_ONE;
        for (int i = 0; i < kills; i++) {
            String which = disk != null ? "disk" : clock != null ? "clock" : all.get(i % all.size());
            // Often while it is fresh, with all the cooks asking at once; else at any moment.
            TimeUnit.MILLISECONDS.sleep(random.nextInt(i % 4 < 2 ? FRESH_MS : AT_ANY_MOMENT_MS));
            if (disk != null) {
                fill();
            } else if (clock != null) {
                Files.writeString(clock, CLOCKS.get(random.nextInt(CLOCKS.size())));
                TimeUnit.SECONDS.sleep(2);
            } else {
                kill(which);
            }
            long since = System.nanoTime();
            if (!comesBack()) {
                wrong.add("nothing was stored again after trouble " + (i + 1) + " with the " + which);
                break;
            }
            back.computeIfAbsent(which, w -> new ArrayList<>()).add((System.nanoTime() - since) / 1e9);
            if (what.equals("cluster")) {
                whole();
            }
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

    /* Until all of it is there again: of three nodes that hold the same, one may be gone at a time. */
    private void whole() throws Exception {
        long end = System.nanoTime() + COMES_BACK.toNanos();
        List<Door> instances = List.of(Door.machine(port + 1), Door.machine(port + 2));
        while (!together() || !OF_MANY.stream().allMatch(this::alive) || !ready(instances)) {
            if (System.nanoTime() > end) {
                wrong.add("not all of the cluster came back");
                return;
            }
            TimeUnit.MILLISECONDS.sleep(200);
        }
    }

    private static boolean ready(List<Door> instances) throws InterruptedException {
        for (Door instance : instances) {
            if (!instance.ask("GET", "/actuator/health/readiness", null).good()) {
                return false;
            }
        }
        return true;
    }

    private boolean together() throws Exception {
        try {
            return rows("show status like 'wsrep_cluster_size'").toString().contains("3");
        } catch (IOException notYet) {
            return false;
        }
    }

    private boolean alive(String which) {
        try {
            return ProcessHandle.of(Long.parseLong(
                            Files.readString(folder.resolve(which)).strip()))
                    .isPresent();
        } catch (IOException | NumberFormatException notYet) {
            return false;
        }
    }

    private void kill(String which) throws Exception {
        Path file = folder.resolve(which);
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
        Door back = Door.machine(port);
        // What was killed may still answer for a moment.
        TimeUnit.MILLISECONDS.sleep(100);
        while (System.nanoTime() < end) {
            String device = "back-" + UUID.randomUUID().toString().substring(0, 12);
            if (once(
                            back,
                            "POST",
                            "/api/readings",
                            reading(device, Instant.now().minusSeconds(1), 20))
                    .good()) {
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
    private void cook(Random chance, Door door, UUID who, Door device, String name) {
        try {
            String evening = UUID.randomUUID().toString();
            String fish = QUESTION.formatted(21);
            send(
                    door,
                    "PUT",
                    "/api/evenings/" + evening,
                    EVENING.formatted(Instant.now().plus(3, ChronoUnit.HOURS), fish));
            for (int turn = 0; !over; turn++) {
                if (who == null) {
                    String person = UUID.randomUUID().toString();
                    store(
                            door,
                            people,
                            person,
                            "PUT",
                            "/api/people/" + person,
                            "{\"name\":\"Killed " + person + "\",\"role\":\"COOK\",\"pin\":\"1234\"}");
                    send(door, "DELETE", "/api/people/" + person, null);
                    String key = UUID.randomUUID().toString();
                    store(door, keys, key, "PUT", "/api/device-keys/" + key, "{\"device\":\"killed\"}");
                    send(door, "DELETE", "/api/device-keys/" + key, null);
                    keys.remove(key);
                } else if (turn % 4 == 3) {
                    // Goes, and comes again: whoever is killed meanwhile has not forgotten the tablet.
                    send(door, "DELETE", "/api/me/person", null);
                    send(door, "PUT", "/api/me/person", "{\"person\":\"" + who + "\",\"pin\":\"4711\"}");
                }
                String bake = UUID.randomUUID().toString();
                String question = QUESTION.formatted(20 + chance.nextInt(4));
                store(
                        door,
                        bakes,
                        bake,
                        "POST",
                        "/api/bakes",
                        "{\"id\":\"" + bake + "\",\"title\":\"Killed\",\"ovenId\":1,\"question\":" + question + "}");
                tap(door, who, bake, "\"kind\":\"DOOR\",\"number\":20");
                tap(door, who, bake, "\"kind\":\"CUE\",\"cue\":\"GLASSY\"");
                readings(chance, device, name);
                move(door, evening);
                tap(door, who, bake, "\"kind\":\"OUT\"");
                String note = "note " + chance.nextInt(1_000_000);
                if (send(
                        door,
                        "PUT",
                        "/api/bakes/" + bake + "/verdict",
                        "{\"verdict\":\"RIGHT\",\"note\":\"" + note + "\"}")) {
                    notes.put(bake, note);
                }
                tap(door, who, bake, "\"kind\":\"CHILLED\"");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void tap(Door door, UUID who, String bake, String tap) throws InterruptedException {
        String id = UUID.randomUUID().toString();
        store(door, taps, id, "POST", "/api/bakes/" + bake + "/taps", "{\"id\":\"" + id + "\"," + tap + "}");
        if (who != null && taps.contains(id)) {
            by.put(id, who.toString());
        }
    }

    private void move(Door door, String evening) throws InterruptedException {
        String id = UUID.randomUUID().toString();
        store(
                door,
                moves,
                id,
                "POST",
                "/api/evenings/" + evening + "/moves",
                "{\"id\":\"" + id + "\",\"kind\":\"DONE\",\"step\":\"hake.PREPARE\"}");
    }

    /* What was not taken is said in the answer, line by line. */
    private void readings(Random chance, Door device, String name) throws InterruptedException {
        Instant at = Instant.now().minusSeconds(1).truncatedTo(ChronoUnit.MILLIS);
        String id = name + " " + at.toEpochMilli();
        sent.add(id);
        answered(device, "POST", "/api/readings", reading(name, at, 20 + chance.nextInt(30)))
                .filter(answer -> answer.body().contains("\"refused\":[]"))
                .ifPresent(answer -> readings.add(id));
    }

    private void store(Door door, Set<String> answered, String id, String method, String path, String body)
            throws InterruptedException {
        sent.add(id);
        if (send(door, method, path, body)) {
            answered.add(id);
        }
    }

    private boolean send(Door door, String method, String path, String body) throws InterruptedException {
        return answered(door, method, path, body).filter(Door.Answer::good).isPresent();
    }

    /* The same again until it is answered, as a screen does; at the end of all this too, so that nothing is left open. */
    private Optional<Door.Answer> answered(Door door, String method, String path, String body)
            throws InterruptedException {
        while (true) {
            Door.Answer answer = once(door, method, path, body);
            if (answer.good()) {
                return Optional.of(answer);
            }
            if (answer.status() == NOBODY && clock != null && door.signsIn()) {
                // Since the clock went on, their time there is over.
                continue;
            }
            if (answer.status() != 0 && answer.status() < FIRST_FAULT && answer.status() != TOO_MANY) {
                if (clock == null) {
                    wrong.add(method + " " + path + " answered " + answer + ": " + body);
                }
                return Optional.empty();
            }
            TimeUnit.MILLISECONDS.sleep(300);
        }
    }

    private Door.Answer once(Door door, String method, String path, String body) throws InterruptedException {
        Door.Answer answer = door.ask(method, path, body);
        statuses.computeIfAbsent(answer.status(), s -> new AtomicInteger()).incrementAndGet();
        return answer;
    }

    private void look() throws Exception {
        lost("bakes", bakes, rows("select id from bake where title = 'Killed'"));
        lost("taps", taps, rows("select id from tap where bake_id in (select id from bake where title = 'Killed')"));
        lost(
                "readings",
                readings,
                rows(
                        "select concat(device, ' ', round(unix_timestamp(at) * 1000)) from reading where device like 'kill-%'"));
        lost("people", people, rows("select id from person where name like 'Killed %'"));
        lost(
                "moves",
                moves,
                rows("select m.id from evening_move m join evening e on e.id = m.evening_id where e.name = 'Killed'"));
        lost("keys that are good", keys, rows("select id from device_key where device = 'killed'"));
        Set<String> doneBy = Set.copyOf(rows("select concat(id, ' ', person_id) from tap where person_id is not null"));
        by.forEach((tap, who) -> {
            if (!doneBy.contains(tap + " " + who)) {
                wrong.add("nobody knows who made a tap: " + tap);
            }
        });
        System.out.printf("%d taps by somebody at a tablet%n", by.size());
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
