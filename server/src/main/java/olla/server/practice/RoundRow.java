package olla.server.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import olla.practice.rounds.Result;
import olla.practice.rounds.Skill;
import olla.server.people.DoneBy;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A round of practice, as stored: what was done in it, and once it is over what it told. */
@Entity
@Table(name = "practice_round")
class RoundRow extends DoneBy {

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Skill skill;

    private Instant beganAt;
    private String movesJson = "[]";
    private Double given;
    private Instant overAt;
    private Double offBy;
    private Double missed;
    private Double lookedLateMin;

    protected RoundRow() {}

    RoundRow(UUID id, Skill skill, Instant beganAt) {
        super(id);
        this.skill = skill;
        this.beganAt = beganAt;
    }

    Skill skill() {
        return skill;
    }

    String movesJson() {
        return movesJson;
    }

    Double given() {
        return given;
    }

    void did(String allMovesJson) {
        movesJson = allMovesJson;
    }

    void give(double answer) {
        given = answer;
    }

    void end(Result result, Instant at) {
        overAt = at;
        offBy = result.off();
        missed = result.missed();
        lookedLateMin =
                result.lookedLateMin().isPresent() ? result.lookedLateMin().getAsDouble() : null;
    }

    boolean isOver() {
        return overAt != null;
    }

    /** What it told; nothing of one that is not over, or of which half is missing. */
    Optional<Result> result() {
        return offBy == null || missed == null
                ? Optional.empty()
                : Optional.of(new Result(
                        skill,
                        offBy,
                        missed,
                        lookedLateMin == null ? OptionalDouble.empty() : OptionalDouble.of(lookedLateMin)));
    }
}
