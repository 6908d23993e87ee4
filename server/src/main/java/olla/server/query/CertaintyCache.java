package olla.server.query;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import olla.core.estimate.Certainty;
import olla.core.estimate.OvenRecord;
import org.springframework.stereotype.Component;

/**
 * How sure answers are, kept for a while: what was asked about on the bench is asked again when it is put in, and by the next
 * screen that looks. The same question has the same answer, whoever asks.
 */
@Component
public class CertaintyCache {

    private static final int KEPT = 300;

    private record Asked(Question question, OvenRecord log) {}

    private final Cache<Asked, Optional<Certainty>> kept =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    /**
     * How sure the answer is; empty where it is never done.
     *
     * @param log what the oven's log says
     */
    public Optional<Certainty> of(Question question, OvenRecord log) {
        return kept.get(new Asked(question, log), asked -> asked.question().certainty(asked.log()));
    }
}
