package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
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
    private static final int COAT = 2;
    private static final int BED = 4;
    private static final int MATERIALS = 5;
    private static final Material STEEL = Material.constant(Double.POSITIVE_INFINITY, 3.85e6);

    @Property(tries = 120, seed = "20261125")
    void whatCameInIsWhatIsStored(
            @ForAll @DoubleRange(min = 6, max = 70) double heightMm,
            @ForAll @DoubleRange(min = 20, max = 80) double halfWidthMm,
            @ForAll boolean round,
            @ForAll boolean covered,
            @ForAll @IntRange(min = 1, max = 3) int planes,
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
        Layer flesh = Layer.flesh(outline, Math.min(height, 2 * halfWidth) / 7, 250);
        Section section = new SectionBuilder(List.of(flesh), Wall.sheet(0.001), 0.1, planes).build();
        SectionSolver solver = new SectionSolver(section, FLESH, STEEL);
        SectionState state = solver.start(startC, 22);
        double before = solver.storedJ(state);

        solver.advance(state, surroundings(covered, film, ovenC), seconds);
        solver.advance(state, surroundings(covered, 5, 22), 240);

        double change = solver.storedJ(state) - before;
        double through = state.arrivedJ() - state.vapourJ();
        assertThat(through).isCloseTo(change, within(0.001 * Math.abs(state.arrivedJ()) + 1e-6));
        assertThat(state.vapourJ()).isGreaterThanOrEqualTo(0);
        // Quadratics may swing a little below what they begin with.
        assertThat(state.coldestC()).isBetween(startC - 0.5, ovenC);
    }

    /**
     * Something goes on top, or the piece is turned: what was stored is stored, what was let go is gone, and what is new brings its own, at every width.
     * Two outlines as wide as each other must not take turns in giving the tray its columns.
     */
    @Property(tries = 150, seed = "20261126")
    void whatIsTakenOverKeepsItsHeat(
            @ForAll @DoubleRange(min = 8, max = 60) double heightMm,
            @ForAll @DoubleRange(min = 15, max = 90) double halfWidthMm,
            @ForAll @DoubleRange(min = 2, max = 14) double coatMm,
            @ForAll @DoubleRange(min = 0, max = 25) double bedMm,
            @ForAll boolean round,
            @ForAll boolean turned,
            @ForAll @DoubleRange(min = 60, max = 1500) double seconds) {
        double height = heightMm / 1000;
        Outline lying = round
                ? new Outline.Ellipse(halfWidthMm / 1000, height)
                : new Outline.RoundedRectangle(halfWidthMm / 1000, height, 0.3 * height, 0.002);
        double step = height / 8;
        boolean bed = bedMm > 5;
        Outline flesh = bed ? new Outline.Raised(lying, bedMm / 1000) : lying;
        List<Layer> bare = new ArrayList<>(List.of(new Layer(Section.FLESH, flesh, List.of(), step, 250)));
        if (bed) {
            Outline under = new Outline.RoundedRectangle(halfWidthMm / 1000, bedMm / 1000, 0, 0);
            bare.add(new Layer(BED, under, List.of(), 1.5 * step, 250));
        }
        List<Layer> coated = new ArrayList<>(bare);
        coated.add(1, new Layer(COAT, new Outline.Over(flesh, coatMm / 1000), List.of(), 0.0025, 250));
        SectionSolver before = solver(bare);
        double[] starts = new double[MATERIALS];
        Arrays.fill(starts, 12);
        SectionState state = before.start(starts);
        before.advance(state, everywhere(200), seconds);

        SectionSolver after = turned ? before : solver(coated);
        double about = turned ? 2 * flesh.base() + flesh.height() : 0;
        SectionState taken = after.takeOver(before, state, starts, about);
        for (int material : new int[] {Section.FLESH, Section.TRAY, BED}) {
            if (before.section().has(material)) {
                assertThat(after.storedJ(taken, material))
                        .as("material %d", material)
                        .isCloseTo(before.storedJ(state, material), within(1e-6 * Math.abs(before.storedJ(state))));
            }
        }
        double gone = before.letGoKg(state, Section.FLESH);
        assertThat(after.letGoKg(taken, Section.FLESH)).isCloseTo(gone, within(1e-9 * gone + 1e-12));
    }

    private static SectionSolver solver(List<Layer> layers) {
        Material[] materials = new Material[MATERIALS];
        Arrays.fill(materials, Material.constant(0.5, 2.5e6));
        materials[Section.FLESH] = FLESH.lettingGo(new WaterHolding(800, 0.3, 56, 5, 240));
        materials[Section.TRAY] = STEEL;
        return new SectionSolver(new SectionBuilder(layers, Wall.sheet(0.001), 0.12, 1).build(), materials);
    }

    private static Surroundings everywhere(double celsius) {
        Face[] faces = new Face[MATERIALS];
        Arrays.fill(faces, new Face.Exposed(15, celsius, celsius, 0.9, 0, 0));
        return new Surroundings(faces);
    }

    private static Surroundings surroundings(boolean covered, double film, double celsius) {
        Face open = new Face.Exposed(film, celsius, celsius, 0.9, 0.25, 1500);
        Face sheet = new Face.Covered(new Face.Exposed(film, celsius, celsius, 0.3, 0, 0), 15, 300);
        return new Surroundings(covered ? sheet : open, new Face.Exposed(film, celsius, celsius, 0.8, 0, 0));
    }
}
