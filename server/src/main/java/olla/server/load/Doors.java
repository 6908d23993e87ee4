package olla.server.load;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Lets every request know who asks, before anything else looks at it. */
@Configuration
class Doors {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> askersAreKnown() {
        return factory -> factory.addEngineValves(new Asker.Introduction());
    }
}
