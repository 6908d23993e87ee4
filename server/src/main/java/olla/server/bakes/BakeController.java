package olla.server.bakes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import olla.server.bakes.rows.TapInput;
import olla.server.load.Reckoner;
import olla.server.query.EstimateAnswer;
import olla.server.web.MaybeAbsent;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Bakes, running and logged. Every tap has its undo. */
@RestController
@RequestMapping("/api")
class BakeController {

    private final BakeService bakes;
    private final Reckoner reckoner;

    BakeController(BakeService bakes, Reckoner reckoner) {
        this.bakes = bakes;
        this.reckoner = reckoner;
    }

    /** What is in an oven, on the board, or lately in the log with its leftovers. */
    @GetMapping("/bakes")
    List<BakeView> list() {
        return bakes.running();
    }

    @GetMapping("/bakes/{id}")
    BakeView one(@PathVariable UUID id) {
        return bakes.one(id);
    }

    @GetMapping("/bakes/{id}/inside")
    InsideView inside(@PathVariable UUID id) {
        return reckoner.reckonLong(() -> bakes.inside(id));
    }

    /** The bake as it was reckoned to be, with the minutes that it really had in the oven, and its rest. */
    @GetMapping("/bakes/{id}/rest")
    EstimateAnswer rest(@PathVariable UUID id) {
        return reckoner.reckonLong(() -> bakes.rest(id));
    }

    @PostMapping("/bakes")
    @ResponseStatus(HttpStatus.CREATED)
    BakeView putIn(@RequestBody PutIn in) {
        return bakes.putIn(in);
    }

    @DeleteMapping("/bakes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id) {
        bakes.forget(id);
    }

    @PostMapping("/bakes/{id}/taps")
    BakeView tap(@PathVariable UUID id, @RequestBody TapInput input) {
        return bakes.tap(id, input);
    }

    @DeleteMapping("/bakes/{id}/taps/{tapId}")
    BakeView untap(@PathVariable UUID id, @PathVariable UUID tapId) {
        return bakes.untap(id, tapId);
    }

    /**
     * A probe goes in.
     *
     * @param device its name
     * @param at when; now, where it is not said
     */
    record ProbeInput(String device, @MaybeAbsent Instant at) {}

    @PutMapping("/bakes/{id}/probe")
    BakeView probe(@PathVariable UUID id, @RequestBody ProbeInput input) {
        return bakes.probe(id, input.device(), input.at());
    }

    @DeleteMapping("/bakes/{id}/probe")
    BakeView unprobe(@PathVariable UUID id) {
        return bakes.unprobe(id, null);
    }

    @PutMapping("/bakes/{id}/verdict")
    BakeView log(@PathVariable UUID id, @RequestBody HowItWas how) {
        return bakes.log(id, how);
    }

    @DeleteMapping("/bakes/{id}/verdict")
    BakeView reopen(@PathVariable UUID id) {
        return bakes.reopen(id);
    }
}
