package olla.server.bakes.rows;

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
import java.util.OptionalDouble;
import java.util.UUID;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.ovens.Oven;
import olla.server.people.DoneBy;
import olla.server.people.Who;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A bake, as stored: the question it answers, what was predicted, and its moments. All that is shown follows from these. */
@Entity
public class Bake extends DoneBy {

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

    /* When it was first put in; when it is taken to have gone in follows from this and the taps. */
    private Instant putAt;
    private Instant startedAt;
    private Instant outAt;
    private Instant loggedAt;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Verdict verdict;

    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID saidPersonId;

    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID saidScreenId;

    private BigDecimal probeCelsius;
    private String note;

    /* Counts up with everything that changes what a screen shows, in SQL, so that many can count at once. */
    @Column(insertable = false, updatable = false)
    private long revision;

    private BigDecimal trustingMin;
    private BigDecimal enoughFromMin;
    private Instant clearedAt;

    /* What the log is searched and sorted by: the store has them out of the rest of the row. */
    @Column(insertable = false, updatable = false)
    private String fish;

    @Column(insertable = false, updatable = false)
    private String dress;

    @Column(insertable = false, updatable = false)
    private Double offMin;

    @Embedded
    private Lesson lesson;

    @Embedded
    private StoredSlowness told;

    protected Bake() {}

    public Bake(
            UUID id,
            String title,
            Oven oven,
            String questionJson,
            Predicted predicted,
            BigDecimal trustingMin,
            BigDecimal enoughFromMin,
            Instant putAt) {
        super(id);
        this.trustingMin = trustingMin;
        this.enoughFromMin = enoughFromMin;
        this.title = title;
        this.oven = oven;
        this.questionJson = questionJson;
        this.predicted = predicted;
        this.putAt = putAt;
        this.startedAt = putAt;
    }

    /** Takes over what its taps come to. */
    public void follow(BakeTimeline timeline) {
        startedAt = timeline.startedAt();
        outAt = timeline.outAt();
        clearedAt = timeline.clearedAt();
    }

    /**
     * Keeps what was learned from it.
     *
     * @param learned what is believed of its oven after it; null where that is to be worked out anew
     * @param beside what it told beside that; null for nothing
     */
    public void teach(Lesson learned, StoredSlowness beside) {
        lesson = learned;
        told = beside;
    }

    public void log(Verdict how, BigDecimal probe, String words, Instant at, Who by) {
        saidPersonId = by.person();
        saidScreenId = by.screen();
        verdict = how;
        probeCelsius = probe;
        note = words;
        loggedAt = at;
    }

    /** Closed without a word on how it was. */
    public void close(Instant at) {
        verdict = null;
        loggedAt = at;
    }

    public void reopen() {
        loggedAt = null;
        teach(null, null);
    }

    public String title() {
        return title;
    }

    public Oven oven() {
        return oven;
    }

    String questionJson() {
        return questionJson;
    }

    public Predicted predicted() {
        return predicted;
    }

    /** When it was first put in. */
    public Instant putAt() {
        return putAt;
    }

    /** From which minute on its coast is enough for the target it was put in for; empty where that was not kept. */
    public OptionalDouble enoughFromMin() {
        return enoughFromMin == null ? OptionalDouble.empty() : OptionalDouble.of(enoughFromMin.doubleValue());
    }

    public Instant startedAt() {
        return startedAt;
    }

    public Instant outAt() {
        return outAt;
    }

    public Instant loggedAt() {
        return loggedAt;
    }

    public long revision() {
        return revision;
    }

    /** How long it was to take if the dial were trusted, minutes. */
    double trustingMin() {
        return trustingMin.doubleValue();
    }

    public Instant clearedAt() {
        return clearedAt;
    }

    /** What was believed of the oven after it; null where it has not been worked out yet. */
    public Lesson lesson() {
        return lesson == null || !lesson.whole() ? null : lesson;
    }

    /** What it told beside what it told of its oven; null for nothing. */
    public StoredSlowness told() {
        return told;
    }

    /** Which fish, as it is kept. */
    public String fish() {
        return fish;
    }

    /** What it is dressed in, as it is kept. */
    public String dress() {
        return dress;
    }

    /** Who said how it was. */
    public Who saidBy() {
        return new Who(saidPersonId, saidScreenId);
    }

    public Verdict verdict() {
        return verdict;
    }

    public BigDecimal probeCelsius() {
        return probeCelsius;
    }

    public String note() {
        return note;
    }
}
