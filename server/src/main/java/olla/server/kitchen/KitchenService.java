package olla.server.kitchen;

import java.util.Optional;
import java.util.UUID;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.fish.OwnFish;
import olla.core.fish.Species;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.server.web.Lengths;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Notes what a kitchen has, and strikes it out again. Asked twice with one id it is noted once. */
@Service
public class KitchenService {

    private static final int MOST = 100;

    private final OwnFishRepository fish;
    private final VesselRepository vessels;

    KitchenService(OwnFishRepository fish, VesselRepository vessels) {
        this.fish = fish;
        this.vessels = vessels;
    }

    /** All of it. */
    @Transactional(readOnly = true)
    public KitchenView all() {
        return new KitchenView(
                fish.findAllByOrderByName().stream().map(OwnFishRow::view).toList(),
                vessels.findAllByOrderByName().stream().map(VesselRow::view).toList());
    }

    /**
     * Notes a fish, or notes it anew.
     *
     * @throws olla.core.messages.RefusedInput where there is no such fish, another is called so, or the list is full
     */
    @Transactional
    public OwnFishView note(UUID id, OwnFishInput input) {
        Refusals refusals = new Refusals();
        Optional<Species> closest = Optional.ofNullable(input.closest()).flatMap(Species::ofKey);
        if (closest.isEmpty()) {
            refusals.add("closest", "refusal.unknown-fish", "name", String.valueOf(input.closest()));
        }
        String name = input.name() == null ? "" : input.name();
        OwnFish own = closest.map(like -> refusals.take(
                        "",
                        () -> new OwnFish(
                                name,
                                like,
                                input.build() == null ? like.shape() : input.build(),
                                input.fatPercent() == null
                                        ? 100 * like.composition().fat()
                                        : input.fatPercent())))
                .orElse(null);
        Optional<OwnFishRow> there = fish.findById(id);
        if (own != null
                && fish.findByName(own.name())
                        .filter(other -> !other.getId().equals(id))
                        .isPresent()) {
            refusals.add("ownName", "refusal.noted-already", "name", own.name());
        }
        if (there.isEmpty() && fish.count() >= MOST) {
            refusals.add("ownName", "refusal.list-full", "most", MOST);
        }
        refusals.throwIfAny();
        OwnFishRow row = there.orElseGet(() -> new OwnFishRow(id));
        row.write(own);
        return fish.saveAndFlush(row).view();
    }

    /**
     * Notes a vessel, or notes it anew.
     *
     * @throws olla.core.messages.RefusedInput where there is no such vessel, another is called so, or the list is full
     */
    @Transactional
    public VesselView note(UUID id, VesselInput input) {
        Refusals refusals = new Refusals();
        String name = input.name() == null ? "" : input.name().strip();
        refusals.length("name", "vessel-name", name, 1, Lengths.OVEN_NAME);
        if (input.ware() == null) {
            refusals.add("ware", "missing.ware", "choices", Message.codes(Ware.values()));
        }
        Vessel.Size size = refusals.take(
                "",
                () -> new Vessel.Size(
                        input.lengthMm() == null ? 0 : input.lengthMm(),
                        input.widthMm() == null ? 0 : input.widthMm()));
        Optional<VesselRow> there = vessels.findById(id);
        if (vessels.findByName(name).filter(other -> !other.getId().equals(id)).isPresent()) {
            refusals.add("name", "refusal.noted-already", "name", name);
        }
        if (there.isEmpty() && vessels.count() >= MOST) {
            refusals.add("name", "refusal.list-full", "most", MOST);
        }
        refusals.throwIfAny();
        VesselRow row = there.orElseGet(() -> new VesselRow(id));
        row.write(name, input.ware(), size);
        return vessels.saveAndFlush(row).view();
    }

    /** Strikes a fish out; one that is not there is struck out already. */
    @Transactional
    public void strikeFish(UUID id) {
        fish.deleteById(id);
    }

    /** Strikes a vessel out; one that is not there is struck out already. */
    @Transactional
    public void strikeVessel(UUID id) {
        vessels.deleteById(id);
    }
}
