package olla.server.lessons;

import olla.server.load.Reckoner;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the log has taught. */
@RestController
@RequestMapping("/api")
class TaughtController {

    private final TaughtService taught;
    private final Reckoner reckoner;

    TaughtController(TaughtService taught, Reckoner reckoner) {
        this.taught = taught;
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
}
