package olla.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of the OpenAPI document at {@code /v3/api-docs}; the same wherever the application runs. */
@Configuration
class ApiDocument {

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
