package olla.server.people;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import olla.core.messages.Refusals;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives devices keys, knows them by those, and takes them away again. */
@Service
class DeviceKeys {

    private static final int MOST = 200;

    private final DeviceKeyRepository keys;
    private final Clock clock;

    DeviceKeys(DeviceKeyRepository keys, Clock clock) {
        this.keys = keys;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<DeviceKeyView> all() {
        return keys.findAllByOrderByDevice().stream().map(row -> row.view(null)).toList();
    }

    /**
     * A key for a device; asked again with one id, another in its place, since none is kept to be shown.
     *
     * @throws olla.core.messages.RefusedInput where no reading can bear such a name
     */
    @Transactional
    public DeviceKeyView give(UUID id, DeviceKeyInput input) {
        Refusals refusals = new Refusals();
        if (!LetInDevice.canBe(input.device())) {
            refusals.add("device", "refusal.device-name");
        }
        Optional<DeviceKeyRow> there = keys.findById(id);
        if (there.isEmpty() && keys.count() >= MOST) {
            refusals.add("device", "refusal.list-full", "most", MOST);
        }
        refusals.throwIfAny();
        String key = Secrets.key();
        DeviceKeyRow row = there.orElseGet(() -> new DeviceKeyRow(id));
        row.write(input.device(), Secrets.hash(key), clock.instant());
        return keys.saveAndFlush(row).view(key);
    }

    /** Takes a key away; one that is not there is away already. */
    @Transactional
    public void take(UUID id) {
        keys.deleteById(id);
    }

    /** Whose key that is, in whichever kitchen; empty where it is nobody's any longer. Asked for {@link olla.server.tenancy.WhoseKitchen#ALL}. */
    @Transactional(readOnly = true)
    public Optional<LetInDevice> of(String key) {
        return keys.findByKeyHash(Secrets.hash(key)).map(row -> new LetInDevice(row.kitchenId(), row.device()));
    }
}
