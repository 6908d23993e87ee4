package olla.journeys;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * A running Olla of the test's own, started by the one command as a cook would, with its own folder and ports below this
 * module's target folder.
 */
final class Kitchen implements AutoCloseable {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private final Path folder;
    private final int port;
    private final int databasePort;

    Kitchen(String name) throws IOException {
        folder = Path.of("target", name).toAbsolutePath();
        clear(folder);
        Files.createDirectories(folder);
        port = freePort();
        databasePort = freePort();
    }

    /* What an earlier run has left is of an earlier build. */
    private static void clear(Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(path);
                }
            }
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** Runs {@code ./olla} with some arguments and expects it to succeed. */
    void olla(String... arguments) {
        int code = run(arguments);
        if (code != 0) {
            throw new IllegalStateException("./olla " + String.join(" ", arguments) + " ended with " + code + "; see "
                    + folder.resolve("olla.out"));
        }
    }

    private int run(String... arguments) {
        String[] command = new String[arguments.length + 1];
        command[0] = ROOT.resolve("olla").toString();
        System.arraycopy(arguments, 0, command, 1, arguments.length);
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(new File(folder.toFile(), "olla.out")));
        builder.environment().put("OLLA_VAR", folder.toString());
        builder.environment().put("OLLA_PORT", String.valueOf(port));
        builder.environment().put("OLLA_DB_PORT", String.valueOf(databasePort));
        // The reactor has built the application already.
        builder.environment().put("OLLA_BUILT", "true");
        try {
            Process process = builder.start();
            if (!process.waitFor(4, TimeUnit.MINUTES)) {
                process.destroyForcibly();
                throw new IllegalStateException("./olla takes longer than four minutes");
            }
            return process.exitValue();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Ends the application or the database at once, as a power cut would. */
    void cut(String which) throws Exception {
        long pid = Long.parseLong(
                Files.readString(folder.resolve("run/" + which + ".pid")).strip());
        ProcessHandle handle = ProcessHandle.of(pid).orElseThrow();
        handle.destroyForcibly();
        handle.onExit().get(20, TimeUnit.SECONDS);
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
