package olla.server.bakes;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import olla.core.estimate.Certainty;
import olla.core.estimate.CheckWindow;
import olla.core.estimate.Estimate;
import olla.core.estimate.OvenRecord;
import olla.core.units.Refusals;
import olla.server.bench.Question;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The moments of a bake. What returns from here is committed: a row before it is an answer. */
@Service
public class BakeService {

    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_NOTE = 500;
    private static final int LOG_LINES = 200;

    private final BakeRepository bakes;
    private final OvenRepository ovens;
    private final ObjectMapper json;
    private final Clock clock;

    BakeService(BakeRepository bakes, OvenRepository ovens, ObjectMapper json, Clock clock) {
        this.bakes = bakes;
        this.ovens = ovens;
        this.json = json;
        this.clock = clock;
    }

    /** A fish goes in now. Asked again with the same id it answers with the bake that is there. */
    @Transactional
    public BakeView putIn(PutIn in) {
        return putInAt(in, now());
    }

    /** A fish went in at a given moment; the demo's past is made with it. */
    @Transactional
    public BakeView putInAt(PutIn in, Instant startedAt) {
        Refusals refusals = new Refusals();
        if (in.id() == null) {
            refusals.missing("id", "Give the bake an id, so that a repeated tap is not a second fish.");
        }
        if (in.title() == null || in.title().isBlank() || in.title().length() > LONGEST_TITLE) {
            refusals.add("title", "A title has 1 to " + LONGEST_TITLE + " characters.");
        }
        if (in.question() == null) {
            refusals.missing("question", "Say what goes in.");
        }
        refusals.throwIfAny();
        Optional<Bake> there = bakes.findWithOvenById(in.id());
        if (there.isPresent()) {
            return view(there.get());
        }
        Oven oven = Optional.ofNullable(in.ovenId())
                .flatMap(ovens::findById)
                .orElseThrow(() -> new NotThere("There is no oven number " + in.ovenId() + "."));
        Question question = refusals.take("question", () -> Question.of(in.question()));
        refusals.throwIfAny();
        Estimate estimate = question.answer();
        CheckWindow window = question.certainty(OvenRecord.NONE)
                .map(Certainty::window)
                .orElseThrow(() -> new NotNow("This oven never brings that fish to its target; nothing was put in."));
        Predicted predicted = Predicted.of(question, estimate, window);
        return view(bakes.saveAndFlush(new Bake(in.id(), in.title().strip(), oven, written(in), predicted, startedAt)));
    }

    /** It comes out now; out already, it stays out since then. */
    @Transactional
    public BakeView takeOut(UUID id) {
        return takeOutAt(id, now());
    }

    /** It came out at a given moment. */
    @Transactional
    public BakeView takeOutAt(UUID id, Instant at) {
        Bake bake = open(id);
        if (bake.outAt() == null) {
            bake.takeOut(at);
        }
        return saved(bake);
    }

    /** Undoes taking out. */
    @Transactional
    public BakeView putBack(UUID id) {
        Bake bake = open(id);
        bake.putBack();
        return saved(bake);
    }

    /** Says how it was; said again, the later word stands. */
    @Transactional
    public BakeView log(UUID id, HowItWas how) {
        return logAt(id, how, now());
    }

    /** Says how it was, at a given moment. */
    @Transactional
    public BakeView logAt(UUID id, HowItWas how, Instant at) {
        Refusals refusals = new Refusals();
        if (how.verdict() == null) {
            refusals.missing("verdict", "Say how it was: UNDER, RIGHT or OVER.");
        }
        if (how.probeC() != null) {
            refusals.range("probeC", "A probe reading", how.probeC(), -5, 120, "°C");
        }
        if (how.note() != null && how.note().length() > LONGEST_NOTE) {
            refusals.add(
                    "note",
                    "A note has at most " + LONGEST_NOTE + " characters; this has "
                            + how.note().length() + ".");
        }
        refusals.throwIfAny();
        Bake bake = any(id);
        if (bake.outAt() == null) {
            throw new NotNow("It is still in the oven. Take it out first.");
        }
        BigDecimal probe =
                how.probeC() == null ? null : BigDecimal.valueOf(how.probeC()).setScale(1, RoundingMode.HALF_EVEN);
        bake.log(how.verdict(), probe, how.note(), at);
        return saved(bake);
    }

    /** Undoes the verdict: the bake is open again, what was said of it is kept. */
    @Transactional
    public BakeView reopen(UUID id) {
        Bake bake = any(id);
        bake.reopen();
        return saved(bake);
    }

    /** Undoes putting in: the bake is forgotten. Only while it is not in the log. */
    @Transactional
    public void forget(UUID id) {
        bakes.delete(open(id));
        bakes.flush();
    }

    /** What is in an oven or on the board. */
    @Transactional(readOnly = true)
    public List<BakeView> running() {
        return bakes.findByLoggedAtIsNullOrderByStartedAt().stream()
                .map(this::view)
                .toList();
    }

    /** What is in the log, newest first. */
    @Transactional(readOnly = true)
    public List<BakeView> logged() {
        return bakes.findByLoggedAtIsNotNullOrderByStartedAtDesc(Limit.of(LOG_LINES)).stream()
                .map(this::view)
                .toList();
    }

    /** One bake. */
    @Transactional(readOnly = true)
    public BakeView one(UUID id) {
        return view(any(id));
    }

    /** What the log says of an oven: how long what came out just right took against what was foretold. */
    @Transactional(readOnly = true)
    public OvenRecord record(int ovenId) {
        double[] ratios = bakes
                .findByOvenIdAndVerdictAndLoggedAtIsNotNullOrderByStartedAtDesc(
                        ovenId, Verdict.RIGHT, Limit.of(LOG_LINES))
                .stream()
                .mapToDouble(BakeService::ratio)
                .toArray();
        return ratios.length == 0
                ? OvenRecord.NONE
                : new OvenRecord(ratios.length, Arrays.stream(ratios).average().orElseThrow());
    }

    private static double ratio(Bake bake) {
        double minutes = Duration.between(bake.startedAt(), bake.outAt()).toMillis() / 60_000.0;
        return minutes / bake.predicted().likelyMin().doubleValue();
    }

    private Bake any(UUID id) {
        return bakes.findWithOvenById(id).orElseThrow(() -> new NotThere("There is no such bake."));
    }

    private Bake open(UUID id) {
        Bake bake = any(id);
        if (bake.loggedAt() != null) {
            throw new NotNow("It is in the log already. Open it again first.");
        }
        return bake;
    }

    private BakeView saved(Bake bake) {
        return view(bakes.saveAndFlush(bake));
    }

    private BakeView view(Bake bake) {
        return BakeView.of(bake, json, now());
    }

    /** The store keeps milliseconds; nothing finer is ever answered. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private String written(PutIn in) {
        try {
            return json.writeValueAsString(in.question());
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("A question that was read cannot be written.", impossible);
        }
    }
}
