package olla.standin;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import olla.server.Started;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeView;
import olla.server.bakes.PutIn;
import olla.server.bakes.rows.TapInput;
import olla.server.bakes.rows.TapKind;
import olla.server.query.EstimateRequest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.ObjectMapper;

/** The kitchen behind the stand-in devices follows what cooks tap. */
@Started(schema = "standin")
class RealBakeTest {

    @Autowired
    private BakeService bakes;

    @Autowired
    private ObjectMapper json;

    private BakeView putIn(Instant at) throws Exception {
        EstimateRequest question = json.readValue("""
                {"piece": {"species":"hake","cut":"PORTION","thicknessMm":26,"massG":160,"startTempC":8},
                 "dress": {"kind":"OPEN_TRAY"}, "oven": {"kind":"STILL"},
                 "programme": [{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}]}
                """, EstimateRequest.class);
        return bakes.putIn(new PutIn(UUID.randomUUID(), "Hake", 1, question, at));
    }

    @Test
    void theShippedTruthKnowsTheDemosOvens() throws Exception {
        Truth truth = Truth.read(null);
        assertThat(truth.oven("Old electric").offsetC()).isEqualTo(12);
        assertThat(truth.oven("Fan oven").offsetC()).isEqualTo(-6);
        assertThat(truth.oven("Garden oven").offsetC()).isZero();
        assertThat(truth.probes()).hasSize(2);
    }

    @Test
    void itWarmsInTheOvenFeelsTheDoorAndRestsOnTheBoard() throws Exception {
        Instant in = Instant.now().minus(9, ChronoUnit.MINUTES);
        BakeView view = putIn(in);
        Truth.OvenTruth hot = new Truth.OvenTruth("Old electric", 12, 1, 5, "air", 0);
        RealBake real = new RealBake(view, hot);
        real.goOn(in.plus(1, ChronoUnit.MINUTES));
        double early = real.tipC(0);
        real.goOn(in.plus(8, ChronoUnit.MINUTES));
        assertThat(real.tipC(0)).isGreaterThan(early + 15);
        assertThat(real.tipC(0.5)).isGreaterThan(real.tipC(0));
        // 12 above its dial, about which its thermostat lets it swing, and the load pulls it down.
        assertThat(real.airC()).isBetween(225.0, 252.0);
        assertThat(real.inside()).isTrue();

        Instant opened = in.plus(8, ChronoUnit.MINUTES);
        real.follow(bakes.tap(view.id(), new TapInput(UUID.randomUUID(), TapKind.DOOR, opened, null, null, 60)));
        real.goOn(opened.plusSeconds(60));
        assertThat(real.airC()).isLessThan(200);

        Instant out = in.plus(8, ChronoUnit.MINUTES).plusSeconds(90);
        real.follow(bakes.takeOut(view.id(), out));
        real.goOn(out.plusSeconds(30));
        assertThat(real.inside()).isFalse();
    }
}
