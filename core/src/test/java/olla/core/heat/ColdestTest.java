package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.DoubleBinaryOperator;
import org.junit.jupiter.api.Test;

/** The coldest between nodes, against paraboloids whose lowest place is known. */
class ColdestTest {

    private static final double HALF_WIDTH = 0.03;
    private static final double HEIGHT = 0.02;

    private static Section section(int planes) {
        return new SectionBuilder(
                        List.of(Layer.flesh(new Outline.RoundedRectangle(HALF_WIDTH, HEIGHT, 0, 0), HEIGHT / 8, 1)),
                        Wall.NONE,
                        0.06,
                        planes)
                .build();
    }

    private static double[] of(Section section, DoubleBinaryOperator celsius) {
        double[] c = new double[section.unknowns()];
        for (int i = 0; i < c.length; i++) {
            c[i] = celsius.applyAsDouble(section.x[i % section.nodes], section.y[i % section.nodes]);
        }
        return c;
    }

    private static double coldest(Section section, double[] celsius) {
        Coldest coldest = new Coldest(section);
        return coldest.about(celsius, coldest.node(celsius, Section.FLESH));
    }

    @Test
    void betweenNodesItIsWhereThePolynomialIsLowest() {
        Section section = section(1);
        for (double x0 : List.of(0.0021, 0.0055, 0.0113)) {
            for (double y0 : List.of(0.0078, 0.0091, 0.0104)) {
                double[] c = of(section, (x, y) -> 10 + 4e4 * (x - x0) * (x - x0) + 9e4 * (y - y0) * (y - y0));
                assertThat(coldest(section, c)).as("lowest at %s, %s", x0, y0).isCloseTo(10, within(1e-6));
            }
        }
    }

    @Test
    void onAnEdgeItIsThatNodesOwn() {
        Section section = section(1);
        double[] c = of(section, (x, y) -> 60 - 1000 * x - 500 * y);
        assertThat(coldest(section, c)).isCloseTo(60 - 1000 * HALF_WIDTH - 500 * HEIGHT, within(1e-9));
    }

    @Test
    void whereItIsWarmestNothingDips() {
        Section section = section(1);
        double[] c = of(section, (x, y) -> 50 - 2e4 * x * x - 3e4 * (y - HEIGHT / 2) * (y - HEIGHT / 2));
        double corner = 50 - 2e4 * HALF_WIDTH * HALF_WIDTH - 3e4 * HEIGHT * HEIGHT / 4;
        assertThat(coldest(section, c)).isCloseTo(corner, within(1e-9));
    }

    @Test
    void ofSeveralPlanesItIsTheColdestOnes() {
        Section section = section(3);
        double[] c = of(section, (x, y) -> 20 + 4e4 * (x - 0.0055) * (x - 0.0055) + 9e4 * (y - 0.0091) * (y - 0.0091));
        for (int i = section.nodes; i < 2 * section.nodes; i++) {
            c[i] -= 5;
        }
        assertThat(coldest(section, c)).isCloseTo(15, within(1e-6));
    }
}
