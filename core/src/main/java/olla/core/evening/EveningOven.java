package olla.core.evening;

import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.plan.TrayFit;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.OvenEvidence;
import olla.core.units.Dial;

/**
 * An oven as an evening needs it.
 *
 * @param key stable name
 * @param name what the kitchen calls it
 * @param kind how its air moves
 * @param calibration what is believed of it
 * @param shelves how many trays stand in it at once, 1 to 6
 * @param tray the inside of its trays; empty where nobody said, and a dish then takes one
 * @param keepsC the one dial that everything in it has, °C, 90 to 300; empty where each dish may have its own
 */
public record EveningOven(
        String key,
        String name,
        OvenKind kind,
        OvenCalibration calibration,
        int shelves,
        Optional<TrayFit> tray,
        OptionalDouble keepsC) {

    /** As many trays stand in no oven that the tool reckons with (common practice, no source). */
    public static final int MOST_SHELVES = 6;

    /** As many stand in it where nobody said (common practice, no source). */
    public static final int USUAL_SHELVES = 2;

    /** @throws olla.core.messages.RefusedInput where it has no shelf, or too many */
    public EveningOven {
        Refusals refusals = new Refusals().range("shelves", "shelves", shelves, 1, MOST_SHELVES, Unit.NUMBER);
        keepsC.ifPresent(dial -> refusals.range(
                "dialC", "oven-temperature", dial, Programme.COOLEST_C, Programme.HOTTEST_C, Unit.CELSIUS));
        refusals.throwIfAny();
    }

    /** How many of its shelves so many pieces take; at least one. */
    public int shelvesFor(Piece piece, int pieces) {
        int each = tray.map(t -> t.holds(piece)).filter(n -> n > 0).orElse(pieces);
        return Math.max(1, (pieces + each - 1) / each);
    }

    /** Whether something in it may have this dial. */
    public boolean allows(double dialC) {
        return keepsC.isEmpty()
                || Math.round(keepsC.getAsDouble() / Dial.CELSIUS_STEP) == Math.round(dialC / Dial.CELSIUS_STEP);
    }

    /** The same, known as well as this tells. */
    public EveningOven told(OvenEvidence evidence) {
        return new EveningOven(key, name, kind, evidence.after(calibration), shelves, tray, keepsC);
    }

    /** The same with so many shelves. */
    public EveningOven with(int others) {
        return new EveningOven(key, name, kind, calibration, others, tray, keepsC);
    }
}
