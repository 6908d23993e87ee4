package olla.core.heat;

import java.util.Arrays;
import java.util.stream.IntStream;
import olla.core.units.Temperature;

/** The nodes of a section in all its planes: what each is made of, and what a state says of them. Immutable. */
final class SectionNodes {

    /* A node that boils is taken to warm by so much until it is dry, K. */
    private static final double BOILS_OVER_K = 0.2;
    private static final double ABOUT_TO_BOIL_K = 1;

    final Section section;
    final int planes;
    final int each;
    final int all;
    final Material[] materialOf;
    final double[] volume;
    final double wholeVolume;

    /** From where on a node steams, and from where on it boils and loses water, J/m³; infinite where it holds none. */
    final double[] steamingJm3;

    final double[] boilingJm3;

    /** Whether what it conducts changes as it warms or dries. */
    final boolean[] varies;

    private final Coldest coldest;

    /** @param materials by material number */
    SectionNodes(Section section, Material[] materials) {
        this.section = section;
        planes = section.planes();
        each = section.nodes;
        all = planes * each;
        materialOf = new Material[all];
        volume = new double[all];
        varies = new boolean[all];
        boilingJm3 = new double[all];
        steamingJm3 = new double[all];
        for (int i = 0; i < all; i++) {
            Material m = materials[section.material[i % each]];
            materialOf[i] = m;
            volume[i] = section.area[i % each] * section.planeM[i / each];
            varies[i] = !m.steady() || m.waterKgM3() > 0;
            steamingJm3[i] = m.enthalpyJm3(Temperature.BOILING_C);
            boilingJm3[i] = m.waterKgM3() > 0 ? steamingJm3[i] : Double.POSITIVE_INFINITY;
        }
        wholeVolume = Arrays.stream(volume).sum();
        coldest = new Coldest(section);
    }

    int material(int node) {
        return section.material[node % each];
    }

    boolean flesh(int node) {
        return material(node) == Section.FLESH;
    }

    /** Whether a node holds water that can boil off. */
    boolean boils(int node) {
        return boilingJm3[node] < Double.POSITIVE_INFINITY;
    }

    /** Whether a node is boiling, or about to be. */
    boolean boils(int node, SectionState state) {
        return state.celsius[node] > Temperature.BOILING_C - ABOUT_TO_BOIL_K && boils(node);
    }

    /** Whether there is a layer that does; flesh hardly ever boils dry. */
    boolean layersBoil() {
        return IntStream.range(0, all).anyMatch(i -> boils(i) && materialOf[i].crustWmK() == 0);
    }

    Coldest coldest() {
        return coldest;
    }

    /** The temperature of a node that holds so much, °C; while it boils and is wet it hardly warms. */
    double celsius(int i, double enthalpy, double water) {
        double over = enthalpy - boilingJm3[i];
        if (over <= 0 || water <= 0) {
            return materialOf[i].temperatureC(enthalpy);
        }
        double latent = water * Water.EVAPORATION_J_KG;
        double beyond = Math.max(0, over - latent);
        return Math.min(over, latent) / boilingCapacity(i) + materialOf[i].temperatureC(boilingJm3[i] + beyond);
    }

    /** What a node takes in for each kelvin while it boils, J/m³K. */
    double boilingCapacity(int i) {
        return materialOf[i].waterKgM3() * Water.EVAPORATION_J_KG / BOILS_OVER_K;
    }

    /** Takes a state's temperatures from what it holds. */
    void temperatures(SectionState state) {
        for (int i = 0; i < all; i++) {
            state.celsius[i] = celsius(i, state.enthalpy[i], state.waterKgM3[i]);
        }
        for (int m = 0; m < state.coldest.length; m++) {
            if (section.has(m)) {
                state.coldest[m] = coldest.about(state.celsius, coldest.node(state.celsius, m));
            }
        }
    }

    /**
     * What gels let go in a step.
     *
     * @param beforeC how warm each node was when it began, °C
     * @param seconds how long it took
     * @return how much of it came out of the flesh, kg
     */
    double letGo(SectionState state, double[] beforeC, double seconds) {
        WaterHolding holds = null;
        double comes = 0;
        double fleshKg = 0;
        for (int i = 0; i < all; i++) {
            WaterHolding its = materialOf[i].holds();
            if (its != null) {
                if (its != holds) {
                    holds = its;
                    comes = its.comes(seconds);
                }
                double rest = its.letsGo((beforeC[i] + state.celsius[i]) / 2);
                double more = comes * Math.max(0, rest - state.letGo[i]);
                state.letGo[i] += more;
                fleshKg += flesh(i) ? more * its.kgM3() * volume[i] : 0;
            }
        }
        return fleshKg;
    }

    /** Mean of a quantity by node over a material, by volume. */
    double mean(double[] quantity, int material) {
        return sum(quantity, material) / section.volumeOf(material);
    }

    /** Sum over a material of a quantity by node, times the volume. */
    double sum(double[] quantity, int material) {
        double sum = 0;
        for (int i = 0; i < all; i++) {
            if (material(i) == material) {
                sum += volume[i] * quantity[i];
            }
        }
        return sum;
    }

    /** The same over everything. */
    double sum(double[] quantity) {
        double sum = 0;
        for (int i = 0; i < all; i++) {
            sum += volume[i] * quantity[i];
        }
        return sum;
    }
}
