package olla.core.dress;

import java.util.List;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.fish.Composition;
import olla.core.units.Temperature;

/**
 * Open on a greased tray: the upper faces meet the oven and lose water to it.
 *
 * @param finish what is on its face
 * @param underlay what it lies on
 */
public record OpenTray(Finish finish, Underlay underlay) implements Dress {

    /** Emissivity of moist flesh, and of what else a kitchen lays round it (about 0.9, from memory). */
    public static final double EMISSIVITY = 0.9;

    /* From lean to oily flesh a bare face loses less; the straight line between the two is ours. */
    private static final double OILY_WETNESS = 0.15;
    private static final double OILY_FAT = 0.12;

    /* A pan sauce lies this thick under the fish, mm (common practice, no source). */
    private static final double SAUCE_UNDER_MM = 1;

    /* It stands this wide beside the fish, mm (common practice, no source). */
    private static final double SAUCE_BESIDE_MM = 20;

    /** Bare, on nothing but the tray. */
    public OpenTray() {
        this(Finish.BARE, Underlay.NONE);
    }

    @Override
    public double wetness(Composition composition) {
        double oiliness = Math.min(1, composition.fat() / OILY_FAT);
        return Math.min(finish.wetness(), Finish.BARE.wetness() + oiliness * (OILY_WETNESS - Finish.BARE.wetness()));
    }

    /** A sauce gets under the fish as a film; slices lift it. */
    @Override
    public List<Laid> layers() {
        return switch (underlay) {
            case NONE -> List.of();
            case CITRUS -> List.of(new Laid.Under(Stuff.CITRUS, underlay.depthMm(), 0, Temperature.ROOM_C));
            case PAN_SAUCE ->
                List.of(new Laid.Liquid(
                        Stuff.SAUCE, underlay.depthMm(), SAUCE_UNDER_MM, SAUCE_BESIDE_MM, Temperature.ROOM_C));
        };
    }

    @Override
    public Style style() {
        return Style.OPEN_TRAY;
    }

    @Override
    public double usualRestMinutes() {
        return 4;
    }
}
