package olla.server.lessons;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import olla.core.estimate.TestBake;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.Reads;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import olla.server.web.NotThere;
import org.springframework.stereotype.Component;

/** What to put into an oven to learn most of it, kept for a while: what is believed of an oven changes once a bake. */
@Component
class TestBakes {

    private static final int KEPT = 100;

    private record Asked(OvenKind kind, OvenCalibration believed) {}

    private final OvenRepository ovens;
    private final Cache<Asked, List<TestBake>> kept =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    TestBakes(OvenRepository ovens) {
        this.ovens = ovens;
    }

    /**
     * The same for an oven of the kitchen's.
     *
     * @throws NotThere where there is none of that number
     */
    List<TestBakeAnswer> of(int ovenId, Reads reads, boolean air) {
        Oven oven =
                ovens.findById(ovenId).orElseThrow(() -> new NotThere("not-there.oven", "id", String.valueOf(ovenId)));
        return of(oven.kind(), oven.calibration(), reads, air);
    }

    /**
     * The dishes there are, those that tell most first.
     *
     * @param reads by what they are read
     * @param air whether a thermometer hangs in the oven too
     */
    List<TestBakeAnswer> of(OvenKind kind, OvenCalibration believed, Reads reads, boolean air) {
        return kept.get(new Asked(kind, believed), asked -> TestBake.of(asked.kind(), asked.believed())).stream()
                .filter(one -> one.reads() == reads && one.air() == air)
                .map(one -> TestBakeAnswer.of(one, kind, believed))
                .toList();
    }
}
