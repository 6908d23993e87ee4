package olla.server.bakes;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.core.doneness.Doneness;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A tap, as stored. One that was undone stays, so that the same tap coming late a second time does not count again. */
@Entity
class Tap extends NamedByClient {

    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID bakeId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private TapKind kind;

    private Instant at;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Cue cue;

    private BigDecimal celsius;
    private Integer number;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Doneness doneness;

    private boolean undone;

    protected Tap() {}

    Tap(UUID bakeId, TapInput input, Instant at) {
        super(input.id());
        this.bakeId = bakeId;
        this.kind = input.kind();
        this.at = at;
        this.cue = input.cue();
        this.celsius = input.celsius() == null
                ? null
                : BigDecimal.valueOf(input.celsius()).setScale(1, RoundingMode.HALF_EVEN);
        this.number = input.number();
        this.doneness = input.doneness();
    }

    /** Whether this is what was asked for, in that bake. */
    boolean is(Tap asked) {
        return bakeId.equals(asked.bakeId)
                && kind == asked.kind
                && cue == asked.cue
                && doneness == asked.doneness
                && Objects.equals(number, asked.number)
                && (celsius == null ? asked.celsius == null : celsius.equals(asked.celsius));
    }

    void undo() {
        undone = true;
    }

    UUID bakeId() {
        return bakeId;
    }

    TapKind kind() {
        return kind;
    }

    Instant at() {
        return at;
    }

    Cue cue() {
        return cue;
    }

    double celsius() {
        return celsius.doubleValue();
    }

    boolean hasCelsius() {
        return celsius != null;
    }

    Integer number() {
        return number;
    }

    Doneness doneness() {
        return doneness;
    }

    boolean undone() {
        return undone;
    }
}
