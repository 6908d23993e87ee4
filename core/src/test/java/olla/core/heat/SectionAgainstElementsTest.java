package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The application's solver against another method that shares with it only outlines, materials, faces and what a gap resists: curved spectral
 * elements of fourth order, in linearly implicit steps. Radiation, evaporation, steam under a sheet, thawing, salt that boils dry and
 * the rest on the board are in it. The differences allowed are those of the application's grid of 2 mm at curved edges.
 */
class SectionAgainstElementsTest {

    private static final int SALT = 2;
    private static final Material FLESH = new ChoiOkos(0.81, 0.178, 0.007, 0.012, -2.2).material();
    private static final Material STEEL = Material.constant(Double.POSITIVE_INFINITY, 3.85e6);
    private static final Material DAMP = Material.constant(1.7, 1.46e6).holdingWater(100, 0.5);
    private static final double CONTACT = 250;

    private static Surroundings around(boolean covered, double film, double celsius, double vapour) {
        Face open = new Face.Exposed(film, celsius, celsius, 0.9, 0.22, vapour);
        Face sheet = new Face.Covered(new Face.Exposed(film, celsius, celsius, 0.85, 0, 0), 15, 400);
        return new Surroundings(
                covered ? sheet : open,
                new Face.Exposed(film, celsius, celsius, 0.9, 0, 0),
                new Face.Exposed(film, celsius, celsius, 0.9, 0.05, vapour));
    }

    private static List<Layer> layers(Outline fish, boolean salt, double stepM, double saltStepM) {
        List<Layer> layers = new ArrayList<>();
        if (!salt) {
            return List.of(Layer.flesh(fish, stepM, CONTACT));
        }
        Outline raised = new Outline.Raised(fish, 0.01);
        layers.add(Layer.flesh(raised, stepM, CONTACT));
        Outline heap = new Outline.Mound(fish.halfWidth() + 0.01, fish.height() + 0.02, 0.01 + fish.height() / 2);
        layers.add(new Layer(SALT, heap, List.of(raised), saltStepM, CONTACT));
        return layers;
    }

    @ParameterizedTest
    @CsvSource({
        "portion in the open, false, false, false, 8, 900, 0.3",
        "short portion, false, false, false, 8, 900, 0.9",
        "portion in foil, false, true, false, 8, 900, 0.3",
        "portion from frozen, false, false, false, -18, 1800, 0.5",
        "whole fish, true, false, false, 8, 2400, 0.8",
        "whole fish in salt, true, false, true, 8, 3000, 1.0"
    })
    void theTwoAgree(
            String what, boolean whole, boolean covered, boolean salt, double startC, double seconds, double within) {
        Outline fish =
                whole ? new Outline.Ellipse(0.079, 0.063) : new Outline.RoundedRectangle(0.035, 0.025, 0.011, 0.0025);
        double step = whole ? 0.063 / 22 : 0.002;
        boolean isShort = what.startsWith("short");
        double length = isShort ? 0.06 : 1;
        SectionSolver ours = new SectionSolver(
                new SectionBuilder(layers(fish, salt, step, 2 * step), 0.001, length, isShort ? 4 : 1).build(),
                FLESH,
                STEEL,
                DAMP);
        ElementSectionSolver other = new ElementSectionSolver(
                new ElementSectionBuilder(
                                layers(fish, salt, fish.height() / 16, fish.height() / 32),
                                Wall.sheet(0.001),
                                length,
                                isShort ? 5 : 1)
                        .ofOrder(salt ? 2 : 4)
                        .build(),
                0.1,
                FLESH,
                STEEL,
                DAMP);
        SectionState state = ours.start(startC, 22, 22);
        ElementSectionState otherState = other.start(startC, 22, 22);
        ours.advance(state, around(covered, 11, 230, 2300), seconds);
        other.advance(otherState, around(covered, 11, 230, 2300), seconds);
        assertThat(state.coldestC()).as("%s, middle", what).isCloseTo(otherState.coldestC(), within(within));
        assertThat(ours.meanC(state)).as("%s, mean", what).isCloseTo(other.meanC(otherState), within(within));
        ours.advance(state, around(covered, 5, 22, 1300), 300);
        other.advance(otherState, around(covered, 5, 22, 1300), 300);
        assertThat(ours.meanC(state)).as("%s, rested", what).isCloseTo(other.meanC(otherState), within(within));
        // Cells have their middles inside, nodes lie on the very corner, which cools first.
        assertThat(state.coldestPeakC()).as("%s, peak", what).isCloseTo(otherState.coldestPeakC(), within(2 * within));
        double arrived = otherState.arrivedJ - otherState.vapourJ;
        double stored = other.storedJ(otherState) - other.storedJ(other.start(startC, 22, 22));
        assertThat(stored).as("%s, heat", what).isCloseTo(arrived, within(1e-6 * otherState.arrivedJ));
    }
}
