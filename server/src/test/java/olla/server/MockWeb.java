package olla.server;

import jakarta.servlet.Filter;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.DefaultMockMvcBuilder;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.context.WebApplicationContext;

/** Asks the started application's controllers through all its filters, without a line between. */
public final class MockWeb {

    @Bean
    MockMvc web(WebApplicationContext context, ObjectProvider<Filter> filters) {
        DefaultMockMvcBuilder web = MockMvcBuilders.webAppContextSetup(context);
        filters.orderedStream().forEach(web::addFilter);
        return web.build();
    }
}
