package olla.server.bakes;

import static olla.server.bakes.Hakes.hake;
import static olla.server.bakes.Hakes.tap;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.Http;
import olla.server.Started;
import olla.server.bakes.rows.TapInput;
import olla.server.bakes.rows.TapKind;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.NotNow;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpEntity;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** One intention has one id: asked for often, at once, or elsewhere too, it is done once or said not to be. */
@Started(schema = "intention")
class OneIntentionTest {

    private static final int AT_ONCE = 20;

    @Autowired
    private BakeService bakes;

    @Autowired
    private LogService log;

    @Autowired
    private Http http;

    @Autowired
    private ObjectMapper json;

    private static <T> List<T> atOnce(int times, Callable<T> what) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(times);
        try {
            List<Callable<T>> all = new ArrayList<>();
            for (int i = 0; i < times; i++) {
                all.add(() -> {
                    WhoseKitchen.Stay stay = WhoseKitchen.enter(WhoseKitchen.FIRST);
                    try {
                        return what.call();
                    } finally {
                        stay.close();
                    }
                });
            }
            List<T> answers = new ArrayList<>();
            for (Future<T> one : hands.invokeAll(all)) {
                answers.add(one.get());
            }
            return answers;
        } finally {
            hands.shutdown();
        }
    }

    private ResponseEntity<String> post(String path, Object body) throws Exception {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_JSON);
        return http.post(path, new HttpEntity<>(json.writeValueAsString(body), headers));
    }

    @Test
    void aNewBakeSentTwentyTimesAtOnceIsAnsweredTwentyTimesAlike() throws Exception {
        PutIn in = new PutIn(UUID.randomUUID(), "Hake", 1, hake(), null);
        List<HttpStatusCode> answers =
                atOnce(AT_ONCE, () -> post("/api/bakes", in).getStatusCode());
        assertThat(answers).hasSize(AT_ONCE).containsOnly(HttpStatus.CREATED);
        assertThat(bakes.running()).filteredOn(b -> b.id().equals(in.id())).hasSize(1);
    }

    @Test
    void anotherBakeUnderAnIdThatIsTakenIsRefused() {
        UUID id = UUID.randomUUID();
        bakes.putIn(new PutIn(id, "Hake", 1, hake(), null));
        assertThatThrownBy(() -> bakes.putIn(new PutIn(id, "Another hake", 1, hake(), null)))
                .isInstanceOf(NotNow.class)
                .hasMessage("cannot.bake-id-taken");
    }

    @Test
    void aTapSentTwentyTimesAtOnceCountsOnce() throws Exception {
        UUID id = UUID.randomUUID();
        bakes.putIn(new PutIn(id, "Hake", 1, hake(), null));
        TapInput door = Hakes.number(TapKind.DOOR, 20, null);
        List<HttpStatusCode> answers =
                atOnce(AT_ONCE, () -> post("/api/bakes/" + id + "/taps", door).getStatusCode());
        assertThat(answers).hasSize(AT_ONCE).containsOnly(HttpStatus.OK);
        assertThat(bakes.one(id).taps()).hasSize(1);
    }

    @Test
    void aTapWithAnIdThatAnotherBakeHasUsedIsSaidNotToBeStored() {
        UUID one = UUID.randomUUID();
        UUID other = UUID.randomUUID();
        bakes.putIn(new PutIn(one, "Hake", 1, hake(), null));
        bakes.putIn(new PutIn(other, "Hake", 1, hake(), null));
        TapInput door = Hakes.number(TapKind.DOOR, 20, null);
        bakes.tap(one, door);
        assertThatThrownBy(() -> bakes.tap(other, door)).isInstanceOf(NotNow.class);
        assertThat(bakes.one(other).taps()).isEmpty();
        assertThatThrownBy(() -> bakes.tap(one, new TapInput(door.id(), TapKind.DOOR, null, null, null, 60)))
                .isInstanceOf(NotNow.class);
    }

    @Test
    void oneProbePutIntoTenBakesAtOnceEndsInOne() throws Exception {
        List<UUID> ids = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            ids.add(UUID.randomUUID());
            bakes.putIn(new PutIn(ids.get(i), "Hake " + i, 1, hake(), null));
        }
        List<UUID> left = new ArrayList<>(ids);
        List<HttpStatusCode> answers = atOnce(10, () -> {
            UUID mine;
            synchronized (left) {
                mine = left.remove(0);
            }
            HttpHeaders headers = new HttpHeaders();
            headers.setContentType(MediaType.APPLICATION_JSON);
            HttpEntity<String> body = new HttpEntity<>(json.writeValueAsString(Map.of("device", "probe-x")), headers);
            return http.exchange("/api/bakes/" + mine + "/probe", org.springframework.http.HttpMethod.PUT, body)
                    .getStatusCode();
        });
        assertThat(answers).containsOnly(HttpStatus.OK);
        assertThat(ids.stream()
                        .map(bakes::one)
                        .filter(b -> b.probe() != null && b.probe().until() == null))
                .hasSize(1);
    }

    @Test
    void aBakeThatWasTakenBackStaysSo() {
        PutIn in = new PutIn(UUID.randomUUID(), "Hake", 1, hake(), null);
        bakes.putIn(in);
        bakes.forget(in.id());
        assertThatThrownBy(() -> bakes.putIn(in)).isInstanceOf(NotNow.class).hasMessage("cannot.taken-back");
        // Taken back before it was heard of: the two crossed on the way.
        PutIn crossed = new PutIn(UUID.randomUUID(), "Hake", 1, hake(), null);
        bakes.forget(crossed.id());
        assertThatThrownBy(() -> bakes.putIn(crossed)).isInstanceOf(NotNow.class);
        assertThat(bakes.running()).extracting(BakeView::id).doesNotContain(in.id(), crossed.id());
    }

    @Test
    void puttingInAndTakingBackAtOnceNeverLeavesAFishThatIsGone() throws Exception {
        for (int round = 0; round < 4; round++) {
            PutIn in = new PutIn(UUID.randomUUID(), "Hake", 1, hake(), null);
            List<Boolean> turn = new ArrayList<>(List.of(true, false, true, false));
            atOnce(4, () -> {
                boolean put;
                synchronized (turn) {
                    put = turn.remove(0);
                }
                try {
                    if (put) {
                        bakes.putIn(in);
                    } else {
                        bakes.forget(in.id());
                    }
                } catch (NotNow taken) {
                    assertThat(taken).hasMessage("cannot.taken-back");
                }
                return put;
            });
            bakes.forget(in.id());
            assertThat(bakes.running()).extracting(BakeView::id).doesNotContain(in.id());
        }
    }

    /** Two screens say of one oven what hangs in it: the second hears of the first. */
    @Test
    void whoDescribesAnOvenThatSomebodyElseHasJustDescribedIsToldSo() throws Exception {
        int version = oven().get("version").asInt();
        assertThat(describe(version, Map.of("device", "air-a")).getStatusCode()).isEqualTo(HttpStatus.OK);
        ResponseEntity<String> second = describe(version, Map.of("fallsCPerHour", 40));
        assertThat(second.getStatusCode()).isEqualTo(HttpStatus.PRECONDITION_FAILED);
        assertThat(json.readTree(second.getBody()).get("detail").asString()).contains("“air-a” hangs in it");
        assertThat(describe(null, Map.of()).getStatusCode()).isEqualTo(HttpStatus.PRECONDITION_REQUIRED);
        assertThat(oven().get("sensor").asString()).isEqualTo("air-a");
        assertThat(describe(version + 1, Map.of("device", "air-a", "fallsCPerHour", 40))
                        .getStatusCode())
                .isEqualTo(HttpStatus.OK);
        assertThat(oven().at("/calibration/fallsCPerHour").asDouble()).isEqualTo(40);
        assertThat(describe(version + 2, Map.of("fallsCPerHour", 900)).getStatusCode())
                .isEqualTo(HttpStatus.BAD_REQUEST);
    }

    private JsonNode oven() throws Exception {
        return json.readTree(http.read("/api/ovens")).get(0);
    }

    private ResponseEntity<String> describe(Integer version, Map<String, Object> words) throws Exception {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_JSON);
        if (version != null) {
            headers.setIfMatch("\"" + version + "\"");
        }
        return http.exchange(
                "/api/ovens/1",
                org.springframework.http.HttpMethod.PUT,
                new HttpEntity<>(json.writeValueAsString(words), headers));
    }

    private JsonNode oven(int id) throws Exception {
        for (JsonNode oven : json.readTree(http.read("/api/ovens"))) {
            if (oven.get("id").asInt() == id) {
                return oven;
            }
        }
        throw new AssertionError("no oven " + id);
    }

    private ResponseEntity<String> away(int id, boolean away) throws Exception {
        HttpHeaders headers = new HttpHeaders();
        headers.setIfMatch("\"" + oven(id).get("version").asInt() + "\"");
        return http.exchange(
                "/api/ovens/" + id + "/away",
                away ? org.springframework.http.HttpMethod.PUT : org.springframework.http.HttpMethod.DELETE,
                new HttpEntity<>(headers));
    }

    @Test
    void anOvenThatIsNotUsedIsPutAwayAndItsLogStays() throws Exception {
        int garden = json.readTree(post("/api/ovens", Map.of("name", "Garden oven", "kind", "WOOD"))
                        .getBody())
                .get("id")
                .asInt();
        UUID id = UUID.randomUUID();
        bakes.putIn(new PutIn(id, "Hake", garden, hake(), null));
        assertThat(away(garden, true).getStatusCode()).as("a fish is in it").isEqualTo(HttpStatus.CONFLICT);
        bakes.tap(id, tap(TapKind.OUT, null));
        bakes.log(id, new HowItWas(Verdict.RIGHT, null, null, null));

        assertThat(away(garden, true).getStatusCode()).isEqualTo(HttpStatus.OK);
        assertThat(away(garden, true).getStatusCode()).as("said twice").isEqualTo(HttpStatus.OK);

        assertThat(oven(garden).get("away").asBoolean()).isTrue();
        assertThat(log.found(LogQuery.ALL).lines()).anyMatch(line -> line.id().equals(id));
        assertThat(post("/api/ovens", Map.of("name", "Garden oven", "kind", "WOOD"))
                        .getBody())
                .contains("was put away. Take it out again.");
        assertThat(away(garden, false).getStatusCode()).isEqualTo(HttpStatus.OK);
        assertThat(oven(garden).get("away").asBoolean()).isFalse();

        away(garden, true);
        bakes.putIn(new PutIn(UUID.randomUUID(), "Hake", garden, hake(), null));
        assertThat(oven(garden).get("away").asBoolean())
                .as("a fish went in all the same")
                .isFalse();
    }

    @Test
    void aKitchenFullOfOvensHasRoomForAnotherWhereOneIsPutAway() throws Exception {
        int last = 0;
        ResponseEntity<String> added = post("/api/ovens", Map.of("name", "Oven 0", "kind", "FAN"));
        for (int i = 1; added.getStatusCode() == HttpStatus.CREATED; i++) {
            last = json.readTree(added.getBody()).get("id").asInt();
            added = post("/api/ovens", Map.of("name", "Oven " + i, "kind", "FAN"));
        }
        assertThat(added.getBody()).contains("Put one away");

        away(last, true);

        assertThat(post("/api/ovens", Map.of("name", "One more", "kind", "FAN")).getStatusCode())
                .isEqualTo(HttpStatus.CREATED);
        assertThat(away(last, false).getStatusCode()).isEqualTo(HttpStatus.CONFLICT);
    }

    @Test
    void undoingATapThatNeverArrivedChangesNothing() {
        UUID id = UUID.randomUUID();
        BakeView in = bakes.putIn(new PutIn(id, "Hake", 1, hake(), null));
        assertThat(bakes.untap(id, tap(TapKind.OUT, null).id()).taps()).isEqualTo(in.taps());
    }
}
