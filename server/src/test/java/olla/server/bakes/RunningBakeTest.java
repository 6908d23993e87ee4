package olla.server.bakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.core.messages.RefusedInput;
import olla.core.plan.Moment.Phase;
import olla.core.probe.Trust;
import olla.core.uncertainty.Assessment.Advice;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.Http;
import olla.server.Started;
import olla.server.bakes.BakeView.MomentView;
import olla.server.bakes.rows.TapInput;
import olla.server.bakes.rows.TapKind;
import olla.server.messages.Sentences;
import olla.server.query.EstimateAnswer;
import olla.server.query.EstimateRequest;
import olla.server.web.NotNow;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpEntity;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** A bake while it runs: taps, looks, probes with good and bad readings, what the oven did. In a real MariaDB. */
@Started(schema = "running")
class RunningBakeTest {

    @Autowired
    private BakeService bakes;

    @Autowired
    private LogService log;

    @Autowired
    private Http http;

    @Autowired
    private ObjectMapper json;

    private UUID id;
    private Instant in;

    /** A hake that went in eight minutes ago and is likely done after twelve or so. */
    @BeforeEach
    void aHakeIsIn() throws Exception {
        id = UUID.randomUUID();
        in = Instant.now().minus(8, ChronoUnit.MINUTES).truncatedTo(ChronoUnit.MILLIS);
        bakes.putIn(new PutIn(id, "Hake", 1, hake(""), in));
    }

    /* What is left in an oven would tell of it in the next test. */
    @AfterEach
    void nothingIsLeftInAnOven() {
        bakes.running().stream().filter(b -> b.loggedAt() == null).forEach(b -> bakes.forget(b.id()));
    }

    private EstimateRequest hake(String more) throws Exception {
        return json.readValue("""
                {"piece": {"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160,"startTempC":8},
                 "dress": {"kind":"OPEN_TRAY"%s}, "oven": {"kind":"STILL"},
                 "programme": [{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}],
                 "usual": true, "doneness":"FLAKES"}
                """.formatted(more), EstimateRequest.class);
    }

    private Instant at(double minute) {
        return in.plusMillis(Math.round(minute * 60_000));
    }

    private static TapInput cue(Cue cue, Instant at) {
        return new TapInput(UUID.randomUUID(), TapKind.CUE, at, cue, null, null);
    }

    private static TapInput degrees(TapKind kind, double celsius, Instant at) {
        return new TapInput(UUID.randomUUID(), kind, at, null, celsius, null);
    }

    private static TapInput number(TapKind kind, int number, Instant at) {
        return new TapInput(UUID.randomUUID(), kind, at, null, null, number);
    }

    private static MomentView moment(BakeView view, double minute) {
        return view.moments().stream()
                .filter(m -> m.untilSeconds() == null || 60 * minute < m.untilSeconds())
                .findFirst()
                .orElseThrow();
    }

    private JsonNode push(String device, List<double[]> minutesAndCelsius) throws Exception {
        List<Map<String, Object>> readings = minutesAndCelsius.stream()
                .map(r -> Map.<String, Object>of(
                        "device", device, "channel", "TIP", "at", at(r[0]).toString(), "celsius", r[1], "battery", 70))
                .toList();
        // A map would be sent in chunks of unknown length.
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_JSON);
        String body = json.writeValueAsString(Map.of("readings", readings));
        return json.readTree(
                http.post("/api/readings", new HttpEntity<>(body, headers)).getBody());
    }

    /* As a hake in an oven that runs cool: the middle lags behind what the ticket expects. */
    private static List<double[]> slow(double from, double to) {
        List<double[]> readings = new ArrayList<>();
        for (double m = from; m <= to; m += 0.25) {
            readings.add(new double[] {m, 9 + 0.33 * m * m});
        }
        return readings;
    }

    /** The oven is opened for one dish, and what else is in it feels that. */
    @Test
    void aDoorThatIsOpenedForAnotherDishIsFelt() {
        UUID mine = UUID.randomUUID();
        UUID other = UUID.randomUUID();
        bakes.putIn(new PutIn(mine, "Mine", 2, Hakes.hake(), in));
        bakes.putIn(new PutIn(other, "Other", 2, Hakes.hake(), in));
        double shut = bakes.one(mine).window().likelyMin();
        // A look that tells nothing of the oven: what is read of the other would move this one too.
        bakes.tap(other, Hakes.number(TapKind.DOOR, 40, at(7)));
        assertThat(bakes.one(mine).window().likelyMin()).isGreaterThan(shut + 0.05);
    }

    /** One of two in an oven is read cold: the oven is slow for the other as well, and the cook is told why its window moved. */
    @Test
    void whatIsReadOfOneDishTellsOfTheOtherInItsOven() {
        UUID mine = UUID.randomUUID();
        UUID other = UUID.randomUUID();
        bakes.putIn(new PutIn(mine, "Mine", 2, Hakes.hake(), in));
        bakes.putIn(new PutIn(other, "Other", 2, Hakes.hake(), in));
        UUID elsewhere = id;
        double there = bakes.one(elsewhere).window().likelyMin();
        // The door alone, whoever was read.
        UUID read = UUID.randomUUID();
        bakes.tap(other, new TapInput(read, TapKind.READ, at(8), null, 28.0, null));
        BakeView told = bakes.one(mine);
        assertThat(told.look()).isNull();
        assertThat(told.window().likelyMin()).isGreaterThan(told.likelyMin() + 0.5);
        assertThat(told.found().toString()).startsWith("oven.found-tonight").contains("oven.cool");
        assertThat(bakes.one(other).found()).isNull();
        assertThat(bakes.one(elsewhere).window().likelyMin()).isEqualTo(there);
        assertThat(bakes.found(List.of(1, 2))).containsOnlyKeys(2);
        bakes.untap(other, read);
        assertThat(bakes.one(mine).found()).isNull();
    }

    /** One that is done comes out and rests by itself; the rest goes on, in an oven whose door was open for that. */
    @Test
    void onePieceComesOutAndTheRestGoesOn() throws Exception {
        UUID four = UUID.randomUUID();
        bakes.putIn(new PutIn(four, "Four", 1, Hakes.hake("\"kind\":\"OPEN_TRAY\"", ",\"pieces\":4"), in));
        BakeView before = bakes.one(four);
        double enough = before.enoughFromMin();
        BakeView tooSoon = bakes.tap(four, number(TapKind.SOME_OUT, 1, at(2)));
        assertThat(tooSoon.apart()).singleElement().satisfies(some -> {
            assertThat(some.number()).isEqualTo(1);
            assertThat(some.moments().get(0).phase()).isEqualTo(Phase.PUT_BACK);
        });
        assertThat(tooSoon.outAt()).isNull();
        assertThat(bakes.untap(four, tooSoon.taps().get(0).id()).apart()).isEmpty();
        UUID late = UUID.randomUUID();
        Instant since =
                Instant.now().minusSeconds(Math.round(60 * (enough + 4))).truncatedTo(ChronoUnit.MILLIS);
        bakes.putIn(new PutIn(late, "Four", 1, Hakes.hake("\"kind\":\"OPEN_TRAY\"", ",\"pieces\":4"), since));
        BakeView shut = bakes.one(late);
        BakeView some = bakes.tap(
                late, number(TapKind.SOME_OUT, 2, since.plusSeconds(Math.round(60 * (shut.enoughFromMin() + 0.5)))));
        assertThat(some.apart().get(0).moments().get(0).phase()).isEqualTo(Phase.REST);
        // What is done by then does not wait for the door; the slowest does.
        assertThat(some.window().noLaterThanMin()).isGreaterThan(shut.window().noLaterThanMin());
        assertThatThrownBy(() -> bakes.tap(late, number(TapKind.SOME_OUT, 2, Instant.now())))
                .isInstanceOf(NotNow.class)
                .hasMessageContaining("cannot.last-piece{left=2}");
        BakeView out = bakes.tap(late, Hakes.tap(TapKind.OUT, Instant.now()));
        assertThat(out.apart()).hasSize(1);
        assertThatThrownBy(() -> bakes.tap(
                        late, number(TapKind.SOME_OUT, 1, Instant.now().plusMillis(5))))
                .isInstanceOf(NotNow.class);
    }

    @Test
    void theOnlyPieceComesOutAltogether() {
        assertThatThrownBy(() -> bakes.tap(id, number(TapKind.SOME_OUT, 1, at(7))))
                .isInstanceOf(NotNow.class);
        assertThatThrownBy(() -> bakes.tap(id, number(TapKind.SOME_OUT, 0, at(7))))
                .isInstanceOf(RefusedInput.class);
    }

    @Test
    void aGlassyMiddleGivesItMoreMinutesAndUndoingTakesThemBack() {
        BakeView before = bakes.one(id);
        TapInput glassy = cue(Cue.GLASSY, at(7.5));
        BakeView after = bakes.tap(id, glassy);
        assertThat(after.look().advice()).isEqualTo(Advice.GIVE_IT);
        assertThat(after.look().giveItMin()).isGreaterThanOrEqualTo(1);
        assertThat(after.look().early()).isTrue();
        assertThat(after.window().likelyMin()).isGreaterThan(before.window().likelyMin() - 0.2);
        assertThat(moment(after, 8).phase()).isEqualTo(Phase.SHUT);
        assertThat(moment(after, 8).untilSeconds())
                .isCloseTo(60 * (7.5 + after.look().giveItMin()), within(0.01));
        BakeView undone = bakes.untap(id, glassy.id());
        assertThat(undone.look()).isNull();
        assertThat(undone.window()).isEqualTo(before.window());
        // Sent again by a screen that never heard the answer, it stays undone.
        assertThat(bakes.tap(id, glassy).look()).isNull();
        assertThat(bakes.untap(id, glassy.id()).taps()).isEmpty();
    }

    @Test
    void fleshThatFlakesByItselfComesOut() {
        BakeView after = bakes.tap(id, cue(Cue.FLAKES_BY_ITSELF, at(7.9)));
        assertThat(after.look().advice()).isEqualTo(Advice.TAKE_OUT);
        assertThat(after.look().surprising()).isTrue();
        assertThat(moment(after, 8).phase()).isEqualTo(Phase.TAKE_OUT);
    }

    @Test
    void theSameTapSentTwiceCountsOnceAndALateOneKeepsItsMoment() {
        TapInput door = number(TapKind.DOOR, 20, at(3));
        BakeView once = bakes.tap(id, door);
        BakeView twice = bakes.tap(id, door);
        assertThat(twice.taps()).hasSize(1);
        assertThat(twice.window()).isEqualTo(once.window());
        assertThat(twice.taps().get(0).at()).isEqualTo(at(3));
        assertThat(once.window().likelyMin()).isGreaterThan(once.likelyMin());
    }

    @Test
    void outIsOutFromTheEarliestTap() {
        bakes.takeOut(id, at(7.8));
        BakeView again = bakes.takeOut(id, null);
        assertThat(again.outAt()).isEqualTo(at(7.8));
        // Tapped first, without a network, and sent last.
        BakeView late = bakes.takeOut(id, at(7));
        assertThat(late.outAt()).isEqualTo(at(7));
        assertThat(late.taps()).hasSize(1);
        assertThatThrownBy(() -> bakes.tap(id, number(TapKind.DOOR, 20, null))).isInstanceOf(NotNow.class);
        assertThat(bakes.untap(id, late.taps().get(0).id()).outAt()).isNull();
    }

    @Test
    void whatTheOvenDidMovesTheTime() {
        double ticket = bakes.one(id).window().likelyMin();
        BakeView cold = bakes.tap(id, degrees(TapKind.NOT_HOT, 120, at(0)));
        assertThat(cold.window().likelyMin()).isGreaterThan(ticket + 1);
        BakeView up = bakes.tap(id, degrees(TapKind.DIAL, 250, at(4)));
        assertThat(up.window().likelyMin()).isLessThan(cold.window().likelyMin());
        assertThat(up.dialC()).isEqualTo(250);
        assertThatThrownBy(() -> bakes.tap(id, degrees(TapKind.DIAL, 900, at(4))))
                .isInstanceOf(RefusedInput.class);
    }

    @Test
    void whatWaitsOutsideGoesInWhenItIsTapped() {
        BakeView held = bakes.tap(id, TapInput.plain(TapKind.HELD, at(0)));
        assertThat(held.held()).isTrue();
        assertThat(held.moments().get(0).phase()).isEqualTo(Phase.WAIT);
        BakeView inside = bakes.tap(id, TapInput.plain(TapKind.IN, at(7)));
        assertThat(inside.held()).isFalse();
        assertThat(inside.startedAt()).isEqualTo(at(7));
    }

    @Test
    void aStepIsDoneWhenItIsTapped() throws Exception {
        UUID glazed = UUID.randomUUID();
        bakes.putIn(new PutIn(glazed, "Glazed hake", 1, hake(",\"finish\":\"GLAZED\""), in));
        MomentView call = bakes.one(glazed).moments().stream()
                .filter(m -> m.phase() == Phase.STEP)
                .findFirst()
                .orElseThrow();
        assertThat(call.say()).hasToString("what.GLAZE.say");
        double minute = call.fromSeconds() / 60;
        Instant tapped = in.plusMillis(Math.round((minute + 0.2) * 60_000));
        if (tapped.isAfter(Instant.now())) {
            tapped = Instant.now();
        }
        BakeView done = bakes.tap(glazed, number(TapKind.STEP, call.step(), tapped));
        assertThat(done.moments())
                .filteredOn(m -> call.step().equals(m.step()))
                .allSatisfy(m -> assertThat(m.untilSeconds()).isLessThan(call.untilSeconds()));
    }

    @Test
    void aProbeNarrowsTheWindowAndBelievesNoNonsense() throws Exception {
        BakeView probed = bakes.probe(id, "probe-a", at(0));
        assertThat(probed.probe().device()).isEqualTo("probe-a");
        double ticketWidth = probed.noLaterThanMin() - probed.checkFromMin();
        push("probe-a", slow(0, 7));
        BakeView after = bakes.one(id);
        assertThat(after.probe().trust()).isEqualTo(Trust.STEADY);
        assertThat(after.window().likelyMin()).isGreaterThan(after.likelyMin() + 0.5);
        assertThat(after.window().noLaterThanMin() - after.window().checkFromMin())
                .isLessThan(0.8 * ticketWidth);
        BakeView.WindowView good = after.window();
        JsonNode absurd = push("probe-a", List.of(new double[] {7.2, 999}, new double[] {7.3, -127}));
        assertThat(absurd.get("refused")).hasSize(2);
        assertThat(absurd.get("taken").asInt()).isZero();
        push("probe-a", List.of(new double[] {7.4, 180}, new double[] {7.5, 195}));
        BakeView inAir = bakes.one(id);
        assertThat(inAir.probe().trust()).isEqualTo(Trust.IN_THE_AIR);
        assertThat(inAir.probe().words()).hasToString("trust.IN_THE_AIR");
        assertThat(inAir.window()).isEqualTo(good);
        InsideView inside = bakes.inside(id);
        assertThat(inside.trace()).hasSizeGreaterThan(20);
        assertThat(inside.fan().lowC()[20]).isLessThan(inside.fan().highC()[20]);
    }

    /** Late, doubled and in any order they come to the same as in good order. */
    @Test
    void theOrderInWhichReadingsComeDoesNotMatter() throws Exception {
        bakes.probe(id, "probe-b", at(0));
        push("probe-b", slow(0, 7));
        BakeView.WindowView inOrder = bakes.one(id).window();

        UUID other = UUID.randomUUID();
        // Alone, or each would be told of the other's.
        bakes.forget(id);
        bakes.putIn(new PutIn(other, "Hake", 1, hake(""), in));
        bakes.probe(other, "probe-c", at(0));
        List<double[]> shuffled = slow(0, 7);
        Collections.shuffle(shuffled, new java.util.Random(4));
        int taken = 0;
        for (int from = 0; from < shuffled.size(); from += 5) {
            List<double[]> some = shuffled.subList(from, Math.min(shuffled.size(), from + 5));
            taken += push("probe-c", some).get("taken").asInt();
            assertThat(push("probe-c", some).get("known").asInt()).isEqualTo(some.size());
            bakes.one(other);
        }
        assertThat(taken).isEqualTo(shuffled.size());
        assertThat(bakes.one(other).window()).isEqualTo(inOrder);
    }

    @Test
    void aProbeIsInOneFishAtATime() throws Exception {
        UUID other = UUID.randomUUID();
        bakes.putIn(new PutIn(other, "Another hake", 2, hake(""), in));
        bakes.probe(id, "probe-d", at(1));
        bakes.probe(other, "probe-d", at(5));
        assertThat(bakes.one(id).probe().until()).isEqualTo(at(5));
        assertThat(bakes.one(other).probe().until()).isNull();
        assertThat(bakes.unprobe(other, at(6)).probe().until()).isEqualTo(at(6));
    }

    @Test
    void aThermometerInTheOvenTellsItsOffset() throws Exception {
        hang("air-1");
        List<Map<String, Object>> readings = new ArrayList<>();
        for (double m = 0.5; m < 8; m += 0.5) {
            readings.add(Map.of("device", "air-1", "channel", "AIR", "at", at(m).toString(), "celsius", 205.0));
        }
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_JSON);
        String body = json.writeValueAsString(Map.of("readings", readings));
        http.post("/api/readings", new HttpEntity<>(body, headers));
        BakeView told = bakes.one(id);
        assertThat(told.window().likelyMin()).isGreaterThan(told.likelyMin() + 0.3);
        hang(null);
    }

    private void hang(String device) throws Exception {
        JsonNode oven = json.readTree(http.read("/api/ovens")).get(0);
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_JSON);
        headers.setIfMatch("\"" + oven.get("version").asInt() + "\"");
        String body = json.writeValueAsString(device == null ? Map.of() : Map.of("device", device));
        http.exchange("/api/ovens/" + oven.get("id").asInt(), HttpMethod.PUT, new HttpEntity<>(body, headers));
    }

    @Test
    void restingCrackingLiftingAndLeftoversHaveTheirTaps() {
        BakeView out = bakes.takeOut(id, at(7));
        EstimateAnswer rest = bakes.rest(id);
        assertThat(rest.bakeMinutes()).isCloseTo(7, within(0.02));
        assertThat(rest.peakC()).isGreaterThan(rest.pullC());
        assertThat(out.leftovers().fridgeBy()).isEqualTo(at(7).plus(2, ChronoUnit.HOURS));
        assertThat(bakes.tap(id, number(TapKind.PORTIONS, 1, null)).portions()).isEqualTo(1);
        bakes.log(id, new HowItWas(Verdict.RIGHT, 58.0, null, null));
        assertThat(bakes.running()).extracting(BakeView::id).contains(id);
        BakeView cold = bakes.tap(id, TapInput.plain(TapKind.CHILLED, null));
        assertThat(cold.leftovers().cleared()).isEqualTo(TapKind.CHILLED);
        assertThat(cold.leftovers().useBy()).isEqualTo(at(7).plus(3, ChronoUnit.DAYS));
        assertThat(bakes.running()).extracting(BakeView::id).doesNotContain(id);
        assertThatThrownBy(() -> bakes.tap(id, cue(Cue.GLASSY, null))).isInstanceOf(NotNow.class);
    }

    @Test
    void theLogTeachesTheOvenAndAnOpenedLineUnteachesIt() throws Exception {
        int oven = 2;
        in = in.minus(15, ChronoUnit.MINUTES);
        for (int i = 0; i < 2; i++) {
            UUID bake = UUID.randomUUID();
            bakes.putIn(new PutIn(bake, "Hake " + i, oven, hake(""), in));
            bakes.takeOut(bake, at(bakes.one(bake).likelyMin()));
            bakes.log(bake, new HowItWas(Verdict.OVER, 65.0, null, null));
            id = bake;
        }
        JsonNode taught = ovenWhen(oven, 2);
        assertThat(taught.get("calibration").get("offsetC").asDouble()).isGreaterThan(2);
        assertThat(taught.get("words").asString()).matches("This oven runs about \\d+° hot, ±\\d+°, after 2 bakes\\.");
        assertThat(Sentences.in(Locale.ENGLISH).say(bakes.one(id).lesson()))
                .isEqualTo(taught.get("words").asString());
        UUID next = UUID.randomUUID();
        BakeView sooner = bakes.putIn(new PutIn(next, "Hake next", oven, hake(""), in));
        assertThat(sooner.likelyMin())
                .isLessThan(log.found(LogQuery.ALL).lines().stream()
                                .filter(b -> b.title().equals("Hake 0"))
                                .findFirst()
                                .orElseThrow()
                                .likelyMin()
                        - 0.3);
        bakes.forget(next);
        bakes.reopen(id);
        JsonNode less = ovenWhen(oven, 1);
        assertThat(less.get("calibration").get("offsetC").asDouble())
                .isLessThan(taught.get("calibration").get("offsetC").asDouble());
    }

    private JsonNode ovenWhen(int oven, int lessons) throws Exception {
        Instant end = Instant.now().plus(Duration.ofSeconds(20));
        while (Instant.now().isBefore(end)) {
            for (JsonNode one : json.readTree(http.read("/api/ovens"))) {
                if (one.get("id").asInt() == oven && one.get("lessons").asInt() == lessons) {
                    return one;
                }
            }
            Thread.sleep(100);
        }
        throw new AssertionError("oven " + oven + " has not learned from " + lessons + " bakes");
    }
}
