package olla.core.simulation;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import olla.core.fish.Composition;
import olla.core.fish.Species;
import olla.core.heat.ChoiOkos;
import olla.core.heat.Material;

/** The flesh of each species as a material; tabled once, since a table takes milliseconds and an estimate has few. */
final class FleshMaterial {

    /** Initial freezing point of fish, °C (published: ASHRAE table of fish, -2.2 for every one listed, from memory). */
    static final double FREEZING_C = -2.2;

    private static final Map<Species, Material> TABLED = new ConcurrentHashMap<>();

    private FleshMaterial() {}

    static ChoiOkos properties(Species species) {
        Composition c = species.composition();
        return new ChoiOkos(c.water(), c.protein(), c.fat(), c.ash(), FREEZING_C);
    }

    static Material material(Species species) {
        return TABLED.computeIfAbsent(species, s -> properties(s).material());
    }
}
