package olla.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import olla.server.Http;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.bakes.Hakes;
import olla.server.web.Lan;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpEntity;
import org.springframework.http.HttpMethod;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Who taps at a screen that several hands use: asked before anything changes, known until they go, and kept with what they have tapped. */
@ExtendWith(NetworkKeys.class)
@Started(
        schema = "people",
        settings = {
            "olla.lan.port=0",
            "olla.lan.address=127.0.0.1",
            "olla.lan.keys=" + NetworkKeys.FILE,
            "olla.lan.password=" + NetworkKeys.PASSWORD
        },
        with = SettableClock.InPlaceOfTheKitchens.class)
class PeopleTest {

    private static final String OVEN = "{\"name\":\"Far oven %d\",\"kind\":\"FAN\"}";
    private static final String PERSON_COOKIE = "__Host-olla-person";

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

    private final UUID ada = UUID.randomUUID();
    private final UUID ben = UUID.randomUUID();
    private NetworkScreen tablet;
    private int ovens;

    @BeforeEach
    void twoPeopleAndATablet() throws Exception {
        for (String table :
                List.of("evening_move", "evening", "bake", "screen", "invitation", "SPRING_SESSION", "person")) {
            sql.sql("delete from " + table).update();
        }
        sql.sql("delete from oven where name like 'Far oven%'").update();
        assertThat(write(ada, "Ada", Role.COOK, "4711").getStatusCode().value()).isEqualTo(200);
        assertThat(write(ben, "Ben", Role.OWNER, "2006").getStatusCode().value())
                .isEqualTo(200);
        tablet = sharedAs(Role.COOK);
    }

    private ResponseEntity<String> write(UUID id, String name, Role role, String pin) {
        return machine.exchange(
                "/api/people/" + id, HttpMethod.PUT, new HttpEntity<>(new PersonInput(name, role, pin)));
    }

    private NetworkScreen sharedAs(Role role) throws Exception {
        NetworkScreen screen = NetworkScreen.at(lan);
        String code = json.readTree(machine.exchange(
                                "/api/invitations/" + UUID.randomUUID(),
                                HttpMethod.PUT,
                                new HttpEntity<>(new InvitationInput(role, true)))
                        .getBody())
                .get("code")
                .asString();
        HttpResponse<String> in = screen.enter(UUID.randomUUID(), code, "Wall tablet");
        assertThat(in.statusCode()).as(in.body()).isEqualTo(200);
        return screen;
    }

    private HttpResponse<String> says(NetworkScreen screen, UUID person, String pin) throws Exception {
        return screen.ask("PUT", "/api/me/person", "{\"person\":\"%s\",\"pin\":\"%s\"}".formatted(person, pin));
    }

    private HttpResponse<String> changes(NetworkScreen screen) throws Exception {
        return screen.ask("POST", "/api/ovens", OVEN.formatted(++ovens));
    }

    private static void changed(HttpResponse<String> answer) {
        assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 299);
    }

    private void somebodyIsAsked() throws Exception {
        HttpResponse<String> refused = changes(tablet);
        assertThat(refused.statusCode()).as(refused.body()).isEqualTo(403);
        assertThat(refused.headers().firstValue(SaysWho.WANTS)).hasValue("person");
        assertThat(tablet.ask("GET", "/api/me", null).body()).doesNotContain("person");
    }

    @Test
    void beforeSomebodySaysWhoTheyAreNothingIsChanged() throws Exception {
        assertThat(tablet.ask("GET", "/api/me", null).body()).contains("\"shared\":true", "COOK");
        somebodyIsAsked();
        // To look and to reckon is for all.
        assertThat(tablet.status("GET", "/api/bakes")).isEqualTo(200);
        assertThat(tablet.ask("POST", "/api/estimates", json.writeValueAsString(Hakes.hake()))
                        .statusCode())
                .isEqualTo(200);
        assertThat(tablet.ask("POST", "/api/habits/tonight", json.writeValueAsString(Hakes.hake()))
                        .statusCode())
                .isEqualTo(200);
        assertThat(tablet.ask("GET", "/api/people", null).body())
                .contains("Ada", "Ben")
                .doesNotContain("argon2", "4711");

        HttpResponse<String> in = says(tablet, ada, "4711");

        assertThat(in.body()).contains("\"person\":\"Ada\"");
        assertThat(in.headers().allValues("set-cookie"))
                .anySatisfy(cookie -> assertThat(cookie)
                        .startsWith(PERSON_COOKIE)
                        .contains("Secure", "HttpOnly", "SameSite=Strict", "Path=/")
                        .doesNotContain("Domain"));
        changed(changes(tablet));
        assertThat(tablet.ask("DELETE", "/api/me/person", null).statusCode()).isEqualTo(200);
        somebodyIsAsked();
    }

    @Test
    void whoTappedIsKeptWithTheTap() throws Exception {
        UUID bake = UUID.randomUUID();
        int oven = json.readTree(machine.read("/api/ovens")).get(0).get("id").asInt();
        says(tablet, ada, "4711");
        tablet.ask(
                "POST",
                "/api/bakes",
                "{\"id\":\"%s\",\"title\":\"Hake\",\"ovenId\":%d,\"question\":%s}"
                        .formatted(bake, oven, json.writeValueAsString(Hakes.hake())));
        says(tablet, ben, "2006");
        tablet.ask(
                "POST",
                "/api/bakes/" + bake + "/taps",
                "{\"id\":\"%s\",\"kind\":\"OUT\"}".formatted(UUID.randomUUID()));
        machine.post(
                "/api/bakes/" + bake + "/taps",
                new HttpEntity<>(Hakes.number(olla.server.bakes.rows.TapKind.PORTIONS, 1, null)));
        tablet.ask("DELETE", "/api/me/person", null);
        says(tablet, ada, "4711");
        tablet.ask("PUT", "/api/bakes/" + bake + "/verdict", "{\"verdict\":\"RIGHT\"}");

        JsonNode seen = json.readTree(machine.read("/api/bakes/" + bake));
        assertThat(seen.get("by").asString()).isEqualTo("Ada");
        assertThat(seen.get("saidBy").asString()).isEqualTo("Ada");
        assertThat(seen.get("taps")
                        .valueStream()
                        .map(tap -> tap.path("kind").asString() + " "
                                + tap.path("by").asString("")))
                .containsExactlyInAnyOrder("OUT Ben", "PORTIONS ");
        // Whoever is on the list no longer is still named where they have tapped.
        machine.exchange("/api/people/" + ben, HttpMethod.DELETE, HttpEntity.EMPTY);
        assertThat(machine.read("/api/people")).doesNotContain("Ben");
        assertThat(machine.read("/api/bakes/" + bake)).contains("Ben");
    }

    /** At a screen of one's own nobody is asked, and its name stands for theirs. */
    @Test
    void aScreenThatNobodySharesAsksNobody() throws Exception {
        sql.sql("update screen set shared = false").update();
        UUID bake = UUID.randomUUID();
        int oven = json.readTree(machine.read("/api/ovens")).get(0).get("id").asInt();
        assertThat(tablet.ask(
                                "POST",
                                "/api/bakes",
                                "{\"id\":\"%s\",\"title\":\"Hake\",\"ovenId\":%d,\"question\":%s}"
                                        .formatted(bake, oven, json.writeValueAsString(Hakes.hake())))
                        .statusCode())
                .isBetween(200, 299);
        assertThat(json.readTree(machine.read("/api/bakes/" + bake)).get("by").asString())
                .isEqualTo("Wall tablet");
        assertThat(says(tablet, ada, "4711").statusCode()).isEqualTo(409);
        assertThat(machine.exchange("/api/me/person", HttpMethod.PUT, new HttpEntity<>(new PinInput(ada, "4711")))
                        .getStatusCode()
                        .value())
                .isEqualTo(409);
    }

    /** Five wrong ones, then none for a minute; five more cost two. An owner's new PIN ends it. */
    @Test
    void wrongPinsAreFew() throws Exception {
        for (int left = 4; left >= 1; left--) {
            HttpResponse<String> wrong = says(tablet, ada, "0000");
            assertThat(wrong.statusCode()).isEqualTo(409);
            assertThat(wrong.body()).contains(left == 1 ? "One more try" : left + " more tries");
        }
        assertThat(says(tablet, ada, "0000").body()).contains("Wait a minute");
        // Not even the right one, nor from another screen.
        assertThat(says(tablet, ada, "4711").statusCode()).isEqualTo(429);
        assertThat(says(sharedAs(Role.OWNER), ada, "4711").statusCode()).isEqualTo(429);
        // Somebody else is not kept out by it.
        assertThat(says(tablet, ben, "2006").statusCode()).isEqualTo(200);
        clock.pass(Duration.ofMinutes(1));
        assertThat(says(tablet, ada, "0000").statusCode()).isEqualTo(409);
        clock.pass(Duration.ofSeconds(61));
        assertThat(says(tablet, ada, "4711").statusCode()).isEqualTo(429);
        assertThat(write(ada, "Ada", Role.COOK, "1812").getStatusCode().value()).isEqualTo(200);
        assertThat(says(tablet, ada, "1812").statusCode()).isEqualTo(200);
    }

    @Test
    void aPinIsKeptByAMemoryHardFunctionAlone() {
        assertThat(sql.sql("select pin_hash from person").query(String.class).list())
                .hasSize(2)
                .allSatisfy(hash -> assertThat(hash).startsWith("$argon2id$v=19$m=19456,t=2,p=1$"))
                .doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "12", "12345", "abcd", "12 4", "١٢٣٤"})
    void noPinLooksSo(String pin) throws Exception {
        assertThat(write(UUID.randomUUID(), "Cleo", Role.COOK, pin)
                        .getStatusCode()
                        .value())
                .isEqualTo(400);
        assertThat(says(tablet, ada, pin).statusCode()).isEqualTo(400);
    }

    @Test
    void nobodyIsThereTwice() {
        assertThat(write(UUID.randomUUID(), " Ada ", Role.COOK, "1234")
                        .getStatusCode()
                        .value())
                .isEqualTo(400);
        assertThat(write(ada, "Ada", null, null).getStatusCode().value()).isEqualTo(400);
        // Without a PIN the one there is stays.
        assertThat(write(ada, "Ada of the grill", Role.COOK, null)
                        .getStatusCode()
                        .value())
                .isEqualTo(200);
        machine.exchange("/api/people/" + ada, HttpMethod.DELETE, HttpEntity.EMPTY);
        assertThat(write(UUID.randomUUID(), "Ada of the grill", Role.COOK, "1234")
                        .getStatusCode()
                        .value())
                .isEqualTo(200);
    }

    /** Nobody may do more than the screen, nor more than themselves. */
    @Test
    void roleAndScreenTogetherSayWhatMayBeDone() throws Exception {
        says(tablet, ben, "2006");
        assertThat(tablet.status("GET", "/api/screens")).isEqualTo(403);
        NetworkScreen office = sharedAs(Role.OWNER);
        says(office, ada, "4711");
        assertThat(office.status("GET", "/api/screens")).isEqualTo(403);
        assertThat(office.status("PUT", "/api/people/" + ada)).isEqualTo(403);
        says(office, ben, "2006");
        assertThat(office.status("GET", "/api/screens")).isEqualTo(200);
        NetworkScreen waiters = sharedAs(Role.WATCHER);
        says(waiters, ben, "2006");
        assertThat(waiters.status("GET", "/api/bakes")).isEqualTo(403);
    }

    /** It ends: by another PIN, off the list, after two hours without a tap, after an evening; and is worth nothing elsewhere. */
    @Test
    void whoeverHasGoneIsAskedAgain() throws Exception {
        says(tablet, ada, "4711");
        NetworkScreen other = sharedAs(Role.COOK);
        other.take(PERSON_COOKIE, tablet.cookie(PERSON_COOKIE));
        assertThat(changes(other).statusCode()).isEqualTo(403);
        changed(changes(tablet));

        write(ada, "Ada", Role.COOK, "1812");
        somebodyIsAsked();
        says(tablet, ada, "1812");
        sql.sql(
                        "update SPRING_SESSION set LAST_ACCESS_TIME = LAST_ACCESS_TIME - 7201000, EXPIRY_TIME = EXPIRY_TIME - 7201000")
                .update();
        somebodyIsAsked();
        says(tablet, ada, "1812");
        sql.sql("update SPRING_SESSION set CREATION_TIME = CREATION_TIME - 43201000")
                .update();
        somebodyIsAsked();
        says(tablet, ada, "1812");
        changed(changes(tablet));
        machine.exchange("/api/people/" + ada, HttpMethod.DELETE, HttpEntity.EMPTY);
        somebodyIsAsked();
    }

    /** Each time somebody says who they are the session has another name (published: OWASP ASVS 4.0.3, 3.2.1, from memory). */
    @Test
    void aSessionKnownBeforeIsNotTheirs() throws Exception {
        says(tablet, ada, "4711");
        String before = tablet.cookie(PERSON_COOKIE);
        says(tablet, ben, "2006");
        assertThat(tablet.cookie(PERSON_COOKIE)).isNotEqualTo(before);
        assertThat(sql.sql("select count(*) from SPRING_SESSION")
                        .query(Long.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    void thereHasToBeSomebodyToAskFor() {
        sql.sql("delete from person").update();
        assertThat(machine.exchange(
                                "/api/invitations/" + UUID.randomUUID(),
                                HttpMethod.PUT,
                                new HttpEntity<>(new InvitationInput(Role.COOK, true)))
                        .getBody())
                .contains("Nobody is on the list yet");
    }
}
