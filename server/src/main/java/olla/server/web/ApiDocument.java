package olla.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.parameters.QueryParameter;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.units.Amount;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of the OpenAPI document at {@code /v3/api-docs}; the same wherever the application runs. */
@Configuration
class ApiDocument {

    static {
        // Messages and amounts leave as text.
        SpringDocUtils.getConfig()
                .replaceWithClass(Message.class, String.class)
                .replaceWithClass(Quantity.class, String.class)
                .replaceWithClass(Amount.class, String.class);
    }

    /** Everything is answered in the language and the units that are asked for. */
    @Bean
    OpenApiCustomizer languageAndUnits() {
        return document -> document.getPaths().values().stream()
                .flatMap(path -> path.readOperations().stream())
                .forEach(operation -> operation
                        .addParametersItem(parameter("lang", "A language (BCP 47); Accept-Language where it is missing")
                                .schema(new StringSchema()))
                        .addParametersItem(parameter("units", "Units of the amounts in what is said; metric as usual")
                                .schema(new StringSchema()
                                        .addEnumItem("metric")
                                        .addEnumItem("imperial")
                                        .addEnumItem("gas"))));
    }

    private static Parameter parameter(String name, String description) {
        return new QueryParameter().name(name).description(description).required(false);
    }

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info()
                        .title("Olla")
                        .version("1")
                        .description("From a piece of fish to its oven ticket, and the log of what came of it."))
                .servers(List.of(new Server().url("/")));
    }
}
