package olla.server.archive;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import olla.core.messages.Message;
import olla.core.messages.Refusal;
import olla.core.messages.RefusedInput;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What an archive looks like: a JSON Schema (published: draft 2020-12), and what of an archive does not look so. */
@Component
class ArchiveSchema {

    /** What an archive is called by itself. */
    static final String FORMAT = "olla-kitchen";

    /** The newest that is written; every older one is read for ever. */
    static final int VERSION = 1;

    private static final String DIALECT = "https://json-schema.org/draft/2020-12/schema";

    private final ObjectMapper json;
    private final Map<Sheet, Schema> lines = new EnumMap<>(Sheet.class);

    ArchiveSchema(ObjectMapper json) {
        this.json = json;
        SchemaRegistry registry = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);
        for (Sheet sheet : Sheet.values()) {
            lines.put(sheet, registry.getSchema(line(sheet).toString(), InputFormat.JSON));
        }
    }

    /** The whole of it. */
    String document() {
        JsonNodeFactory make = JsonNodeFactory.instance;
        ObjectNode document = make.objectNode();
        document.put("$schema", DIALECT);
        document.put("title", FORMAT);
        document.put("type", "object");
        ObjectNode properties = document.putObject("properties");
        properties.putObject("format").put("const", FORMAT);
        properties.putObject("version").put("const", VERSION);
        ArrayNode needed = document.putArray("required");
        needed.add("format").add("version");
        for (Sheet sheet : Sheet.values()) {
            ObjectNode list = properties.putObject(sheet.key());
            list.put("type", "array");
            list.set("items", line(sheet));
            needed.add(sheet.key());
        }
        document.put("additionalProperties", false);
        return json.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(document) + "\n";
    }

    private static ObjectNode line(Sheet sheet) {
        ObjectNode line = JsonNodeFactory.instance.objectNode();
        line.put("type", "object");
        ObjectNode properties = line.putObject("properties");
        ArrayNode needed = line.putArray("required");
        for (Column column : sheet.columns()) {
            ObjectNode property = properties.putObject(column.name());
            property.put("type", column.kind().type());
            switch (column.kind()) {
                case ID -> property.put("pattern", "^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$");
                case MOMENT ->
                    property.put(
                            "pattern",
                            "^2[0-9]{3}-[01][0-9]-[0-3][0-9]T[0-2][0-9]:[0-5][0-9]:[0-5][0-9]([.][0-9]{1,3})?Z$");
                case OVEN -> property.put("minLength", 1);
                case TEXT, KEPT_TO -> {
                    if (column.choices().isEmpty()) {
                        property.put("maxLength", column.most());
                    } else {
                        column.choices().forEach(property.putArray("enum")::add);
                    }
                }
                case NUMBER, INT -> property.put("minimum", -column.most()).put("maximum", column.most());
                case REAL, YES, JSON, LIST -> {}
            }
            if (column.needed()) {
                needed.add(column.name());
            }
        }
        line.put("additionalProperties", false);
        return line;
    }

    /** Which part of a line is not as it should be; empty where all of it is. */
    Optional<String> wrong(Sheet sheet, JsonNode line) {
        for (Column column : sheet.columns()) {
            boolean document = column.kind() == Column.Kind.JSON || column.kind() == Column.Kind.LIST;
            if (document && line.path(column.name()).toString().length() > column.most()) {
                return Optional.of(column.name());
            }
        }
        return lines.get(sheet).validate(line.toString(), InputFormat.JSON).stream()
                .findFirst()
                .map(error -> error.getProperty() == null
                        ? error.getInstanceLocation().toString().replaceAll("^[/$.]*", "")
                        : error.getProperty());
    }

    /** What is said of a line that is not as it should be. */
    static RefusedInput refused(Sheet sheet, int place, String field) {
        return new RefusedInput(List.of(new Refusal(
                sheet.key(),
                Message.of(
                        "archive.wrong-line",
                        "list",
                        sheet.key(),
                        "place",
                        place,
                        "field",
                        field.isEmpty() ? "-" : field))));
    }
}
