package olla.server.bakes.rows;

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
import olla.server.people.DoneBy;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A tap, as stored. One that was undone stays, so that the same tap coming late a second time does not count again. */
@Entity
public class Tap extends DoneBy {

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

    public Tap(UUID bakeId, TapInput input, Instant at) {
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
    public boolean is(Tap asked) {
        return bakeId.equals(asked.bakeId)
                && kind == asked.kind
                && cue == asked.cue
                && doneness == asked.doneness
                && Objects.equals(number, asked.number)
                && (celsius == null ? asked.celsius == null : celsius.equals(asked.celsius));
    }

    public void undo() {
        undone = true;
    }

    public UUID bakeId() {
        return bakeId;
    }

    public TapKind kind() {
        return kind;
    }

    public Instant at() {
        return at;
    }

    public Cue cue() {
        return cue;
    }

    public double celsius() {
        return celsius.doubleValue();
    }

    public boolean hasCelsius() {
        return celsius != null;
    }

    public Integer number() {
        return number;
    }

    public Doneness doneness() {
        return doneness;
    }

    public boolean undone() {
        return undone;
    }
}
