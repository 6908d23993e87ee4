package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
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
        assertThat(lines.length).as(attempt.said()).isLessThanOrEqualTo(5);
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
        Path broken = kitchen.folder().resolve("broken/olla.jar");
        Files.createDirectories(broken.getParent());
        Files.writeString(broken, "no jar");
        failsSaying(
                "the application did not start",
                Map.of("OLLA_APP", broken.getParent().toString()),
                "start");
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

    /** Whoever of them was killed, and whoever looks after it: one command, or what watches. */
    @Test
    void whatWasKilledIsBroughtBack() throws Exception {
        kitchen.olla("start");
        assertThat(kitchen.answers()).isTrue();
        String status = Files.readString(Path.of("/proc", kitchen.pid("app"), "status"));
        assertThat(status).as("the application is not root").doesNotContainPattern("Uid:\\s+0\\s");

        kitchen.cut("db");
        kitchen.olla("start");
        assertThat(kitchen.answers()).as("after the database was killed").isTrue();

        assertThat(kitchen.attempt(Map.of("OLLA_WATCH", "yes"), "start").code()).isZero();
        for (String[] killed : new String[][] {{"db"}, {"app"}, {"app", "db"}}) {
            Map<String, String> before = new HashMap<>();
            for (String which : killed) {
                before.put(which, kitchen.pid(which));
                kitchen.cut(which);
            }
            kitchen.waitUntilAnotherAnswers(before);
        }
        // The database is killed while the application is on its way back and needs it.
        Map<String, String> before = Map.of("app", kitchen.pid("app"), "db", kitchen.pid("db"));
        kitchen.cut("app");
        kitchen.waitUntilAnotherRuns("app", before.get("app"));
        kitchen.cut("db");
        kitchen.waitUntilAnotherAnswers(before);
        assertThat(kitchen.attempt(Map.of(), "status").said())
                .contains("what stops is started again; last: ")
                // Noticed by whoever waits for the application, or by what watches.
                .containsPattern(
                        "the database (had stopped meanwhile|and the application had stopped; starting again)");
        kitchen.olla("stop");
        assertThat(kitchen.attempt(Map.of(), "status").said())
                .contains("database stopped")
                .contains("application stopped")
                .doesNotContain("started again");
    }

    /** What an earlier start has begun and not finished is begun anew. */
    @Test
    void aDatabaseThatWasHalfMadeIsMade() throws IOException {
        Path data = kitchen.folder().resolve("db");
        Files.createDirectories(data.resolve("mysql"));
        Files.writeString(data.resolve("mysql/half"), "made");
        Files.writeString(data.resolve(".olla-unfinished"), "");

        kitchen.olla("database", "start");

        assertThat(data.resolve("mysql/half")).doesNotExist();
        assertThat(data.resolve(".olla-unfinished")).doesNotExist();
    }

    @Test
    void allRowsOfADumpArePutBack() throws Exception {
        kitchen.olla("database", "start");
        kitchen.sql("create table oven (id int primary key, name varchar(60) unique);"
                + " create table bake (id int primary key, oven_id int, foreign key (oven_id) references oven (id));"
                + " insert into oven values (1, 'Still oven'); insert into bake values (7, 1)");
        Path dump = kitchen.dump();
        kitchen.sql("drop table bake; drop table oven; create table other (id int)");

        kitchen.olla("database", "restore", dump.toString());

        assertThat(kitchen.sql("select concat(b.id, o.name) from bake b join oven o on o.id = b.oven_id; show tables"))
                .contains("7Still oven")
                .doesNotContain("other");
        assertThat(kitchen.attempt(Map.of(), "database", "restore", "/not/there")
                        .said())
                .contains("there is no dump to read at “/not/there”");
    }
}
