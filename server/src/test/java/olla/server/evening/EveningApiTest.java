package olla.server.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import olla.server.Http;
import olla.server.SettableClock;
import olla.server.Started;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpEntity;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Evenings in a real MariaDB, over HTTP: written, planned, done, moved about. */
@Started(schema = "evenings", settings = "olla.evenings.better=400ms", with = SettableClock.InPlaceOfTheKitchens.class)
class EveningApiTest {

    private static final String HAKE = """
            {"piece": {"species": "hake", "cut": "PORTION", "thicknessMm": 25},
             "dress": {"kind": "OPEN_TRAY", "finish": "OILED"}, "oven": {"kind": "STILL"},
             "programme": [{"stage": "BAKE", "tempC": 220}, {"stage": "REST", "minutes": 4}],
             "usual": true, "doneness": "FLAKES", "pieces": 6}
            """;

    @Autowired
    private Http http;

    @Autowired
    private ObjectMapper json;

    @Autowired
    private SettableClock clock;

    @Autowired
    private JdbcClient jdbc;

    /* An evening that is left behind is watched on: each would be planned anew whenever a later test turns the clock. */
    @AfterEach
    void nobodyWatchesItAnyLonger() {
        jdbc.sql("delete from evening_move").update();
        jdbc.sql("delete from evening").update();
    }

    private String evening(Instant serveAt, int hands, String sides) {
        int oven = json.readTree(http.read("/api/ovens")).get(0).get("id").asInt();
        String pairs = "{\"name\": \"cook\"}" + ", {\"name\": \"helper\"}".repeat(hands - 1);
        return """
            {"name": "Friday", "serveAt": "%s", "guests": 8,
             "fish": [{"key": "hake", "title": "Hake portions", "question": %s}],
             "sides": [%s],
             "ovens": [{"ovenId": %d, "shelves": 2}], "burners": 4, "hands": [%s]}
            """.formatted(serveAt, HAKE, sides, oven, pairs);
    }

    private static final String POTATOES = """
            {"key": "potatoes", "title": "Potatoes", "where": "OVEN", "prepareMin": 8, "cookMin": 45, "dialC": 200,
             "giveC": 20, "finishMin": 1, "waitsMin": 20}
            """;
    private static final String RICE = """
            {"key": "rice", "title": "Rice", "where": "HOB", "prepareMin": 2, "cookMin": 18, "finishMin": 1, "waitsMin": 20,
             "aheadH": 12}
            """;

    private ResponseEntity<String> put(UUID id, String body, Integer version) {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_JSON);
        if (version != null) {
            headers.setIfMatch("\"" + version + "\"");
        }
        return http.exchange("/api/evenings/" + id, HttpMethod.PUT, new HttpEntity<>(body, headers));
    }

    private JsonNode one(UUID id) {
        return json.readTree(http.read("/api/evenings/" + id));
    }

    /* Asks until it is so; a test that waits for what never comes fails in the end. */
    private JsonNode until(UUID id, Predicate<JsonNode> so) {
        for (int asked = 0; asked < 600; asked++) {
            JsonNode view = one(id);
            if (so.test(view)) {
                return view;
            }
            try {
                Thread.sleep(100);
            } catch (InterruptedException stopped) {
                throw new IllegalStateException(stopped);
            }
        }
        throw new AssertionError("Never so: " + one(id));
    }

    private JsonNode planned(UUID id) {
        return until(id, v -> v.has("sheet") && !v.get("searching").asBoolean() && v.has("advice"));
    }

    private ResponseEntity<String> move(UUID id, UUID moveId, String kind, String step, Instant at) {
        String when = at == null ? "" : ", \"at\": \"" + at + "\"";
        return post(
                "/api/evenings/" + id + "/moves",
                "{\"id\": \"%s\", \"kind\": \"%s\", \"step\": \"%s\"%s}".formatted(moveId, kind, step, when));
    }

    private static JsonNode step(JsonNode view, String key) {
        for (JsonNode step : view.get("sheet").get("steps")) {
            if (step.get("key").asString().equals(key)) {
                return step;
            }
        }
        throw new AssertionError(key + " is not on " + view.get("sheet").get("steps"));
    }

    private Instant eight() {
        return clock.instant().plus(Duration.ofHours(3));
    }

    @Test
    void anEveningIsPlannedBackwardFromItsMoment() {
        UUID id = UUID.randomUUID();
        ResponseEntity<String> answer = put(id, evening(eight(), 1, POTATOES + "," + RICE), null);
        assertThat(answer.getStatusCode()).isEqualTo(HttpStatus.OK);
        JsonNode view = planned(id);
        assertThat(view.get("sheet").get("kept").asBoolean()).isTrue();
        assertThat(view.get("sheet").get("lateMin").asDouble()).isLessThan(1);
        assertThat(view.get("sheet").get("dishes")).hasSize(3);
        assertThat(view.get("advice").get("within3").asDouble()).isBetween(0.5, 1.0);
        assertThat(step(view, "hake.PUT_IN").get("say").asString()).startsWith("Hake portions into ");
        assertThat(step(view, "0.PLATE").get("say").asString()).isEqualTo("Plate and carry, for 8");
        assertThat(step(view, "hake.LOOK").get("latestMin").asDouble())
                .isGreaterThan(step(view, "hake.LOOK").get("fromMin").asDouble());
        assertThat(view.get("days").findValuesAsString("key")).contains("hake.BUY", "rice.AHEAD");
        // What the next sheet begins with is a row.
        assertThat(jdbc.sql("select kept_json from evening where id = ?")
                        .param(id.toString())
                        .query(String.class)
                        .single())
                .contains("\"hake\"")
                .contains("\"potatoes\"");
        assertThat(http.read("/api/evenings")).contains(id.toString());
    }

    @Test
    void whatIsWrongIsSaidFieldByField() {
        ResponseEntity<String> answer = put(
                UUID.randomUUID(),
                evening(
                        eight(),
                        1,
                        POTATOES.replace("\"cookMin\": 45", "\"cookMin\": 900") + ","
                                + RICE.replace("rice", "hake").replace("\"waitsMin\": 20", "\"waitsMin\": -1")),
                null);
        assertThat(answer.getStatusCode().value()).isEqualTo(400);
        assertThat(answer.getBody()).contains("sides.0.cookMin").contains("sides.1.waitsMin");
        ResponseEntity<String> twice =
                put(UUID.randomUUID(), evening(eight(), 1, RICE.replace("\"rice\"", "\"hake\"")), null);
        assertThat(twice.getStatusCode().value()).isEqualTo(400);
        assertThat(twice.getBody()).contains("Two dishes have the key hake");
    }

    @Test
    void whatIsMissingInAListIsSaidAndNotStumbledOver() {
        String words = evening(eight(), 1, RICE);
        for (String broken : List.of(
                words.replace("\"guests\": 8", "\"guests\": 8, \"coursesMin\": [null]"),
                words.replace("\"key\": \"hake\"", "\"key\": \"hake\", \"ovenIds\": [null]"),
                words.replace("\"hands\": [", "\"hands\": [null, "),
                words.replace("\"sides\": [", "\"sides\": [null, "))) {
            ResponseEntity<String> answer = put(UUID.randomUUID(), broken, null);
            assertThat(answer.getStatusCode().value()).as(broken).isEqualTo(400);
            assertThat(answer.getBody()).contains("an empty list for none");
        }
    }

    @Test
    void guestsAtRiskAreGivenNothingUnderDone() {
        String rare = evening(eight(), 1, RICE)
                .replace("\"guests\": 8", "\"guests\": 8, \"atRisk\": true")
                .replace("\"doneness\": \"FLAKES\"", "\"doneness\": \"BARELY_SET\"");
        ResponseEntity<String> answer = put(UUID.randomUUID(), rare, null);
        assertThat(answer.getStatusCode().value()).isEqualTo(400);
        assertThat(answer.getBody()).contains("fish.0.question");
    }

    @Test
    void whatTheWholeEveningNeedsIsOneList() {
        UUID id = UUID.randomUUID();
        put(id, evening(eight(), 1, POTATOES + "," + RICE), null);
        JsonNode list = json.readTree(http.read("/api/evenings/" + id + "/shopping"));
        String[] lines = list.get("text").asString().split("\n");
        // Six portions of hake as thick as that.
        assertThat(lines[0]).matches("[0-9.]+\\h(k?g)\\h.*hake, portion");
        assertThat(lines).anyMatch(l -> l.endsWith("oil")).endsWith("Potatoes", "Rice");
        assertThat(list.get("csv").asString()).startsWith("amount,unit,what");
        ResponseEntity<String> unknown =
                http.exchange("/api/evenings/" + UUID.randomUUID() + "/shopping", HttpMethod.GET, HttpEntity.EMPTY);
        assertThat(unknown.getStatusCode().value()).isEqualTo(404);
    }

    /** What goes in from the sheet is for all at the table, at the sheet's dial. */
    @Test
    void aFishGoesInAsTheSheetHasIt() {
        UUID id = UUID.randomUUID();
        String risky = evening(eight(), 1, RICE)
                .replace("\"guests\": 8", "\"guests\": 8, \"atRisk\": true")
                .replace("\"doneness\": \"FLAKES\"", "\"doneness\": \"OFFICIAL\"");
        assertThat(put(id, risky, null).getStatusCode()).isEqualTo(HttpStatus.OK);
        JsonNode view = planned(id);
        for (JsonNode dish : view.get("sheet").get("dishes")) {
            boolean fish = dish.get("key").asString().equals("hake");
            assertThat(dish.has("question")).as(dish.toString()).isEqualTo(fish);
            if (fish) {
                JsonNode question = dish.get("question");
                assertThat(question.get("atRisk").asBoolean()).isTrue();
                assertThat(question.get("programme").get(0).get("tempC").asDouble())
                        .isEqualTo(dish.get("dialC").asDouble());
                assertThat(question.get("programme").get(1).get("minutes").asDouble())
                        .isEqualTo(4);
            }
        }
        move(id, UUID.randomUUID(), "IN", "hake", clock.instant());
        JsonNode in =
                until(id, v -> step(v, "hake.LOOK") != null && !v.get("moves").isEmpty());
        in.get("sheet")
                .get("dishes")
                .forEach(dish -> assertThat(dish.get("started").asBoolean() && dish.has("question"))
                        .isFalse());
    }

    @Test
    void theSameWordsTwiceAreOneEveningAndOthersDoNotOverwriteIt() {
        UUID id = UUID.randomUUID();
        String words = evening(eight(), 1, RICE);
        put(id, words, null);
        int version = one(id).get("version").asInt();
        assertThat(put(id, words, null).getStatusCode()).isEqualTo(HttpStatus.OK);
        assertThat(one(id).get("version").asInt()).isEqualTo(version);
        assertThat(put(id, words.replace("Friday", "Saturday"), version).getStatusCode())
                .isEqualTo(HttpStatus.OK);
        assertThat(put(id, words.replace("Friday", "Sunday"), version)
                        .getStatusCode()
                        .value())
                .isEqualTo(412);
        assertThat(one(id).get("evening").get("name").asString()).isEqualTo("Saturday");
    }

    @Test
    void aStepIsTickedPinnedAndTakenBack() {
        UUID id = UUID.randomUUID();
        Instant serveAt = eight();
        put(id, evening(serveAt, 2, RICE), null);
        planned(id);
        UUID tick = UUID.randomUUID();
        move(id, tick, "DONE", "hake.PREPARE", null);
        until(id, v -> v.has("sheet") && planSettled(v, "hake.PREPARE"));
        // Sent twice it counts once.
        move(id, tick, "DONE", "hake.PREPARE", null);
        assertThat(one(id).get("moves")).hasSize(1);
        Instant wanted = serveAt.minus(Duration.ofMinutes(40));
        UUID pin = UUID.randomUUID();
        move(id, pin, "PINNED", "rice.PUT_IN", wanted);
        JsonNode pinned = until(
                id,
                v -> v.has("sheet")
                        && Math.abs(step(v, "rice.PUT_IN").get("fromMin").asDouble() + 40) < 1e-6);
        assertThat(step(pinned, "rice.PUT_IN").get("pinned").asBoolean()).isTrue();
        http.exchange("/api/evenings/" + id + "/moves/" + pin, HttpMethod.DELETE, HttpEntity.EMPTY);
        JsonNode free = until(
                id, v -> v.has("sheet") && !step(v, "rice.PUT_IN").get("pinned").asBoolean());
        assertThat(free.get("moves")).hasSize(1);
    }

    /** Its step is named by the dish it is for: another that comes first does not take its tick. */
    @Test
    void anOvenThatWasSetStaysSet() {
        UUID id = UUID.randomUUID();
        Instant serveAt = eight();
        put(id, evening(serveAt, 2, RICE), null);
        JsonNode before = planned(id);
        String key = dish(before, "hake").get("ovenId").asInt() + ".PREHEAT.hake";
        double set = step(before, key).get("fromMin").asDouble();
        clock.pass(Duration.between(clock.instant(), serveAt).toMillis() / 60_000.0 + set);
        move(id, UUID.randomUUID(), "DONE", key, null);
        clock.pass(8);
        move(id, UUID.randomUUID(), "DONE", "hake.PREPARE", null);
        JsonNode after = until(id, v -> v.has("sheet") && v.get("moves").size() == 2 && planSettled(v, "hake.PREPARE"));
        assertThat(after.get("sheet").get("steps").findValuesAsString("key")).doesNotContain(key);
        assertThat(after.get("sheet").get("kept").asBoolean()).isTrue();
    }

    private static boolean planSettled(JsonNode view, String key) {
        return !view.get("sheet").get("steps").findValuesAsString("key").contains(key);
    }

    /** Potatoes that are hard when they should be done are looked at again, and their oven is taken to be a cool one. */
    @Test
    void aSideThatIsNotDoneYetIsLookedAtAgainAndTellsOfItsOven() {
        UUID id = UUID.randomUUID();
        Instant serveAt = eight();
        put(id, evening(serveAt, 2, POTATOES), null);
        JsonNode before = planned(id);
        double in = potatoesGoIn(id, before, serveAt);
        double likely = dish(before, "potatoes").get("likelyMin").asDouble();
        clock.pass(likely - in);
        UUID looked = UUID.randomUUID();
        move(id, looked, "NOT_YET", "potatoes", null);
        JsonNode after = until(
                id, v -> v.has("sheet") && dish(v, "potatoes").get("likelyMin").asDouble() > likely + 3);
        // By four fifths of a standard deviation, of which there are some eight minutes.
        assertThat(dish(after, "potatoes").get("likelyMin").asDouble()).isBetween(likely + 4, likely + 10);
        assertThat(step(after, "potatoes.LOOK").get("untilMin").asDouble()).isGreaterThan(likely + 4);
        assertThat(after.get("found").toString()).contains("runs about");
        http.exchange("/api/evenings/" + id + "/moves/" + looked, HttpMethod.DELETE, HttpEntity.EMPTY);
        JsonNode back =
                until(id, v -> v.get("moves").size() == 1 && v.get("found").isEmpty());
        assertThat(dish(back, "potatoes").get("likelyMin").asDouble()).isCloseTo(likely, within(0.5));
    }

    @Test
    void aDishThatGoesInLateIsDoneLateAndTheOthersFollow() {
        UUID id = UUID.randomUUID();
        Instant serveAt = eight();
        String words = evening(serveAt, 2, RICE);
        put(id, words, null);
        JsonNode before = planned(id);
        double in = step(before, "hake.PUT_IN").get("untilMin").asDouble();
        double late = in + 8;
        clock.pass(Duration.between(clock.instant(), serveAt).toMillis() / 60_000.0 + late);
        UUID bake = hakeGoesIn(id);
        JsonNode after = until(
                id,
                v -> v.has("sheet")
                        && v.get("sheet")
                                .get("dishes")
                                .findValuesAsString("key")
                                .contains("hake")
                        && dish(v, "hake").get("started").asBoolean());
        assertThat(dish(after, "hake").get("inMin").asDouble()).isCloseTo(late, within(0.05));
        assertThat(after.get("sheet").get("lateMin").asDouble()).isGreaterThan(2);
        assertThat(after.get("moved")).isNotEmpty();
        // Later than it was first meant, or sooner than it was feared while nobody had put it in.
        assertThat(after.get("moved").get(0).get("say").asString()).containsPattern("\\d minutes? (later|sooner)");
        // Taken back, it has not gone in.
        http.exchange("/api/bakes/" + bake, HttpMethod.DELETE, HttpEntity.EMPTY);
        until(id, v -> !dish(v, "hake").get("started").asBoolean());
    }

    /* As the sheet has it; returns when, minutes. */
    private double potatoesGoIn(UUID id, JsonNode before, Instant serveAt) {
        double in = step(before, "potatoes.PUT_IN").get("untilMin").asDouble();
        clock.pass(Duration.between(clock.instant(), serveAt).toMillis() / 60_000.0 + in);
        move(id, UUID.randomUUID(), "IN", "potatoes", null);
        return in;
    }

    /* A fish goes in from the sheet, as a bake of its own. */
    private UUID hakeGoesIn(UUID id) {
        UUID bake = hakeBakes("Hake");
        post(
                "/api/evenings/" + id + "/moves",
                "{\"id\": \"%s\", \"kind\": \"IN\", \"step\": \"hake\", \"bakeId\": \"%s\"}"
                        .formatted(UUID.randomUUID(), bake));
        return bake;
    }

    private UUID hakeBakes(String title) {
        UUID bake = UUID.randomUUID();
        int oven = json.readTree(http.read("/api/ovens")).get(0).get("id").asInt();
        ResponseEntity<String> put = post(
                "/api/bakes",
                "{\"id\": \"%s\", \"title\": \"%s\", \"ovenId\": %d, \"question\": %s}"
                        .formatted(bake, title, oven, HAKE));
        assertThat(put.getStatusCode()).isEqualTo(HttpStatus.CREATED);
        return bake;
    }

    private ResponseEntity<String> post(String path, String body) {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_JSON);
        return http.exchange(path, HttpMethod.POST, new HttpEntity<>(body, headers));
    }

    /** Whoever turns the dial for a fish turns it for the potatoes beside it. */
    @Test
    void aDialThatIsTurnedIsTurnedForAllInThatOven() {
        UUID id = UUID.randomUUID();
        Instant serveAt = eight();
        put(id, evening(serveAt, 2, POTATOES), null);
        JsonNode before = planned(id);
        potatoesGoIn(id, before, serveAt);
        UUID bake = hakeGoesIn(id);
        JsonNode hot =
                until(id, v -> v.has("sheet") && dish(v, "hake").get("started").asBoolean());
        double likely = dish(hot, "potatoes").get("likelyMin").asDouble();
        clock.pass(2);
        post(
                "/api/bakes/" + bake + "/taps",
                "{\"id\": \"%s\", \"kind\": \"DIAL\", \"celsius\": 160}".formatted(UUID.randomUUID()));
        move(id, UUID.randomUUID(), "DONE", "hake.PREPARE", null);
        JsonNode cool = until(
                id, v -> v.has("sheet") && dish(v, "potatoes").get("likelyMin").asDouble() > likely + 10);
        assertThat(step(cool, "potatoes.COOK").get("dialC").asDouble()).isEqualTo(160);
        // Planned again, it has still gone in at what it went in at.
        move(id, UUID.randomUUID(), "SKIPPED", "hake.DRESS", null);
        JsonNode again = until(
                id,
                v -> v.get("moves").size() == 4
                        && v.has("sheet")
                        && !v.get("searching").asBoolean());
        assertThat(dish(again, "potatoes").get("likelyMin").asDouble())
                .isCloseTo(dish(cool, "potatoes").get("likelyMin").asDouble(), within(1.0));
        http.exchange("/api/bakes/" + bake, HttpMethod.DELETE, HttpEntity.EMPTY);
    }

    private static JsonNode dish(JsonNode view, String key) {
        for (JsonNode dish : view.get("sheet").get("dishes")) {
            if (dish.get("key").asString().equals(key)) {
                return dish;
            }
        }
        throw new AssertionError(key);
    }

    /** Whatever was in an oven tonight tells of it: what is still to go in has other minutes, before anything is in the log. */
    @Test
    void anOvenThatWasFoundSlowTonightIsSlowForWhatFollows() {
        UUID id = UUID.randomUUID();
        put(id, evening(eight(), 2, RICE), null);
        JsonNode before = planned(id);
        assertThat(before.get("found")).isEmpty();
        UUID bake = hakeBakes("For the staff");
        clock.pass(11);
        post(
                "/api/bakes/" + bake + "/taps",
                "{\"id\": \"%s\", \"kind\": \"READ\", \"celsius\": 36}".formatted(UUID.randomUUID()));

        JsonNode after = until(id, v -> !v.get("found").isEmpty());

        assertThat(after.get("found").get(0).asString())
                .matches(".* runs about \\d+° cool, ±\\d+°, by what has been in it tonight.*");
        assertThat(dish(after, "hake").get("minutes").asDouble())
                .isGreaterThan(dish(before, "hake").get("minutes").asDouble() + 0.4);
        double slow = dialMinutes(id, dish(after, "hake").get("dialC").asDouble());
        http.exchange("/api/bakes/" + bake, HttpMethod.DELETE, HttpEntity.EMPTY);
        JsonNode again = until(id, v -> v.get("found").isEmpty());
        assertThat(dialMinutes(id, dish(after, "hake").get("dialC").asDouble())).isLessThan(slow - 0.4);
        assertThat(dish(again, "hake").get("minutes").asDouble())
                .isCloseTo(dish(before, "hake").get("minutes").asDouble(), within(0.3));
    }

    private double dialMinutes(UUID id, double dialC) {
        for (JsonNode at : json.readTree(http.read("/api/evenings/" + id + "/dials"))) {
            if (at.get("dish").asString().equals("hake") && at.get("dialC").asDouble() == dialC) {
                return at.get("minutes").asDouble();
            }
        }
        throw new AssertionError(dialC);
    }

    @Test
    void whatIsDueAndNotDoneIsPlannedAnew() {
        UUID id = UUID.randomUUID();
        Instant serveAt = eight();
        put(id, evening(serveAt, 2, RICE), null);
        JsonNode before = planned(id);
        double due = step(before, "rice.PUT_IN").get("fromMin").asDouble();
        clock.pass(Duration.between(clock.instant(), serveAt).toMillis() / 60_000.0 + due + 6);
        JsonNode after = until(
                id, v -> v.has("sheet") && step(v, "rice.PUT_IN").get("fromMin").asDouble() > due + 5);
        assertThat(after.get("sheet").get("dishes")).hasSize(2);
    }

    /** Read back by ical4j's own parser (RFC 5545). */
    @Test
    void theCalendarHoldsEveryStepOfTheHandsWithAnAlarm() throws Exception {
        UUID id = UUID.randomUUID();
        Instant serveAt = eight();
        put(id, evening(serveAt, 1, POTATOES + "," + RICE), null);
        JsonNode view = planned(id);
        ResponseEntity<String> file = http.get("/api/evenings/" + id + "/calendar");
        assertThat(file.getHeaders().getContentType().toString()).startsWith("text/calendar");
        Calendar calendar = new CalendarBuilder().build(new StringReader(file.getBody()));
        assertThat(calendar.validate().hasErrors()).isFalse();
        List<VEvent> events = calendar.getComponents(Component.VEVENT);
        long steps = 0;
        for (JsonNode step : view.get("sheet").get("steps")) {
            String kind = step.get("kind").asString();
            steps += List.of("TEMPER", "COOK", "REST").contains(kind) ? 0 : 1;
        }
        assertThat(events).hasSize((int) steps + view.get("days").size());
        assertThat(events).allSatisfy(e -> assertThat(e.getAlarms()).hasSize(1));
        VEvent in = events.stream()
                .filter(e -> e.getUid().orElseThrow().getValue().endsWith("hake.PUT_IN"))
                .findFirst()
                .orElseThrow();
        Instant begins = Instant.from(in.getDateTimeStart().getDate());
        assertThat(Duration.between(begins, serveAt).toSeconds() / 60.0)
                .isCloseTo(-step(view, "hake.PUT_IN").get("fromMin").asDouble(), within(0.02));
    }

    @Test
    void theStripKnowsWhatEachDishTakesAtEachDial() {
        UUID id = UUID.randomUUID();
        put(id, evening(eight(), 1, POTATOES), null);
        planned(id);
        JsonNode dials = json.readTree(http.read("/api/evenings/" + id + "/dials"));
        assertThat(dials.findValuesAsString("dish")).contains("hake", "potatoes");
        double before = Double.POSITIVE_INFINITY;
        for (JsonNode dial : dials) {
            if (dial.get("dish").asString().equals("hake")) {
                assertThat(dial.get("minutes").asDouble()).isLessThan(before);
                before = dial.get("minutes").asDouble();
            }
        }
    }

    /** One dial for all that is in an oven; it is refused, in words, where no oven goes there. */
    @Test
    void anOvenKeepsTheOneDialItWasGiven() {
        UUID id = UUID.randomUUID();
        String evening = evening(clock.instant().plus(Duration.ofHours(4)), 2, POTATOES);
        put(id, evening.replace("\"shelves\": 2}", "\"shelves\": 2, \"dialC\": 205}"), null);
        JsonNode view = until(id, v -> v.has("sheet"));
        assertThat(view.at("/evening/ovens/0/dialC").asDouble()).isEqualTo(205);
        assertThat(view.at("/sheet/dishes"))
                .hasSize(2)
                .allSatisfy(dish -> assertThat(dish.get("dialC").asDouble()).isEqualTo(205));
        ResponseEntity<String> refused = put(
                id,
                evening.replace("\"shelves\": 2}", "\"shelves\": 2, \"dialC\": 900}"),
                view.get("version").asInt());
        assertThat(refused.getStatusCode()).isEqualTo(HttpStatus.BAD_REQUEST);
        assertThat(refused.getBody()).contains("ovens.0.dialC").contains("300");
    }

    /** Whoever shares the processors with many others is answered as soon, and looks for a better plan afterwards. */
    @Test
    void manyEveningsAtOnceAreAllAnswered() {
        List<UUID> ids = Stream.generate(UUID::randomUUID).limit(12).toList();
        Instant serveAt = clock.instant().plus(Duration.ofHours(4));
        ids.forEach(id -> put(id, evening(serveAt, 2, POTATOES), null));
        ids.forEach(id -> until(id, v -> v.has("sheet") && !v.get("searching").asBoolean()));
        ids.parallelStream().forEach(id -> move(id, UUID.randomUUID(), "DONE", "potatoes.PREPARE", null));
        for (UUID id : ids) {
            JsonNode view = until(
                    id,
                    v -> !v.at("/sheet/steps").toString().contains("potatoes.PREPARE")
                            && !v.get("searching").asBoolean());
            assertThat(view.at("/sheet/kept").asBoolean()).isTrue();
        }
    }

    @Test
    void anEveningThatCannotBeSaysWhatIsMissing() {
        UUID id = UUID.randomUUID();
        put(id, evening(clock.instant().plus(Duration.ofMinutes(25)), 1, POTATOES), null);
        JsonNode view = planned(id);
        assertThat(view.get("shortage").get("what").asString()).isEqualTo("TIME");
        assertThat(view.get("shortage").get("nearest").asString()).contains("later");
    }

    @Test
    void aRowOfALaterVersionIsStillShown() {
        UUID id = UUID.randomUUID();
        put(id, evening(eight(), 1, RICE), null);
        planned(id);
        jdbc.sql("update evening set input_json = json_set(input_json, '$.music', 'loud'), kept_json = '[{\"what\":1}]'"
                        + " where id = ?")
                .param(id.toString())
                .update();
        assertThat(one(id).get("evening").get("name").asString()).isEqualTo("Friday");
        jdbc.sql("update evening set input_json = '[]' where id = ?")
                .param(id.toString())
                .update();
        assertThat(http.get("/api/evenings/" + id).getStatusCode()).isEqualTo(HttpStatus.OK);
        assertThat(http.get("/api/evenings").getStatusCode()).isEqualTo(HttpStatus.OK);
    }
}
