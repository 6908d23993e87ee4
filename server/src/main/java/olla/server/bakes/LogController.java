package olla.server.bakes;

import java.time.Instant;
import java.util.UUID;
import olla.server.load.Reckoner;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The log. */
@RestController
@RequestMapping("/api/log")
class LogController {

    private final LogService log;
    private final Reckoner reckoner;

    LogController(LogService log, Reckoner reckoner) {
        this.log = log;
        this.reckoner = reckoner;
    }

    /** What of it is wanted, a page: see {@link LogQuery}. */
    @GetMapping
    LogPage found(
            @RequestParam(required = false) String fish,
            @RequestParam(required = false) String dress,
            @RequestParam(required = false) Integer oven,
            @RequestParam(required = false) UUID cook,
            @RequestParam(required = false) String words,
            @RequestParam(required = false) LogQuery.Said said,
            @RequestParam(required = false) Instant from,
            @RequestParam(required = false) Instant until,
            @RequestParam(defaultValue = "NEWEST") LogOrder order,
            @RequestParam(defaultValue = "0") int page) {
        LogQuery query = new LogQuery(fish, dress, oven, cook, words, said, from, until, order, page);
        return reckoner.reckon(() -> log.found(query));
    }

    /** What there is to search by. */
    @GetMapping("/choices")
    LogChoices choices() {
        return reckoner.reckon(log::choices);
    }

    /** One bake of it, whole. */
    @GetMapping("/{id}")
    LoggedBake one(@PathVariable UUID id) {
        return reckoner.reckonLong(() -> log.one(id));
    }
}
