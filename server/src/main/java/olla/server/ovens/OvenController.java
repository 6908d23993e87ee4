package olla.server.ovens;

import java.util.Arrays;
import java.util.List;
import olla.core.oven.OvenKind;
import olla.core.units.Refusals;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The kitchen's ovens. */
@RestController
@Order(2)
class OvenController implements ApplicationRunner {

    /** An oven, as shown. */
    record OvenView(int id, String name, OvenKind kind) {}

    private static final int LONGEST_NAME = 60;
    private static final int MOST_OVENS = 20;

    private final OvenRepository ovens;

    OvenController(OvenRepository ovens) {
        this.ovens = ovens;
    }

    @GetMapping("/api/ovens")
    List<OvenView> list() {
        return ovens.findAllByOrderById().stream()
                .map(o -> new OvenView(o.id(), o.name(), o.kind()))
                .toList();
    }

    /**
     * Notes an oven of the kitchen's.
     *
     * @param name 1 to 60 characters, none that another oven has
     * @param kind how it heats
     */
    record OvenInput(String name, OvenKind kind) {}

    @PostMapping("/api/ovens")
    @ResponseStatus(HttpStatus.CREATED)
    OvenView add(@RequestBody OvenInput input) {
        Refusals refusals = new Refusals();
        String name = input.name() == null ? "" : input.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            refusals.add("name", "An oven's name has 1 to " + LONGEST_NAME + " characters.");
        } else if (ovens.existsByName(name)) {
            refusals.add("name", "There is an oven called “" + name + "” already.");
        }
        if (input.kind() == null) {
            refusals.missing("kind", "Say which kind of oven: " + Arrays.toString(OvenKind.values()) + ".");
        }
        if (ovens.count() >= MOST_OVENS) {
            refusals.add("name", "A kitchen has at most " + MOST_OVENS + " ovens.");
        }
        refusals.throwIfAny();
        Oven saved = ovens.save(new Oven(name, input.kind()));
        return new OvenView(saved.id(), saved.name(), saved.kind());
    }

    /** A kitchen that has told nothing about its ovens gets the two that most have. */
    @Override
    public void run(ApplicationArguments args) {
        if (ovens.count() == 0) {
            ovens.save(new Oven("Still oven", OvenKind.STILL));
            ovens.save(new Oven("Fan oven", OvenKind.FAN));
        }
    }
}
