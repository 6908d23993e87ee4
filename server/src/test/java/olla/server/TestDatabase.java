package olla.server;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** A real MariaDB of the tests' own, started by the one command below target, stopped when the tests end. */
public final class TestDatabase {

    private static final Path COMMAND = Path.of("..", "olla").toAbsolutePath().normalize();
    /* Tests run in several processes at once; each has its own. */
    private static final Path FOLDER = Path.of("target", "test-database" + System.getProperty("olla.fork", ""))
            .toAbsolutePath();
    /* Rows that end with the tests lie in memory, where a machine has a folder there: it is the same engine, without a disk's slowness. */
    private static final Path MEMORY = Path.of("/dev/shm");
    private static final long ROOM_BYTES = 2L << 30;
    private static final String OWNER = "olla_owner";
    private static TestDatabase only;

    private final int port;
    private final Optional<Path> inMemory;

    private TestDatabase() {
        port = freePort();
        inMemory = inMemory();
        command("start");
        Runtime.getRuntime().addShutdownHook(new Thread(this::end));
    }

    private static Optional<Path> inMemory() {
        try {
            return Files.isWritable(MEMORY) && Files.getFileStore(MEMORY).getUsableSpace() > ROOM_BYTES
                    ? Optional.of(MEMORY.resolve(
                            "olla-tests-" + ProcessHandle.current().pid()))
                    : Optional.empty();
        } catch (IOException unknown) {
            return Optional.empty();
        }
    }

    private void end() {
        command("stop");
        inMemory.ifPresent(folder -> {
            try (Stream<Path> all = Files.walk(folder)) {
                all.sorted(Comparator.reverseOrder()).map(Path::toFile).forEach(File::delete);
            } catch (IOException left) {
                throw new UncheckedIOException(left);
            }
        });
    }

    /** The running database; the first caller waits for it. */
    public static synchronized TestDatabase running() {
        if (only == null) {
            only = new TestDatabase();
        }
        return only;
    }

    /** Connection settings for a schema, made anew by the driver and Flyway. */
    public Map<String, String> connection(String schema) {
        try (Connection sql = owner("")) {
            sql.createStatement().execute("drop database if exists olla_" + schema);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        String url = "jdbc:mariadb://127.0.0.1:" + port + "/olla_" + schema;
        return Map.of(
                "spring.datasource.url",
                url,
                "spring.datasource.username",
                "olla",
                "spring.datasource.password",
                secret("db.password"),
                "spring.flyway.url",
                url + "?createDatabaseIfNotExist=true",
                "spring.flyway.user",
                OWNER,
                "spring.flyway.password",
                secret("db.owner"));
    }

    /** A connection that may change tables, as the application's own may not; of no schema where its name is empty. */
    public Connection owner(String schema) throws SQLException {
        String name = schema.isEmpty() ? "" : "olla_" + schema;
        return DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + port + "/" + name, OWNER, secret("db.owner"));
    }

    private static String secret(String file) {
        try {
            return Files.readString(FOLDER.resolve(file)).strip();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Ends the database at once, as a power cut would, and waits until it is gone. */
    public void cut() throws Exception {
        long pid = Long.parseLong(Files.readString(FOLDER.resolve("run/db.pid")).strip());
        ProcessHandle handle = ProcessHandle.of(pid).orElseThrow();
        handle.destroyForcibly();
        handle.onExit().get(20, TimeUnit.SECONDS);
    }

    /** Starts it again after a cut. */
    public void start() {
        command("start");
    }

    private void command(String what) {
        ProcessBuilder builder = new ProcessBuilder(COMMAND.toString(), "database", what).inheritIO();
        builder.environment().put("OLLA_VAR", FOLDER.toString());
        builder.environment().put("OLLA_DB_PORT", String.valueOf(port));
        inMemory.ifPresent(folder -> builder.environment().put("OLLA_DB_DATA", folder.toString()));
        try {
            int code = builder.start().waitFor();
            if (code != 0) {
                throw new IllegalStateException("./olla database " + what + " ended with " + code);
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
