package olla.server.bakes;

import static olla.server.bakes.Hakes.cue;
import static olla.server.bakes.Hakes.degrees;
import static olla.server.bakes.Hakes.hake;
import static olla.server.bakes.Hakes.number;
import static olla.server.bakes.Hakes.tap;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.core.doneness.Doneness;
import olla.core.messages.Quantity;
import olla.core.messages.RefusedInput;
import olla.core.plan.Moment.Phase;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.bakes.BakeView.MomentView;
import olla.server.bakes.rows.TapInput;
import olla.server.bakes.rows.TapKind;
import olla.server.lessons.Lessons;
import olla.server.web.NotNow;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is stored of a bake can always be read, however long ago, in whatever order, by whichever clock. In a real MariaDB. */
@Started(schema = "stored", with = SettableClock.InPlaceOfTheKitchens.class, web = false)
class StoredBakesTest {

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

    @AfterEach
    void clear() {
        sql.sql("delete from bake").update();
    }

    private UUID in() {
        UUID id = UUID.randomUUID();
        bakes.putIn(new PutIn(id, "Hake", 1, hake(), null));
        return id;
    }

    private Instant now() {
        return clock.instant();
    }

    private MomentView moment(BakeView view) {
        double seconds = Duration.between(view.startedAt(), now()).toMillis() / 1000.0;
        return view.moments().stream()
                .filter(m -> m.untilSeconds() == null || seconds < m.untilSeconds())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBakeForgottenOvernightIsSaidToBeSoAndClosedInOneTap() {
        UUID id = in();
        UUID other = in();
        clock.pass(401);
        assertThat(moment(bakes.one(id)).phase()).isEqualTo(Phase.FORGOTTEN);
        assertThatThrownBy(() -> bakes.tap(id, cue(Cue.GLASSY, null)))
                .isInstanceOf(NotNow.class)
                .hasMessageContaining("cannot.nobody-waited");
        assertThatThrownBy(() -> bakes.tap(id, degrees(TapKind.READ, 60, null))).isInstanceOf(NotNow.class);
        clock.pass(800);
        TapInput forgotten = tap(TapKind.FORGOTTEN, null);
        BakeView closed = bakes.tap(id, forgotten);
        assertThat(closed.loggedAt()).isEqualTo(now());
        assertThat(closed.verdict()).isNull();
        assertThat(bakes.running()).extracting(BakeView::id).containsExactly(other);
        assertThat(log.found(LogQuery.ALL).lines()).extracting(LogLine::id).containsExactly(id);
        assertThat(log.found(LogQuery.ALL).lines().get(0).actualMin()).isNull();
        lessons.catchUp(1);
        // And open again by undoing it.
        assertThat(bakes.untap(id, forgotten.id()).loggedAt()).isNull();
        assertThat(bakes.running()).extracting(BakeView::id).contains(id, other);
    }

    @Test
    void whatIsNotForgottenYetIsNotClosedSo() {
        UUID id = in();
        clock.pass(20);
        assertThatThrownBy(() -> bakes.tap(id, tap(TapKind.FORGOTTEN, null))).isInstanceOf(NotNow.class);
    }

    @Test
    void takenOutNextMorningItIsLoggedAndTeachesNothing() {
        UUID id = in();
        clock.pass(1200);
        bakes.takeOut(id, null);
        bakes.log(id, new HowItWas(Verdict.OVER, 90.0, "forgot it", null));
        UUID good = in();
        double likely = bakes.one(good).likelyMin();
        clock.pass(likely);
        bakes.takeOut(good, null);
        bakes.log(good, new HowItWas(Verdict.OVER, 66.0, null, null));
        lessons.catchUp(1);
        assertThat(log.found(LogQuery.ALL).lines()).hasSize(2);
        assertThat(bakes.rest(id).bakeMinutes()).isLessThanOrEqualTo(240);
        // The night stands in the log; the oven's own word is of the other bake alone.
        assertThat(bakes.record(1).bakes()).isZero();
        assertThat(bakes.one(good).lesson().values()).containsEntry("bakes", 2);
    }

    /** A row as an earlier version might have written it, beside a good one. */
    @Test
    void aRowThatCannotBeUnderstoodHidesNoOther() {
        UUID broken = in();
        UUID refused = in();
        UUID good = in();
        sql.sql("update bake set question_json = '{\"fish\": [1, 2]}' where id = ?")
                .param(broken.toString())
                .update();
        sql.sql("update bake set question_json = replace(question_json, '230', '900') where id = ?")
                .param(refused.toString())
                .update();
        List<BakeView> running = bakes.running();
        assertThat(running).extracting(BakeView::id).containsExactlyInAnyOrder(broken, refused, good);
        assertThat(running).allSatisfy(b -> {
            assertThat(b.moments()).isNotEmpty();
            assertThat(b.card().question().piece()).isNotNull();
            assertThat(b.checking().cues()).isNotEmpty();
        });
        for (UUID id : List.of(broken, refused, good)) {
            bakes.tap(id, cue(Cue.GLASSY, null));
            clock.pass(5);
            bakes.takeOut(id, null);
            bakes.log(id, new HowItWas(Verdict.RIGHT, null, null, null));
        }
        assertThat(log.found(LogQuery.ALL).lines()).hasSize(3);
        lessons.catchUp(1);
        assertThat(bakes.one(good).lesson().values()).containsEntry("bakes", 3);
    }

    @Test
    void aClockThatIsSetLosesNothing() {
        UUID id = in();
        clock.pass(-1.5);
        assertThat(bakes.one(id).startedAt()).isAfter(now());
        bakes.tap(id, cue(Cue.GLASSY, null));
        BakeView out = bakes.takeOut(id, null);
        assertThat(out.actualMin()).isZero();
        assertThat(out.outAt()).isEqualTo(out.startedAt());
        bakes.log(id, new HowItWas(Verdict.UNDER, null, null, null));
        UUID next = in();
        clock.pass(Duration.ofHours(7));
        assertThat(moment(bakes.one(next)).phase()).isEqualTo(Phase.FORGOTTEN);
        clock.pass(Duration.ofHours(-7));
        assertThat(moment(bakes.one(next)).phase()).isEqualTo(Phase.SHUT);
        lessons.catchUp(1);
        assertThat(bakes.running()).extracting(BakeView::id).contains(next);
        assertThat(bakes.record(1).bakes()).isZero();
        // By a day: what was put in tomorrow is kept, and said to be so, until the clock is right.
        clock.pass(Duration.ofDays(-1));
        UUID today = in();
        assertThat(bakes.running()).extracting(BakeView::id).contains(next, today);
        assertThatThrownBy(() -> bakes.takeOut(next, null))
                .isInstanceOf(NotNow.class)
                .hasMessageContaining("cannot.before-it-went-in");
        clock.pass(2);
        assertThat(bakes.takeOut(today, null).actualMin()).isEqualTo(2);
        clock.pass(Duration.ofDays(1));
        clock.pass(6);
        assertThat(bakes.takeOut(next, null).actualMin()).isEqualTo(8);
    }

    @Test
    void nothingHappensBeforeItWentIn() {
        UUID id = in();
        assertThatThrownBy(() -> bakes.takeOut(id, now().minusSeconds(3 * 3600)))
                .isInstanceOf(NotNow.class)
                .hasMessageContaining("cannot.before-it-went-in");
    }

    @Test
    void undoingInAfterHeldFindsTheFirstStartAgain() {
        UUID id = in();
        Instant first = now();
        clock.pass(1);
        TapInput held = tap(TapKind.HELD, null);
        bakes.tap(id, held);
        clock.pass(9);
        TapInput goesIn = tap(TapKind.IN, null);
        assertThat(bakes.tap(id, goesIn).startedAt()).isEqualTo(now());
        BakeView undone = bakes.untap(id, goesIn.id());
        assertThat(undone.startedAt()).isEqualTo(first);
        assertThat(undone.held()).isTrue();
        assertThat(bakes.untap(id, held.id()).held()).isFalse();
    }

    @Test
    void undoingOneWordOnTheLeftoversLeavesTheOtherStanding() {
        UUID id = in();
        clock.pass(12);
        bakes.takeOut(id, null);
        bakes.log(id, new HowItWas(Verdict.RIGHT, null, null, null));
        TapInput chilled = tap(TapKind.CHILLED, null);
        bakes.tap(id, chilled);
        clock.pass(1);
        TapInput binned = tap(TapKind.BINNED, null);
        bakes.tap(id, binned);
        assertThat(bakes.untap(id, binned.id()).leftovers().cleared()).isEqualTo(TapKind.CHILLED);
        assertThat(bakes.running()).isEmpty();
        assertThat(bakes.untap(id, chilled.id()).leftovers().cleared()).isNull();
        assertThat(bakes.running()).hasSize(1);
    }

    /** Never a calm sentence over raw fish; and the model goes on through going back. */
    @Test
    void whatComesOutRawGoesBackInForAsLongAsItTakes() {
        UUID id = in();
        BakeView in = bakes.one(id);
        assertThat(in.enoughFromMin()).isBetween(in.checkFromMin() - 4, in.likelyMin());
        clock.pass(4);
        BakeView out = bakes.takeOut(id, null);
        assertThat(moment(out).phase()).isEqualTo(Phase.PUT_BACK);
        assertThat(out.lacks().unsafe()).isTrue();
        assertThat(out.lacks().peakC()).isLessThan(45);
        assertThat(out.lacks().lower()).isEmpty();
        assertThat(out.lacks().backMin()).isBetween(in.likelyMin() - 6, in.likelyMin());
        clock.pass(2);
        BakeView back = bakes.tap(id, tap(TapKind.BACK, null));
        assertThat(back.outAt()).isNull();
        assertThat(back.lacks()).isNull();
        assertThat(moment(back).phase()).isEqualTo(Phase.SHUT);
        assertThat(back.window().likelyMin())
                .isBetween(6 + out.lacks().backMin() - 1, 6 + out.lacks().backMin() + 1);
        clock.pass(back.window().likelyMin() - 6);
        BakeView done = bakes.takeOut(id, null);
        assertThat(moment(done).phase()).isEqualTo(Phase.REST);
        assertThat(bakes.rest(id).peakC()).isBetween(54.0, 60.0);
    }

    @Test
    void whatIsSeenBeatsWhatIsReckonedOutsideTheOvenToo() {
        UUID id = in();
        double enough = bakes.one(id).enoughFromMin();
        clock.pass(enough - 1);
        bakes.takeOut(id, null);
        assertThat(moment(bakes.one(id)).phase()).isEqualTo(Phase.PUT_BACK);
        TapInput flakes = cue(Cue.FLAKES_BY_ITSELF, null);
        assertThat(moment(bakes.tap(id, flakes)).phase()).isEqualTo(Phase.REST);
        bakes.untap(id, flakes.id());
        bakes.untap(id, bakes.one(id).taps().get(0).id());
        clock.pass(4);
        bakes.takeOut(id, null);
        assertThat(moment(bakes.one(id)).phase()).isEqualTo(Phase.REST);
        BakeView raw = bakes.tap(id, cue(Cue.GLASSY, null));
        assertThat(moment(raw).phase()).isEqualTo(Phase.PUT_BACK);
        assertThat(raw.lacks().unsafe()).isTrue();
    }

    @Test
    void aLowerTargetIsOfferedOnlyWhereItIsAllowed() {
        UUID wild = in();
        UUID frozen = UUID.randomUUID();
        bakes.putIn(new PutIn(
                frozen, "Hake, frozen before", 1, hake("\"kind\":\"OPEN_TRAY\"", ",\"parasites\":\"FROZEN\""), null));
        clock.pass(bakes.one(frozen).enoughFromMin() - 0.4);
        BakeView soft = bakes.takeOut(frozen, null);
        assertThat(soft.lacks().unsafe()).isFalse();
        assertThat(soft.lacks().lower()).startsWith(Doneness.JUST_OPAQUE);
        TapInput lower = new TapInput(UUID.randomUUID(), TapKind.TARGET, null, null, null, null, Doneness.JUST_OPAQUE);
        BakeView chosen = bakes.tap(frozen, lower);
        assertThat(chosen.lacks()).isNull();
        assertThat(chosen.targetC()).isEqualTo(52);
        assertThat(moment(chosen).phase()).isEqualTo(Phase.REST);
        assertThat(bakes.untap(frozen, lower.id()).lacks()).isNotNull();
        assertThatThrownBy(() -> bakes.tap(
                        wild,
                        new TapInput(UUID.randomUUID(), TapKind.TARGET, null, null, null, null, Doneness.BARELY_SET)))
                .isInstanceOf(RefusedInput.class);
    }

    /** Likely out at sixteen and a half with three of grill, a look counts to the grill. */
    @Test
    void aLookCountsToTheGrillAndNotToTheEnd() {
        UUID id = UUID.randomUUID();
        bakes.putIn(new PutIn(
                id, "Hake, crumb", 1, hake("\"kind\":\"TOPPING\",\"mix\":\"CRUMB\",\"when\":\"BEFORE\"", ""), null));
        BakeView in = bakes.one(id);
        double grill = in.moments().stream()
                .filter(m -> m.phase() == Phase.STEP)
                .map(m -> ((Quantity) m.hint().values().get("minutes")).value())
                .findFirst()
                .orElseThrow();
        clock.pass(in.likelyMin() - grill - 3);
        BakeView looked = bakes.tap(id, cue(Cue.GLASSY, null));
        assertThat(looked.look().then()).hasToString("hand.grill.next");
        double minute = looked.look().minute();
        assertThat(minute + looked.look().giveItMin())
                .isLessThanOrEqualTo(looked.window().likelyMin() - grill + 0.01);
        BakeView grilled = bakes.tap(id, number(TapKind.STEP, 1, null));
        assertThat(grilled.look().then()).isNull();
    }

    @Test
    void aProbeLeftInUntilMorningBreaksNothing() {
        UUID id = in();
        bakes.probe(id, "probe-night", null);
        for (int hour = 0; hour < 14; hour++) {
            sql.sql(
                            "insert into reading (kitchen_id, device, channel, at, celsius) values (1, 'probe-night', 'TIP', ?, ?)")
                    .params(
                            java.time.LocalDateTime.ofInstant(now(), java.time.ZoneOffset.UTC),
                            hour == 3 ? -45 : 22 + hour)
                    .update();
            assertThat(bakes.one(id).probe()).isNotNull();
            clock.pass(60);
        }
        bakes.takeOut(id, null);
        bakes.log(id, new HowItWas(Verdict.OVER, null, null, null));
        lessons.catchUp(1);
        assertThat(log.found(LogQuery.ALL).lines()).hasSize(1);
    }

    /** A moment that no evening has is refused by its name, and nothing of it is stored. */
    @Test
    void whatWentInBeforeAnybodyRemembersIsRefused() {
        for (Instant at : new Instant[] {
            Instant.MIN, Instant.parse("-0001-01-01T00:00:00Z"), Instant.EPOCH, now().minus(Duration.ofDays(32))
        }) {
            PutIn longAgo = new PutIn(UUID.randomUUID(), "Hake", 1, Hakes.hake(), at);
            assertThatThrownBy(() -> bakes.putIn(longAgo))
                    .isInstanceOf(RefusedInput.class)
                    .hasMessageContaining("refusal.in-too-long-ago{days=31}");
        }
        assertThat(bakes.running()).isEmpty();
    }
}
