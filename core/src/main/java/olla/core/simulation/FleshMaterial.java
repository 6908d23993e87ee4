package olla.core.simulation;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import olla.core.fish.Composition;
import olla.core.fish.Fish;
import olla.core.fish.Group;
import olla.core.heat.ChoiOkos;
import olla.core.heat.Material;

/** The flesh of a fish as a material; tabled once, since a table takes milliseconds and an estimate has few. */
final class FleshMaterial {

    /** Initial freezing point of fish, °C (published: ASHRAE table of fish, -2.2 for every one listed, from memory). */
    static final double FREEZING_C = -2.2;

    /* Dry protein with air in it (published: crusts of bread and meat conduct 0.1 to 0.2 W/mK, from memory). */
    private static final double CRUST_W_MK = 0.15;

    /* More kinds of flesh than one evening's are not kept: a kitchen's own fish are without number. */
    private static final int MOST_KEPT = 100;

    private record Kind(Composition composition, Group group) {}

    private static final Map<Kind, Material> TABLED = new ConcurrentHashMap<>();

    private FleshMaterial() {}

    static ChoiOkos properties(Fish species) {
        Composition c = species.composition();
        return new ChoiOkos(c.water(), c.protein(), c.fat(), c.ash(), FREEZING_C);
    }

    static Material material(Fish species) {
        if (TABLED.size() > MOST_KEPT) {
            TABLED.clear();
        }
        return TABLED.computeIfAbsent(
                new Kind(species.composition(), species.group()),
                kind -> properties(species)
                        .material()
                        .crusting(CookLoss.rawKgM3(species), CRUST_W_MK)
                        .lettingGo(CookLoss.of(species)));
    }
}
