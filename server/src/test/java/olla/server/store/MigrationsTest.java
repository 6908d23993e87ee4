package olla.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import olla.server.TestDatabase;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Starts that were cut off in the middle of an upgrade: after whichever statement it was, the next start finds its way, and every
 * row of before is there.
 */
class MigrationsTest {

    /* The schema that this application is for. */
    private static final String NEWEST = "16";

    private static final String FOLDER = "db/migration/";
    private static final TestDatabase DATABASE = TestDatabase.running();

    @TempDir
    private Path dumps;

    private static List<String> scripts() throws IOException {
        return Stream.of(new PathMatchingResourcePatternResolver().getResources("classpath:" + FOLDER + "*.sql"))
                .map(Resource::getFilename)
                .sorted(Comparator.comparingInt(script -> Integer.parseInt(script.replaceAll("V(\\d+)__.*", "$1"))))
                .toList();
    }

    private static List<String> statements(String script) throws IOException {
        String text = new String(
                MigrationsTest.class
                        .getClassLoader()
                        .getResourceAsStream(FOLDER + script)
                        .readAllBytes(),
                StandardCharsets.UTF_8);
        return Stream.of(text.replaceAll("(?m)^--.*$", "").split(";\\s*\n"))
                .map(String::strip)
                .filter(statement -> !statement.isEmpty())
                .toList();
    }

    private static Flyway flyway(Map<String, String> connection, String to) {
        return Flyway.configure()
                .dataSource(
                        connection.get("spring.flyway.url"),
                        connection.get("spring.flyway.user"),
                        connection.get("spring.flyway.password"))
                .target(to == null ? MigrationVersion.LATEST : MigrationVersion.fromVersion(to))
                .load();
    }

    private Upgrade upgrade(Map<String, String> connection) {
        return new Upgrade(new Dump(
                dumps.toString(),
                connection.get("spring.datasource.url"),
                connection.get("spring.flyway.user"),
                connection.get("spring.flyway.password"),
                Clock.systemUTC()));
    }

    private static String schema(Connection sql, String name) throws SQLException {
        List<String> all = new ArrayList<>();
        String columns = "select concat_ws(' ', table_name, column_name, column_type, is_nullable,"
                + " coalesce(column_default, '-'), extra) from information_schema.columns where table_schema = '%s'"
                + " and table_name <> 'flyway_schema_history' order by 1";
        String indexes = "select concat_ws(' ', table_name, index_name, seq_in_index, column_name, non_unique)"
                + " from information_schema.statistics where table_schema = '%s'"
                + " and table_name <> 'flyway_schema_history' order by 1";
        for (String query : new String[] {columns, indexes}) {
            try (Statement ask = sql.createStatement();
                    ResultSet rows = ask.executeQuery(query.formatted("olla_" + name))) {
                while (rows.next()) {
                    all.add(rows.getString(1));
                }
            }
        }
        return String.join("\n", all);
    }

    private static void rowsOfTheFirstSchema(Connection sql) throws SQLException {
        try (Statement write = sql.createStatement()) {
            write.execute("insert into oven (id, name, kind) values (1, 'Still oven', 'STILL')");
            write.execute("insert into bake (id, version, title, oven_id, question_json, thickness_mm, dial_celsius,"
                    + " target_celsius, predicted_min, check_from_min, likely_min, no_later_than_min, rest_min,"
                    + " started_at, note) values ('5a1f4f3e-0000-4000-8000-000000000001', 0, 'Sardines', 1, '{}', 20, 230, 60,"
                    + " 12, 10, 12, 14, 3, '2026-01-02 18:00:00', 'kept')");
        }
    }

    @TestFactory
    Stream<DynamicTest> anUpgradeThatWasCutOffGoesOn() throws Exception {
        List<String> scripts = scripts();
        Map<String, String> whole = DATABASE.connection("whole");
        flyway(whole, null).migrate();
        String wanted;
        try (Connection sql = DATABASE.owner("whole")) {
            wanted = schema(sql, "whole");
        }
        List<DynamicTest> tests = new ArrayList<>();
        for (int v = 0; v < scripts.size(); v++) {
            String script = scripts.get(v);
            int version = v + 1;
            int statements = statements(script).size();
            for (int done = 1; done <= statements; done++) {
                int cut = done;
                tests.add(
                        DynamicTest.dynamicTest(script + " after " + done, () -> cutOff(script, version, cut, wanted)));
            }
        }
        return tests.stream();
    }

    private void cutOff(String script, int version, int done, String wanted) throws Exception {
        Map<String, String> connection = DATABASE.connection("cut_off");
        if (version > 1) {
            flyway(connection, "1").migrate();
            try (Connection sql = DATABASE.owner("cut_off")) {
                rowsOfTheFirstSchema(sql);
            }
            flyway(connection, String.valueOf(version - 1)).migrate();
        } else {
            // The table in which Flyway notes what it did, and nothing more.
            Flyway.configure()
                    .configuration(flyway(connection, null).getConfiguration())
                    .locations("classpath:db/none")
                    .load()
                    .migrate();
        }
        try (Connection sql = DATABASE.owner("cut_off");
                Statement run = sql.createStatement()) {
            for (String statement : statements(script).subList(0, done)) {
                run.execute(statement);
            }
        }

        upgrade(connection).migrate(flyway(connection, null));

        try (Connection sql = DATABASE.owner("cut_off")) {
            assertThat(schema(sql, "cut_off")).isEqualTo(wanted);
            if (version > 1) {
                try (ResultSet row = sql.createStatement().executeQuery("select note, put_at = started_at from bake")) {
                    assertThat(row.next()).isTrue();
                    assertThat(row.getString(1)).isEqualTo("kept");
                    assertThat(row.getBoolean(2)).isTrue();
                    assertThat(row.next()).isFalse();
                }
            }
        }
    }

    @Test
    void whatWasNotedOfAFailedUpgradeOrOfAnOlderTextIsSetRight() throws Exception {
        Map<String, String> connection = DATABASE.connection("noted");
        flyway(connection, "3").migrate();
        try (Connection sql = DATABASE.owner("noted");
                Statement run = sql.createStatement()) {
            rowsOfTheFirstSchema(sql);
            run.execute("update flyway_schema_history set checksum = 1 where version = '1'");
            run.execute(
                    "insert into flyway_schema_history (installed_rank, version, description, type, script, checksum,"
                            + " installed_by, execution_time, success) values"
                            + " (4, '4', 'what is said once', 'SQL', 'V4__what_is_said_once.sql', 2, 'olla', 1, false)");
        }

        upgrade(connection).migrate(flyway(connection, null));

        assertThat(flyway(connection, null).validateWithResult().validationSuccessful)
                .isTrue();
        assertThat(flyway(connection, null).info().pending()).isEmpty();
    }

    /** The rows as they were can be read again by the database's own tools. */
    @Test
    void allRowsAreKeptBeforeTheyAreChanged() throws Exception {
        Map<String, String> connection = DATABASE.connection("dumped");
        flyway(connection, "2").migrate();
        try (Connection sql = DATABASE.owner("dumped")) {
            rowsOfTheFirstSchema(sql);
        }

        upgrade(connection).migrate(flyway(connection, null));
        upgrade(connection).migrate(flyway(connection, null));

        List<Path> kept;
        try (Stream<Path> files = Files.list(dumps)) {
            kept = files.toList();
        }
        assertThat(kept).as("one upgrade, one dump").hasSize(1);
        assertThat(kept.get(0).getFileName().toString())
                .startsWith("from-2-to-" + NEWEST + "-")
                .endsWith(".sql");
        assertThat(Files.readString(kept.get(0)))
                .contains("CREATE TABLE `bake`", "Sardines")
                .doesNotContain("put_at")
                .contains("Dump completed");
    }

    /** A store of several nodes, the first of which is gone. */
    @Test
    void theRowsAreKeptFromWhicheverNodeIsThere() throws Exception {
        Map<String, String> connection = DATABASE.connection("nodes");
        flyway(connection, "2").migrate();
        String url = connection.get("spring.datasource.url");
        String nodes = url.replaceFirst("jdbc:mariadb://", "jdbc:mariadb:sequential://127.0.0.1:1,");

        new Dump(
                        dumps.toString(),
                        nodes,
                        connection.get("spring.flyway.user"),
                        connection.get("spring.flyway.password"),
                        Clock.systemUTC())
                .before("2", NEWEST);

        assertThat(Files.readString(dumps.resolve("from-2-to-" + NEWEST + ".upgrading.sql")))
                .contains("CREATE TABLE `bake`", "Dump completed");
    }

    @Test
    void anUpgradeThatWasNotFinishedKeepsTheRowsOfBeforeIt() throws Exception {
        Map<String, String> connection = DATABASE.connection("unfinished");
        flyway(connection, "2").migrate();
        Path first = Files.writeString(dumps.resolve("from-2-to-" + NEWEST + ".upgrading.sql"), "rows of before");

        upgrade(connection).migrate(flyway(connection, null));

        assertThat(first).doesNotExist();
        try (Stream<Path> files = Files.list(dumps)) {
            assertThat(files.toList())
                    .singleElement()
                    .satisfies(f -> assertThat(Files.readString(f)).isEqualTo("rows of before"));
        }
    }

    @Test
    void theApplicationsOwnUserChangesNoTable() {
        Map<String, String> connection = DATABASE.connection("rights");
        flyway(connection, null).migrate();

        for (String statement : new String[] {
            "alter table oven add column x int",
            "drop table tap",
            "create table x (a int)",
            "create index x on oven (name)"
        }) {
            assertThat(refusal(connection, statement)).as(statement).contains("command denied");
        }
        assertThat(refusal(connection, "insert into oven (kitchen_id, name, kind) values (1, 'Still oven', 'STILL')"))
                .isEmpty();
    }

    private static String refusal(Map<String, String> connection, String statement) {
        try (Connection sql = DriverManager.getConnection(
                connection.get("spring.datasource.url"),
                connection.get("spring.datasource.username"),
                connection.get("spring.datasource.password"))) {
            sql.createStatement().execute(statement);
            return "";
        } catch (SQLException refused) {
            return refused.getMessage();
        }
    }
}
