package olla.server.bakes;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.core.doneness.Doneness;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.Http;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeRepository;
import olla.server.bakes.rows.BakeTimeline;
import olla.server.bakes.rows.TapInput;
import olla.server.bakes.rows.TapKind;
import olla.server.bakes.rows.TapRepository;
import olla.server.forecast.Forecasts;
import olla.server.query.EstimateRequest;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpEntity;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Evenings by the score that nobody would have thought of: taps, undos, readings, verdicts, forgotten nights and clocks that are set,
 * in any order, over HTTP into a real MariaDB. Whatever is asked, nothing is answered by a fault of the server's, no list is
 * lost, and what is shown is what an instance that has just been started makes of the stored rows.
 */
@Started(schema = "history", settings = "olla.taps.patience=0ms", with = SettableClock.InPlaceOfTheKitchens.class)
class BakeHistoryProperties {

    private static final int EVENINGS = 8;
    private static final int SEQUENCES_EACH = 10;
    private static final int STEPS = 10;

    /* Of a view, what depends on when it is asked for and not on what is stored. */
    private static final List<String> OF_NOW = List.of("now", "air", "revision");

    @Autowired
    private Http http;

    @Autowired
    private ObjectMapper json;

    @Autowired
    private JdbcClient sql;

    @Autowired
    private SettableClock clock;

    @Autowired
    private BakeRepository bakes;

    @Autowired
    private TapRepository taps;

    @Autowired
    private Forecasts forecasts;

    @Autowired
    private BakeViews views;

    private Random random;
    private final List<UUID> ids = new ArrayList<>();
    private final Map<UUID, List<UUID>> tapped = new HashMap<>();

    @RepeatedTest(EVENINGS)
    void whateverIsTappedNothingBreaksAndTheRowsTellIt(RepetitionInfo repetition) throws Exception {
        random = new Random(4000 + repetition.getCurrentRepetition());
        for (int sequence = 0; sequence < SEQUENCES_EACH; sequence++) {
            sql.sql("delete from bake").update();
            ids.clear();
            tapped.clear();
            putIn();
            for (int step = 0; step < STEPS; step++) {
                act();
            }
            nothingIsLost();
            whatIsShownIsWhatTheRowsTell();
        }
    }

    private void act() throws Exception {
        switch (random.nextInt(12)) {
            case 0 -> putIn();
            case 1, 2, 3, 4, 5 -> tap();
            case 6 -> undo();
            case 7 -> readings();
            case 8 -> verdict();
            case 9 -> letPass(random.nextDouble() < 0.15 ? 60 * (5 + random.nextInt(16)) : random.nextInt(9));
            case 10 -> letPass(random.nextBoolean() ? -random.nextInt(4) : 2);
            default -> otherwise();
        }
    }

    private void letPass(double minutes) {
        clock.pass(minutes);
    }

    private UUID any() {
        return ids.get(random.nextInt(ids.size()));
    }

    private Instant moment() {
        return switch (random.nextInt(4)) {
            case 0 -> null;
            case 1 -> clock.instant().minus(Duration.ofSeconds(random.nextInt(1200)));
            case 2 -> clock.instant().plus(Duration.ofSeconds(random.nextInt(20)));
            default -> clock.instant();
        };
    }

    private void putIn() throws Exception {
        UUID id = ids.isEmpty() || random.nextInt(4) > 0 ? UUID.randomUUID() : any();
        send(HttpMethod.POST, "/api/bakes", new PutIn(id, "Hake", 1, strip(), null));
        if (!ids.contains(id)) {
            ids.add(id);
        }
    }

    /* Done in a few minutes, and so reckoned quickly; one in three is glazed on the way and grilled. */
    private EstimateRequest strip() throws Exception {
        return json.readValue("""
                {"piece": {"species":"haddock","cut":"STRIP","thicknessMm":12,"massG":40,"startTempC":8},
                 "dress": {"kind":"OPEN_TRAY","finish":"%s"}, "oven": {"kind":"STILL"},
                 "programme": [{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":2}],
                 "usual": true, "doneness":"FLAKES"}
                """.formatted(random.nextInt(3) == 0 ? "GLAZED" : "BARE"), EstimateRequest.class);
    }

    private void tap() throws Exception {
        UUID bake = any();
        TapKind kind = TapKind.values()[random.nextInt(TapKind.values().length)];
        List<UUID> mine = tapped.computeIfAbsent(bake, b -> new ArrayList<>());
        UUID id = mine.isEmpty() || random.nextInt(6) > 0 ? UUID.randomUUID() : mine.get(random.nextInt(mine.size()));
        mine.add(id);
        boolean cued = kind == TapKind.CUE || kind == TapKind.BACK && random.nextBoolean();
        TapInput input = new TapInput(
                id,
                kind,
                moment(),
                cued ? Cue.values()[random.nextInt(Cue.values().length)] : null,
                random.nextInt(10) == 0 ? null : Double.valueOf(-40 + random.nextInt(340)),
                random.nextInt(10) == 0 ? null : Integer.valueOf(random.nextInt(40)),
                Doneness.values()[random.nextInt(Doneness.values().length)]);
        send(HttpMethod.POST, "/api/bakes/" + bake + "/taps", input);
    }

    private void undo() throws Exception {
        UUID bake = any();
        List<UUID> mine = tapped.getOrDefault(bake, List.of());
        UUID id = mine.isEmpty() ? UUID.randomUUID() : mine.get(random.nextInt(mine.size()));
        send(HttpMethod.DELETE, "/api/bakes/" + bake + "/taps/" + id, null);
    }

    private void readings() throws Exception {
        send(HttpMethod.PUT, "/api/bakes/" + any() + "/probe", Map.of("device", "probe-" + random.nextInt(2)));
        List<Map<String, Object>> readings = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            readings.add(Map.of(
                    "device",
                    "probe-" + random.nextInt(2),
                    "channel",
                    "TIP",
                    "at",
                    clock.instant().minusSeconds(random.nextInt(900)).toString(),
                    "celsius",
                    -50 + random.nextInt(400)));
        }
        send(HttpMethod.POST, "/api/readings", Map.of("readings", readings));
    }

    private void verdict() throws Exception {
        send(
                HttpMethod.PUT,
                "/api/bakes/" + any() + "/verdict",
                new HowItWas(
                        Verdict.values()[random.nextInt(3)],
                        random.nextBoolean() ? null : 30.0 + random.nextInt(50),
                        null,
                        moment()));
    }

    private void otherwise() throws Exception {
        switch (random.nextInt(4)) {
            case 0 -> send(HttpMethod.DELETE, "/api/bakes/" + any() + "/verdict", null);
            case 1 -> send(HttpMethod.DELETE, "/api/bakes/" + any() + "/probe", null);
            case 2 -> send(HttpMethod.GET, "/api/bakes/" + any() + "/rest", null);
            default -> {
                if (ids.size() > 1) {
                    send(HttpMethod.DELETE, "/api/bakes/" + any(), null);
                }
            }
        }
    }

    private ResponseEntity<String> send(HttpMethod method, String path, Object body) throws Exception {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_JSON);
        String text = body == null ? null : json.writeValueAsString(body);
        ResponseEntity<String> answer = http.exchange(path, method, new HttpEntity<>(text, headers));
        assertThat(answer.getStatusCode().value())
                .as("%s %s %s: %s", method, path, text, answer.getBody())
                .isLessThan(500);
        return answer;
    }

    private void nothingIsLost() throws Exception {
        List<String> stored = sql.sql("select id from bake where logged_at is null")
                .query(String.class)
                .list();
        JsonNode running =
                json.readTree(send(HttpMethod.GET, "/api/bakes", null).getBody());
        assertThat(running.findValuesAsString("title")).isNotNull();
        List<String> shown = new ArrayList<>();
        running.forEach(bake -> shown.add(bake.get("id").asString()));
        assertThat(shown).containsAll(stored);
        List<String> logged = sql.sql("select id from bake where logged_at is not null")
                .query(String.class)
                .list();
        List<String> lines = new ArrayList<>();
        json.readTree(send(HttpMethod.GET, "/api/log", null).getBody())
                .get("lines")
                .forEach(line -> lines.add(line.get("id").asString()));
        assertThat(lines).containsExactlyInAnyOrderElementsOf(logged);
    }

    /* The columns of every bake, and of one all that is shown: that takes a second for each. */
    private void whatIsShownIsWhatTheRowsTell() {
        UUID whole = any();
        for (UUID id : ids) {
            Bake row = bakes.findWithOvenById(id).orElse(null);
            if (row == null) {
                continue;
            }
            BakeTimeline told =
                    new BakeTimeline(row.putAt(), taps.findByBakeIdInAndUndoneFalseOrderByAtAscIdAsc(List.of(id)));
            assertThat(Arrays.asList(row.startedAt(), row.outAt(), row.clearedAt()))
                    .isEqualTo(Arrays.asList(told.startedAt(), told.outAt(), told.clearedAt()));
            if (!id.equals(whole)) {
                continue;
            }
            JsonNode kept = stored(json.valueToTree(views.now(row, 20_000)));
            forecasts.forget(id);
            JsonNode afresh = stored(json.valueToTree(views.now(row, 20_000)));
            assertThat(afresh).as("%s", told.taps().size()).isEqualTo(kept);
        }
    }

    private static JsonNode stored(ObjectNode view) {
        return view.remove(OF_NOW);
    }
}
