package olla.server.evening;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.cfg.EnumFeature;

/** Evenings as they are stored. What was stored once can always be read again. */
@Component
class EveningJson {

    /* What is shown of a row that nothing can be made of. */
    private static final EveningInput UNREADABLE =
            new EveningInput("?", Instant.EPOCH, 1, null, null, List.of(), List.of(), List.of(), 0, List.of());

    private final ObjectMapper json;
    private final ObjectReader lenient;

    EveningJson(ObjectMapper json) {
        this.json = json;
        this.lenient = json.readerFor(EveningInput.class)
                .without(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .with(EnumFeature.READ_UNKNOWN_ENUM_VALUES_AS_NULL);
    }

    String written(EveningInput evening) {
        try {
            return json.writeValueAsString(evening);
        } catch (JacksonException impossible) {
            throw new IllegalStateException("An evening that was read cannot be written.", impossible);
        }
    }

    /** What was typed; of a row that a later version no longer understands, as much as can be. */
    EveningInput read(String text) {
        try {
            EveningInput read = lenient.readValue(text);
            if (read == null) {
                return UNREADABLE;
            }
            return new EveningInput(
                    read.name() == null ? UNREADABLE.name() : read.name(),
                    read.serveAt() == null ? UNREADABLE.serveAt() : read.serveAt(),
                    read.guests(),
                    read.atRisk(),
                    read.coursesMin(),
                    list(read.fish()),
                    list(read.sides()),
                    list(read.ovens()),
                    read.burners(),
                    list(read.hands()));
        } catch (JacksonException broken) {
            return UNREADABLE;
        }
    }

    private static <T> List<T> list(List<T> read) {
        return read == null ? List.of() : read.stream().filter(Objects::nonNull).toList();
    }
}
