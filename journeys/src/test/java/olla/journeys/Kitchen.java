package olla.journeys;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * A running Olla of the test's own, started by the one command as a cook would, with its own folder and ports below this
 * module's target folder.
 */
final class Kitchen implements AutoCloseable {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    /** The bake that the demo begins with, and how long it has been in by then, s. */
    private static final String TROUT = "Whole trout in foil, sorrel";

    private static final int TROUT_S = 660;

    private final Path folder;
    private final int port;
    private final int databasePort;
    private final Map<String, String> surroundings;

    /** The ids of the demo's bakes, once they are there, as SQL has them, and of those the one in the oven. */
    private String first;

    private String inOven;

    Kitchen(String name) throws IOException {
        this(name, Map.of());
    }

    /** @param surroundings further environment for every command */
    Kitchen(String name, Map<String, String> surroundings) throws IOException {
        this(name, surroundings, freePort(), freePort());
    }

    /** At ports of the caller's choice. */
    Kitchen(String name, Map<String, String> surroundings, int port, int databasePort) throws IOException {
        this.surroundings = surroundings;
        folder = Path.of("target", name).toAbsolutePath();
        // What an earlier run has left is of an earlier build.
        clear(folder);
        Files.createDirectories(folder);
        this.port = port;
        this.databasePort = databasePort;
    }

    /** Deletes a folder with all that is in it. */
    static void clear(Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(path);
                }
            }
        }
    }

    static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** Runs {@code ./olla} with some arguments and expects it to succeed. */
    void olla(String... arguments) {
        Attempt attempt = attempt(Map.of(), arguments);
        if (attempt.code() != 0) {
            throw new IllegalStateException("./olla " + String.join(" ", arguments) + ": " + attempt.said());
        }
    }

    private int run(String... arguments) {
        return attempt(Map.of(), arguments).code();
    }

    /** How an attempt ended and what it said. */
    record Attempt(int code, String said) {}

    /** Runs {@code ./olla} with some arguments and further environment, whatever comes of it. */
    Attempt attempt(Map<String, String> environment, String... arguments) {
        return attempt(environment, "", arguments);
    }

    /** The same with something typed once it asks. */
    Attempt attempt(Map<String, String> environment, String typed, String[] arguments) {
        List<String> command = new ArrayList<>();
        // A kitchen computer that others use too: OLLA_NICE=10 lets all of it yield to them.
        String nice = System.getenv("OLLA_NICE");
        if (nice != null) {
            command.addAll(List.of("nice", "-n", nice));
        }
        command.add(ROOT.resolve("olla").toString());
        command.addAll(List.of(arguments));
        Path out = folder.resolve("olla.out");
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(out.toFile());
        builder.environment().put("OLLA_VAR", folder.toString());
        builder.environment().put("OLLA_PORT", String.valueOf(port));
        builder.environment().put("OLLA_DB_PORT", String.valueOf(databasePort));
        // The reactor has built the application already; it is unpacked once for all kitchens.
        builder.environment().put("OLLA_BUILT", "true");
        builder.environment()
                .put("OLLA_APP", Path.of("target", "app").toAbsolutePath().toString());
        // What a test cuts stays cut until it says so; one that is about that says otherwise.
        builder.environment().put("OLLA_WATCH", "no");
        builder.environment().putAll(surroundings);
        builder.environment().putAll(environment);
        try {
            Process process = builder.start();
            try (OutputStream keys = process.getOutputStream()) {
                keys.write(typed.getBytes(StandardCharsets.UTF_8));
            }
            if (!process.waitFor(4, TimeUnit.MINUTES)) {
                process.destroyForcibly();
                throw new IllegalStateException("./olla takes longer than four minutes");
            }
            return new Attempt(process.exitValue(), Files.readString(out));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Ends the application or the database at once, as a power cut would. */
    void cut(String which) throws Exception {
        cut(folder.resolve("run/" + which + ".pid"));
    }

    /** The same of whatever has its number in a file. */
    static void cut(Path file) throws Exception {
        long pid = Long.parseLong(Files.readString(file).strip());
        ProcessHandle handle = ProcessHandle.of(pid).orElseThrow();
        handle.destroyForcibly();
        handle.onExit().get(20, TimeUnit.SECONDS);
    }

    /** Notes what is there now, for {@link #asAtFirst}. */
    void remember() throws Exception {
        first = sql("select group_concat(quote(id)) from bake").strip();
        inOven = sql("select quote(id) from bake where logged_at is null").strip();
    }

    /**
     * Takes back what other tests have put in or out, so that each class of them finds the kitchen as if it were the first: one
     * bake in the oven, nobody has touched it.
     */
    void asAtFirst() throws Exception {
        sql("delete from bake where id not in (" + first + ");"
                + " delete from tap where bake_id = " + inOven + ";"
                + " delete from photo where bake_id = " + inOven + ";"
                + " delete from probe_use where bake_id = " + inOven + ";"
                + " update bake set out_at = null, logged_at = null, cleared_at = null, verdict = null,"
                + " probe_celsius = null, note = null, revision = revision + 1 where id = " + inOven);
        hasBeenIn(TROUT, TROUT_S);
    }

    /** Leaves the kitchen its bakes alone: an evening would be planned anew with every minute of a fast clock, and the log learned from. */
    void onlyBakes() throws Exception {
        sql("delete from evening");
        long end = System.nanoTime() + TimeUnit.MINUTES.toNanos(3);
        while (!sql("select id from bake where logged_at is not null and lesson_log_film is null")
                .isBlank()) {
            if (System.nanoTime() > end) {
                throw new AssertionError("the log is not learned from");
            }
            Thread.sleep(200);
        }
    }

    /** Lets a running bake have gone in, and whatever came after, earlier than it did: no test waits a quarter of an hour. */
    void wentInEarlier(String title, int seconds) throws Exception {
        moveBack(title, String.valueOf(seconds));
    }

    /** Lets a running bake that was only put in have been in for so long, however slow this machine is. */
    void hasBeenIn(String title, int seconds) throws Exception {
        moveBack(
                title,
                seconds + " - (select timestampdiff(second, started_at, utc_timestamp()) from bake where "
                        + running(title) + ")");
    }

    private static String running(String title) {
        return "logged_at is null and title = '" + title + "'";
    }

    private void moveBack(String title, String seconds) throws Exception {
        String back = " - interval @back second";
        sql("set @back = " + seconds + ";"
                + " update tap set at = at" + back + " where bake_id in (select id from bake where "
                + running(title) + ");"
                + " update bake set put_at = put_at" + back + ", started_at = started_at" + back
                + ", out_at = out_at" + back + ", revision = revision + 1 where " + running(title));
    }

    /** What the store answers to some statements, asked as whoever may change its tables. */
    String sql(String statements) throws Exception {
        return database(databasePort, folder, "mariadb", "-N", "olla", "-e", statements);
    }

    /** The same of one of several nodes; what is in another's way there is left out. */
    String sqlAt(int node, String statements) throws Exception {
        return database(
                databasePort + 10 * node,
                folder.resolve("cluster"),
                "mariadb",
                "-N",
                "--force",
                "olla",
                "-e",
                statements);
    }

    /** All rows in a file. */
    Path dump() throws Exception {
        return Files.writeString(folder.resolve("dump.sql"), database(databasePort, folder, "mariadb-dump", "olla"));
    }

    private static String database(int port, Path secrets, String tool, String... arguments) throws Exception {
        List<String> command = new ArrayList<>(
                List.of(tool, "--no-defaults", "-h", "127.0.0.1", "-P", String.valueOf(port), "-u", "olla_owner"));
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment()
                .put("MYSQL_PWD", Files.readString(secrets.resolve("db.owner")).strip());
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (process.waitFor() != 0) {
            throw new IllegalStateException(tool + ": " + said);
        }
        return said;
    }

    /** The number of a process of this kitchen's. */
    String pid(String which) throws IOException {
        return Files.readString(folder.resolve("run/" + which + ".pid")).strip();
    }

    /** Whether application and database answer. */
    boolean answers() {
        try {
            return HTTP.send(
                                    HttpRequest.newBuilder(URI.create(address() + "/api/log"))
                                            .build(),
                                    HttpResponse.BodyHandlers.ofString())
                            .statusCode()
                    == 200;
        } catch (IOException notYet) {
            return false;
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Waits until others than these processes run, and answer. */
    void waitUntilAnotherAnswers(Map<String, String> before) throws Exception {
        long end = System.nanoTime() + TimeUnit.MINUTES.toNanos(3);
        while (!answers() || !renewed(before)) {
            if (System.nanoTime() > end) {
                throw new AssertionError("nobody brought back " + before.keySet());
            }
            Thread.sleep(200);
        }
    }

    /** Waits until another process than this one is on its way. */
    void waitUntilAnotherRuns(String which, String before) throws Exception {
        long end = System.nanoTime() + TimeUnit.MINUTES.toNanos(1);
        while (!renewed(Map.of(which, before))) {
            if (System.nanoTime() > end) {
                throw new AssertionError("nobody starts the " + which + " again");
            }
            Thread.sleep(20);
        }
    }

    private boolean renewed(Map<String, String> before) throws IOException {
        for (Map.Entry<String, String> one : before.entrySet()) {
            Path file = folder.resolve("run/" + one.getKey() + ".pid");
            if (!Files.exists(file) || Files.readString(file).strip().equals(one.getValue())) {
                return false;
            }
        }
        return true;
    }

    /** Waits until what was tapped is stored: a screen shows it as done before. */
    void waitUntilStored(String part) throws Exception {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (!get("/api/bakes").contains(part)) {
            if (System.nanoTime() > end) {
                throw new AssertionError(part + " was never stored");
            }
            Thread.sleep(100);
        }
    }

    Path folder() {
        return folder;
    }

    int port() {
        return port;
    }

    int databasePort() {
        return databasePort;
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** The body of a GET. */
    String get(String path) throws Exception {
        return HTTP.send(
                        HttpRequest.newBuilder(URI.create(address() + path)).build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }

    @Override
    public void close() {
        run("stop");
    }
}
