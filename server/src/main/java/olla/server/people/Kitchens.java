package olla.server.people;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import olla.core.messages.Refusals;
import olla.server.tenancy.KitchenMade;
import olla.server.web.Lengths;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The kitchens of this installation. Who is at the machine may make one and see into each; from the network each screen sees its own. */
@Service
class Kitchens {

    private static final int MOST = 1000;

    private final KitchenRepository kitchens;
    private final TransactionTemplate transaction;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Kitchens(
            KitchenRepository kitchens,
            TransactionTemplate transaction,
            ApplicationEventPublisher events,
            Clock clock) {
        this.kitchens = kitchens;
        this.transaction = transaction;
        this.events = events;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<NamedKitchen> all() {
        return kitchens.findAllByOrderById().stream().map(KitchenRow::view).toList();
    }

    @Transactional(readOnly = true)
    public Optional<NamedKitchen> of(int id) {
        return kitchens.findById(id).map(KitchenRow::view);
    }

    /**
     * Makes a kitchen; asked again with one name it is there once.
     *
     * @throws olla.core.messages.RefusedInput where it cannot be called so, or there are too many
     */
    NamedKitchen make(KitchenInput input) {
        Refusals refusals = new Refusals();
        String name = input.name() == null ? "" : input.name().strip();
        refusals.length("name", "kitchen-name", name, 1, Lengths.OVEN_NAME);
        Optional<KitchenRow> there = kitchens.findByName(name);
        if (there.isEmpty() && kitchens.count() >= MOST) {
            refusals.add("name", "refusal.list-full", "most", MOST);
        }
        refusals.throwIfAny();
        KitchenRow made = there.orElseGet(() -> transaction.execute(stored ->
                kitchens.saveAndFlush(new KitchenRow(name, clock.instant().truncatedTo(ChronoUnit.MILLIS)))));
        // Also of one that was made before, and perhaps not to its end.
        events.publishEvent(new KitchenMade(made.id()));
        return made.view();
    }
}
