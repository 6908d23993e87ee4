package olla.server.ovens;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.server.web.ChangedSince;
import olla.server.web.Lengths;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kitchen's ovens: noted, described, put away and taken out again. What their logs teach is written elsewhere. */
@Service
public class OvenService {

    private static final int MOST_OVENS = 20;

    /**
     * An oven is another since a moment, or is not after all.
     *
     * @param since what was learned from its log since then is to be worked out anew
     */
    public record Changed(int ovenId, Instant since) {}

    private final OvenRepository ovens;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    OvenService(OvenRepository ovens, Clock clock, ApplicationEventPublisher events) {
        this.ovens = ovens;
        this.clock = clock;
        this.events = events;
    }

    /** All of them, in the order they were noted. */
    List<OvenView> all() {
        return ovens.findAllByOrderById().stream().map(OvenView::of).toList();
    }

    /**
     * Notes an oven.
     *
     * @throws olla.core.messages.RefusedInput where its name or kind cannot be, or the kitchen is full
     */
    @Transactional
    OvenView add(OvenInput input) {
        Refusals refusals = new Refusals();
        String name = input.name() == null ? "" : input.name().strip();
        refusals.length("name", "oven-name", name, 1, Lengths.OVEN_NAME);
        ovens.findByName(name)
                .ifPresent(there -> refusals.add(
                        "name", there.away() ? "refusal.oven-put-away" : "refusal.oven-there", "name", name));
        if (input.kind() == null) {
            refusals.add("kind", "missing.oven-kind", "choices", Message.codes(OvenKind.values()));
        }
        if (ovens.countByPutAwayAtIsNull() >= MOST_OVENS) {
            refusals.add("name", "cannot.more-ovens", "most", MOST_OVENS);
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
        if (words.device() != null) {
            refusals.length("device", "device-name", words.device(), 1, Lengths.DEVICE);
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
            throw new NotNow("cannot.last-oven");
        }
        if (ovens.inUse(id) > 0) {
            throw new NotNow("cannot.oven-in-use", "oven", oven.name());
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
            throw new NotNow("cannot.more-ovens", "most", MOST_OVENS);
        }
        ovens.takeOut(id);
        return OvenView.of(oven(id));
    }

    /**
     * Takes over since when an oven is another: a new seal, a new thermostat. What its log taught before is no longer believed of it, and stays to be looked at.
     *
     * @param version of what they saw
     * @param at not after now; null where it always was as it is
     * @throws ChangedSince where somebody else has said something since
     */
    @Transactional
    public OvenView changed(int id, int version, Instant at) {
        if (at != null && at.isAfter(clock.instant())) {
            new Refusals().add("at", "refusal.changed-after-now").throwIfAny();
        }
        Instant before = oven(id).forgetBefore();
        Instant moment = at == null ? null : at.truncatedTo(ChronoUnit.MILLIS);
        int rows = ovens.forgetBefore(id, version, moment);
        if (rows == 1) {
            ovens.countLessonsUp(id);
            Stream.of(Optional.ofNullable(before), Optional.ofNullable(moment))
                    .flatMap(Optional::stream)
                    .min(Comparator.naturalOrder())
                    .ifPresent(since -> events.publishEvent(new Changed(id, since)));
        }
        return answered(id, rows);
    }

    private OvenView answered(int id, int changedRows) {
        Oven oven = oven(id);
        if (changedRows != 1) {
            throw new ChangedSince(
                    "changed.oven", "oven", oven.name(), "thermometer", thermometer(oven), "fire", fire(oven));
        }
        return OvenView.of(oven);
    }

    private Oven oven(int id) {
        return ovens.findById(id).orElseThrow(() -> new NotThere("not-there.oven", "id", String.valueOf(id)));
    }

    private static Message thermometer(Oven oven) {
        return oven.sensor() == null
                ? Message.of("changed.oven.no-thermometer")
                : Message.of("changed.oven.thermometer", "device", oven.sensor());
    }

    private static Message fire(Oven oven) {
        if (oven.fallsCPerHour() == null) {
            return Message.NOTHING;
        }
        return oven.fallsCPerHour() == 0
                ? Message.of("changed.oven.kept-up")
                : Message.of("changed.oven.falls", "fall", Quantity.kelvin(oven.fallsCPerHour()));
    }
}
