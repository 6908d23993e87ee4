package olla.server.kitchen;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What the kitchen has for itself. */
@RestController
@RequestMapping("/api/kitchen")
class KitchenController {

    private final KitchenService kitchen;

    KitchenController(KitchenService kitchen) {
        this.kitchen = kitchen;
    }

    @GetMapping
    KitchenView all() {
        return kitchen.all();
    }

    @PutMapping("/fish/{id}")
    OwnFishView note(@PathVariable UUID id, @RequestBody OwnFishInput input) {
        return kitchen.note(id, input);
    }

    @DeleteMapping("/fish/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void strikeFish(@PathVariable UUID id) {
        kitchen.strikeFish(id);
    }

    @PutMapping("/vessels/{id}")
    VesselView note(@PathVariable UUID id, @RequestBody VesselInput input) {
        return kitchen.note(id, input);
    }

    @DeleteMapping("/vessels/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void strikeVessel(@PathVariable UUID id) {
        kitchen.strikeVessel(id);
    }
}
