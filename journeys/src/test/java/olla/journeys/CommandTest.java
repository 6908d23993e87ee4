package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The one command where it cannot do what it is asked: one clear line, a failing exit, nothing half-started. */
class CommandTest {

    private Kitchen kitchen;

    @BeforeEach
    void open() throws IOException {
        kitchen = new Kitchen("command");
    }

    @AfterEach
    void close() {
        kitchen.close();
    }

    private void failsSaying(String what, Map<String, String> environment, String... arguments) {
        Kitchen.Attempt attempt = kitchen.attempt(environment, arguments);
        assertThat(attempt.code()).isNotZero();
        String[] lines = attempt.said().strip().split("\n");
        assertThat(lines[lines.length - 1]).startsWith("olla: ").contains(what);
        assertThat(lines.length).as(attempt.said()).isLessThanOrEqualTo(4);
        assertThat(kitchen.attempt(environment, "status").said())
                .contains("database stopped")
                .contains("application stopped");
    }

    @Test
    void aTakenPortIsSaid() throws IOException {
        try (ServerSocket taken = new ServerSocket(kitchen.port(), 1, InetAddress.getLoopbackAddress())) {
            failsSaying("port " + taken.getLocalPort() + " is taken", Map.of(), "start");
        }
    }

    @Test
    void aTakenDatabasePortIsSaid() throws IOException {
        try (ServerSocket taken = new ServerSocket(kitchen.databasePort(), 1, InetAddress.getLoopbackAddress())) {
            failsSaying("port " + taken.getLocalPort() + " is taken", Map.of(), "start");
        }
    }

    @Test
    void aFolderThatCannotBeWrittenIsSaid() {
        failsSaying("cannot write to /proc/olla", Map.of("OLLA_VAR", "/proc/olla"), "start");
    }

    @Test
    void aFullDiskIsSaid() {
        failsSaying("MB left", Map.of("OLLA_NEEDED_KB", "999999999999"), "start");
    }

    @Test
    void aMissingJdkIsSaid() throws IOException {
        Path without = kitchen.folder().resolve("bin");
        Files.createDirectories(without);
        for (String folder : new String[] {"/bin", "/usr/bin", "/usr/sbin"}) {
            try (Stream<Path> tools = Files.list(Path.of(folder))) {
                for (Path tool : tools.toList()) {
                    Path link = without.resolve(tool.getFileName());
                    if (!tool.getFileName().toString().startsWith("java") && !Files.exists(link)) {
                        Files.createSymbolicLink(link, tool);
                    }
                }
            }
        }
        failsSaying("no JDK found", Map.of("PATH", without.toString()), "start");
    }

    @Test
    void anApplicationThatWillNotStartTakesItsDatabaseDownAgain() throws IOException {
        Path broken = kitchen.folder().resolve("app/olla.jar");
        Files.createDirectories(broken.getParent());
        Files.writeString(broken, "no jar");
        failsSaying("the application did not start", Map.of(), "start");
    }

    @Test
    void anUnknownCommandShowsTheUsage() {
        Kitchen.Attempt attempt = kitchen.attempt(Map.of(), "bake");
        assertThat(attempt.code()).isEqualTo(2);
        assertThat(attempt.said()).contains("usage: ./olla COMMAND");
    }

    @Test
    void theDatabaseListensOnLoopbackOnlyAndRootNeedsTheSocket() throws Exception {
        kitchen.olla("database", "start");
        String pid = Files.readString(kitchen.folder().resolve("run/db.pid")).strip();
        assertThat(Files.readString(Path.of("/proc", pid, "cmdline"))).contains("--bind-address=127.0.0.1");
        Process root = new ProcessBuilder(
                        "mariadb",
                        "--no-defaults",
                        "-h",
                        "127.0.0.1",
                        "-P",
                        String.valueOf(kitchen.databasePort()),
                        "-u",
                        "root",
                        "-e",
                        "select 1")
                .redirectErrorStream(true)
                .start();
        assertThat(new String(root.getInputStream().readAllBytes())).contains("Access denied");
        assertThat(root.waitFor()).isNotZero();
        assertThat(Files.getPosixFilePermissions(kitchen.folder().resolve("db.password")))
                .hasSize(2);
    }
}
