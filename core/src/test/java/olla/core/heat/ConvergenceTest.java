package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;

/**
 * How errors shrink with the distance of nodes and with what a step may be wrong, for a round
 * piece, one that lies in a layer, a thawing slab. What is right is the same by elements of sixth order in tiny steps; those of second
 * order are held against closed forms elsewhere ({@link SectionSolverSeriesTest}).
 */
class ConvergenceTest {

    private static final int LAYER = 2;
    private static final double DONE_S = 1200;
    private static final Material FLESH = Material.constant(0.5, 3.6e6);
    private static final Material SALT = Material.constant(1.7, 1.6e6);
    private static final Face HOT = new Face.Exposed(30, 200, 200, 0, 0, 0);

    /* Places from the middle to the faces, as shares of half the height. */
    private static final double[] PLACES = {-1, -0.5, 0, 0.5, 1};

    private static double[] solved(List<Layer> layers, int order, double toleranceK, Material flesh, double startC) {
        Section section =
                new SectionBuilder(layers, Wall.NONE, 1, 1).ofOrder(order).build();
        SectionSolver solver = new SectionSolver(section, toleranceK, flesh, FLESH, SALT);
        SectionState state = solver.start(startC, 20, 20);
        solver.advance(state, new Surroundings(HOT, HOT, HOT), DONE_S);
        Outline outline = layers.get(0).outline();
        double[] celsius = new double[PLACES.length];
        for (int i = 0; i < celsius.length; i++) {
            double y = outline.base() + outline.height() * (1 + 0.999 * PLACES[i]) / 2;
            celsius[i] = solver.celsius(state, section.place(Section.FLESH, 0, y));
        }
        return celsius;
    }

    private static double worst(double[] a, double[] b) {
        double worst = 0;
        for (int i = 0; i < a.length; i++) {
            worst = Math.max(worst, Math.abs(a[i] - b[i]));
        }
        return worst;
    }

    private static List<Layer> round(double stepM) {
        return List.of(Layer.flesh(new Outline.Ellipse(0.02, 0.04), stepM, 1));
    }

    private static List<Layer> inLayer(double stepM) {
        Outline fish = new Outline.Raised(new Outline.Ellipse(0.079, 0.063), 0.01);
        return List.of(
                Layer.flesh(fish, stepM, 1),
                new Layer(LAYER, new Outline.Ellipse(0.089, 0.083), List.of(fish), stepM, 250));
    }

    private static List<Layer> slab(double stepM) {
        return List.of(Layer.flesh(new Outline.RoundedRectangle(0.12, 0.025, 0, 0), stepM, 1));
    }

    private static void isOfSecondOrder(
            DoubleFunction<List<Layer>> layers, double stepM, Material flesh, double startC) {
        double[] right = solved(layers.apply(stepM / 2), 6, 1e-4, flesh, startC);
        double coarse = worst(solved(layers.apply(stepM), 2, 1e-4, flesh, startC), right);
        double fine = worst(solved(layers.apply(stepM / 2), 2, 1e-4, flesh, startC), right);
        double finest = worst(solved(layers.apply(stepM / 4), 2, 1e-4, flesh, startC), right);
        assertThat(coarse / finest).as("%s, %s, %s K", coarse, fine, finest).isGreaterThan(14);
    }

    /** As the application's fine mesh has it: a quarter of a kelvin in the middle and half of one at the faces. */
    @Test
    void eightIntervalsAreEnoughForThePieceInAnyShape() {
        for (double wide : new double[] {0.4, 0.7, 1, 1.5, 2.5, 4}) {
            double step = Math.min(0.04, 0.04 * wide) / 8;
            List<Layer> piece = List.of(Layer.flesh(new Outline.Ellipse(0.02 * wide, 0.04), step, 1));
            double[] right = solved(piece, 6, 1e-4, FLESH, 8);
            double[] ours = solved(piece, 2, SectionSolver.FINE_K, FLESH, 8);
            assertThat(ours[2]).as("middle, %s", wide).isCloseTo(right[2], within(0.25));
            assertThat(worst(ours, right)).as("%s", wide).isLessThan(0.5);
        }
    }

    @Test
    void aRoundPieceIsOfSecondOrderInItsNodes() {
        isOfSecondOrder(ConvergenceTest::round, 0.04 / 6, FLESH, 8);
    }

    @Test
    void onePieceInALayerIsOfSecondOrderInItsNodes() {
        isOfSecondOrder(ConvergenceTest::inLayer, 0.063 / 6, FLESH, 8);
    }

    /** Where ice melts the flux has a kink that no element's edge follows. */
    @Test
    void aThawingSlabConvergesInItsNodes() {
        Material frozen = new ChoiOkos(0.81, 0.178, 0.007, 0.012, -2.2).material();
        double[] right = solved(slab(0.025 / 32), 4, 1e-2, frozen, -18);
        double coarse = worst(solved(slab(0.025 / 8), 2, 1e-2, frozen, -18), right);
        double fine = worst(solved(slab(0.025 / 16), 2, 1e-2, frozen, -18), right);
        double finest = worst(solved(slab(0.025 / 32), 2, 1e-2, frozen, -18), right);
        assertThat(coarse / finest).as("%s, %s, %s K", coarse, fine, finest).isGreaterThan(10);
    }

    @Test
    void errorsShrinkWithWhatAStepMayBeWrong() {
        Material frozen = new ChoiOkos(0.81, 0.178, 0.007, 0.012, -2.2).material();
        for (Material flesh : List.of(FLESH, frozen)) {
            double startC = flesh == FLESH ? 8 : -18;
            double[] right = solved(slab(0.025 / 8), 2, 1e-5, flesh, startC);
            double[] errors = new double[4];
            for (int i = 0; i < errors.length; i++) {
                errors[i] = worst(solved(slab(0.025 / 8), 2, 3 * Math.pow(10, -i), flesh, startC), right);
            }
            assertThat(errors[0] / errors[3]).as("%s K", errors).isGreaterThan(15);
            assertThat(errors[1]).as("as the application has it").isLessThan(0.15);
        }
    }
}
