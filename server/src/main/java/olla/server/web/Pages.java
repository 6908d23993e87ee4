package olla.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import org.apache.catalina.core.StandardHost;
import org.springframework.boot.jackson.autoconfigure.JsonFactoryBuilderCustomizer;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Import;
import org.springframework.core.annotation.Order;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.module.SimpleModule;

/** Serves the interface: every station's address is the one page, its hashed files are kept by the browser. */
@Configuration
@Import(Gate.class)
public class Pages implements WebMvcConfigurer {

    /** A question is a few hundred bytes; nothing sensible is larger than this. */
    public static final int MOST_BYTES = 64 * 1024;

    /** A kitchen's whole archive, pictures and all. */
    private static final int MOST_ARCHIVE_BYTES = 256 * 1024 * 1024;

    /** A camera's picture. */
    public static final int MOST_PHOTO_BYTES = 12 * 1024 * 1024;

    /** Where among the filters it is judged whether a request is one, before its body is read. */
    public static final int BOUNDS = 0;

    /* Spring sorts no more. */
    private static final int MOST_WISHES = 50;

    /** Media type of a recipe file (published: JSON-LD 1.1, W3C). */
    public static final String JSON_LD = "application/ld+json";

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String station : new String[] {
            "/",
            "/counter",
            "/bench",
            "/sheet",
            "/oven",
            "/oven/*",
            "/drill",
            "/drill/*",
            "/notes",
            "/log",
            "/log/*",
            "/log/*/beside/*",
            "/screens",
            "/pair",
            "/plates"
        }) {
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

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> problemsOfTheWebServer() {
        return factory -> factory.addContextCustomizers(
                context -> ((StandardHost) context.getParent()).setErrorReportValveClass(ProblemValve.class.getName()));
    }

    @Bean
    ProblemWriter problemWriter(ObjectMapper json) {
        return new ProblemWriter(json);
    }

    /** Numbers that are read are amounts. */
    @Bean
    SimpleModule finiteNumbers() {
        return new SimpleModule("finite numbers")
                .addDeserializer(double.class, new FiniteNumbers(true))
                .addDeserializer(Double.class, new FiniteNumbers(false));
    }

    /** What is read is bounded and says each thing once. */
    @Bean
    JsonFactoryBuilderCustomizer plainDocuments() {
        return factory -> factory.streamReadConstraints(StreamReadConstraints.builder()
                        .maxDocumentLength(MOST_BYTES)
                        .build())
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION);
    }

    /** Only the media types that the interface's document names are read; a library brings another along. */
    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
        converters.configureMessageConvertersList(
                all -> all.removeIf(one -> one.getSupportedMediaTypes().contains(MediaType.APPLICATION_YAML)));
    }

    /** Whether a request brings a whole kitchen, which is taken in as it comes. */
    public static boolean isArchive(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/api/archive/");
    }

    private static int most(HttpServletRequest request) {
        return isArchive(request) ? MOST_ARCHIVE_BYTES : isPhoto(request) ? MOST_PHOTO_BYTES : MOST_BYTES;
    }

    /** Whether a request brings a picture. */
    public static boolean isPhoto(HttpServletRequest request) {
        return request.getRequestURI().endsWith("/photo");
    }

    /** An end to oversized bodies, and to wishes for an answer that nobody can read. */
    @Component
    @Order(BOUNDS)
    static class Bounds extends OncePerRequestFilter {

        private final ProblemWriter problems;

        Bounds(ProblemWriter problems) {
            this.problems = problems;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            if (!readable(request.getHeader(HttpHeaders.ACCEPT))) {
                problems.answer(request, response, HttpStatus.NOT_ACCEPTABLE, "refusal.accept");
                return;
            }
            int most = most(request);
            if (request.getContentLengthLong() > most) {
                problems.answer(
                        request, response, HttpStatus.CONTENT_TOO_LARGE, "refusal.too-large", "kilobytes", most / 1024);
                return;
            }
            // JSON is bounded by its reader; anything else is taken as it comes, so it says how long it is.
            String type = request.getContentType();
            boolean json = type != null && type.toLowerCase(Locale.ROOT).startsWith("application/json");
            if (type != null && !json && request.getContentLengthLong() < 0) {
                problems.answer(request, response, HttpStatus.LENGTH_REQUIRED, "missing.length");
                return;
            }
            chain.doFilter(request, response);
        }

        private static boolean readable(String accept) {
            try {
                return MediaType.parseMediaTypes(accept).size() <= MOST_WISHES;
            } catch (InvalidMediaTypeException none) {
                return false;
            }
        }
    }
}
