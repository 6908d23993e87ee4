package olla.core.dress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.dish.Vessel;
import olla.core.dress.Topping.When;
import olla.core.fish.Composition;
import olla.core.messages.Refusals;
import olla.core.units.Temperature;

/**
 * Open in a greased vessel: the upper faces meet the oven and lose water to it, or wear what is spread on them.
 *
 * @param finish what is on its face
 * @param underlay what it lies on, or in
 * @param bed vegetables under that
 * @param on what is spread on it, from below to above: what goes on later lies higher; at most 4
 * @param vessel what it all lies in
 */
public record OpenTray(Finish finish, Underlay underlay, Bed bed, List<Topping> on, Vessel vessel) implements Dress {

    /** Emissivity of moist flesh, and of what else a kitchen lays round it (about 0.9, from memory). */
    public static final double EMISSIVITY = 0.9;

    /* From lean to oily flesh a bare face loses less; the straight line between the two is ours. */
    private static final double OILY_WETNESS = 0.15;
    private static final double OILY_FAT = 0.12;

    /* A pan sauce lies this thick under the fish, mm (common practice, no source). */
    private static final double SAUCE_UNDER_MM = 1;

    /* It stands this wide beside the fish, mm (common practice, no source). */
    private static final double SAUCE_BESIDE_MM = 20;

    /** More of them do not stay on one another (common practice, no source). */
    public static final int MOST_TOPPINGS = 4;

    /** @throws olla.core.messages.RefusedInput where nobody piles up so many */
    public OpenTray {
        on = on.stream().sorted(Comparator.comparing(Topping::when)).toList();
        if (on.size() > MOST_TOPPINGS) {
            new Refusals()
                    .add("toppings", "refusal.toppings", "most", MOST_TOPPINGS)
                    .throwIfAny();
        }
    }

    /** Bare, on nothing but the tray. */
    public OpenTray() {
        this(Finish.BARE, Underlay.NONE);
    }

    /** On a tray, with nothing on it. */
    public OpenTray(Finish finish, Underlay underlay) {
        this(finish, underlay, Bed.NONE, List.of(), Vessel.SHEET_TRAY);
    }

    /** On a tray, with this spread on it. */
    public OpenTray(Topping... on) {
        this(Finish.BARE, Underlay.NONE, Bed.NONE, List.of(on), Vessel.SHEET_TRAY);
    }

    @Override
    public double wetness(Composition composition) {
        double oiliness = Math.min(1, composition.fat() / OILY_FAT);
        return Math.min(finish.wetness(), Finish.BARE.wetness() + oiliness * (OILY_WETNESS - Finish.BARE.wetness()));
    }

    @Override
    public boolean topped() {
        return !on.isEmpty();
    }

    /** Whether something goes on then. */
    public boolean goesOn(When when) {
        return on.stream().anyMatch(t -> t.when() == when);
    }

    /** Whether it can be turned over: it lies on the vessel itself, with nothing on it. */
    boolean turns() {
        return underlay == Underlay.NONE && !bed.there() && !topped();
    }

    /** The moments after the start at which something goes on, the first first. */
    public List<When> later() {
        return on.stream()
                .map(Topping::when)
                .filter(w -> w != When.BEFORE)
                .distinct()
                .toList();
    }

    /** A sauce gets under the fish as a film; slices lift it. */
    @Override
    public List<Laid> layers() {
        List<Laid> layers = new ArrayList<>();
        if (bed.there()) {
            layers.add(new Laid.Under(Stuff.VEGETABLES, bed.depthMm(), 0, Temperature.ROOM_C));
        }
        if (underlay == Underlay.CITRUS) {
            layers.add(new Laid.Under(Stuff.CITRUS, underlay.depthMm(), 0, Temperature.ROOM_C));
        } else if (underlay == Underlay.PAN_SAUCE) {
            layers.add(new Laid.Liquid(
                    Stuff.SAUCE, underlay.depthMm(), SAUCE_UNDER_MM, SAUCE_BESIDE_MM, Temperature.ROOM_C));
        }
        for (Topping topping : on) {
            int joins = 1 + later().indexOf(topping.when());
            layers.add(new Laid.On(topping.mix().stuff(), topping.depthMm(), joins, Temperature.MIXED_C));
        }
        return layers;
    }

    @Override
    public Style style() {
        return topped() ? Style.TOPPING : Style.OPEN_TRAY;
    }

    @Override
    public double usualRestMinutes() {
        return topped() ? 3 : 4;
    }
}
