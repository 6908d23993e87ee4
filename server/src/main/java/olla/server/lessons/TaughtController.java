package olla.server.lessons;

import java.util.List;
import olla.core.uncertainty.Reads;
import olla.server.load.Reckoner;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the log has taught. */
@RestController
@RequestMapping("/api")
class TaughtController {

    private final TaughtService taught;
    private final TestBakes tests;
    private final Reckoner reckoner;

    TaughtController(TaughtService taught, TestBakes tests, Reckoner reckoner) {
        this.taught = taught;
        this.tests = tests;
        this.reckoner = reckoner;
    }

    /** Of the tickets, and of whoever follows them. */
    @GetMapping("/log/taught")
    Taught all() {
        return reckoner.reckon(taught::all);
    }

    /** Of one oven, bake by bake. */
    @GetMapping("/ovens/{id}/taught")
    OvenTaught of(@PathVariable int id) {
        return reckoner.reckon(() -> taught.of(id));
    }

    /**
     * What to put into an oven to learn most of it in one go, the best first; takes some seconds.
     *
     * @param reads by what it is read; a probe that stays in where it is not said
     * @param air whether a thermometer hangs in the oven too
     */
    @GetMapping("/ovens/{id}/test-bakes")
    List<TestBakeAnswer> tests(
            @PathVariable int id,
            @RequestParam(required = false) Reads reads,
            @RequestParam(required = false) boolean air) {
        return reckoner.reckonLong(() -> tests.of(id, reads == null ? Reads.LEFT_IN : reads, air));
    }
}
