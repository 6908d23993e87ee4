package olla.server.evening;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Unit;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * What was worked out of an evening as it is stored: with its sentences as what they say and not as words, since whoever reads it may ask in
 * another language.
 */
@Component
class WorkedJson {

    private static final String KEY = "key";
    private static final String VALUES = "values";
    private static final String UNIT = "unit";
    private static final String AMOUNT = "amount";
    private static final String OF = "of";
    private static final String CONSTANT = "constant";

    /* Nothing else is ever made by a name that stands in the store. */
    private static final String OURS = "olla.core.";

    private final JsonMapper json = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .addModule(new SimpleModule()
                    .addSerializer(Message.class, new Writes())
                    .addDeserializer(Message.class, new Reads()))
            .build();

    /** @throws IllegalStateException where a sentence has a value of a kind that cannot be stored */
    String written(Worked worked) {
        try {
            return json.writeValueAsString(worked);
        } catch (JacksonException impossible) {
            throw new IllegalStateException("What was worked out cannot be stored.", impossible);
        }
    }

    /** What was stored; empty where it is of another version, and is worked out again. */
    Optional<Worked> read(String text) {
        try {
            return Optional.ofNullable(json.readValue(text, Worked.class));
        } catch (JacksonException | IllegalArgumentException | NullPointerException ofAnotherVersion) {
            return Optional.empty();
        }
    }

    private static final class Writes extends ValueSerializer<Message> {
        @Override
        public void serialize(Message message, JsonGenerator out, SerializationContext context) {
            out.writeStartObject();
            out.writeStringProperty(KEY, message.key());
            out.writeObjectPropertyStart(VALUES);
            message.values().forEach((name, value) -> {
                out.writeName(name);
                write(value, out);
            });
            out.writeEndObject();
            out.writeEndObject();
        }

        private void write(Object value, JsonGenerator out) {
            if (value instanceof Message message) {
                serialize(message, out, null);
            } else if (value instanceof Quantity quantity) {
                out.writeStartObject();
                out.writeNumberProperty(AMOUNT, quantity.value());
                out.writeStringProperty(UNIT, quantity.unit().name());
                out.writeEndObject();
            } else if (value instanceof Enum<?> constant) {
                out.writeStartObject();
                out.writeStringProperty(OF, constant.getDeclaringClass().getName());
                out.writeStringProperty(CONSTANT, constant.name());
                out.writeEndObject();
            } else if (value instanceof List<?> several) {
                out.writeStartArray();
                several.forEach(one -> write(one, out));
                out.writeEndArray();
            } else if (value instanceof Double || value instanceof Float) {
                out.writeNumber(((Number) value).doubleValue());
            } else if (value instanceof Number whole) {
                out.writeNumber(whole.longValue());
            } else if (value instanceof Boolean truth) {
                out.writeBoolean(truth);
            } else if (value instanceof String text) {
                out.writeString(text);
            } else {
                throw new IllegalStateException("A sentence has a " + value.getClass() + ", which cannot be stored.");
            }
        }
    }

    private static final class Reads extends ValueDeserializer<Message> {
        @Override
        public Message deserialize(JsonParser in, DeserializationContext context) {
            return message(context.readTree(in));
        }

        private static Message message(JsonNode node) {
            Map<String, Object> values = new LinkedHashMap<>();
            node.get(VALUES).properties().forEach(field -> values.put(field.getKey(), value(field.getValue())));
            return new Message(node.get(KEY).asString(), values);
        }

        private static Object value(JsonNode node) {
            if (node.isArray()) {
                List<Object> several = new ArrayList<>();
                node.forEach(one -> several.add(value(one)));
                return several;
            }
            if (node.isObject()) {
                return node.has(KEY)
                        ? message(node)
                        : node.has(UNIT)
                                ? new Quantity(
                                        node.get(AMOUNT).asDouble(),
                                        Unit.valueOf(node.get(UNIT).asString()))
                                : constant(
                                        node.get(OF).asString(),
                                        node.get(CONSTANT).asString());
            }
            if (node.isBoolean()) {
                return node.asBoolean();
            }
            if (node.isIntegralNumber()) {
                return node.asLong();
            }
            return node.isNumber() ? (Object) node.asDouble() : node.asString();
        }

        @SuppressWarnings({"unchecked", "rawtypes"})
        private static Object constant(String of, String name) {
            try {
                Class<?> type = of.startsWith(OURS) ? Class.forName(of) : Object.class;
                return Enum.valueOf((Class<Enum>) type.asSubclass(Enum.class), name);
            } catch (ReflectiveOperationException | ClassCastException notOurs) {
                throw new IllegalArgumentException(of + " has no " + name, notOurs);
            }
        }
    }
}
