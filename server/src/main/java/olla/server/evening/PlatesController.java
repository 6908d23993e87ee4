package olla.server.evening;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** When plates go out: what whoever carries them wants to know, and nothing else. */
@RestController
class PlatesController {

    /* From so long before the first course to so long after it. */
    private static final Duration AHEAD = Duration.ofHours(18);
    private static final Duration AFTER = Duration.ofHours(4);

    private final EveningService evenings;
    private final Clock clock;

    PlatesController(EveningService evenings, Clock clock) {
        this.evenings = evenings;
        this.clock = clock;
    }

    @GetMapping("/api/plates")
    List<PlatesView> plates() {
        Instant now = clock.instant();
        return evenings.all().stream()
                .filter(evening -> evening.serveAt().isAfter(now.minus(AFTER))
                        && evening.serveAt().isBefore(now.plus(AHEAD)))
                .map(evening -> view(evenings.one(evening.id())))
                .toList();
    }

    private static PlatesView view(EveningView view) {
        Instant wanted = view.evening().serveAt();
        List<Instant> courses = view.sheet() == null
                ? List.of()
                : view.sheet().courses().stream()
                        .map(course -> wanted.plusSeconds(Math.round(60 * course.servedMin())))
                        .toList();
        return new PlatesView(view.evening().name(), wanted, courses);
    }
}
