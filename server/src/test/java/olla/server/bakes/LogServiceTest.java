package olla.server.bakes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import olla.core.messages.RefusedInput;
import olla.core.uncertainty.Observation.Verdict;
import olla.core.uncertainty.OvenCalibration;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.bakes.LogQuery.Said;
import olla.server.bakes.rows.TapInput;
import olla.server.bakes.rows.TapKind;
import olla.server.lessons.Lessons;
import olla.server.web.NotThere;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The log found again. In a real MariaDB. */
@Started(schema = "found", with = SettableClock.InPlaceOfTheKitchens.class, web = false)
class LogServiceTest {

    private static final UUID ADA = UUID.randomUUID();
    private static final UUID BO = UUID.randomUUID();

    @Autowired
    private BakeService bakes;

    @Autowired
    private LogService log;

    @Autowired
    private Lessons lessons;

    @Autowired
    private JdbcClient sql;

    @Autowired
    private SettableClock clock;

    private UUID hake;
    private UUID trout;
    private UUID own;
    private UUID forgotten;
    private Instant began;

    @BeforeEach
    void fourBakes() throws Exception {
        began = clock.instant();
        hake = baked("Hake on a bare tray", 1, "hake", "OPEN_TRAY", Verdict.RIGHT, 12, "100 % right");
        trout = baked("Trout in foil", 2, "trout", "FOIL", Verdict.OVER, 19, "Café au lait, über all");
        own = baked("River fish", 1, "trout\",\"ownName\":\"Grandmother's", "OPEN_TRAY", Verdict.UNDER, 9, null);
        forgotten = UUID.randomUUID();
        bakes.putIn(new PutIn(forgotten, "Nobody knows", 1, Hakes.hake("\"kind\":\"OPEN_TRAY\"", ""), null));
        clock.pass(Duration.ofHours(7));
        bakes.tap(forgotten, new TapInput(UUID.randomUUID(), TapKind.FORGOTTEN, null, null, null, null));
    }

    @AfterEach
    void clear() {
        sql.sql("delete from bake").update();
        sql.sql("delete from person").update();
    }

    private UUID baked(String title, int oven, String fish, String dress, Verdict verdict, int minutes, String note)
            throws Exception {
        UUID id = UUID.randomUUID();
        bakes.putIn(new PutIn(
                id,
                title,
                oven,
                Hakes.portion("\"species\":\"" + fish + "\"", "\"kind\":\"" + dress + "\"", ""),
                null));
        clock.pass(Duration.ofMinutes(minutes));
        bakes.takeOut(id, null);
        bakes.log(id, new HowItWas(verdict, null, note, null));
        clock.pass(Duration.ofDays(1));
        return id;
    }

    private List<UUID> found(LogQuery query) {
        LogPage page = log.found(query);
        assertThat(page.found()).isEqualTo(page.lines().size());
        return page.lines().stream().map(LogLine::id).toList();
    }

    private static LogQuery words(String words) {
        return new LogQuery(null, null, null, null, words, null, null, null, LogOrder.NEWEST, 0);
    }

    private static LogQuery said(Said said) {
        return new LogQuery(null, null, null, null, null, said, null, null, LogOrder.NEWEST, 0);
    }

    private static LogQuery sorted(LogOrder order) {
        return new LogQuery(null, null, null, null, null, null, null, null, order, 0);
    }

    @Test
    void byFishAndDishAndOven() {
        assertThat(found(LogQuery.ALL)).containsExactly(forgotten, own, trout, hake);
        assertThat(found(new LogQuery("trout", null, null, null, null, null, null, null, LogOrder.NEWEST, 0)))
                .containsExactly(trout);
        assertThat(found(new LogQuery("Grandmother's", null, null, null, null, null, null, null, LogOrder.NEWEST, 0)))
                .containsExactly(own);
        assertThat(found(new LogQuery(null, "FOIL", null, null, null, null, null, null, LogOrder.NEWEST, 0)))
                .containsExactly(trout);
        assertThat(found(new LogQuery(null, null, 1, null, null, Said.RIGHT, null, null, LogOrder.NEWEST, 0)))
                .containsExactly(hake);
        assertThat(found(new LogQuery("hake", "FOIL", null, null, null, null, null, null, LogOrder.NEWEST, 0)))
                .isEmpty();
    }

    @Test
    void byVerdictAndDate() {
        assertThat(found(said(Said.UNDER))).containsExactly(own);
        assertThat(found(said(Said.NOTHING))).containsExactly(forgotten);
        Instant secondDay = began.plus(Duration.ofHours(12));
        assertThat(found(new LogQuery(null, null, null, null, null, null, secondDay, null, LogOrder.OLDEST, 0)))
                .containsExactly(trout, own, forgotten);
        assertThat(found(new LogQuery(null, null, null, null, null, null, null, secondDay, LogOrder.OLDEST, 0)))
                .containsExactly(hake);
    }

    /** All the words, in any order and place; what a search of the store would take for a joker is a letter. */
    @Test
    void byWords() {
        assertThat(found(words("tray HAKE"))).containsExactly(hake);
        assertThat(found(words("  über  trout "))).containsExactly(trout);
        assertThat(found(words("100 %"))).containsExactly(hake);
        assertThat(found(words("%"))).containsExactly(hake);
        assertThat(found(words("_"))).isEmpty();
        assertThat(found(words("\\"))).isEmpty();
        assertThat(found(words("' or 1=1 --"))).isEmpty();
        assertThat(found(words(" "))).hasSize(4);
        assertThatThrownBy(() -> words("x".repeat(121)))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        refused -> assertThat(refused.refusals())
                                .extracting("field")
                                .containsExactly("words"));
    }

    /** Whoever put it in, tapped, or said how it was. */
    @Test
    void byCook() {
        sql.sql(
                        "insert into person (id, kitchen_id, name, role, pin_hash, wrong_pins) values (:id, 1, 'Ada', 'COOK', '', 0)")
                .param("id", ADA.toString())
                .update();
        sql.sql("update bake set person_id = :ada where id = :id")
                .param("ada", ADA.toString())
                .param("id", hake.toString())
                .update();
        sql.sql("update bake set said_person_id = :ada where id = :id")
                .param("ada", ADA.toString())
                .param("id", trout.toString())
                .update();
        sql.sql("update tap set person_id = :ada where bake_id = :id")
                .param("ada", ADA.toString())
                .param("id", own.toString())
                .update();
        assertThat(found(new LogQuery(null, null, null, ADA, null, null, null, null, LogOrder.NEWEST, 0)))
                .containsExactly(own, trout, hake);
        assertThat(found(new LogQuery(null, null, null, BO, null, null, null, null, LogOrder.NEWEST, 0)))
                .isEmpty();
        assertThat(log.choices().cooks()).containsExactly(new LogChoices.OfCook(ADA, "Ada"));
    }

    @Test
    void whatThereIsToChooseFrom() {
        LogChoices choices = log.choices();
        assertThat(choices.fish())
                .containsExactly(
                        new LogChoices.Choice("hake", 2),
                        new LogChoices.Choice("Grandmother's", 1),
                        new LogChoices.Choice("trout", 1));
        assertThat(choices.dresses())
                .containsExactly(new LogChoices.Choice("OPEN_TRAY", 3), new LogChoices.Choice("FOIL", 1));
        assertThat(choices.ovens()).extracting("id", "bakes").containsExactly(tuple(1, 3L), tuple(2, 1L));
        assertThat(choices.cooks()).isEmpty();
    }

    /** The furthest from its likely minute first; of which nobody knows when it came out, last. */
    @Test
    void sorted() {
        assertThat(found(sorted(LogOrder.OLDEST))).containsExactly(hake, trout, own, forgotten);
        assertThat(found(sorted(LogOrder.TITLE))).containsExactly(hake, forgotten, own, trout);
        List<LogLine> furthest = log.found(sorted(LogOrder.FURTHEST)).lines();
        assertThat(furthest.get(3).id()).isEqualTo(forgotten);
        assertThat(furthest.subList(0, 3))
                .extracting(line -> -Math.abs(line.actualMin() - line.likelyMin()))
                .isSorted();
    }

    /** Every line once, whatever page it comes on; behind the last page is the last. */
    @Test
    void aPageAtATime() {
        sql.sql("insert into bake (kitchen_id, id, version, title, oven_id, question_json, thickness_mm, dial_celsius,"
                        + " target_celsius, predicted_min, check_from_min, likely_min, no_later_than_min, rest_min, put_at,"
                        + " started_at, out_at, logged_at, verdict, trusting_min)"
                        + " select b.kitchen_id, uuid(), 0, b.title, b.oven_id, b.question_json, b.thickness_mm, b.dial_celsius,"
                        + " b.target_celsius, b.predicted_min, b.check_from_min, b.likely_min, b.no_later_than_min, b.rest_min, b.put_at,"
                        + " b.started_at, b.out_at, b.logged_at, b.verdict, b.trusting_min from bake b join seq_1_to_57 s where b.id = :id"
                                .replace(":id", "'" + hake + "'"))
                .update();
        List<UUID> all = IntStream.range(0, 3)
                .mapToObj(page ->
                        log.found(new LogQuery(null, null, null, null, null, null, null, null, LogOrder.TITLE, page)))
                .peek(page -> assertThat(page.found()).isEqualTo(61))
                .peek(page -> assertThat(page.pages()).isEqualTo(3))
                .flatMap(page -> page.lines().stream())
                .map(LogLine::id)
                .toList();
        assertThat(all).hasSize(61).doesNotHaveDuplicates();
        LogPage last = log.found(new LogQuery(null, null, null, null, null, null, null, null, LogOrder.TITLE, 99));
        assertThat(last.page()).isEqualTo(2);
        assertThat(last.lines()).hasSize(11);
        assertThatThrownBy(() -> new LogQuery(null, null, null, null, null, null, null, null, LogOrder.TITLE, -1))
                .isInstanceOf(RefusedInput.class);
    }

    /** What was believed before a bake is what was believed after the one before it in the same oven. */
    @Test
    void whatWasBelievedOfItsOvenBeforeAndAfter() {
        lessons.catchUp(1);
        LoggedBake first = log.one(hake);
        LoggedBake second = log.one(own);
        assertThat(first.before().calibration().offsetDoubtC()).isEqualTo(OvenCalibration.UNCHECKED.offsetDoubtC());
        assertThat(first.after()).isNotNull();
        assertThat(second.before()).isEqualTo(first.after());
        assertThat(second.after()).isNotEqualTo(second.before());
        assertThat(second.line().title()).isEqualTo("River fish");
        assertThat(second.bake().taps()).extracting("kind").containsExactly(TapKind.OUT);
        assertThatThrownBy(() -> log.one(UUID.randomUUID())).isInstanceOf(NotThere.class);
        sql.sql("update bake set lesson_log_film = null, lesson_log_film_doubt = null, lesson_offset_celsius = null,"
                        + " lesson_offset_doubt_celsius = null where id = :id")
                .param("id", hake.toString())
                .update();
        assertThat(log.one(own).before()).isNull();
        // Another oven since it was baked in first.
        sql.sql("update oven set forget_before = :at where id = 1")
                .param("at", began.plus(Duration.ofHours(12)))
                .update();
        assertThat(log.one(own).before()).isEqualTo(first.before());
        sql.sql("update oven set forget_before = null").update();
        bakes.reopen(own);
        assertThatThrownBy(() -> log.one(own)).isInstanceOf(NotThere.class);
    }
}
