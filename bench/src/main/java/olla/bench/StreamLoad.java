package olla.bench;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Queue;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Flow;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Many open screens follow many running bakes: how long from a tap until the screens have heard of it, and what it costs.
 * Every bake has a probe that pushes a reading each five seconds; a tap comes four times a second. Four bakes are a kitchen's, two in each of its ovens,
 * and its screens follow those. It talks to a running application on loopback only, takes back the bakes it put in, and ends by itself.
 *
 * <p>Arguments: port, screens, bakes, seconds, the process ids of the application with commas between them, and, where the screens come in by the
 * network's door, its port: each was let in then, is used by several hands, and somebody has said at it who they are.
 */
public final class StreamLoad {

    private static final Pattern TAP = Pattern.compile("\"id\":\"([0-9a-f-]{36})\",\"kind\":\"STEP\"");
    private static final long TAP_EVERY_MS = 250;
    private static final long READING_EVERY_MS = 5000;
    private static final long SETTLING_MS = 360_000;
    private static final double SETTLED_CORES = 0.9;
    private static final int TICKS_A_SECOND = 100;
    /* As many tablets as let-in screens of a kitchen. */
    private static final int EACH = 4;
    private static final String BAKE = """
            {"id": "%s", "title": "Load %d", "ovenId": %s, "at": "%s", "question": {
              "piece": {"species":"hake","cut":"PORTION","thicknessMm":%d,"massG":160},
              "dress": {"kind":"OPEN_TRAY"}, "oven": {"kind":"STILL"},
              "programme": [{"stage":"BAKE","tempC":200},{"stage":"REST","minutes":4}]}}
            """;

    /** One kitchen: its door on the machine, its ovens, its screens. */
    private record Kitchen(Door machine, List<String> ovens, List<Door> screens) {}

    private final int port;
    private final List<Kitchen> kitchens = new ArrayList<>();
    private final Map<String, Long> tapped = new ConcurrentHashMap<>();
    private final Queue<Long> delaysUs = new ConcurrentLinkedQueue<>();
    private final AtomicInteger connected = new AtomicInteger();
    private final AtomicInteger closed = new AtomicInteger();
    private final AtomicInteger bytes = new AtomicInteger();

    private StreamLoad(int port) {
        this.port = port;
    }

    public static void main(String[] args) throws Exception {
        List<Path> processes = Stream.of(args[4].split(","))
                .map(pid -> Path.of("/proc", pid, "stat"))
                .toList();
        StreamLoad load = new StreamLoad(Integer.parseInt(args[0]));
        int bakes = Integer.parseInt(args[2]);
        load.open(Integer.parseInt(args[1]), bakes / EACH, args.length > 5 ? Integer.parseInt(args[5]) : 0);
        load.run(bakes, Integer.parseInt(args[3]), processes);
        System.exit(0);
    }

    private void open(int screens, int count, int networkPort) throws Exception {
        Door first = Door.machine(port);
        for (int k = 0; k < count; k++) {
            String name = "Load " + UUID.randomUUID().toString().substring(0, 8);
            String id = first.surely("PUT", "/api/kitchens", "{\"name\":\"" + name + "\"}")
                    .body()
                    .replaceAll(".*\"id\":(\\d+).*", "$1");
            Door machine = Door.machine(port, Integer.parseInt(id));
            List<String> ovens = Pattern.compile("\"id\":(\\d+),\"name\"")
                    .matcher(machine.surely("GET", "/api/ovens", null).body())
                    .results()
                    .map(found -> found.group(1))
                    .toList();
            Kitchen kitchen = new Kitchen(machine, ovens, new ArrayList<>());
            for (int i = 0; i < screens / count; i++) {
                UUID who = UUID.randomUUID();
                kitchen.screens()
                        .add(
                                networkPort == 0
                                        ? machine
                                        : Door.network(
                                                machine,
                                                networkPort,
                                                who,
                                                "Cook " + who.toString().substring(0, 8)));
            }
            kitchens.add(kitchen);
            System.out.printf("%d kitchens are open%n", kitchens.size());
        }
    }

    private void run(int bakes, int seconds, List<Path> processes) throws Exception {
        List<String> ids = new ArrayList<>();
        List<Door> screens =
                kitchens.stream().flatMap(kitchen -> kitchen.screens().stream()).toList();
        Instant now = Instant.now();
        for (int i = 0; i < bakes; i++) {
            String id = UUID.randomUUID().toString();
            Instant in = now.minusSeconds(20 + 3L * i);
            Kitchen its = of(i);
            String oven = its.ovens().get(i / kitchens.size() % its.ovens().size());
            send(its.machine(), "POST", "/api/bakes", BAKE.formatted(id, i, oven, in, 24 + i % 8));
            send(
                    its.machine(),
                    "PUT",
                    "/api/bakes/" + id + "/probe",
                    "{\"device\": \"load-%d\", \"at\": \"%s\"}".formatted(i, in));
            ids.add(id);
        }
        screens.forEach(this::follow);
        while (connected.get() < screens.size()) {
            if (closed.get() > 0) {
                throw new IOException("the line of " + closed + " screens was closed: too many for one instance?");
            }
            Thread.sleep(50);
        }
        System.out.println("all screens follow");
        readings(now, bakes);
        settle(now, bakes, processes);
        long before = ticks(processes);
        bytes.set(0);
        long began = System.nanoTime();
        long nextReading = 0;
        int count = 0;
        for (long at = 0; at < 1000L * seconds; at = (System.nanoTime() - began) / 1_000_000) {
            if (at >= nextReading) {
                readings(now, bakes);
                nextReading += READING_EVERY_MS;
            }
            String tap = UUID.randomUUID().toString();
            tapped.put(tap, System.nanoTime());
            List<Door> theirs = of(count % bakes).screens();
            send(
                    theirs.get(count / kitchens.size() % theirs.size()),
                    "POST",
                    "/api/bakes/" + ids.get(count % bakes) + "/taps",
                    "{\"id\": \"%s\", \"kind\": \"STEP\", \"number\": 0}".formatted(tap));
            count++;
            Thread.sleep(Math.max(1, TAP_EVERY_MS * count - (System.nanoTime() - began) / 1_000_000));
        }
        double elapsed = (System.nanoTime() - began) / 1e9;
        double cpu = (ticks(processes) - before) / (double) TICKS_A_SECOND / elapsed;
        Thread.sleep(3000);
        long[] sorted = delaysUs.stream().mapToLong(Long::longValue).sorted().toArray();
        System.out.printf(
                Locale.ROOT,
                "%d screens of %d kitchens, %d bakes, %d taps in %.0f s: %d of %d heard; push delay median %.0f ms, 95th percentile %.0f ms,"
                        + " 99th %.0f ms, worst %.0f ms; %d lines closed; %.2f cores, %.1f MB/s%n",
                screens.size(),
                kitchens.size(),
                bakes,
                count,
                elapsed,
                sorted.length,
                (long) count * screens.size() / kitchens.size(),
                at(sorted, 0.5),
                at(sorted, 0.95),
                at(sorted, 0.99),
                at(sorted, 1),
                closed.get(),
                cpu,
                bytes.get() / 1024.0 / elapsed);
        for (int i = 0; i < bakes; i++) {
            String id = ids.get(i);
            send(of(i).machine(), "DELETE", "/api/bakes/" + id, null);
        }
    }

    /* The first reading of a bake lets its members be drawn, which takes minutes for so many that go in at one moment. */
    private void settle(Instant began, int bakes, List<Path> processes) throws Exception {
        long end = System.nanoTime() + SETTLING_MS * 1_000_000;
        double cores = Double.MAX_VALUE;
        while (cores > SETTLED_CORES && System.nanoTime() < end) {
            long before = ticks(processes);
            for (int i = 0; i < 4; i++) {
                readings(began, bakes);
                Thread.sleep(READING_EVERY_MS);
            }
            cores = (ticks(processes) - before) / (double) TICKS_A_SECOND / (4 * READING_EVERY_MS / 1000.0);
            System.out.printf(Locale.ROOT, "at %.2f cores%n", cores);
        }
    }

    private static double at(long[] sorted, double share) {
        return sorted.length == 0
                ? Double.NaN
                : sorted[(int) Math.min(sorted.length - 1, share * sorted.length)] / 1000.0;
    }

    private Kitchen of(int bake) {
        return kitchens.get(bake % kitchens.size());
    }

    /* A middle that warms as a portion's does. */
    private void readings(Instant began, int bakes) throws Exception {
        Instant now = Instant.now();
        for (int k = 0; k < kitchens.size(); k++) {
            StringBuilder lines = new StringBuilder();
            for (int i = k; i < bakes; i += kitchens.size()) {
                double minute = (java.time.Duration.between(began, now).toSeconds() + 20 + 3L * i) / 60.0;
                lines.append("load-%d,TIP,%s,%.1f,80%n".formatted(i, now, Math.min(58, 9 + 0.33 * minute * minute)));
            }
            Door machine = kitchens.get(k).machine();
            HttpResponse<String> answer = machine.client()
                    .send(
                            machine.request("/api/readings")
                                    .setHeader("content-type", "text/csv")
                                    .POST(HttpRequest.BodyPublishers.ofString(lines.toString()))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IOException(answer.body());
            }
        }
    }

    private static void send(Door door, String method, String path, String body) throws Exception {
        Door.Answer answer = door.ask(method, path, body);
        if (!answer.good()) {
            throw new IOException(method + " " + path + ": " + answer);
        }
    }

    private void follow(Door screen) {
        screen.client()
                .sendAsync(
                        screen.request("/api/bakes/stream")
                                .header("accept", "text/event-stream")
                                .build(),
                        HttpResponse.BodyHandlers.fromLineSubscriber(new Screen()));
    }

    private final class Screen implements Flow.Subscriber<String> {
        private final Set<String> heard = new HashSet<>();
        private boolean first = true;

        @Override
        public void onSubscribe(Flow.Subscription subscription) {
            subscription.request(Long.MAX_VALUE);
        }

        @Override
        public void onNext(String line) {
            if (!line.startsWith("data:")) {
                return;
            }
            long now = System.nanoTime();
            bytes.addAndGet(line.length() / 1024);
            if (first) {
                first = false;
                connected.incrementAndGet();
            }
            Matcher found = TAP.matcher(line);
            while (found.find()) {
                Long at = tapped.get(found.group(1));
                // Taps are listed last first; each is counted when it is new to this screen.
                if (at != null && !heard.contains(found.group(1))) {
                    heard.add(found.group(1));
                    delaysUs.add((now - at) / 1000);
                }
            }
        }

        @Override
        public void onError(Throwable broken) {
            closed.incrementAndGet();
        }

        @Override
        public void onComplete() {
            closed.incrementAndGet();
        }
    }

    /* User and system time, in clock ticks: fields 14 and 15 (published: proc(5)). */
    private static long ticks(List<Path> processes) throws IOException {
        long all = 0;
        for (Path process : processes) {
            String[] fields =
                    Files.readString(process).replaceFirst(".*\\) ", "").split(" ");
            all += Long.parseLong(fields[11]) + Long.parseLong(fields[12]);
        }
        return all;
    }
}
