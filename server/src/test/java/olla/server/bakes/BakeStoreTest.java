package olla.server.bakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import olla.core.messages.RefusedInput;
import olla.core.plan.Moment;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.Http;
import olla.server.Started;
import olla.server.query.EstimateRequest;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Bakes in a real MariaDB, over HTTP where it matters. */
@Started(schema = "store", settings = "olla.demo=true")
class BakeStoreTest {

    @Autowired
    private BakeService bakes;

    @Autowired
    private LogService log;

    @Autowired
    private Http http;

    @Autowired
    private ObjectMapper json;

    private static EstimateRequest hake() {
        try {
            return new ObjectMapper().readValue("""
                    {"piece": {"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160,"startTempC":8},
                     "dress": {"kind":"OPEN_TRAY"}, "oven": {"kind":"STILL"},
                     "programme": [{"stage":"BAKE","tempC":230}], "doneness":"FLAKES"}
                    """, EstimateRequest.class);
        } catch (JacksonException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private static PutIn putIn(UUID id) {
        return new PutIn(id, "Hake, tray", 1, hake(), null);
    }

    @Test
    void aBakeRunsItsCourse() {
        UUID id = UUID.randomUUID();
        BakeView in =
                bakes.putIn(new PutIn(id, "Hake, tray", 1, hake(), Instant.now().minusSeconds(16 * 60)));
        assertThat(in.moments().get(0).phase()).isEqualTo(Moment.Phase.SHUT);
        assertThat(bakes.running()).extracting(BakeView::id).contains(id);

        BakeView out = bakes.takeOut(id, null);
        // Nobody asked for a rest.
        assertThat(out.moments().get(0).phase()).isEqualTo(Moment.Phase.SERVE);
        assertThat(bakes.takeOut(id, null).outAt()).isEqualTo(out.outAt());

        bakes.log(id, new HowItWas(Verdict.RIGHT, 58.4, "fine", null));
        BakeView logged = bakes.one(id);
        assertThat(logged.verdict()).isEqualTo(Verdict.RIGHT);
        assertThat(logged.probeC()).isEqualTo(58.4);
        assertThat(logged.card().question().piece()).isEqualTo(hake().piece());
        assertThat(logged.startedAt()).isEqualTo(in.startedAt());
        assertThat(bakes.running())
                .filteredOn(b -> b.id().equals(id))
                .allSatisfy(b -> assertThat(b.loggedAt()).isNotNull());
        assertThat(log.found(LogQuery.ALL).lines()).extracting(LogLine::id).contains(id);
    }

    @Test
    void everyTapIsUndone() {
        UUID id = UUID.randomUUID();
        bakes.putIn(putIn(id));
        bakes.takeOut(id, null);
        UUID out = bakes.one(id).taps().get(0).id();
        assertThat(bakes.untap(id, out).outAt()).isNull();
        bakes.takeOut(id, null);
        bakes.log(id, new HowItWas(Verdict.OVER, null, null, null));
        assertThat(bakes.reopen(id).loggedAt()).isNull();
        bakes.forget(id);
        assertThatThrownBy(() -> bakes.one(id)).isInstanceOf(NotThere.class);
    }

    @Test
    void aRepeatedTapIsOneFish() {
        UUID id = UUID.randomUUID();
        BakeView first = bakes.putIn(putIn(id));
        BakeView second = bakes.putIn(putIn(id));
        assertThat(second.startedAt()).isEqualTo(first.startedAt());
        assertThat(bakes.running()).filteredOn(b -> b.id().equals(id)).hasSize(1);
        bakes.forget(id);
    }

    @Test
    void aTapRepeatedAtTheSameMomentIsOneFish() throws Exception {
        UUID id = UUID.randomUUID();
        ExecutorService hands = Executors.newFixedThreadPool(4);
        List<Future<ResponseEntity<String>>> taps = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            taps.add(hands.submit(() -> http.post("/api/bakes", putIn(id))));
        }
        for (Future<ResponseEntity<String>> tap : taps) {
            // Whoever comes second finds it there, or is told so and looks again; nobody gets a fault.
            assertThat(tap.get().getStatusCode().value()).isIn(201, 409);
        }
        hands.shutdown();
        assertThat(bakes.running()).filteredOn(b -> b.id().equals(id)).hasSize(1);
        bakes.forget(id);
    }

    @Test
    void whatCannotBeIsRefusedAndChangesNothing() {
        UUID id = UUID.randomUUID();
        assertThatThrownBy(() -> bakes.putIn(new PutIn(null, " ", 1, null, null)))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        refused -> assertThat(refused.refusals())
                                .extracting("field")
                                .containsExactly("id", "title", "question"));
        assertThatThrownBy(() -> bakes.putIn(new PutIn(id, "Hake", 999, hake(), null)))
                .isInstanceOf(NotThere.class);
        bakes.putIn(putIn(id));
        assertThatThrownBy(() -> bakes.log(id, new HowItWas(Verdict.RIGHT, null, null, null)))
                .isInstanceOf(NotNow.class);
        bakes.takeOut(id, null);
        assertThatThrownBy(() -> bakes.log(id, new HowItWas(null, 400.0, "x".repeat(501), null)))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        refused -> assertThat(refused.refusals())
                                .extracting("field")
                                .containsExactly("verdict", "probeC", "note"));
        assertThat(bakes.one(id).loggedAt()).isNull();
        bakes.log(id, new HowItWas(Verdict.RIGHT, null, null, null));
        assertThatThrownBy(() -> bakes.forget(id)).isInstanceOf(NotNow.class);
        UUID out = bakes.one(id).taps().get(0).id();
        assertThatThrownBy(() -> bakes.untap(id, out)).isInstanceOf(NotNow.class);
    }

    @Test
    void theDemoIsLoadedOnceWithItsVerdicts() {
        assertThat(log.found(LogQuery.ALL).lines())
                .filteredOn(b -> b.startedAt().isBefore(Instant.now().minusSeconds(3600)))
                .hasSize(12);
        assertThat(log.found(LogQuery.ALL).lines()).extracting(LogLine::verdict).contains(Verdict.RIGHT, Verdict.OVER);
        assertThat(bakes.running()).extracting(BakeView::title).contains("Whole trout in foil, sorrel");
    }

    @Test
    void problemsAreProblemDetails() throws Exception {
        ResponseEntity<String> missing = http.get("/api/bakes/" + UUID.randomUUID());
        assertThat(missing.getStatusCode()).isEqualTo(HttpStatus.NOT_FOUND);
        assertThat(json.readTree(missing.getBody()).get("detail").asString()).contains("no such bake");
        assertThat(http.get("/api/bakes/not-an-id").getStatusCode()).isEqualTo(HttpStatus.BAD_REQUEST);
        String endless = "x".repeat(70_000);
        assertThat(http.post("/api/estimates", endless).getStatusCode()).isEqualTo(HttpStatus.CONTENT_TOO_LARGE);
        // A map is sent in chunks, without its length.
        ResponseEntity<String> chunked = http.post("/api/estimates", Map.of("piece", endless));
        assertThat(chunked.getStatusCode()).isEqualTo(HttpStatus.CONTENT_TOO_LARGE);
    }

    @Test
    void everyStationIsThePage() throws Exception {
        List<String> paths = Pattern.compile("path: '(/[^']*)'")
                .matcher(Files.readString(Path.of("../web/src/router.ts")))
                .results()
                .flatMap(found -> Stream.of(found.group(1), found.group(1).replaceAll("/:[a-z]+\\?", "")))
                .map(path -> path.replaceAll(":[a-z]+\\??", UUID.randomUUID().toString()))
                .distinct()
                .toList();
        assertThat(paths).hasSizeGreaterThan(10).contains("/", "/oven", "/log/taught");
        for (String path : paths) {
            ResponseEntity<String> page = http.get(path);
            assertThat(page.getBody()).as(path).contains("<div id=\"app\">");
            assertThat(page.getHeaders().getFirst("Content-Security-Policy")).contains("default-src 'self'");
        }
    }

    /** The front end's types are generated from web/openapi.json, so that file has to be what the server says. */
    @Test
    void theCommittedDocumentIsTheServedOne() throws Exception {
        // Longer than any question the application's own reader takes.
        ObjectMapper any = new ObjectMapper();
        JsonNode served = any.readTree(http.get("/v3/api-docs").getBody());
        Path copy = Path.of("target", "openapi.json");
        Files.writeString(copy, any.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
        JsonNode committed = any.readTree(Path.of("..", "web", "openapi.json").toFile());
        assertThat(served)
                .as("copy server/target/openapi.json to web/openapi.json")
                .isEqualTo(committed);
    }
}
