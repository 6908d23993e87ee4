package olla.server.web;

import com.fasterxml.jackson.core.StreamReadConstraints;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the interface: every station's address is the one page, its hashed files are kept by the browser. */
@Configuration
public class Pages implements WebMvcConfigurer {

    /** A question is a few hundred bytes; nothing sensible is larger than this. */
    static final int MOST_BYTES = 64 * 1024;

    /** A camera's picture. */
    static final int MOST_PHOTO_BYTES = 12 * 1024 * 1024;

    /** Media type of a recipe file (published: JSON-LD 1.1, W3C). */
    public static final String JSON_LD = "application/ld+json";

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String station : new String[] {"/", "/counter", "/bench", "/oven", "/oven/*", "/log"}) {
            registry.addViewController(station).setViewName("forward:/index.html");
        }
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/META-INF/resources/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
    }

    /** A body that does not say how long it is gets no further than this either. */
    @Bean
    Jackson2ObjectMapperBuilderCustomizer shortDocuments() {
        return builder -> builder.postConfigurer(json -> json.getFactory()
                .setStreamReadConstraints(StreamReadConstraints.builder()
                        .maxDocumentLength(MOST_BYTES)
                        .build()));
    }

    /** Headers that keep foreign code out, and an end to oversized bodies. */
    @Component
    static class Guard extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            response.setHeader(
                    "Content-Security-Policy",
                    "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'");
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Referrer-Policy", "no-referrer");
            boolean photo = request.getRequestURI().endsWith("/photo");
            if (request.getContentLengthLong() > (photo ? MOST_PHOTO_BYTES : MOST_BYTES)) {
                response.sendError(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
                return;
            }
            // JSON is bounded by its reader; anything else is taken as it comes, so it says how long it is.
            String type = request.getContentType();
            boolean json = type != null && type.toLowerCase(Locale.ROOT).startsWith("application/json");
            if (type != null && !json && request.getContentLengthLong() < 0) {
                response.sendError(HttpServletResponse.SC_LENGTH_REQUIRED);
                return;
            }
            chain.doFilter(request, response);
        }
    }
}
