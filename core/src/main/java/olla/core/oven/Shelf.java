package olla.core.oven;

import java.util.Optional;
import olla.core.messages.Message;
import olla.core.messages.Quantity;

/** On which of an oven's shelves a dish stands. */
public enum Shelf {
    /** Under the roof. */
    UPPER(1),
    /** Where a recipe means it to stand, and where an oven is known. */
    MIDDLE(0),
    /** Over the floor. */
    LOWER(-1);

    private final int up;

    Shelf(int up) {
        this.up = up;
    }

    /** Where to slide it, in a kind of oven, and what that is reckoned to do; empty where there are no shelves. */
    public Optional<Message> words(OvenKind kind) {
        if (!kind.shelves()) {
            return Optional.empty();
        }
        Spot spot = in(kind);
        return Optional.of(Message.of(
                "oven.shelf",
                "shelf",
                name(),
                "off",
                Quantity.kelvin(Math.abs(spot.warmerK())),
                "doubt",
                Quantity.kelvin(spot.doubtK())));
    }

    /** What it is like there in a kind of oven. */
    public Spot in(OvenKind kind) {
        return this == MIDDLE || !kind.shelves() ? Spot.MIDDLE : new Spot(up * kind.shelfK(), kind.shelfDoubtK());
    }
}
