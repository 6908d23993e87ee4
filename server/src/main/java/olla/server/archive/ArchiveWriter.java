package olla.server.archive;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import olla.server.tenancy.WhoseKitchen;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes all of a kitchen into one file. The same kitchen is the same file, to the bit. */
@Component
class ArchiveWriter {

    /* A moment of its own would make the same kitchen another file. */
    private static final LocalDateTime NO_MOMENT = LocalDateTime.of(2000, 1, 1, 0, 0);

    private static final int ROWS_AT_ONCE = 500;

    private final JdbcTemplate jdbc;
    private final JsonMapper json = JsonMapper.builder()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();

    ArchiveWriter(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** Writes the kitchen that is worked for, as it is at one moment. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void write(Path file) throws IOException {
        Map<String, String> ovens = new HashMap<>();
        jdbc.query(
                "select id, name from oven where kitchen_id = ?",
                row -> {
                    ovens.put(row.getString("id"), row.getString("name"));
                },
                WhoseKitchen.here());
        List<String> pictures = new ArrayList<>();
        Set<String> written = new HashSet<>();
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(entry(ArchiveFile.DOCUMENT));
            try (JsonGenerator out = json.createGenerator(zip).configure(StreamWriteFeature.AUTO_CLOSE_TARGET, false)) {
                out.writeStartObject();
                out.writeStringProperty("format", ArchiveSchema.FORMAT);
                out.writeNumberProperty("version", ArchiveSchema.VERSION);
                for (Sheet sheet : Sheet.values()) {
                    out.writeArrayPropertyStart(sheet.key());
                    rows(sheet.select(), row -> {
                        out.writeRaw("\n");
                        line(sheet, row, out, ovens, written);
                        if (sheet == Sheet.PHOTOS) {
                            pictures.add(row.getString("bake_id"));
                        }
                    });
                    out.writeEndArray();
                }
                out.writeEndObject();
            }
            zip.closeEntry();
            for (String bake : pictures) {
                zip.putNextEntry(entry("photos/" + bake + ".jpg"));
                zip.write(jdbc.queryForObject(
                        "select jpeg from photo where bake_id = ? and kitchen_id = ?",
                        byte[].class,
                        bake,
                        WhoseKitchen.here()));
                zip.closeEntry();
            }
        }
    }

    private static ZipEntry entry(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(NO_MOMENT);
        return entry;
    }

    private interface Row {
        void read(ResultSet row) throws SQLException, IOException;
    }

    /* A few at a time: no kitchen is held in memory whole. */
    private void rows(String sql, Row reads) {
        jdbc.query(
                connection -> {
                    var statement = connection.prepareStatement(sql);
                    statement.setFetchSize(ROWS_AT_ONCE);
                    statement.setInt(1, WhoseKitchen.here());
                    return statement;
                },
                row -> {
                    try {
                        reads.read(row);
                    } catch (IOException failed) {
                        throw new UncheckedIOException(failed);
                    }
                });
    }

    /* @param written the ids of what came before it */
    private void line(Sheet sheet, ResultSet row, JsonGenerator out, Map<String, String> ovens, Set<String> written)
            throws SQLException {
        out.writeStartObject();
        String about = sheet == Sheet.NOTES ? row.getString("about") : "";
        for (Column column : sheet.columns()) {
            Object value = column.read(row);
            if (value == null || value.equals("null") && column.kind() == Column.Kind.JSON) {
                continue;
            }
            if (column.kind() == Column.Kind.ID && !column.name().equals("id") && !written.contains(value)) {
                // What was taken back is named by what was done with it, and is there no longer.
                continue;
            }
            if (column.name().equals("id")) {
                written.add((String) value);
            }
            out.writeName(column.name());
            if (Names.oven(column, about)) {
                out.writeString(ovens.getOrDefault(value.toString(), ""));
            } else if (column.kind() == Column.Kind.JSON || column.kind() == Column.Kind.LIST) {
                json.writeTree(out, document(sheet, column, json.readTree((String) value), ovens));
            } else {
                json.writeTree(out, Column.node(value));
            }
        }
        out.writeEndObject();
    }

    private static JsonNode document(Sheet sheet, Column column, JsonNode there, Map<String, String> ovens) {
        if (sheet != Sheet.EVENINGS) {
            return there;
        }
        return column.name().equals("input")
                ? Names.evening(there, id -> ovens.getOrDefault(id, ""))
                : Names.kept(there, id -> ovens.getOrDefault(id, ""));
    }
}
