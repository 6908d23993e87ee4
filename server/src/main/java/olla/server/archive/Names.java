package olla.server.archive;

import java.util.function.Function;
import olla.server.archive.Column.Kind;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Ovens have numbers in a store and names in an archive. Here the one is put for the other wherever an oven stands: in a column, in a note's, and
 * in what an evening was asked for and keeps.
 */
final class Names {

    private Names() {}

    /** An evening as its archive says it. */
    static JsonNode evening(JsonNode input, Function<String, String> name) {
        ObjectNode evening = (ObjectNode) input;
        rename(evening.path("ovens"), "ovenId", "oven", name, false);
        each(evening.path("fish"), "ovenIds", "ovens", name, false);
        return evening;
    }

    /** The same as a store has it. */
    static JsonNode eveningOfStore(JsonNode input, Function<String, String> number) {
        ObjectNode evening = (ObjectNode) input;
        rename(evening.path("ovens"), "oven", "ovenId", number, true);
        each(evening.path("fish"), "ovens", "ovenIds", number, true);
        return evening;
    }

    /** What an evening keeps, either way. */
    static JsonNode kept(JsonNode list, Function<String, String> other) {
        for (JsonNode one : list) {
            if (one instanceof ObjectNode line && line.path("oven").isString()) {
                line.put("oven", other.apply(line.path("oven").stringValue()));
            }
        }
        return list;
    }

    private static void rename(JsonNode list, String from, String to, Function<String, String> other, boolean number) {
        for (JsonNode one : list) {
            if (one instanceof ObjectNode line && line.has(from)) {
                String found = other.apply(line.remove(from).asString());
                if (number) {
                    line.put(to, Integer.parseInt(found));
                } else {
                    line.put(to, found);
                }
            }
        }
    }

    private static void each(JsonNode list, String from, String to, Function<String, String> other, boolean number) {
        for (JsonNode one : list) {
            if (one instanceof ObjectNode line && line.path(from).isArray()) {
                ArrayNode named = line.putArray(to);
                for (JsonNode oven : line.remove(from)) {
                    String found = other.apply(oven.asString());
                    if (number) {
                        named.add(Integer.parseInt(found));
                    } else {
                        named.add(found);
                    }
                }
            }
        }
    }

    /** Whether an oven stands in a column of a line. */
    static boolean oven(Column column, String about) {
        return column.kind() == Kind.OVEN || column.kind() == Kind.KEPT_TO && about.equals("OVEN");
    }
}
