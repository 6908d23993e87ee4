package olla.core.evening;

import java.util.Optional;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.oven.OvenKind;
import olla.core.plan.TrayFit;
import olla.core.uncertainty.OvenCalibration;

/**
 * An oven as an evening needs it.
 *
 * @param key stable name
 * @param name what the kitchen calls it
 * @param kind how its air moves
 * @param calibration what is believed of it
 * @param shelves how many trays stand in it at once, 1 to 6
 * @param tray the inside of its trays; empty where nobody said, and a dish then takes one
 */
public record EveningOven(
        String key, String name, OvenKind kind, OvenCalibration calibration, int shelves, Optional<TrayFit> tray) {

    /** As many trays stand in no oven that the tool reckons with (common practice, no source). */
    public static final int MOST_SHELVES = 6;

    /** @throws olla.core.messages.RefusedInput where it has no shelf, or too many */
    public EveningOven {
        new Refusals()
                .range("shelves", "shelves", shelves, 1, MOST_SHELVES, Unit.NUMBER)
                .throwIfAny();
    }

    /** How many of its shelves so many pieces take; at least one. */
    public int shelvesFor(Piece piece, int pieces) {
        int each = tray.map(t -> t.holds(piece)).filter(n -> n > 0).orElse(pieces);
        return Math.max(1, (pieces + each - 1) / each);
    }

    /** The same with so many shelves. */
    public EveningOven with(int others) {
        return new EveningOven(key, name, kind, calibration, others, tray);
    }
}
