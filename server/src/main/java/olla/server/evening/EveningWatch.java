package olla.server.evening;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import olla.core.runsheet.RunSheet;
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

    /* Hands are seldom on the minute: nothing is called overdue sooner, minutes. */
    private static final double OVERDUE_MIN = 2;

    private final EveningRepository evenings;
    private final MoveRepository moves;
    private final EveningPlans plans;
    private final Happened happened;
    private final Clock clock;
    private final Map<UUID, String> seen = new HashMap<>();

    EveningWatch(EveningRepository evenings, MoveRepository moves, EveningPlans plans, Happened happened, Clock clock) {
        this.evenings = evenings;
        this.moves = moves;
        this.plans = plans;
        this.happened = happened;
        this.clock = clock;
    }

    @Scheduled(fixedDelayString = "${olla.evenings.watch}")
    void look() {
        try {
            Instant now = clock.instant();
            for (EveningRow row : evenings.findByServeAtAfterOrderByServeAt(now.minus(AFTER))) {
                if (row.serveAt().isBefore(now.plus(BEFORE)) && plans.there(row.getId())) {
                    look(row, Happened.minute(row.serveAt(), now));
                }
            }
        } catch (DataAccessException outOfReach) {
            LOG.debug("Evenings cannot be watched: {}", outOfReach.toString());
        }
    }

    private void look(EveningRow row, double nowMin) {
        List<Move> done = moves.findByEveningIdAndUndoneFalseOrderByAtAscIdAsc(row.getId());
        boolean overdue =
                plans.known(row.getId()).sheet().filter(s -> overdue(s, nowMin)).isPresent();
        // What is overdue is planned anew once a minute, not at every look.
        String signs = happened.signs(done) + (overdue ? " " + Math.floor(nowMin) : "");
        String before = seen.put(row.getId(), signs);
        // What is overdue at the first look already was so before it.
        if (before == null ? overdue : !before.equals(signs)) {
            plans.again(row.getId(), false, 0);
        }
    }

    private static boolean overdue(RunSheet sheet, double nowMin) {
        return sheet.steps().stream().anyMatch(step -> step.kind().attended() && step.fromMin() < nowMin - OVERDUE_MIN);
    }
}
