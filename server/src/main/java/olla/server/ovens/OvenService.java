package olla.server.ovens;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.core.units.Refusals;
import olla.core.units.Said;
import olla.server.web.ChangedSince;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kitchen's ovens: noted, described, put away and taken out again. What their logs teach is written elsewhere. */
@Service
public class OvenService {

    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_DEVICE = 40;
    private static final int MOST_OVENS = 20;
    private static final String FULL =
            "A kitchen has at most " + MOST_OVENS + " ovens. Put one away that is not used; its log stays.";

    private final OvenRepository ovens;
    private final Clock clock;

    OvenService(OvenRepository ovens, Clock clock) {
        this.ovens = ovens;
        this.clock = clock;
    }

    /** All of them, in the order they were noted. */
    List<OvenView> all() {
        return ovens.findAllByOrderById().stream().map(OvenView::of).toList();
    }

    /**
     * Notes an oven.
     *
     * @throws olla.core.units.RefusedInput where its name or kind cannot be, or the kitchen is full
     */
    OvenView add(OvenInput input) {
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
     * Takes over what people say of an oven.
     *
     * @param version of what they saw
     * @throws ChangedSince where somebody else has said something since
     */
    @Transactional
    public OvenView describe(int id, int version, OvenWords words) {
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

    /**
     * Puts an oven away that is not used any more: nothing new goes into it, and its log stays.
     *
     * @param version of what they saw
     * @throws NotNow where it is in use, or the last
     */
    @Transactional
    public OvenView putAway(int id, int version) {
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

    /**
     * Takes it out again, with all that its log has taught.
     *
     * @throws NotNow where the kitchen is full
     */
    @Transactional
    public OvenView takeOut(int id) {
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
}
