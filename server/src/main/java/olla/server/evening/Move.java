package olla.server.evening;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import olla.server.people.DoneBy;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A move on a run sheet, as stored. */
@Entity
@Table(name = "evening_move")
class Move extends DoneBy {

    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID eveningId;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private MoveKind kind;

    private String step;
    private Instant at;

    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID bakeId;

    private boolean undone;

    protected Move() {}

    Move(UUID eveningId, MoveInput input, Instant at) {
        super(input.id());
        this.eveningId = eveningId;
        this.kind = input.kind();
        this.step = input.step();
        this.at = at;
        this.bakeId = input.bakeId();
    }

    /** Whether it is the same move, sent again. */
    boolean is(Move other) {
        return eveningId.equals(other.eveningId)
                && kind == other.kind
                && step.equals(other.step)
                && java.util.Objects.equals(bakeId, other.bakeId);
    }

    void undo() {
        undone = true;
    }

    UUID eveningId() {
        return eveningId;
    }

    MoveKind kind() {
        return kind;
    }

    String step() {
        return step;
    }

    Instant at() {
        return at;
    }

    UUID bakeId() {
        return bakeId;
    }

    boolean undone() {
        return undone;
    }
}
