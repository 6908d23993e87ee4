package olla.server.people;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The kitchens of this installation, for whoever is at the machine. */
@RestController
@RequestMapping("/api/kitchens")
class KitchensController {

    private final Kitchens kitchens;

    KitchensController(Kitchens kitchens) {
        this.kitchens = kitchens;
    }

    @GetMapping
    List<NamedKitchen> all() {
        return kitchens.all();
    }

    /** Makes one; one that is called so is answered. */
    @PutMapping
    NamedKitchen make(@RequestBody KitchenInput input) {
        return kitchens.make(input);
    }
}
