package olla.server.evening;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import olla.server.tenancy.WhoseKitchen;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Keeps run sheets true while they happen: by what is seen of their bakes, and by what is due and has not been done. */
@Component
class EveningWatch {

    private static final Logger LOG = LoggerFactory.getLogger(EveningWatch.class);

    /* From how long before it is served until how long after an evening is watched. */
    private static final Duration BEFORE = Duration.ofHours(7);
    private static final Duration AFTER = Duration.ofHours(3);

    /* So long a plan is waited for that is on its way, minutes. */
    private static final double ANSWERED_MIN = 0.5;

    private final EveningRepository evenings;
    private final MoveRepository moves;
    private final EveningPlans plans;
    private final EveningJson json;
    private final Happened happened;
    private final Clock clock;
    private final Map<UUID, Seen> seen = new HashMap<>();

    EveningWatch(
            EveningRepository evenings,
            MoveRepository moves,
            EveningPlans plans,
            EveningJson json,
            Happened happened,
            Clock clock) {
        this.evenings = evenings;
        this.moves = moves;
        this.plans = plans;
        this.json = json;
        this.happened = happened;
        this.clock = clock;
    }

    @Scheduled(fixedDelayString = "${olla.evenings.watch}")
    void look() {
        try {
            Instant now = clock.instant();
            List<EveningRow> rows = WhoseKitchen.in(
                    WhoseKitchen.ALL, () -> evenings.findByServeAtAfterOrderByServeAt(now.minus(AFTER)));
            seen.keySet().retainAll(rows.stream().map(EveningRow::getId).collect(Collectors.toSet()));
            for (EveningRow row : rows) {
                if (row.serveAt().isBefore(now.plus(BEFORE))) {
                    WhoseKitchen.in(
                            row.kitchenId(),
                            () -> plans.known(row.getId())
                                    .ifPresent(known -> look(row, known, Happened.minute(row.serveAt(), now))));
                }
            }
        } catch (DataAccessException outOfReach) {
            LOG.debug("Evenings cannot be watched: {}", outOfReach.toString());
        }
    }

    private void look(EveningRow row, Known known, double nowMin) {
        UUID id = row.getId();
        if (known.lost()) {
            plans.againAfter(id, known);
            return;
        }
        Worked worked = known.worked();
        List<Move> done = moves.findByEveningIdAndUndoneFalseOrderByAtAscIdAsc(id);
        boolean overdue = worked.sheet().filter(s -> s.overdue(nowMin)).isPresent();
        String signs = happened.signs(json.read(row.inputJson()).kitchenOvens(), done);
        Seen before = seen.get(id);
        if (before != null && before.turn != known.turn() && before.moves == done.size()) {
            // Another instance looks as well, and was quicker.
            seen.put(id, new Seen(signs, done.size(), nowMin, overdue ? before.inVain + 1 : 0, known.turn()));
        } else if (worked.sheet().isPresent() && !signs.equals(worked.signs())) {
            if (before == null || !before.answering(signs, nowMin)) {
                again(id, known, new Seen(signs, done.size(), nowMin, 0, known.turn()));
            }
        } else if (before == null || before.moves != done.size()) {
            Seen anew = new Seen("", done.size(), nowMin, 0, known.turn());
            // What is overdue at the first look already was so before it.
            if (before == null && overdue) {
                again(id, known, anew);
            } else {
                seen.put(id, anew);
            }
        } else if (overdue && before.patienceIsOver(nowMin)) {
            again(id, known, new Seen("", done.size(), nowMin, before.inVain + 1, known.turn()));
        }
    }

    private void again(UUID id, Known known, Seen now) {
        if (plans.againAfter(id, known)) {
            seen.put(id, now.next());
        }
    }

    /**
     * What was seen last.
     *
     * @param signs of its bakes, for which it was planned anew; empty where it was for something else
     * @param moves how many
     * @param atMin when it was last planned anew for what was seen, or for what was overdue
     * @param inVain how often since then nothing was done of what was planned anew
     * @param turn how often it had been planned anew
     */
    private record Seen(String signs, int moves, double atMin, int inVain, int turn) {
        Seen next() {
            return new Seen(signs, moves, atMin, inVain, turn + 1);
        }

        /* A plan that was asked for these signs is on its way, or will be asked for again. */
        boolean answering(String now, double nowMin) {
            return signs.equals(now) && nowMin - atMin < ANSWERED_MIN;
        }

        /* What is overdue is planned anew a minute later, then two, then four: a sheet that nobody follows needs no new one. */
        boolean patienceIsOver(double nowMin) {
            return nowMin - atMin >= Math.scalb(1.0, inVain);
        }
    }
}
