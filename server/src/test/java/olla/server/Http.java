package olla.server;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpEntity;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Asks the running application and hands back whatever it answers, refusals too. */
public final class Http {

    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final Environment environment;
    private final ObjectMapper json;

    Http(Environment environment, ObjectMapper json) {
        this.environment = environment;
        this.json = json;
    }

    public ResponseEntity<String> get(String path) {
        return exchange(path, HttpMethod.GET, HttpEntity.EMPTY);
    }

    /** What is there, as text. */
    public String read(String path) {
        return get(path).getBody();
    }

    public ResponseEntity<String> post(String path, Object body) {
        return exchange(path, HttpMethod.POST, body instanceof HttpEntity<?> whole ? whole : new HttpEntity<>(body));
    }

    /**
     * Asks with headers and a body.
     *
     * @param path on the application's own address
     * @param asked text goes with its length; anything else as JSON in chunks of unknown length
     * @throws UncheckedIOException where it does not answer
     */
    public ResponseEntity<String> exchange(String path, HttpMethod method, HttpEntity<?> asked) {
        URI at = URI.create("http://127.0.0.1:" + environment.getRequiredProperty("local.server.port") + path);
        HttpRequest.Builder request = HttpRequest.newBuilder(at).method(method.name(), body(asked.getBody()));
        asked.getHeaders().forEach((name, values) -> values.forEach(value -> request.header(name, value)));
        if (asked.hasBody() && asked.getHeaders().getContentType() == null) {
            boolean text = asked.getBody() instanceof String;
            request.header(
                    HttpHeaders.CONTENT_TYPE, text ? MediaType.TEXT_PLAIN_VALUE : MediaType.APPLICATION_JSON_VALUE);
        }
        try {
            HttpResponse<String> answer = client.send(request.build(), BodyHandlers.ofString());
            HttpHeaders headers = new HttpHeaders();
            answer.headers().map().forEach(headers::addAll);
            return ResponseEntity.status(answer.statusCode()).headers(headers).body(answer.body());
        } catch (IOException lost) {
            throw new UncheckedIOException(lost);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private BodyPublisher body(Object body) {
        if (body == null) {
            return BodyPublishers.noBody();
        }
        if (body instanceof String text) {
            return BodyPublishers.ofString(text);
        }
        try {
            byte[] written = json.writeValueAsBytes(body);
            return BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(written));
        } catch (JacksonException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
