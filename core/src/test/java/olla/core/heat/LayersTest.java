package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Several layers in one section: their shapes, and the heat that crosses them. */
class LayersTest {

    private static final int BED = 2;
    private static final int CRUST = 3;
    private static final int STUFFING = 4;
    private static final Material STEEL = Material.constant(Double.POSITIVE_INFINITY, 3.85e6);

    private static Face air(double film, double celsius) {
        return new Face.Exposed(film, celsius, celsius, 0, 0, 0);
    }

    /**
     * A composite wall in steady state passes q = (T1 - T2) / (1/h1 + L1/k1 + R + L2/k2 + 1/hc + 1/h2) (published:
     * Incropera, composite wall in series, from memory).
     */
    @ParameterizedTest
    @CsvSource({"20,0.5,10,1.4,150", "30,0.45,8,0.3,250", "12,0.6,25,1.1,80"})
    void aLayeredSlabPassesWhatItsResistancesInSeriesDo(
            double upperMm, double upperK, double lowerMm, double lowerK, double contact) {
        double upper = upperMm / 1000;
        double lower = lowerMm / 1000;
        // So wide that the sides do not count at the middle.
        Outline bed = new Outline.RoundedRectangle(0.3, lower, 0, 0);
        Outline flesh = new Outline.Raised(new Outline.RoundedRectangle(0.3, upper, 0, 0), lower);
        Section section = new SectionBuilder(
                        List.of(
                                new Layer(Section.FLESH, flesh, List.of(), 0.002, 300),
                                new Layer(BED, bed, List.of(), 0.002, contact)),
                        Wall.sheet(0.001),
                        1,
                        1)
                .build();
        SectionSolver solver =
                new SectionSolver(section, Material.constant(upperK, 2e6), STEEL, Material.constant(lowerK, 2e6));
        Surroundings around = new Surroundings(air(30, 150), air(40, 20), air(30, 150));
        SectionState state = solver.start(60, 60, 60);
        solver.advance(state, around, 36_000);

        double resistance = 1 / 30.0 + upper / upperK + 1 / contact + lower / lowerK + 1 / contact + 1 / 40.0;
        double flux = 130 / resistance;
        assertThat(solver.topFaceC(state)).isCloseTo(150 - flux / 30, within(0.1));
        double under = solver.celsius(state, section.place(Section.FLESH, 0, lower));
        assertThat(under).isCloseTo(150 - flux * (1 / 30.0 + upper / upperK), within(0.1));
        double below = solver.celsius(state, section.place(BED, 0, 0));
        assertThat(below).isCloseTo(20 + flux * (1 / 40.0 + 1 / contact), within(0.1));
    }

    /** A vessel's wall is one more of those resistances, half of it on each side of where its heat is held (published: as above). */
    @ParameterizedTest
    @CsvSource({"20,0.5,8,1.3,250", "12,0.6,5,1.0,100"})
    void aVesselsWallResistsAsItsThicknessDoes(
            double fleshMm, double fleshK, double wallMm, double wallK, double contact) {
        double flesh = fleshMm / 1000;
        double wall = wallMm / 1000;
        Outline slab = new Outline.RoundedRectangle(0.3, flesh, 0, 0);
        Section section = new SectionBuilder(
                        List.of(new Layer(Section.FLESH, slab, List.of(), 0.002, contact)),
                        Wall.ending(wall, wallK),
                        1,
                        1)
                .build();
        SectionSolver solver =
                new SectionSolver(section, Material.constant(fleshK, 2e6), Material.constant(wallK, 2e6));
        SectionState state = solver.start(60, 60);
        solver.advance(state, new Surroundings(air(30, 150), air(40, 20)), 36_000);

        double resistance = 1 / 30.0 + flesh / fleshK + 1 / contact + wall / wallK + 1 / 40.0;
        double flux = 130 / resistance;
        assertThat(solver.topFaceC(state)).isCloseTo(150 - flux / 30, within(0.1));
        assertThat(solver.celsius(state, section.place(Section.FLESH, 0, 0)))
                .isCloseTo(20 + flux * (1 / 40.0 + wall / wallK + 1 / contact), within(0.1));
    }

    @Test
    void aCrustIsItsHeapLessItsFish() {
        Outline fish = new Outline.Raised(new Outline.Ellipse(0.07, 0.06), 0.01);
        Outline heap = new Outline.Mound(0.08, 0.08, 0.04);
        Section section = new SectionBuilder(
                        List.of(
                                new Layer(Section.FLESH, fish, List.of(), 0.002, 250),
                                new Layer(CRUST, heap, List.of(fish), 0.004, 250)),
                        Wall.sheet(0.001),
                        0.4,
                        1)
                .build();
        double fishArea = Math.PI * 0.07 * 0.03 / 2;
        double heapArea = 0.08 * 0.04 + Math.PI / 4 * 0.08 * 0.04;
        assertThat(section.fleshVolume()).isCloseTo(fishArea * 0.4, within(0.005 * fishArea * 0.4));
        double crust = (heapArea - fishArea) * 0.4;
        assertThat(section.volumeOf(CRUST)).isCloseTo(crust, within(0.01 * crust));
        for (int node : section.faceNode) {
            assertThat(section.material[node]).as("no flesh meets the air").isNotEqualTo(Section.FLESH);
        }
    }

    @Test
    void whatIsInsideTouchesFleshAllRound() {
        Outline fish = new Outline.RoundedRectangle(0.035, 0.03, 0.012, 0.003);
        Outline inside = new Outline.Raised(new Outline.Ellipse(0.02, 0.01), 0.01);
        Section section = new SectionBuilder(
                        List.of(
                                new Layer(STUFFING, inside, List.of(), 0.002, 250),
                                new Layer(Section.FLESH, fish, List.of(inside), 0.002, 250)),
                        Wall.sheet(0.001),
                        0.1,
                        1)
                .build();
        double seam = 0;
        for (int l = 0; l < section.conductance.length; l++) {
            int a = section.material[section.springNode[section.springStart[l]]];
            int b = section.material[section.springNode[section.springStart[l + 1] - 1]];
            if (a == STUFFING && b == Section.FLESH || a == Section.FLESH && b == STUFFING) {
                seam += section.conductance[l] / 250;
            }
        }
        // Half the girth of the ellipse by Ramanujan's formula.
        double girth = Math.PI * (3 * 0.025 - Math.sqrt((3 * 0.02 + 0.005) * (0.02 + 3 * 0.005)));
        assertThat(seam).isCloseTo(girth / 2, within(0.01 * girth));
        double area = Math.PI * 0.02 * 0.005 / 2;
        assertThat(section.volumeOf(STUFFING)).isCloseTo(area * 0.1, within(0.02 * area * 0.1));
    }

    /** Water that boils off holds a wet layer at 100 °C until it is gone, and takes its latent heat with it. */
    @Test
    void aWetLayerStaysAtBoilingUntilItIsDry() {
        Outline slab = new Outline.RoundedRectangle(0.1, 0.006, 0, 0);
        Layer salt = new Layer(CRUST, slab, List.of(), 0.002, 250);
        Section section = new SectionBuilder(List.of(salt), Wall.NONE, 1, 1).build();
        Material damp = Material.constant(1.5, 1.7e6).holdingWater(100, 0.5);
        SectionSolver solver = new SectionSolver(section, STEEL, STEEL, STEEL, damp);
        Face hot = air(20, 220);
        Surroundings around = new Surroundings(hot, hot, hot, hot);
        SectionState state = solver.start(20, 20, 20, 20);
        double water = solver.waterKg(state, CRUST);
        double before = solver.storedJ(state);
        solver.advance(state, around, 300);
        assertThat(state.coldestC(CRUST)).isBetween(85.0, 100.01);
        solver.advance(state, around, 3000);
        assertThat(solver.waterKg(state, CRUST)).isZero();
        assertThat(solver.meanC(state, CRUST)).isGreaterThan(180);
        assertThat(state.vapourJ()).isCloseTo(water * Water.EVAPORATION_J_KG, within(1.0));
        assertThat(solver.storedJ(state) - before).isCloseTo(state.arrivedJ() - state.vapourJ(), within(1.0));
    }
}
