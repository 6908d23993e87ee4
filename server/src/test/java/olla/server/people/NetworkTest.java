package olla.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import olla.server.Http;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.web.Lan;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpEntity;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.ObjectMapper;

/** Who is let in from the network, and to what: walked over TLS, address by address. */
@ExtendWith(NetworkKeys.class)
@Started(
        schema = "network",
        settings = {
            "olla.lan.port=0",
            "olla.lan.address=127.0.0.1",
            "olla.lan.keys=" + NetworkKeys.FILE,
            "olla.lan.password=" + NetworkKeys.PASSWORD
        },
        with = SettableClock.InPlaceOfTheKitchens.class)
class NetworkTest {

    private static final Set<String> FOR_ALL = Set.of("GET /api/me", "PUT /api/screens/{id}");
    private static final Set<String> FOR_DEVICES = Set.of("GET /api/clock", "POST /api/readings");
    private static final Set<String> FOR_WATCHERS = Set.of(
            "GET /api/plates", "GET /api/clock", "GET /api/people", "PUT /api/me/person", "DELETE /api/me/person");

    @Autowired
    private Lan lan;

    @Autowired
    private Http machine;

    @Autowired
    private JdbcClient sql;

    @Autowired
    private SettableClock clock;

    @Autowired
    private ObjectMapper json;

    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;

    private NetworkScreen screen;

    @BeforeEach
    void out() throws Exception {
        sql.sql("delete from screen").update();
        sql.sql("delete from invitation").update();
        screen = another();
    }

    private NetworkScreen another() throws Exception {
        return NetworkScreen.at(lan);
    }

    private String code(Role role) throws Exception {
        String answer = machine.exchange(
                        "/api/invitations/" + UUID.randomUUID(),
                        HttpMethod.PUT,
                        new HttpEntity<>(new InvitationInput(role, null)))
                .getBody();
        return json.readTree(answer).get("code").asString();
    }

    private static String asking(String code) {
        return "{\"code\":\"%s\",\"name\":\"Tablet at the oven\"}".formatted(code);
    }

    private UUID letIn(NetworkScreen as, Role role) throws Exception {
        UUID id = UUID.randomUUID();
        assertThat(as.ask("PUT", "/api/screens/" + id, asking(code(role))).statusCode())
                .isEqualTo(200);
        return id;
    }

    /* Every address there is, each once for each of its methods. */
    private List<String> addresses() {
        List<String> all = new ArrayList<>();
        for (RequestMappingInfo info :
                requestMappingHandlerMapping.getHandlerMethods().keySet()) {
            for (String path : info.getPatternValues()) {
                for (RequestMethod method : info.getMethodsCondition().getMethods()) {
                    if (path.startsWith("/api")) {
                        all.add(method + " " + path);
                    }
                }
            }
        }
        assertThat(all).hasSizeGreaterThan(50).contains("GET /api/bakes/stream", "PUT /api/bakes/{id}/photo");
        return all;
    }

    private int status(NetworkScreen asks, String address) throws Exception {
        String[] parts = address.split(" ");
        return asks.status(
                parts[0],
                parts[1].replaceAll("\\{[a-zA-Z]+\\}", UUID.randomUUID().toString()));
    }

    @Test
    void whoWasNotLetInReadsAndWritesNothing() throws Exception {
        for (String address : addresses()) {
            if (!FOR_ALL.contains(address)) {
                assertThat(status(screen, address)).as(address).isEqualTo(401);
            }
        }
        for (String path : List.of("/actuator/health", "/v3/api-docs", "/actuator")) {
            assertThat(screen.status("GET", path)).as(path).isEqualTo(401);
        }
        assertThat(screen.ask("GET", "/api/bakes", null).body()).contains("has not been let in");
        // The pages hold nothing of the kitchen: from them it is let in.
        assertThat(screen.status("GET", "/pair")).isEqualTo(200);
        assertThat(screen.ask("GET", "/api/me", null).body()).isEqualTo("{\"network\":true}");
    }

    @Test
    void aWatcherSeesWhenPlatesGoOutAndNothingElse() throws Exception {
        letIn(screen, Role.WATCHER);
        for (String address : addresses()) {
            if (!FOR_ALL.contains(address)) {
                int status = status(screen, address);
                assertThat(status == 403).as(address + " " + status).isNotEqualTo(FOR_WATCHERS.contains(address));
            }
        }
        assertThat(screen.ask("GET", "/api/plates", null).body()).isEqualTo("[]");
    }

    @Test
    void aCookDoesAllButLetOthersIn() throws Exception {
        letIn(screen, Role.COOK);
        assertThat(screen.status("GET", "/api/bakes")).isEqualTo(200);
        assertThat(screen.ask("POST", "/api/ovens", "{\"name\":\"Far oven\",\"kind\":\"FAN\"}")
                        .statusCode())
                .isBetween(200, 299);
        assertThat(screen.status("GET", "/api/screens")).isEqualTo(403);
        assertThat(screen.status("PUT", "/api/invitations/" + UUID.randomUUID()))
                .isEqualTo(403);
        assertThat(screen.status("DELETE", "/api/screens/" + UUID.randomUUID())).isEqualTo(403);
        assertThat(screen.ask("POST", "/api/readings", "[]").statusCode()).isEqualTo(403);
        assertThat(screen.status("GET", "/actuator/health")).isEqualTo(403);
        assertThat(screen.ask("GET", "/api/me", null).body()).contains("COOK", "Tablet at the oven");
    }

    @Test
    void anOwnerLetsOthersInAndShowsThemOut() throws Exception {
        letIn(screen, Role.OWNER);
        NetworkScreen other = another();
        UUID id = letIn(other, Role.COOK);
        assertThat(screen.ask("GET", "/api/screens", null).body()).contains(id.toString(), "COOK", "OWNER");

        assertThat(screen.status("DELETE", "/api/screens/" + id)).isEqualTo(204);
        assertThat(screen.status("DELETE", "/api/screens/" + id)).isEqualTo(204);

        assertThat(other.status("GET", "/api/bakes")).isEqualTo(401);
        assertThat(screen.ask("GET", "/api/screens", null).body()).doesNotContain(id.toString());
    }

    /** In mid-bake too: what a screen follows ends with it. */
    @Test
    @Timeout(40)
    void whoeverIsShownOutHearsNoMore() throws Exception {
        UUID id = letIn(screen, Role.COOK);
        HttpResponse<InputStream> stream = screen.follow();
        assertThat(stream.statusCode()).isEqualTo(200);
        assertThat(stream.body().read()).isPositive();

        machine.exchange("/api/screens/" + id, HttpMethod.DELETE, HttpEntity.EMPTY);

        assertThat(stream.body().readAllBytes().length).isLessThan(100_000);
        assertThat(screen.follow().statusCode()).isEqualTo(401);
    }

    /** One code lets one screen in; the same screen asks again where the answer was lost, and has one key then. */
    @Test
    void aCodeLetsOneScreenIn() throws Exception {
        String code = code(Role.COOK);
        String id = "/api/screens/" + UUID.randomUUID();
        assertThat(screen.ask("PUT", id, asking(code.toLowerCase() + " ")).statusCode())
                .isEqualTo(200);
        String first = screen.cookie(ScreenKeys.COOKIE);
        assertThat(another()
                        .ask("PUT", "/api/screens/" + UUID.randomUUID(), asking(code))
                        .statusCode())
                .isEqualTo(404);
        assertThat(screen.ask("PUT", id, asking(code)).statusCode()).isEqualTo(200);

        assertThat(screen.cookie(ScreenKeys.COOKIE)).isNotEqualTo(first).hasSizeGreaterThan(40);
        assertThat(screen.status("GET", "/api/bakes")).isEqualTo(200);
        assertThat(sql.sql("select count(*) from screen").query(Long.class).single())
                .isEqualTo(1);
        assertThat(sql.sql("select key_hash from screen").query(String.class).single())
                .isEqualTo(Secrets.hash(screen.cookie(ScreenKeys.COOKIE)));
    }

    @Test
    void aCodeEnds() throws Exception {
        String code = code(Role.COOK);
        clock.pass(Duration.ofMinutes(10));
        assertThat(screen.ask("PUT", "/api/screens/" + UUID.randomUUID(), asking(code))
                        .body())
                .contains("older than ten minutes");
        assertThat(screen.status("GET", "/api/bakes")).isEqualTo(401);
    }

    private int push(String key, String device) throws Exception {
        return screen.pushes(
                        key,
                        "{\"readings\":[{\"device\":\"%s\",\"channel\":\"TIP\",\"celsius\":41}]}".formatted(device))
                .statusCode();
    }

    private String keyFor(UUID id, String device) throws Exception {
        String answer = machine.exchange(
                        "/api/device-keys/" + id, HttpMethod.PUT, new HttpEntity<>(new DeviceKeyInput(device)))
                .getBody();
        return json.readTree(answer).get("key").asString();
    }

    /** A device pushes its own readings with its own key, until that is taken away, and does nothing else. */
    @Test
    void aDevicePushesWithItsKey() throws Exception {
        UUID id = UUID.randomUUID();
        String key = keyFor(id, "probe-9");
        assertThat(push(key, "probe-9")).isEqualTo(200);
        assertThat(machine.read("/api/devices")).contains("probe-9");
        assertThat(screen.pushes(key, "{\"readings\":[{\"device\":\"probe-1\",\"channel\":\"TIP\",\"celsius\":41}]}")
                        .body())
                .contains("\"taken\":0", "probe-9 only");
        assertThat(push("x" + key, "probe-9")).isEqualTo(401);
        for (String address : addresses()) {
            if (!FOR_ALL.contains(address) && !FOR_DEVICES.contains(address)) {
                String[] parts = address.split(" ");
                String path =
                        parts[1].replaceAll("\\{[a-zA-Z]+\\}", UUID.randomUUID().toString());
                assertThat(screen.bears(key, parts[0], path)).as(address).isEqualTo(403);
            }
        }
        assertThat(machine.read("/api/device-keys")).contains("probe-9").doesNotContain(key);

        String other = keyFor(id, "probe-9");
        assertThat(push(key, "probe-9")).isEqualTo(401);
        assertThat(push(other, "probe-9")).isEqualTo(200);
        machine.exchange("/api/device-keys/" + id, HttpMethod.DELETE, HttpEntity.EMPTY);
        assertThat(push(other, "probe-9")).isEqualTo(401);
    }

    @Test
    void noReadingCouldBearSuchAName() {
        assertThat(machine.exchange(
                                "/api/device-keys/" + UUID.randomUUID(),
                                HttpMethod.PUT,
                                new HttpEntity<>(new DeviceKeyInput("a probe")))
                        .getStatusCode()
                        .value())
                .isEqualTo(400);
    }

    @ParameterizedTest
    @EnumSource(Role.class)
    void withoutTheTokenOfItsPageNothingIsWritten(Role role) throws Exception {
        letIn(screen, role);
        screen.forget("XSRF-TOKEN");
        assertThat(screen.ask("POST", "/api/ovens", "{\"name\":\"Forged\",\"kind\":\"FAN\"}")
                        .statusCode())
                .isEqualTo(403);
        // Nor with a key that it only says it bears.
        assertThat(screen.bears("no-key", "POST", "/api/ovens")).isEqualTo(403);
        assertThat(machine.read("/api/ovens")).doesNotContain("Forged");
    }

    /** Were it another with each answer, a tap that is on its way while something else is answered would come with the wrong one. */
    @Test
    void aPageKeepsItsTokenWhateverIsAnsweredMeanwhile() throws Exception {
        letIn(screen, Role.COOK);
        String token = screen.cookie("XSRF-TOKEN");
        assertThat(token).isNotBlank();
        assertThat(screen.status("GET", "/api/bakes")).isEqualTo(200);
        assertThat(screen.status("GET", "/api/me")).isEqualTo(200);
        assertThat(screen.cookie("XSRF-TOKEN")).isEqualTo(token);
    }

    @Test
    void theKeyIsForItsOwnPagesOverTlsOnly() throws Exception {
        String cookie = screen
                .ask("PUT", "/api/screens/" + UUID.randomUUID(), asking(code(Role.COOK)))
                .headers()
                .allValues("set-cookie")
                .stream()
                .filter(one -> one.startsWith(ScreenKeys.COOKIE))
                .findFirst()
                .orElseThrow();
        assertThat(cookie)
                .contains("Secure", "HttpOnly", "SameSite=Strict", "Path=/")
                .doesNotContain("Domain");
    }

    @Test
    void onTheMachineItselfNobodyAsks() {
        assertThat(machine.get("/api/bakes").getStatusCode().value()).isEqualTo(200);
        assertThat(machine.read("/api/me")).isEqualTo("{\"role\":\"OWNER\",\"network\":true}");
        assertThat(machine.get("/api/bakes").getHeaders().get("Set-Cookie")).isNull();
    }
}
