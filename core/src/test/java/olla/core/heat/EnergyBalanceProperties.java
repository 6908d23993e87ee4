package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;

/**
 * Heat through the faces less vapour equals the change of stored enthalpy, for random pieces, covers, ovens and starts,
 * from frozen too.
 */
class EnergyBalanceProperties {

    private static final Material FLESH = new ChoiOkos(0.79, 0.18, 0.018, 0.012, -2.2).material();
    private static final Material STEEL = Material.constant(Double.POSITIVE_INFINITY, 3.85e6);

    @Property(tries = 120, seed = "20261125")
    void whatCameInIsWhatIsStored(
            @ForAll @DoubleRange(min = 6, max = 70) double heightMm,
            @ForAll @DoubleRange(min = 20, max = 80) double halfWidthMm,
            @ForAll boolean round,
            @ForAll boolean covered,
            @ForAll @IntRange(min = 1, max = 3) int slices,
            @ForAll @DoubleRange(min = -25, max = 20) double startC,
            @ForAll @DoubleRange(min = 90, max = 300) double ovenC,
            @ForAll @DoubleRange(min = 5, max = 60) double film,
            @ForAll @DoubleRange(min = 60, max = 2400) double seconds) {
        double height = heightMm / 1000;
        double halfWidth = halfWidthMm / 1000;
        Outline outline = round
                ? new Outline.Ellipse(halfWidth, height)
                : new Outline.RoundedRectangle(
                        halfWidth, height, Math.min(0.45 * height, 0.9 * halfWidth), Math.min(0.1 * height, 0.005));
        Section section = new SectionBuilder(outline, Math.max(0.003, height / 12), 0.001, 250, 0.1, slices).build();
        SectionSolver solver = new SectionSolver(section, FLESH, STEEL);
        SectionState state = solver.start(startC, 22);
        double before = solver.storedJ(state);

        solver.advance(state, surroundings(covered, film, ovenC), seconds);
        solver.advance(state, surroundings(covered, 5, 22), 240);

        double change = solver.storedJ(state) - before;
        double through = state.arrivedJ() - state.vapourJ();
        assertThat(through).isCloseTo(change, within(0.001 * Math.abs(state.arrivedJ()) + 1e-6));
        assertThat(state.vapourJ()).isGreaterThanOrEqualTo(0);
        assertThat(state.coldestC()).isBetween(startC - 0.01, ovenC);
    }

    private static Surroundings surroundings(boolean covered, double film, double celsius) {
        Face open = new Face.Exposed(film, celsius, celsius, 0.9, 0.25, 1500);
        Face sheet = new Face.Covered(new Face.Exposed(film, celsius, celsius, 0.3, 0, 0), 15, 300);
        return new Surroundings(covered ? sheet : open, new Face.Exposed(film, celsius, celsius, 0.8, 0, 0));
    }
}
