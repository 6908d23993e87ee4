package olla.server.people;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.security.GeneralSecurityException;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import olla.server.web.Lan;

/** A browser out on the network: it trusts the kitchen's certificate, keeps cookies, and answers for its pages with the token they are given. */
final class NetworkScreen {

    private static final String SCREEN = ScreenKeys.COOKIE;
    private static final String TOKEN = "XSRF-TOKEN";

    private final HttpClient client;
    private final String address;
    private String forwarded;
    private final Map<String, String> cookies = new LinkedHashMap<>();

    private NetworkScreen(int port) throws IOException, GeneralSecurityException {
        client = HttpClient.newBuilder()
                .sslContext(NetworkKeys.trusting())
                .version(HttpClient.Version.HTTP_1_1)
                .build();
        address = "https://127.0.0.1:" + port;
    }

    /** One before the door: it has opened a page, and with that the page's token. */
    static NetworkScreen at(Lan lan) throws IOException, GeneralSecurityException, InterruptedException {
        String address = lan.addresses().get(0);
        return at(Integer.parseInt(address.substring(address.lastIndexOf(':') + 1)));
    }

    /** The same at a port. */
    static NetworkScreen at(int port) throws IOException, GeneralSecurityException, InterruptedException {
        NetworkScreen screen = new NetworkScreen(port);
        screen.ask("GET", "/api/me", null);
        return screen;
    }

    /** Says, as a proxy does, that another asks. */
    NetworkScreen forwarding(String other) {
        forwarded = other;
        return this;
    }

    /** Asks to be let in with a code, under a name. */
    HttpResponse<String> enter(UUID id, String code, String name) throws IOException, InterruptedException {
        return ask("PUT", "/api/screens/" + id, "{\"code\":\"%s\",\"name\":\"%s\"}".formatted(code, name));
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .timeout(Duration.ofSeconds(30))
                .header("Content-Type", "application/json");
        if (!cookies.isEmpty()) {
            request.header(
                    "Cookie",
                    cookies.entrySet().stream()
                            .map(cookie -> cookie.getKey() + "=" + cookie.getValue())
                            .collect(Collectors.joining("; ")));
        }
        if (forwarded != null) {
            request.header("X-Forwarded-For", forwarded);
        }
        if (cookies.containsKey(TOKEN)) {
            request.header("X-XSRF-TOKEN", cookies.get(TOKEN));
        }
        return request;
    }

    HttpResponse<String> ask(String method, String path, String body) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(
                request(path)
                        .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
        for (String cookie : answer.headers().allValues("set-cookie")) {
            String pair = cookie.substring(0, cookie.contains(";") ? cookie.indexOf(';') : cookie.length());
            cookies.put(pair.substring(0, pair.indexOf('=')), pair.substring(pair.indexOf('=') + 1));
        }
        return answer;
    }

    int status(String method, String path) throws IOException, InterruptedException {
        return ask(method, path, "GET".equals(method) || "DELETE".equals(method) ? null : "{}")
                .statusCode();
    }

    /** Pushes readings as a device does: with a key, and no token. */
    HttpResponse<String> pushes(String key, String readings) throws IOException, InterruptedException {
        return client.send(
                bearing(key, "/api/readings")
                        .POST(BodyPublishers.ofString(readings))
                        .build(),
                BodyHandlers.ofString());
    }

    /** What a device is told that asks for something else. */
    int bears(String key, String method, String path) throws IOException, InterruptedException {
        return client.send(
                        bearing(key, path)
                                .method(method, BodyPublishers.ofString("{}"))
                                .build(),
                        BodyHandlers.ofString())
                .statusCode();
    }

    private HttpRequest.Builder bearing(String key, String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .timeout(Duration.ofSeconds(30))
                .header("Content-Type", "application/json")
                .header("Authorization", "Bearer " + key);
        return cookie(SCREEN) == null ? request : request.header("Cookie", SCREEN + "=" + cookie(SCREEN));
    }

    /** Follows the stream until the kitchen ends it. */
    HttpResponse<InputStream> follow() throws IOException, InterruptedException {
        return client.send(request("/api/bakes/stream").GET().build(), BodyHandlers.ofInputStream());
    }

    String cookie(String name) {
        return cookies.get(name);
    }

    void take(String name, String value) {
        cookies.put(name, value);
    }

    void forget(String name) {
        cookies.remove(name);
    }
}
