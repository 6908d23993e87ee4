package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WallTest {

    private static final int CELLS = 2000;
    private static final double FACE_W_M2K = 35;
    private static final double STANDS_OUT_M = 0.03;

    /** A fin cut into two thousand pieces and eliminated from its tip, by hand: what it brings for a kelvin at its foot, against twice its strip's faces. */
    @ParameterizedTest
    @CsvSource({"0.001, 50, 35", "0.001, 50, 15", "0.001, 6, 15", "0.003, 200, 25"})
    void aStripBringsWhatAFinBrings(double thickM, double alongWmK, double faceWm2K) {
        double step = STANDS_OUT_M / CELLS;
        double along = alongWmK * thickM / step;
        double faces = 2 * faceWm2K * step;
        double brings = 0;
        for (int cell = 0; cell < CELLS; cell++) {
            double here = brings + faces;
            brings = 1 / (1 / here + 1 / along);
        }
        double strip = new Wall(thickM, Double.POSITIVE_INFINITY, alongWmK, faceWm2K).finM();
        assertThat(2 * faceWm2K * strip).isCloseTo(brings, within(0.005 * brings));
    }

    /** A fish on a sheet that stands out warms sooner than on one that ends with it, and at first at its edge: what goes along the sheet
     * goes by the root of k t over what the fish and the oven take on the way, one to three centimetres. */
    @ParameterizedTest
    @CsvSource({"60, 2", "300, 1"})
    void aSheetThatStandsOutWarmsItsFish(double seconds, double times) {
        double[] warmer = new double[2];
        for (int k = 0; k < 2; k++) {
            double x = k == 0 ? 0.001 : 0.036;
            warmer[k] = under(new Wall(0.001, Double.POSITIVE_INFINITY, 50, FACE_W_M2K), seconds, x)
                    - under(Wall.sheet(0.001), seconds, x);
        }
        assertThat(warmer[0]).isPositive();
        assertThat(warmer[1]).isGreaterThan(times * warmer[0]);
    }

    private static double under(Wall wall, double seconds, double x) {
        Outline block = new Outline.RoundedRectangle(0.038, 0.025, 0, 0);
        Section section = new SectionBuilder(List.of(Layer.flesh(block, 0.003, 250)), wall, 1, 1).build();
        Material flesh = Material.constant(0.5, 3.7e6);
        SectionSolver solver = new SectionSolver(section, flesh, Material.constant(50, 3.8e6));
        SectionState state = solver.start(8, 20);
        Face oven = new Face.Exposed(FACE_W_M2K, 200, 200, 0, 0, 0);
        solver.advance(state, new Surroundings(oven, oven), seconds);
        return solver.celsius(state, section.place(Section.FLESH, x, 0.0005));
    }
}
