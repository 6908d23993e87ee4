package olla.server.ovens;

import java.util.Arrays;
import java.util.List;
import olla.core.oven.OvenKind;
import olla.core.units.Refusals;
import olla.server.bench.EstimateRequest.TruthInput;
import olla.server.web.MaybeAbsent;
import olla.server.web.NotThere;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The kitchen's ovens. */
@RestController
@Order(2)
class OvenController implements ApplicationRunner {

    /**
     * An oven, as shown.
     *
     * @param truth what its log has taught
     * @param lessons from how many bakes
     * @param words the same in a sentence
     * @param sensor the thermometer in it
     */
    record OvenView(
            int id,
            String name,
            OvenKind kind,
            TruthInput truth,
            int lessons,
            String words,
            @MaybeAbsent String sensor) {
        static OvenView of(Oven oven) {
            return new OvenView(
                    oven.id(),
                    oven.name(),
                    oven.kind(),
                    TruthInput.of(oven.truth()),
                    oven.lessons(),
                    oven.truth().words(oven.lessons()),
                    oven.sensor());
        }
    }

    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_DEVICE = 40;
    private static final int MOST_OVENS = 20;

    private final OvenRepository ovens;

    OvenController(OvenRepository ovens) {
        this.ovens = ovens;
    }

    @GetMapping("/api/ovens")
    List<OvenView> list() {
        return ovens.findAllByOrderById().stream().map(OvenView::of).toList();
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
        return OvenView.of(saved);
    }

    /** @param device the thermometer's name as it pushes its readings; missing where none hangs there */
    record SensorInput(@MaybeAbsent String device) {}

    @PutMapping("/api/ovens/{id}/sensor")
    OvenView hang(@PathVariable int id, @RequestBody SensorInput input) {
        Oven oven = ovens.findById(id).orElseThrow(() -> new NotThere("There is no oven number " + id + "."));
        if (input.device() != null
                && (input.device().isBlank() || input.device().length() > LONGEST_DEVICE)) {
            new Refusals()
                    .add("device", "A device's name has 1 to " + LONGEST_DEVICE + " characters.")
                    .throwIfAny();
        }
        oven.hang(input.device());
        return OvenView.of(ovens.save(oven));
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
