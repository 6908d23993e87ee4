package olla.server.web;

import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import org.springframework.stereotype.Component;

/** Documents every component of a record as required unless it is {@link MaybeAbsent}, so that generated types are tight. */
@Component
class RequiredByDefault implements ModelConverter {

    @Override
    public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        Schema<?> schema = chain.next().resolve(type, context, chain);
        // The documenting library has types of its own reader.
        Class<?> raw =
                TypeFactory.defaultInstance().constructType(type.getType()).getRawClass();
        if (raw.isRecord()) {
            Schema<?> model = context.getDefinedModels().get(raw.getSimpleName());
            if (model != null) {
                model.setRequired(Arrays.stream(raw.getRecordComponents())
                        .filter(c -> !c.isAnnotationPresent(MaybeAbsent.class))
                        .map(RecordComponent::getName)
                        .toList());
            }
        }
        return schema;
    }
}
