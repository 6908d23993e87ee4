package olla.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import olla.server.TestDatabase;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** From every schema that ever was, with rows in each of its tables: all of them are there after the upgrade, as they were. */
class EveryUpgradeTest {

    private static final TestDatabase DATABASE = TestDatabase.running();
    private static final String SCHEMA = "every_upgrade";
    private static final int ROWS = 2;

    /** A column that is written, and what it holds. */
    private record Column(String name, String type, long length) {

        String value(int row) {
            return switch (type) {
                case "char" ->
                    length == 36
                            ? "'00000000-0000-4000-8000-00000000000" + row + "'"
                            : "'" + String.valueOf(row).repeat((int) length) + "'";
                case "varchar", "text", "mediumtext", "longtext" -> name.endsWith("_json") ? "'{}'" : "'v" + row + "'";
                case "int", "tinyint", "bigint", "smallint" -> String.valueOf(row);
                case "decimal", "double" -> row + ".5";
                case "datetime" -> "'2026-01-0" + row + " 18:00:00.123'";
                case "blob", "longblob", "mediumblob" -> "x'0" + row + "'";
                default -> throw new IllegalStateException(name + " is a " + type);
            };
        }
    }

    private static Flyway to(Map<String, String> connection, MigrationVersion version) {
        return Flyway.configure()
                .dataSource(
                        connection.get("spring.flyway.url"),
                        connection.get("spring.flyway.user"),
                        connection.get("spring.flyway.password"))
                .target(version)
                .load();
    }

    static Stream<String> earlier() {
        int newest =
                to(DATABASE.connection(SCHEMA), MigrationVersion.LATEST).info().all().length;
        return IntStream.range(1, newest).mapToObj(String::valueOf);
    }

    @ParameterizedTest
    @MethodSource("earlier")
    void everyRowOutlivesIt(String version) throws Exception {
        Map<String, String> connection = DATABASE.connection(SCHEMA);
        to(connection, MigrationVersion.fromVersion(version)).migrate();
        try (Connection sql = DATABASE.owner(SCHEMA)) {
            Map<String, List<Column>> tables = tables(sql);
            fill(sql, tables);
            Map<String, List<String>> before = rows(sql, tables);
            assertThat(before.values()).allSatisfy(rows -> assertThat(rows).hasSizeGreaterThanOrEqualTo(ROWS));

            to(connection, MigrationVersion.LATEST).migrate();

            assertThat(rows(sql, tables)).isEqualTo(before);
            assertThat(orphans(sql)).isEmpty();
        }
    }

    private static List<List<String>> ask(Connection sql, String query) throws SQLException {
        List<List<String>> all = new ArrayList<>();
        try (Statement ask = sql.createStatement();
                ResultSet rows = ask.executeQuery(query)) {
            while (rows.next()) {
                List<String> row = new ArrayList<>();
                for (int c = 1; c <= rows.getMetaData().getColumnCount(); c++) {
                    row.add(rows.getString(c));
                }
                all.add(row);
            }
        }
        return all;
    }

    private static Map<String, List<Column>> tables(Connection sql) throws SQLException {
        Map<String, List<Column>> tables = new LinkedHashMap<>();
        for (List<String> column : ask(
                sql,
                "select table_name, column_name, data_type, coalesce(character_maximum_length, 0)"
                        + " from information_schema.columns where table_schema = database()"
                        + " and table_name <> 'flyway_schema_history' and extra not like '%GENERATED%'"
                        + " order by table_name, ordinal_position")) {
            tables.computeIfAbsent(column.get(0), t -> new ArrayList<>())
                    .add(new Column(column.get(1), column.get(2), Long.parseLong(column.get(3))));
        }
        return tables;
    }

    /* Each row of a table goes with the row of the same number in every other. */
    private static void fill(Connection sql, Map<String, List<Column>> tables) throws SQLException {
        try (Statement write = sql.createStatement()) {
            write.execute("set foreign_key_checks = 0");
            for (Map.Entry<String, List<Column>> table : tables.entrySet()) {
                for (int i = 1; i <= ROWS; i++) {
                    int row = i;
                    write.execute("replace into " + table.getKey() + " ("
                            + String.join(
                                    ", ",
                                    table.getValue().stream().map(Column::name).toList())
                            + ") values ("
                            + String.join(
                                    ", ",
                                    table.getValue().stream()
                                            .map(c -> c.value(row))
                                            .toList())
                            + ")");
                }
            }
            write.execute("set foreign_key_checks = 1");
        }
    }

    private static Map<String, List<String>> rows(Connection sql, Map<String, List<Column>> tables)
            throws SQLException {
        Map<String, List<String>> all = new TreeMap<>();
        for (Map.Entry<String, List<Column>> table : tables.entrySet()) {
            String columns = String.join(
                    ", ", table.getValue().stream().map(Column::name).toList());
            all.put(
                    table.getKey(),
                    ask(sql, "select " + columns + " from " + table.getKey()).stream()
                            .map(Object::toString)
                            .sorted()
                            .toList());
        }
        return all;
    }

    /* Rows that name another which is not there. */
    private static List<String> orphans(Connection sql) throws SQLException {
        List<String> orphans = new ArrayList<>();
        for (List<String> key : ask(
                sql,
                "select table_name, column_name, referenced_table_name, referenced_column_name"
                        + " from information_schema.key_column_usage where table_schema = database()"
                        + " and referenced_table_name is not null")) {
            String lost =
                    "select count(*) from %s a left join %s b on a.%s = b.%s where a.%s is not null and b.%s is null"
                            .formatted(key.get(0), key.get(2), key.get(1), key.get(3), key.get(1), key.get(3));
            if (!ask(sql, lost).get(0).get(0).equals("0")) {
                orphans.add(key.toString());
            }
        }
        return orphans;
    }
}
