package olla.bench;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.security.GeneralSecurityException;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509ExtendedTrustManager;

/**
 * One of the two ways into a kitchen of one's own on this machine: its loopback door, or that of the network, as a screen that was let in and somebody who stands at it.
 * It believes any certificate, and goes to loopback only. Safe for one thread.
 */
final class Door {

    private static final Duration PATIENCE = Duration.ofSeconds(15);
    private static final int MOST_TRIES = 100;
    private static final String TOKEN = "XSRF-TOKEN";

    /* One for all, in each direction: a client has threads of its own, and a load has hundreds of doors. */
    private static final HttpClient PLAIN = HttpClient.newHttpClient();
    private static final HttpClient SAFE = HttpClient.newBuilder()
            .sslContext(believing())
            .version(HttpClient.Version.HTTP_1_1)
            .build();

    private final String address;
    private final HttpClient client;
    private final Map<String, String> cookies = new ConcurrentHashMap<>();
    private String bearer;
    private UUID person;
    private String kitchen;

    /**
     * What was answered.
     *
     * @param status 0 where nothing was
     */
    record Answer(int status, String body) {

        boolean good() {
            return status / 100 == 2;
        }

        /** A text of the first level, or below, by its name. */
        String text(String name) {
            Matcher found = Pattern.compile("\"" + name + "\":\"([^\"]*)\"").matcher(body);
            if (!found.find()) {
                throw new IllegalStateException("no " + name + " in " + body);
            }
            return found.group(1);
        }
    }

    private Door(String address, HttpClient client) {
        this.address = address;
        this.client = client;
    }

    /** The machine's own. */
    static Door machine(int port) {
        return new Door("http://127.0.0.1:" + port, PLAIN);
    }

    /** The machine's own, in one of several kitchens. */
    static Door machine(int port, int kitchen) {
        Door door = machine(port);
        door.kitchen = String.valueOf(kitchen);
        return door;
    }

    /** Asks as the machine does, until it is answered well. */
    Answer surely(String method, String path, String body) throws InterruptedException {
        Answer answer = ask(method, path, body);
        for (int i = 0; !answer.good() && i < MOST_TRIES; i++) {
            Thread.sleep(100);
            answer = ask(method, path, body);
        }
        if (!answer.good()) {
            throw new IllegalStateException(method + " " + path + " answered " + answer);
        }
        return answer;
    }

    /** A cook on the list, who stands at a tablet that several hands use, with the code that the machine gives. */
    static Door network(Door machine, int port, UUID person, String name) throws InterruptedException {
        machine.surely(
                "PUT", "/api/people/" + person, "{\"name\":\"" + name + "\",\"role\":\"COOK\",\"pin\":\"4711\"}");
        String code = machine.surely(
                        "PUT", "/api/invitations/" + UUID.randomUUID(), "{\"role\":\"COOK\",\"shared\":true}")
                .text("code");
        Door tablet = new Door("https://127.0.0.1:" + port, SAFE);
        tablet.surely("GET", "/api/me", null);
        tablet.surely(
                "PUT",
                "/api/screens/" + UUID.randomUUID(),
                "{\"code\":\"" + code + "\",\"name\":\"Tablet of " + name + "\"}");
        tablet.person = person;
        tablet.signIn(person);
        return tablet;
    }

    /** Says who stands there. */
    void signIn(UUID person) throws InterruptedException {
        surely("PUT", "/api/me/person", "{\"person\":\"" + person + "\",\"pin\":\"4711\"}");
    }

    /** Says it again, where somebody stands there. */
    boolean signsIn() throws InterruptedException {
        return person != null
                && ask("PUT", "/api/me/person", "{\"person\":\"" + person + "\",\"pin\":\"4711\"}")
                        .good();
    }

    /** A device with its key. */
    Door device(String key) {
        Door device = new Door(address, client);
        device.bearer = key;
        return device;
    }

    /** A request as this door sends it, to be finished by the caller. */
    HttpRequest.Builder request(String path) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(address + path)).header("content-type", "application/json");
        if (kitchen != null) {
            request.header("olla-kitchen", kitchen);
        }
        if (bearer != null) {
            request.header("authorization", "Bearer " + bearer);
        }
        if (!cookies.isEmpty()) {
            request.header(
                    "cookie",
                    cookies.entrySet().stream()
                            .map(cookie -> cookie.getKey() + "=" + cookie.getValue())
                            .collect(Collectors.joining("; ")));
        }
        if (cookies.containsKey(TOKEN)) {
            request.header("x-xsrf-token", cookies.get(TOKEN));
        }
        return request;
    }

    /** What goes through it. */
    HttpClient client() {
        return client;
    }

    Answer ask(String method, String path, String body) throws InterruptedException {
        HttpRequest.BodyPublisher content =
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body);
        try {
            HttpResponse<String> answer = client.send(
                    request(path).timeout(PATIENCE).method(method, content).build(),
                    HttpResponse.BodyHandlers.ofString());
            for (String cookie : answer.headers().allValues("set-cookie")) {
                String pair = cookie.split(";", 2)[0];
                cookies.put(pair.substring(0, pair.indexOf('=')), pair.substring(pair.indexOf('=') + 1));
            }
            return new Answer(answer.statusCode(), answer.body());
        } catch (IOException notAnswered) {
            return new Answer(0, "");
        }
    }

    private static SSLContext believing() {
        try {
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, new TrustManager[] {new Believing()}, null);
            return context;
        } catch (GeneralSecurityException noTls) {
            throw new IllegalStateException(noTls);
        }
    }

    /** Loopback only: there is nobody else to be. */
    private static final class Believing extends X509ExtendedTrustManager {
        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type, Socket socket) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type, Socket socket) {}

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type) {}

        @Override
        public X509Certificate[] getAcceptedIssuers() {
            return new X509Certificate[0];
        }
    }
}
