package olla.server.bakes;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;
import olla.core.estimate.Observation.Verdict;
import olla.server.ovens.Oven;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A bake, as stored: the question it answers, what was predicted, and its moments. All that is shown follows from these. */
@Entity
class Bake extends NamedByClient {

    @Version
    private int version;

    private String title;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Oven oven;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "text")
    private String questionJson;

    @Embedded
    private Predicted predicted;

    private Instant startedAt;
    private Instant outAt;
    private Instant loggedAt;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Verdict verdict;

    private BigDecimal probeCelsius;
    private String note;

    /* Counts up with everything that changes what a screen shows, in SQL, so that many can count at once. */
    @Column(insertable = false, updatable = false)
    private long revision;

    private BigDecimal trustingMin;
    private Instant clearedAt;

    @Embedded
    private Lesson lesson;

    protected Bake() {}

    Bake(
            UUID id,
            String title,
            Oven oven,
            String questionJson,
            Predicted predicted,
            BigDecimal trustingMin,
            Instant startedAt) {
        super(id);
        this.trustingMin = trustingMin;
        this.title = title;
        this.oven = oven;
        this.questionJson = questionJson;
        this.predicted = predicted;
        this.startedAt = startedAt;
    }

    void takeOut(Instant at) {
        outAt = at;
    }

    /** It went in only then. */
    void goIn(Instant at) {
        startedAt = at;
    }

    /** Somebody said what became of the leftovers; null where that was undone. */
    void clear(Instant at) {
        clearedAt = at;
    }

    void teach(Lesson learned) {
        lesson = learned;
    }

    void putBack() {
        outAt = null;
    }

    void log(Verdict how, BigDecimal probe, String words, Instant at) {
        verdict = how;
        probeCelsius = probe;
        note = words;
        loggedAt = at;
    }

    void reopen() {
        loggedAt = null;
        lesson = null;
    }

    String title() {
        return title;
    }

    Oven oven() {
        return oven;
    }

    String questionJson() {
        return questionJson;
    }

    Predicted predicted() {
        return predicted;
    }

    Instant startedAt() {
        return startedAt;
    }

    Instant outAt() {
        return outAt;
    }

    Instant loggedAt() {
        return loggedAt;
    }

    long revision() {
        return revision;
    }

    /** How long it was to take if the dial were trusted, minutes. */
    double trustingMin() {
        return trustingMin.doubleValue();
    }

    Instant clearedAt() {
        return clearedAt;
    }

    /** What was believed of the oven after it; null where it has not been worked out yet. */
    Lesson lesson() {
        return lesson;
    }

    Verdict verdict() {
        return verdict;
    }

    BigDecimal probeCelsius() {
        return probeCelsius;
    }

    String note() {
        return note;
    }
}
