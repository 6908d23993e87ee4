package olla.server.lessons;

import static olla.server.bakes.Hakes.hake;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import olla.core.uncertainty.Observation.Verdict;
import olla.core.uncertainty.OvenCalibration;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeView;
import olla.server.bakes.HowItWas;
import olla.server.bakes.PutIn;
import olla.server.ovens.OvenRepository;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Whatever is changed in the log, what is believed of the oven is what the log as it stands teaches from its first line. */
@Started(schema = "lessons", with = SettableClock.InPlaceOfTheKitchens.class, web = false)
class LessonsTest {

    @Autowired
    private BakeService bakes;

    @Autowired
    private Lessons lessons;

    @Autowired
    private OvenRepository ovens;

    @Autowired
    private JdbcClient sql;

    @Autowired
    private SettableClock clock;

    private final List<UUID> lines = new ArrayList<>();

    /** Three lines: over, under, over. */
    @BeforeEach
    void aLog() {
        sql.sql("delete from bake").update();
        lines.clear();
        for (Verdict verdict : List.of(Verdict.OVER, Verdict.UNDER, Verdict.OVER)) {
            UUID id = UUID.randomUUID();
            BakeView in = bakes.putIn(new PutIn(id, "Hake", 1, hake(), null));
            clock.pass(in.likelyMin());
            bakes.takeOut(id, null);
            log(id, verdict);
            lines.add(id);
        }
    }

    private void log(UUID id, Verdict verdict) {
        clock.pass(1);
        bakes.log(id, new HowItWas(verdict, null, null, null));
    }

    private OvenCalibration taught() {
        lessons.catchUp(1);
        return ovens.findById(1).orElseThrow().calibration();
    }

    /** As a kitchen would learn it that has never learned anything. */
    private OvenCalibration anew() {
        sql.sql(
                        "update bake set lesson_offset_celsius = null, lesson_offset_doubt_celsius = null, lesson_log_film = null,"
                                + " lesson_log_film_doubt = null")
                .update();
        return taught();
    }

    @Test
    void openingTheFirstLineUnteachesItAndLoggingItAgainCountsItOnce() {
        OvenCalibration before = taught();
        bakes.reopen(lines.get(0));
        OvenCalibration without = taught();
        assertThat(without.offsetC()).isLessThan(before.offsetC() - 0.3);
        assertThat(anew()).isEqualTo(without);
        log(lines.get(0), Verdict.OVER);
        OvenCalibration again = taught();
        assertThat(anew()).isEqualTo(again);
        assertThat(ovens.findById(1).orElseThrow().lessons()).isEqualTo(3);
    }

    @Test
    void aVerdictSaidAgainTeachesTheNewOne() {
        OvenCalibration before = taught();
        log(lines.get(1), Verdict.OVER);
        OvenCalibration after = taught();
        assertThat(after.offsetC()).isGreaterThan(before.offsetC() + 0.3);
        assertThat(anew()).isEqualTo(after);
    }

    @Test
    void aVerdictThatComesLateTakesItsPlaceInTheLog() {
        UUID late = UUID.randomUUID();
        BakeView in = bakes.putIn(new PutIn(late, "Hake", 1, hake(), null));
        clock.pass(in.likelyMin());
        bakes.takeOut(late, null);
        java.time.Instant said = clock.instant();
        clock.pass(30);
        log(lines.get(2), Verdict.RIGHT);
        taught();
        bakes.log(late, new HowItWas(Verdict.OVER, null, null, said));
        assertThat(taught()).isEqualTo(anew());
        assertThat(ovens.findById(1).orElseThrow().lessons()).isEqualTo(4);
    }
}
