package olla.server.query;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import olla.core.estimate.Certainty;
import olla.core.estimate.OvenRecord;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.ObjectMapper;

class CertaintyCacheTest {

    private final CertaintyCache certainties = new CertaintyCache();

    private static Question hake(int thicknessMm) throws Exception {
        return Question.of(new ObjectMapper().readValue("""
                {"piece":{"species":"hake","cut":"PORTION","thicknessMm":%d,"massG":160},
                 "dress":{"kind":"OPEN_TRAY"}, "oven":{"kind":"STILL"},
                 "programme":[{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}]}
                """.formatted(thicknessMm), EstimateRequest.class));
    }

    @Test
    void theSameQuestionIsReckonedOnce() throws Exception {
        Optional<Certainty> first = certainties.of(hake(26), OvenRecord.NONE);

        assertThat(certainties.of(hake(26), OvenRecord.NONE)).isSameAs(first);
        assertThat(certainties.of(hake(27), OvenRecord.NONE)).isNotEqualTo(first);
        assertThat(certainties.of(hake(26), new OvenRecord(9, 1.2))).isNotSameAs(first);
        assertThat(first).isEqualTo(hake(26).certainty(OvenRecord.NONE));
    }
}
