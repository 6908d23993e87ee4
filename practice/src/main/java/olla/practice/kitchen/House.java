package olla.practice.kitchen;

import java.util.EnumMap;
import java.util.Map;
import olla.core.fish.Species;

/**
 * What is the same for all bakes of one kitchen, beside its oven: how its cook measures and judges, how its probe reads, and what its
 * fishmonger sells under a name.
 *
 * @param ruler what is read off a ruler over what is so
 * @param probeK by how much its probe reads too warm, K
 * @param verdictK by how much warmer than their target its guests call a fish right, K
 * @param conducts how well each fish conducts over what it is held to
 */
record House(double ruler, double probeK, double verdictK, Map<Species, Double> conducts) {

    /** Where all is as it is everywhere. */
    static final House PLAIN = new House(1, 0, 0, Map.of());

    /** One that is drawn (orders of magnitude, ours; not those that the application expects). */
    static House of(Draw draw) {
        Map<Species, Double> conducts = new EnumMap<>(Species.class);
        for (Species species : Species.values()) {
            conducts.put(species, draw.times(1, 0.05));
        }
        return new House(draw.times(1, 0.03), draw.about(0, 1.2), draw.about(0, 1.5), conducts);
    }

    double conducts(Species species) {
        return conducts.getOrDefault(species, 1.0);
    }
}
