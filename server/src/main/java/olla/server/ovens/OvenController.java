package olla.server.ovens;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.core.units.Refusals;
import olla.core.units.Said;
import olla.server.bench.EstimateRequest.TruthInput;
import olla.server.web.ChangedSince;
import olla.server.web.MaybeAbsent;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import olla.server.web.Versions;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
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
     * @param away whether it was put away: nothing new goes into it, its log stays
     * @param version what an If-Match names to change what is said of it
     */
    record OvenView(
            int id,
            String name,
            OvenKind kind,
            TruthInput truth,
            int lessons,
            String words,
            @MaybeAbsent String sensor,
            boolean away,
            int version) {
        static OvenView of(Oven oven) {
            return new OvenView(
                    oven.id(),
                    oven.name(),
                    oven.kind(),
                    TruthInput.of(oven.truth()),
                    oven.lessons(),
                    oven.truth().words(oven.lessons()),
                    oven.sensor(),
                    oven.away(),
                    oven.version());
        }
    }

    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_DEVICE = 40;
    private static final int MOST_OVENS = 20;
    private static final String FULL =
            "A kitchen has at most " + MOST_OVENS + " ovens. Put one away that is not used; its log stays.";

    private final OvenRepository ovens;
    private final Clock clock;

    OvenController(OvenRepository ovens, Clock clock) {
        this.ovens = ovens;
        this.clock = clock;
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
        } else {
            ovens.findByName(name)
                    .ifPresent(there -> refusals.add(
                            "name",
                            there.away()
                                    ? "The oven called “" + name + "” was put away. Take it out again."
                                    : "There is an oven called “" + name + "” already."));
        }
        if (input.kind() == null) {
            refusals.missing("kind", "Say which kind of oven: " + Arrays.toString(OvenKind.values()) + ".");
        }
        if (ovens.countByPutAwayAtIsNull() >= MOST_OVENS) {
            refusals.add("name", FULL);
        }
        refusals.throwIfAny();
        Oven saved = ovens.save(new Oven(name, input.kind()));
        return OvenView.of(saved);
    }

    /**
     * What people say of an oven.
     *
     * @param device the thermometer's name as it pushes its readings; missing where none hangs there
     * @param fallsCPerHour what it loses in the first hour from 250 °C, 0 where its fire is kept up, to 150 °C; missing for
     *     as its kind usually does
     */
    record OvenWords(
            @MaybeAbsent String device, @MaybeAbsent Double fallsCPerHour) {}

    @PutMapping("/api/ovens/{id}")
    @Transactional
    public OvenView describe(
            @PathVariable int id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody OvenWords words) {
        int version = Versions.named(ifMatch);
        Refusals refusals = new Refusals();
        if (words.device() != null
                && (words.device().isBlank() || words.device().length() > LONGEST_DEVICE)) {
            refusals.add("device", "A device's name has 1 to " + LONGEST_DEVICE + " characters.");
        }
        if (words.fallsCPerHour() != null) {
            refusals.take("", () -> Cooling.falling(words.fallsCPerHour()));
        }
        refusals.throwIfAny();
        return answered(id, ovens.describe(id, version, words.device(), words.fallsCPerHour()));
    }

    /** An oven that is not used any more: nothing new goes into it, and its log stays. */
    @PutMapping("/api/ovens/{id}/away")
    @Transactional
    public OvenView putAway(
            @PathVariable int id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        int version = Versions.named(ifMatch);
        Oven oven = oven(id);
        if (oven.away()) {
            return OvenView.of(oven);
        }
        if (ovens.countByPutAwayAtIsNull() <= 1) {
            throw new NotNow("A kitchen needs an oven. Note another one first.");
        }
        if (ovens.inUse(id) > 0) {
            throw new NotNow("There is something in the " + oven.name() + ". Take it out and say how it was first.");
        }
        return answered(id, ovens.putAway(id, version, clock.instant().truncatedTo(ChronoUnit.MILLIS)));
    }

    /** Takes it out again, with all that its log has taught. */
    @DeleteMapping("/api/ovens/{id}/away")
    @Transactional
    public OvenView takeOut(@PathVariable int id) {
        if (oven(id).away() && ovens.countByPutAwayAtIsNull() >= MOST_OVENS) {
            throw new NotNow(FULL);
        }
        ovens.takeOut(id);
        return OvenView.of(oven(id));
    }

    private OvenView answered(int id, int changedRows) {
        Oven oven = oven(id);
        if (changedRows != 1) {
            throw new ChangedSince(changed(oven));
        }
        return OvenView.of(oven);
    }

    private Oven oven(int id) {
        return ovens.findById(id).orElseThrow(() -> new NotThere("There is no oven number " + id + "."));
    }

    private static String changed(Oven oven) {
        String thermometer =
                oven.sensor() == null ? "no thermometer hangs in it" : "“" + oven.sensor() + "” hangs in it";
        String fire = oven.fallsCPerHour() == null
                ? ""
                : oven.fallsCPerHour() == 0
                        ? ", its heat is kept up"
                        : ", it falls by " + Said.kelvin(oven.fallsCPerHour()) + " in an hour";
        return "Somebody else has changed the " + oven.name() + " meanwhile: " + thermometer + fire
                + ". Look again, then say it anew.";
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
