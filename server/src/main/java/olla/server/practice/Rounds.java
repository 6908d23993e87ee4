package olla.server.practice;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import olla.practice.rounds.Move;
import olla.practice.rounds.Result;
import olla.practice.rounds.Skill;
import olla.server.people.Who;
import olla.server.web.ChangedSince;
import olla.server.web.NotThere;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** What is kept of rounds. Whatever is worked out of them is worked out elsewhere: a row is written in a moment. */
@Service
class Rounds {

    /* So many of somebody's rounds are looked back at. */
    private static final int MOST = 400;

    private final RoundRepository rows;
    private final ObjectMapper json;
    private final Clock clock;

    Rounds(RoundRepository rows, ObjectMapper json, Clock clock) {
        this.rows = rows;
        this.json = json;
        this.clock = clock;
    }

    /**
     * A round as it is kept.
     *
     * @param given what was answered; null where nothing was
     */
    record Kept(UUID id, Skill skill, List<Move> moves, Double given, boolean over) {}

    /** Begins one; begun twice it is one. */
    @Transactional
    Kept begin(UUID id, Skill skill) {
        return kept(rows.findById(id)
                .orElseGet(() -> rows.saveAndFlush(
                        new RoundRow(id, skill, clock.instant().truncatedTo(ChronoUnit.MILLIS)))));
    }

    /** One. */
    @Transactional(readOnly = true)
    Kept kept(UUID id) {
        return kept(row(id));
    }

    private RoundRow row(UUID id) {
        return rows.findById(id).orElseThrow(() -> new NotThere("not-there.round"));
    }

    private Kept kept(RoundRow row) {
        return new Kept(row.getId(), row.skill(), moves(row), row.given(), row.isOver());
    }

    /* A row of moves that a later version cannot read is a round in which nothing was done. */
    private List<Move> moves(RoundRow row) {
        try {
            return List.of(json.readValue(row.movesJson(), Move[].class));
        } catch (JacksonException broken) {
            return List.of();
        }
    }

    /**
     * Keeps what was done.
     *
     * @param before how many moves there were before it
     * @param result what the round told; null while it is not over
     * @throws ChangedSince where another screen has done something else meanwhile
     */
    @Transactional
    Kept did(UUID id, int before, List<Move> all, Result result) {
        RoundRow row = row(id);
        if (moves(row).size() != before) {
            throw new ChangedSince("changed.round");
        }
        row.did(json.writeValueAsString(all));
        if (result != null) {
            row.end(result, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        }
        return kept(rows.saveAndFlush(row));
    }

    /** Keeps what was answered in a drill; the first answer stands. */
    @Transactional
    Kept answered(UUID id, double given, Result result) {
        RoundRow row = row(id);
        if (!row.isOver()) {
            row.give(given);
            row.end(result, clock.instant().truncatedTo(ChronoUnit.MILLIS));
            rows.saveAndFlush(row);
        }
        return kept(row);
    }

    /** What whoever asks has been told by their rounds, oldest first. */
    @Transactional(readOnly = true)
    List<Result> results() {
        List<Result> results = new ArrayList<>();
        UUID person = Who.here().person();
        Limit most = Limit.of(MOST);
        List<RoundRow> newest = person == null
                ? rows.findByPersonIdIsNullAndMissedIsNotNullOrderByOverAtDescIdAsc(most)
                : rows.findByPersonIdAndMissedIsNotNullOrderByOverAtDescIdAsc(person, most);
        newest.forEach(row -> row.result().ifPresent(results::add));
        Collections.reverse(results);
        return results;
    }
}
