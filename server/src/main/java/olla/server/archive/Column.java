package olla.server.archive;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * One thing that an archive says in each of its lines.
 *
 * @param name as the archive calls it
 * @param sql as the store calls it
 * @param kind what it is
 * @param needed whether every line has it
 * @param most TEXT: how many characters at most; JSON: how many in its shortest writing; NUMBER and INT: how much at most; else 0
 * @param choices TEXT: what it may be; empty for anything
 */
record Column(String name, String sql, Kind kind, boolean needed, int most, List<String> choices) {

    /** What something can be. */
    enum Kind {
        TEXT("string"),
        ID("string"),
        MOMENT("string"),
        /** A decimal number. */
        NUMBER("number"),
        /** A number of which every bit is kept. */
        REAL("number"),
        INT("integer"),
        YES("boolean"),
        JSON("object"),
        LIST("array"),
        /** An oven by its name. */
        OVEN("string"),
        /** What a note is kept to: an oven by its name, anything else as it is. */
        KEPT_TO("string");

        private final String type;

        Kind(String type) {
            this.type = type;
        }

        /** As JSON Schema calls it. */
        String type() {
            return type;
        }
    }

    static Column text(String name, int most) {
        return new Column(name, snake(name), Kind.TEXT, true, most, List.of());
    }

    static Column of(String name, Kind kind) {
        return new Column(name, snake(name), kind, true, 0, List.of());
    }

    static Column upTo(String name, Kind kind, int most) {
        return new Column(name, snake(name), kind, true, most, List.of());
    }

    /** One of a few words. */
    static Column one(String name, Enum<?>... of) {
        List<String> choices = Arrays.stream(of).map(Enum::name).toList();
        return new Column(name, snake(name), Kind.TEXT, true, 0, choices);
    }

    /** The same under another name in the store. */
    Column in(String otherSql) {
        return new Column(name, otherSql, kind, needed, most, choices);
    }

    /** The same where it may be missing. */
    Column maybe() {
        return new Column(name, sql, kind, false, most, choices);
    }

    private static String snake(String name) {
        return name.replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
    }

    /** What a row of the store has there; null where it has nothing. */
    Object read(ResultSet row) throws SQLException {
        return switch (kind) {
            case NUMBER -> row.getBigDecimal(sql);
            case REAL -> row.getObject(sql, Double.class);
            case INT, OVEN -> row.getObject(sql, Integer.class);
            case YES -> row.getBoolean(sql);
            case MOMENT -> {
                LocalDateTime at = row.getObject(sql, LocalDateTime.class);
                yield at == null ? null : at.toInstant(ZoneOffset.UTC).toString();
            }
            case TEXT, ID, JSON, LIST, KEPT_TO -> row.getString(sql);
        };
    }

    /**
     * What the store is given for what an archive says.
     *
     * @throws java.time.DateTimeException where a moment is none
     */
    Object written(JsonNode said) {
        if (said == null || said.isNull()) {
            return null;
        }
        return switch (kind) {
            case NUMBER -> said.decimalValue();
            case REAL -> said.doubleValue();
            case INT -> said.intValue();
            case YES -> said.booleanValue();
            case MOMENT -> LocalDateTime.ofInstant(Instant.parse(said.stringValue()), ZoneOffset.UTC);
            case JSON, LIST -> said.toString();
            case TEXT, OVEN, KEPT_TO -> said.stringValue();
            case ID -> UUID.fromString(said.stringValue()).toString();
        };
    }

    /** A value of the store's as JSON, where that is no document of its own. */
    static JsonNode node(Object value) {
        JsonNodeFactory json = JsonNodeFactory.instance;
        if (value instanceof BigDecimal number) {
            return json.numberNode(number);
        }
        if (value instanceof Double number) {
            return json.numberNode(number);
        }
        if (value instanceof Integer number) {
            return json.numberNode(number);
        }
        return value instanceof Boolean yes ? json.booleanNode(yes) : json.stringNode((String) value);
    }
}
