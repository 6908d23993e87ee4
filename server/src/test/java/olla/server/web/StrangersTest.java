package olla.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.UUID;
import olla.server.Started;
import olla.server.Wire;
import olla.server.Wire.Reply;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What another site's page can do to a kitchen from inside a cook's browser: nothing. */
@Started(schema = "strangers", settings = "olla.hosts=kitchen.test")
class StrangersTest {

    @Value("${local.server.port}")
    private int port;

    @Autowired
    private JdbcClient sql;

    private Wire wire;

    @BeforeEach
    void wire() {
        wire = new Wire(port);
    }

    private Reply get(String path, String host) throws IOException {
        return wire.say("GET " + path + " HTTP/1.1\nHost: " + host + "\n", "");
    }

    private Reply write(String method, String path, String more, String body) throws IOException {
        return wire.say(
                method + " " + path + " HTTP/1.1\nHost: localhost:" + port + "\nContent-Type: application/json\n"
                        + more,
                body);
    }

    /** A name that another site has pointed at this machine: to the browser it would be of one origin with the kitchen. */
    @ParameterizedTest
    @ValueSource(strings = {"/", "/api/bakes", "/api/log", "/v3/api-docs", "/actuator/health"})
    void aNameThatIsNotOursReadsNothing(String path) throws IOException {
        Reply reply = get(path, "rebound.example:" + port);

        assertThat(reply.status()).isEqualTo(421);
        assertThat(reply.isProblem()).isTrue();
        assertThat(reply.body()).contains("does not go by that name", "\"Misdirected Request\"");
    }

    @ParameterizedTest
    @ValueSource(strings = {"127.0.0.1", "localhost", "LOCALHOST", "[::1]", "kitchen.test"})
    void itsOwnNamesAreAnswered(String name) throws IOException {
        assertThat(get("/api/bakes", name + ":" + port).status()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Origin: http://shop.example",
                "Origin: null",
                "Origin: http://localhost:1",
                "Origin: ht!tp//",
                "Sec-Fetch-Site: cross-site",
                "Sec-Fetch-Site: same-site"
            })
    void anotherSitesPageWritesNothing(String header) throws IOException {
        long ovens = ovens();
        for (String method : new String[] {"POST", "PUT", "DELETE", "PATCH"}) {
            for (String path :
                    new String[] {"/api/ovens", "/api/bakes", "/api/recipes/" + UUID.randomUUID(), "/api/readings"}) {
                Reply reply = write(method, path, header + "\n", oven());
                assertThat(reply.status()).as("%s %s", method, path).isEqualTo(403);
                assertThat(reply.isProblem()).isTrue();
            }
        }
        assertThat(get("/api/bakes", "localhost:" + port + "\n" + header).status())
                .as("reading")
                .isEqualTo(403);
        assertThat(ovens()).isEqualTo(ovens);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "Origin: http://localhost:%d\n", "Sec-Fetch-Site: same-origin\n", "Sec-Fetch-Site: none\n"})
    void ourOwnPageAndWhatIsNoBrowserMayWrite(String header) throws IOException {
        long ovens = ovens();
        Reply reply = write("POST", "/api/ovens", header.formatted(port), oven());
        assertThat(reply.status()).as(reply.body()).isEqualTo(201);
        assertThat(ovens()).isEqualTo(ovens + 1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/bench",
                "/api/bakes",
                "/api/nothing",
                "/api/bakes/00000000-0000-0000-0000-000000000000/photo"
            })
    void everyAnswerKeepsForeignCodeOut(String path) throws IOException {
        Reply reply = get(path, "localhost:" + port);

        assertThat(reply.headers())
                .containsEntry("x-content-type-options", "nosniff")
                .containsEntry("referrer-policy", "no-referrer")
                .containsEntry("x-frame-options", "DENY")
                .containsEntry("cross-origin-resource-policy", "same-origin")
                .containsEntry("cross-origin-opener-policy", "same-origin");
        assertThat(reply.headers().get("content-security-policy"))
                .contains("default-src 'self'", "frame-ancestors 'none'", "base-uri 'none'", "form-action 'none'");
        if (path.startsWith("/api")) {
            assertThat(reply.headers().get("cache-control")).contains("no-store");
        }
        assertThat(reply.headers()).doesNotContainKeys("set-cookie", "server");
    }

    @Test
    void theDocumentOfTheInterfaceIsAsPublicAsTheApplication() throws IOException {
        assertThat(get("/v3/api-docs", "localhost:" + port).status()).isEqualTo(200);
    }

    /** What the firewall turns away is told like any other error. */
    @ParameterizedTest
    @ValueSource(strings = {"/api/bakes;jsessionid=1", "/api//bakes", "/api/%2e%2e/bakes", "/api/bakes%00"})
    void crookedPathsAreProblemsToo(String path) throws IOException {
        Reply reply = get(path, "localhost:" + port);

        assertThat(reply.status()).isBetween(400, 404);
        assertThat(reply.isProblem()).as(reply.body()).isTrue();
    }

    private static String oven() {
        return "{\"name\": \"Deck oven " + UUID.randomUUID() + "\", \"kind\": \"STILL\"}";
    }

    private long ovens() {
        return sql.sql("select count(*) from oven").query(Long.class).single();
    }
}
