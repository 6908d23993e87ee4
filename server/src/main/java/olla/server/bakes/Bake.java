package olla.server.bakes;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;
import olla.core.estimate.Observation.Verdict;
import olla.server.ovens.Oven;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

/** A bake, as stored: the question it answers, what was predicted, and its moments. All that is shown follows from these. */
@Entity
class Bake implements Persistable<UUID> {

    @Id
    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID id;

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

    @Transient
    private boolean stored;

    protected Bake() {}

    Bake(
            UUID id,
            String title,
            Oven oven,
            String questionJson,
            Predicted predicted,
            BigDecimal trustingMin,
            Instant startedAt) {
        this.trustingMin = trustingMin;
        this.id = id;
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

    @Override
    public UUID getId() {
        return id;
    }

    /** The id is the client's, so whether a row exists has to be remembered apart from it. */
    @Override
    public boolean isNew() {
        return !stored;
    }

    @PostLoad
    @PostPersist
    void markStored() {
        stored = true;
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
