package olla.server.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.mariadb.jdbc.Configuration;
import org.mariadb.jdbc.HostAddress;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * All rows as they were before an upgrade, in a file that {@code ./olla database restore} reads. One that was begun and not
 * finished is taken anew; one of an upgrade that was not finished is kept as it is, for what came after may be half changed.
 */
@Component
class Dump {

    private static final Logger LOG = LoggerFactory.getLogger(Dump.class);

    private static final String UNFINISHED = ".begun";
    private static final String OPEN = ".upgrading.sql";
    private static final String DONE = ".sql";
    private static final int KEPT = 5;
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneOffset.UTC);

    private final String folder;
    private final String url;
    private final String user;
    private final String password;
    private final Clock clock;

    /** @param folder where dumps are kept; empty where none are taken, as in a test's kitchen */
    Dump(
            @Value("${olla.dumps}") String folder,
            @Value("${spring.datasource.url}") String url,
            @Value("${spring.flyway.user}") String user,
            @Value("${spring.flyway.password}") String password,
            Clock clock) {
        this.folder = folder;
        this.url = url;
        this.user = user;
        this.password = password;
        this.clock = clock;
    }

    /**
     * Keeps all rows, unless those of before this very upgrade are kept already.
     *
     * @throws IllegalStateException where that cannot be; nothing has been changed then
     */
    void before(String from, String to) {
        if (folder.isBlank()) {
            return;
        }
        Path kept = Path.of(folder).resolve("from-" + from + "-to-" + to + OPEN);
        if (Files.exists(kept)) {
            LOG.warn("An upgrade was not finished; the rows of before it are in {}.", kept);
            return;
        }
        LOG.info("Keeping all rows in {} before the upgrade.", kept);
        try {
            Files.createDirectories(kept.getParent());
            Path begun = kept.resolveSibling(kept.getFileName() + UNFINISHED);
            write(begun);
            Files.move(begun, kept, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException failed) {
            throw new IllegalStateException("The rows could not be kept before the upgrade: " + failed, failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while the rows were kept before the upgrade.", stopped);
        }
    }

    /* From the first of its nodes that gives them. */
    private void write(Path into) throws IOException, InterruptedException {
        Configuration store;
        try {
            store = Configuration.parse(url);
        } catch (SQLException unreadable) {
            throw new IOException(unreadable);
        }
        IOException none = null;
        for (HostAddress node : store.addresses()) {
            try {
                write(into, node, store.database());
                return;
            } catch (IOException notThere) {
                none = notThere;
            }
        }
        if (none == null) {
            throw new IllegalStateException("The store's address names no node: " + url);
        }
        throw none;
    }

    private void write(Path into, HostAddress node, String database) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(
                        "mariadb-dump",
                        "--no-defaults",
                        "--protocol=tcp",
                        "--host=" + node.host,
                        "--port=" + node.port,
                        "--user=" + user,
                        "--single-transaction",
                        "--skip-lock-tables",
                        "--quick",
                        "--hex-blob",
                        "--result-file=" + into,
                        database)
                .redirectErrorStream(true);
        // Not on its command line, which everybody on this machine can read.
        builder.environment().put("MYSQL_PWD", password);
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (process.waitFor() != 0) {
            throw new IOException("mariadb-dump: " + said.strip());
        }
    }

    /** The schema is as this application expects it: what was kept for that is history. */
    void upgraded() {
        if (folder.isBlank() || !Files.isDirectory(Path.of(folder))) {
            return;
        }
        try (Stream<Path> files = Files.list(Path.of(folder))) {
            List<Path> all = files.toList();
            for (Path file : all) {
                String name = file.getFileName().toString();
                if (name.endsWith(UNFINISHED)) {
                    Files.deleteIfExists(file);
                } else if (name.endsWith(OPEN)) {
                    String done =
                            name.substring(0, name.length() - OPEN.length()) + "-" + STAMP.format(clock.instant());
                    Files.move(file, file.resolveSibling(done + DONE), StandardCopyOption.ATOMIC_MOVE);
                }
            }
            drop();
        } catch (IOException failed) {
            LOG.warn("The dumps in {} could not be put in order: {}", folder, failed.toString());
        }
    }

    private void drop() throws IOException {
        try (Stream<Path> files = Files.list(Path.of(folder))) {
            List<Path> oldest = files.filter(f -> f.toString().endsWith(DONE))
                    .sorted(Comparator.comparing(Dump::changed).reversed())
                    .skip(KEPT)
                    .toList();
            for (Path file : oldest) {
                Files.deleteIfExists(file);
            }
        }
    }

    private static long changed(Path file) {
        return file.toFile().lastModified();
    }
}
