package olla.core.dress;

import java.util.List;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.dress.Vegetable.Cutting;
import olla.core.fish.Composition;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Temperature;

/**
 * A base of vegetables that goes in first; the fish lies on it, hot and wet, for the last minutes, and quick sides join
 * for the very last.
 *
 * @param base what it is made of, 1 to 5 kinds
 * @param cutting how they are cut
 * @param depthMm how deep they lie, 10 to 60 mm
 * @param sides quick sides that join for the last {@value #SIDES_MINUTES} minutes, at most 3
 */
public record TrayBake(List<Vegetable> base, Cutting cutting, double depthMm, List<Vegetable> sides) implements Dress {

    /** Quick sides join for so long, minutes (common practice, no source). */
    public static final double SIDES_MINUTES = 5;

    /** How deep a base usually lies, mm (common practice, no source). */
    public static final double USUAL_DEPTH_MM = 25;

    /** The base reaches this far beyond the fish that lies on it, mm (common practice, no source). */
    public static final double BESIDE_MM = 20;

    private static final int MOST_KINDS = 5;
    private static final int MOST_SIDES = 3;

    /** @throws olla.core.messages.RefusedInput where it has no base, or sides that take too long */
    public TrayBake {
        base = List.copyOf(base);
        sides = List.copyOf(sides);
        Refusals refusals = new Refusals().range("depthMm", "base", depthMm, 10, 60, Unit.MM);
        if (base.isEmpty() || base.size() > MOST_KINDS) {
            refusals.add("vegetables", "refusal.base-vegetables", "most", MOST_KINDS);
        }
        if (sides.size() > MOST_SIDES) {
            refusals.add("sides", "refusal.sides", "most", MOST_SIDES);
        }
        for (Vegetable side : sides) {
            if (!side.quick()) {
                refusals.add("sides", "refusal.slow-side", "side", side);
            }
        }
        refusals.throwIfAny();
    }

    /** How long the base bakes alone, minutes: as long as its slowest kind needs, to the next whole minute. */
    public double headStartMinutes(double ovenC) {
        return Math.ceil(
                base.stream().mapToDouble(v -> v.minutes(cutting, ovenC)).max().orElseThrow());
    }

    @Override
    public List<Laid> layers() {
        return List.of(new Laid.Under(Stuff.VEGETABLES, depthMm, BESIDE_MM, Temperature.ROOM_C));
    }

    @Override
    public double wetness(Composition composition) {
        return new OpenTray(Finish.OILED, Underlay.NONE).wetness(composition);
    }

    @Override
    public Style style() {
        return Style.TRAY_BAKE;
    }

    @Override
    public double usualRestMinutes() {
        return 3;
    }
}
