package olla.server.bakes;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Bakes, running and logged. Every tap has its undo. */
@RestController
@RequestMapping("/api/bakes")
class BakeController {

    /** Which bakes to list. */
    enum Which {
        RUNNING,
        LOGGED
    }

    private final BakeService bakes;

    BakeController(BakeService bakes) {
        this.bakes = bakes;
    }

    @GetMapping
    List<BakeView> list(@RequestParam(defaultValue = "RUNNING") Which which) {
        return which == Which.RUNNING ? bakes.running() : bakes.logged();
    }

    @GetMapping("/{id}")
    BakeView one(@PathVariable UUID id) {
        return bakes.one(id);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BakeView putIn(@RequestBody PutIn in) {
        return bakes.putIn(in);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id) {
        bakes.forget(id);
    }

    @PutMapping("/{id}/out")
    BakeView takeOut(@PathVariable UUID id) {
        return bakes.takeOut(id);
    }

    @DeleteMapping("/{id}/out")
    BakeView putBack(@PathVariable UUID id) {
        return bakes.putBack(id);
    }

    @PutMapping("/{id}/verdict")
    BakeView log(@PathVariable UUID id, @RequestBody HowItWas how) {
        return bakes.log(id, how);
    }

    @DeleteMapping("/{id}/verdict")
    BakeView reopen(@PathVariable UUID id) {
        return bakes.reopen(id);
    }
}
