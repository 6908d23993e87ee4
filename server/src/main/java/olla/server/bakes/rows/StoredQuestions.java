package olla.server.bakes.rows;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import olla.core.fish.Cut;
import olla.core.oven.OvenKind;
import olla.server.query.EstimateRequest;
import olla.server.query.EstimateRequest.DressInput;
import olla.server.query.EstimateRequest.DressKind;
import olla.server.query.EstimateRequest.OvenInput;
import olla.server.query.EstimateRequest.PieceInput;
import olla.server.query.Question;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.cfg.EnumFeature;

/** The questions that bakes were put in with, as they are stored. What was stored once can always be read again. */
@Component
public class StoredQuestions {

    private static final int KEPT = 300;

    private final ObjectMapper json;
    private final ObjectReader lenient;
    private final Cache<EstimateRequest, Question> understood =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    StoredQuestions(ObjectMapper json) {
        this.json = json;
        this.lenient = json.readerFor(EstimateRequest.class)
                .without(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .with(EnumFeature.READ_UNKNOWN_ENUM_VALUES_AS_NULL);
    }

    /** As it is stored. */
    public String written(EstimateRequest question) {
        try {
            return json.writeValueAsString(question);
        } catch (JacksonException impossible) {
            throw new IllegalStateException("A question that was read cannot be written.", impossible);
        }
    }

    /** What was asked; of a row that a later version no longer understands, as much as can be. */
    public EstimateRequest asked(Bake bake) {
        try {
            return whole(lenient.readValue(bake.questionJson()));
        } catch (JacksonException broken) {
            return whole(new EstimateRequest(null, null, null, null, null, null, null, null, null, null, null));
        }
    }

    private static EstimateRequest whole(EstimateRequest r) {
        return new EstimateRequest(
                r.piece() == null ? PieceInput.of("", Cut.PORTION) : r.piece(),
                r.dress() == null || r.dress().kind() == null ? DressInput.of(DressKind.OPEN_TRAY) : r.dress(),
                r.oven() == null || r.oven().kind() == null ? new OvenInput(OvenKind.STILL, null, null) : r.oven(),
                r.programme() == null ? List.of() : r.programme(),
                r.usual(),
                r.fit(),
                r.doneness(),
                r.pieces(),
                r.atRisk(),
                r.parasites(),
                r.habits());
    }

    /**
     * A request put into the craft's terms.
     *
     * @throws olla.core.messages.RefusedInput where it is none that would be taken today
     */
    public Question understood(EstimateRequest request) {
        return understood.get(request, Question::of);
    }
}
