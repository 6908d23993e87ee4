package olla.server.lessons;

import static olla.server.bakes.Hakes.cue;
import static olla.server.bakes.Hakes.hake;
import static olla.server.bakes.Hakes.portion;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.core.messages.RefusedInput;
import olla.core.oven.Shelf;
import olla.core.uncertainty.Observation.Verdict;
import olla.core.uncertainty.OvenCalibration;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeView;
import olla.server.bakes.HowItWas;
import olla.server.bakes.PutIn;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import olla.server.ovens.OvenService;
import olla.server.query.EstimateRequest;
import olla.server.query.EstimateRequest.OvenInput;
import olla.server.web.ChangedSince;
import olla.server.web.NotThere;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What the log has taught, as it is shown; and an oven that is another from a day on. In a real MariaDB. */
@Started(schema = "taught", with = SettableClock.InPlaceOfTheKitchens.class, web = false)
class TaughtServiceTest {

    private static final UUID ADA = UUID.randomUUID();

    @Autowired
    private TaughtService taught;

    @Autowired
    private BakeService bakes;

    @Autowired
    private Lessons lessons;

    @Autowired
    private OvenRepository ovens;

    @Autowired
    private OvenService service;

    @Autowired
    private JdbcClient sql;

    @Autowired
    private SettableClock clock;

    private final List<BakeView> log = new ArrayList<>();

    /** Over, under, over, just right. */
    @BeforeEach
    void aLog() {
        log.clear();
        baked(hake(), Verdict.OVER, 0);
        baked(hake(), Verdict.UNDER, 0);
        baked(hake(), Verdict.OVER, 0);
        baked(portion("\"species\":\"trout\"", "\"kind\":\"FOIL\"", ""), Verdict.RIGHT, 1);
        lessons.catchUp(1);
    }

    @AfterEach
    void clear() {
        sql.sql("delete from bake").update();
        sql.sql("delete from person").update();
        sql.sql("update oven set forget_before = null").update();
    }

    /* Out so many minutes after the likely one. */
    private void baked(EstimateRequest question, Verdict verdict, double lateMin) {
        UUID id = UUID.randomUUID();
        BakeView in = bakes.putIn(new PutIn(id, "Dinner " + log.size(), 1, question, null));
        clock.pass(in.likelyMin() + lateMin);
        bakes.takeOut(id, null);
        clock.pass(1);
        bakes.log(id, new HowItWas(verdict, null, null, null));
        clock.pass(Duration.ofDays(1));
        log.add(bakes.one(id));
    }

    private Oven oven() {
        return ovens.findById(1).orElseThrow();
    }

    @Test
    void ofTheTickets() {
        Taught all = taught.all();
        // Over and under at the likely minute tell nothing of the window.
        assertThat(all.all().bakes()).isEqualTo(4);
        assertThat(all.all().share().of()).isEqualTo(1);
        assertThat(all.all().words().key()).isEqualTo("taught.too-few");
        assertThat(all.dresses()).extracting("value").containsExactly("OPEN_TRAY", "FOIL");
        assertThat(all.fish()).extracting("value").containsExactly("hake", "trout");
        assertThat(all.fish().get(1).held().share().share()).isEqualTo(1);
        assertThat(all.fish().get(0).held().share()).isNull();
        assertThat(all.dots()).extracting("title").containsExactly("Dinner 0", "Dinner 1", "Dinner 2", "Dinner 3");
        Taught.Dot last = all.dots().get(3);
        assertThat(last.lateMin()).isCloseTo(1, within(0.01));
        assertThat(last.meanMin()).isEqualTo(last.lateMin());
        assertThat(last.fromMin()).isNegative();
        assertThat(last.untilMin()).isPositive();
        assertThat(all.dots().get(2).meanMin()).isNull();
        assertThat(all.cooks()).isEmpty();
    }

    /** What was never out, or came out before it went in by a clock that was set, says nothing, and hides no other. */
    @Test
    void whatCannotTellIsLeftOut() {
        sql.sql("update bake set out_at = started_at - interval 1 minute where id = :id")
                .param("id", log.get(0).id().toString())
                .update();
        sql.sql("update bake set out_at = null where id = :id")
                .param("id", log.get(1).id().toString())
                .update();
        assertThat(taught.all().dots()).extracting("title").containsExactly("Dinner 2", "Dinner 3");
    }

    /** The first who looks at a bake is who looked, whoever takes it out. */
    @Test
    void ofWhoLooksWhen() {
        sql.sql(
                        "insert into person (id, kitchen_id, name, role, pin_hash, wrong_pins) values (:id, 1, 'Ada', 'COOK', '', 0)")
                .param("id", ADA.toString())
                .update();
        for (int i = 0; i < 3; i++) {
            UUID id = UUID.randomUUID();
            BakeView in = bakes.putIn(new PutIn(id, "Looked at", 1, hake(), null));
            clock.pass(in.checkFromMin() + 2);
            UUID look = bakes.tap(id, cue(Cue.GLASSY, clock.instant()))
                    .taps()
                    .get(0)
                    .id();
            clock.pass(3);
            UUID out = bakes.takeOut(id, null).taps().get(0).id();
            clock.pass(1);
            bakes.log(id, new HowItWas(Verdict.RIGHT, null, null, null));
            sql.sql("update tap set person_id = :who where id in (:look, :out)")
                    .param("who", ADA.toString())
                    .param("look", look.toString())
                    .param("out", out.toString())
                    .update();
        }
        assertThat(taught.all().cooks()).singleElement().satisfies(looks -> {
            assertThat(looks.name()).isEqualTo("Ada");
            assertThat(looks.bakes()).isEqualTo(3);
            assertThat(looks.meanMin()).isCloseTo(2, within(0.02));
            assertThat(looks.words().key()).isEqualTo("looks.late");
        });
    }

    @Test
    void ofAnOvenBakeByBake() {
        OvenTaught found = taught.of(1);
        assertThat(found.steps()).extracting("title").containsExactly("Dinner 0", "Dinner 1", "Dinner 2", "Dinner 3");
        assertThat(found.steps()).noneMatch(OvenTaught.Step::forgotten);
        OvenTaught.Step last = found.steps().get(3);
        OvenCalibration now = oven().calibration();
        assertThat(last.offsetC()).isEqualTo(now.offsetC());
        assertThat(last.offsetDoubtC()).isEqualTo(now.offsetDoubtC());
        assertThat(Math.log(last.draught())).isCloseTo(now.logFilm(), within(1e-12));
        assertThat(last.draughtLeast()).isLessThan(last.draught()).isLessThan(last.draughtMost());
        assertThat(found.learning()).isFalse();
        assertThat(taught.of(2).steps()).isEmpty();
        assertThatThrownBy(() -> taught.of(4711)).isInstanceOf(NotThere.class);
    }

    /** That it was hotter up there was reckoned with: overdone for all that, it tells of the oven what it would in its middle, no more and not as surely. */
    @Test
    void whatStoodElsewhereTeachesOfTheOvensMiddle() {
        OvenTaught.Step first = taught.of(1).steps().get(0);
        clear();
        log.clear();
        EstimateRequest hake = hake();
        EstimateRequest above = new EstimateRequest(
                hake.piece(),
                hake.dress(),
                new OvenInput(hake.oven().kind(), hake.oven().calibration(), Shelf.UPPER),
                hake.programme(),
                hake.usual(),
                hake.fit(),
                hake.doneness(),
                hake.pieces(),
                hake.atRisk(),
                hake.parasites(),
                hake.habits());
        baked(above, Verdict.OVER, 0);
        lessons.catchUp(1);
        OvenTaught.Step there = taught.of(1).steps().get(0);
        assertThat(there.offsetC()).isCloseTo(first.offsetC(), within(1.0));
        assertThat(there.offsetDoubtC()).isBetween(first.offsetDoubtC() - 0.1, 10.0);
        assertThat(log.get(0).card().question().oven().shelf()).isEqualTo(Shelf.UPPER);
    }

    /** From a day on it is known as if nothing had ever been baked in it before; and all as it was where that is taken back. */
    @Test
    void anOvenThatIsAnotherIsLearnedAnew() {
        OvenCalibration before = oven().calibration();
        Instant between = log.get(2).startedAt().minusSeconds(60);
        service.changed(1, oven().version(), between);
        lessons.catchUp(1);
        assertThat(oven().lessons()).isEqualTo(2);
        OvenCalibration other = oven().calibration();
        assertThat(other.offsetDoubtC()).isGreaterThan(before.offsetDoubtC());
        OvenTaught found = taught.of(1);
        assertThat(found.steps()).extracting("forgotten").containsExactly(true, true, false, false);
        // The third bake is its first: as the first was, and the same verdict.
        assertThat(found.steps().get(2).offsetDoubtC())
                .isCloseTo(found.steps().get(0).offsetDoubtC(), within(0.5));
        assertThat(found.forgetBefore()).isEqualTo(between);

        service.changed(1, oven().version(), null);
        lessons.catchUp(1);
        assertThat(oven().calibration()).isEqualTo(before);
        assertThat(oven().lessons()).isEqualTo(4);
    }

    /** Whatever went in before it was changed was baked in the old oven, however late it is judged. */
    @Test
    void whatWentInBeforeItWasChangedTeachesNothingOfTheOvenThatItIs() {
        Instant between = log.get(2).startedAt().minusSeconds(60);
        service.changed(1, oven().version(), between);
        lessons.catchUp(1);
        OvenCalibration before = oven().calibration();
        UUID late = UUID.randomUUID();
        Instant in = between.minusSeconds(3600);
        bakes.putIn(new PutIn(late, "Judged late", 1, hake(), in));
        bakes.takeOut(late, in.plusSeconds(720));
        bakes.log(late, new HowItWas(Verdict.OVER, null, null, null));
        lessons.catchUp(1);
        assertThat(oven().calibration()).isEqualTo(before);
        assertThat(oven().lessons()).isEqualTo(2);
        OvenTaught found = taught.of(1);
        assertThat(found.steps().get(4).forgotten()).isTrue();
        // It goes on from what was believed of the old one.
        assertThat(found.steps().get(4).offsetDoubtC())
                .isLessThan(found.steps().get(1).offsetDoubtC() + 0.1);
        assertThat(found.words().toString()).isEqualTo(before.words(2).toString());
    }

    @Test
    void anOvenThatWasChangedTodayIsKnownAsLittleAsANewOne() {
        service.changed(1, oven().version(), clock.instant());
        lessons.catchUp(1);
        assertThat(oven().lessons()).isZero();
        assertThat(oven().calibration()).isEqualTo(OvenCalibration.UNCHECKED);
        assertThat(bakes.record(1).bakes()).isZero();
        assertThat(taught.of(1).steps()).allMatch(OvenTaught.Step::forgotten);
    }

    @Test
    void itIsNotChangedAfterNowNorByWhoSawAnother() {
        int version = oven().version();
        assertThatThrownBy(() -> service.changed(1, version, clock.instant().plusSeconds(60)))
                .isInstanceOf(RefusedInput.class);
        service.changed(1, version, clock.instant());
        assertThatThrownBy(() -> service.changed(1, version, null)).isInstanceOf(ChangedSince.class);
        assertThat(oven().forgetBefore()).isNotNull();
    }
}
