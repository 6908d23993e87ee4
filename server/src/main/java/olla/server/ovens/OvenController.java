package olla.server.ovens;

import java.time.Instant;
import java.util.List;
import olla.core.messages.Refusals;
import olla.server.web.Versions;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The kitchen's ovens. */
@RestController
@RequestMapping("/api/ovens")
class OvenController {

    private final OvenService ovens;

    OvenController(OvenService ovens) {
        this.ovens = ovens;
    }

    @GetMapping
    List<OvenView> list() {
        return ovens.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    OvenView add(@RequestBody OvenInput input) {
        return ovens.add(input);
    }

    @PutMapping("/{id}")
    OvenView describe(
            @PathVariable int id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody OvenWords words) {
        return ovens.describe(id, Versions.named(ifMatch), words);
    }

    /** An oven that is not used any more: nothing new goes into it, and its log stays. */
    @PutMapping("/{id}/away")
    OvenView putAway(
            @PathVariable int id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        return ovens.putAway(id, Versions.named(ifMatch));
    }

    /**
     * Since when an oven is another.
     *
     * @param at not after now
     */
    record OvenChanged(Instant at) {}

    /** It was changed: a new seal, a new thermostat. What its log taught before is no longer believed of it. */
    @PutMapping("/{id}/changed")
    OvenView changed(
            @PathVariable int id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody OvenChanged changed) {
        if (changed.at() == null) {
            new Refusals().add("at", "missing.changed-at").throwIfAny();
        }
        return ovens.changed(id, Versions.named(ifMatch), changed.at());
    }

    /** It was not after all: all of its log is believed again. */
    @DeleteMapping("/{id}/changed")
    OvenView unchanged(
            @PathVariable int id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        return ovens.changed(id, Versions.named(ifMatch), null);
    }

    /** Takes it out again, with all that its log has taught. */
    @DeleteMapping("/{id}/away")
    OvenView takeOut(@PathVariable int id) {
        return ovens.takeOut(id);
    }
}
