package olla.core.heat;

import java.util.HashMap;
import java.util.Map;

/**
 * Takes what layers hold from the mesh of another section: each node what was held where it lies, each layer as much as it held. The
 * places are the same for all states, and are kept.
 */
final class TakingOver {

    /** A material of another section, turned over about a height where that is not 0. */
    private record Lying(Section section, int material, double about) {}

    private final SectionNodes nodes;
    private final Map<Lying, Place[]> lying = new HashMap<>();

    TakingOver(SectionNodes nodes) {
        this.nodes = nodes;
    }

    /**
     * A material that both have. What lies otherwise than before holds together what was held before, and what is new of it is as it
     * starts.
     *
     * @param about 0, or the height about which it is turned over, m
     * @param startJm3 what it holds when it comes in, J/m³
     */
    void take(SectionNodes other, SectionState before, SectionState into, int material, double about, double startJm3) {
        Place[] places = lying.computeIfAbsent(new Lying(other.section, material, about), this::places);
        for (int i = 0; i < nodes.each; i++) {
            for (int p = 0; places[i] != null && p < nodes.planes; p++) {
                into.enthalpy[p * nodes.each + i] = places[i].within(before.enthalpy, p * other.each);
                into.waterKgM3[p * nodes.each + i] = places[i].within(before.waterKgM3, p * other.each);
                into.letGo[p * nodes.each + i] = places[i].within(before.letGo, p * other.each);
            }
        }
        double held = other.sum(before.enthalpy, material);
        double was = other.section.volumeOf(material);
        double is = nodes.section.volumeOf(material);
        double holds = is >= was ? held + (is - was) * startJm3 : held * is / was;
        double missing = (holds - nodes.sum(into.enthalpy, material)) / is;
        double goneWas = other.sum(before.letGo, material) * Math.min(1, is / was);
        double goneIs = nodes.sum(into.letGo, material);
        for (int i = 0; i < nodes.all; i++) {
            if (nodes.material(i) == material) {
                into.enthalpy[i] += missing;
                into.letGo[i] *= goneIs > 0 ? goneWas / goneIs : 1;
            }
        }
    }

    /* Where in the other section each node of a material lies; null for those of others. */
    private Place[] places(Lying in) {
        Section section = nodes.section;
        Place[] places = new Place[nodes.each];
        for (int i = 0; i < nodes.each; i++) {
            if (section.material[i] == in.material) {
                double y = in.about == 0 ? section.y[i] : in.about - section.y[i];
                places[i] = in.section.place(in.material, section.x[i], y);
            }
        }
        return places;
    }
}
