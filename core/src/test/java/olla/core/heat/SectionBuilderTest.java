package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Geometry: whatever the step, the elements make up the shape. */
class SectionBuilderTest {

    private static double flesh(Section section) {
        return section.fleshVolume() * section.symmetry();
    }

    private static SectionBuilder alone(Outline outline, double stepM, Wall wall, double lengthM, int planes) {
        return new SectionBuilder(List.of(Layer.flesh(outline, stepM, 250)), wall, lengthM, planes);
    }

    private static double open(Section section, int material) {
        double sum = 0;
        for (int f = 0; f < section.faceNode.length; f++) {
            sum += section.material[section.faceNode[f]] == material ? section.faceArea[f] : 0;
        }
        return sum;
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.002, 0.004, 0.008})
    void theElementsOfAnEllipseMakeUpItsArea(double step) {
        Section section = alone(new Outline.Ellipse(0.05, 0.04), step, Wall.sheet(0.001), 0.3, 1)
                .build();
        double exact = Math.PI * 0.05 * 0.02 * 0.3;
        assertThat(flesh(section)).isCloseTo(exact, within(0.005 * exact));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.003, 0.005})
    void theElementsOfATurnedCircleMakeUpTheSphere(double step) {
        Section section =
                SectionBuilder.turned(new Outline.Ellipse(0.03, 0.06), step).build();
        double exact = 4.0 / 3 * Math.PI * Math.pow(0.03, 3);
        assertThat(section.fleshVolume()).isCloseTo(exact, within(0.01 * exact));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 5})
    void planesAlongTheLengthChangeNoVolume(int planes) {
        Outline outline = new Outline.RoundedRectangle(0.03, 0.024, 0.01, 0.002);
        Section section = alone(outline, 0.003, Wall.sheet(0.001), 0.06, planes).build();
        Section whole = alone(outline, 0.003, Wall.sheet(0.001), 0.06, 1).build();
        assertThat(flesh(section)).isCloseTo(flesh(whole), within(1e-12));
        assertThat(section.unknowns()).isEqualTo(planes * whole.unknowns());
    }

    /** Nodes that lie together are one: otherwise an element would end where it does not. */
    @ParameterizedTest
    @ValueSource(doubles = {0.001, 0.0025, 0.006})
    void theOpenFacesOfAnEllipseAreItsGirth(double step) {
        Section section =
                alone(new Outline.Ellipse(0.05, 0.04), step, Wall.NONE, 1, 1).build();
        // By Ramanujan's formula.
        double girth = Math.PI * (3 * 0.07 - Math.sqrt((3 * 0.05 + 0.02) * (0.05 + 3 * 0.02)));
        assertThat(open(section, Section.FLESH)).isCloseTo(girth / 2, within(0.002 * girth));
    }

    @Test
    void theOpenFacesOfABlockAreItsSides() {
        Outline block = new Outline.RoundedRectangle(0.03, 0.02, 0, 0);
        Section section = alone(block, 0.002, Wall.sheet(0.001), 1, 1).build();
        assertThat(open(section, Section.FLESH)).isCloseTo(0.03 + 0.02, within(1e-4));
        assertThat(open(section, Section.TRAY)).isCloseTo(0.03, within(1e-9));
    }

    @Test
    void aRoundPieceTouchesItsTrayInTheMiddleOnly() {
        Section section = alone(new Outline.Ellipse(0.06, 0.05), 0.004, Wall.sheet(0.001), 1, 1)
                .build();
        double open = open(section, Section.FLESH);
        double girth = Math.PI * (3 * 0.085 - Math.sqrt((3 * 0.06 + 0.025) * (0.06 + 3 * 0.025))) / 2;
        assertThat(girth - open).isBetween(0.01, 0.05);
    }

    @Test
    void aPlaceIsWhatTheNodesRoundItAre() {
        Section section =
                alone(new Outline.Ellipse(0.04, 0.04), 0.004, Wall.NONE, 1, 1).build();
        for (double[] at : new double[][] {{0, 0.02}, {0.013, 0.027}, {0.03, 0.011}, {0.0399, 0.02}}) {
            Place place = section.place(Section.FLESH, at[0], at[1]);
            double x = 0;
            double y = 0;
            for (int i = 0; i < place.nodes.length; i++) {
                x += place.weights[i] * section.x[place.nodes[i]];
                y += place.weights[i] * section.y[place.nodes[i]];
            }
            assertThat(place.inside()).isTrue();
            assertThat(x).isCloseTo(at[0], within(1e-9));
            assertThat(y).isCloseTo(at[1], within(1e-9));
        }
        assertThat(section.place(Section.FLESH, 0.04, 0.04).inside()).isFalse();
    }

    @Test
    void aMaterialWhoseEnthalpyFallsIsRefused() {
        assertThatThrownBy(() -> Material.of(t -> 0.5, t -> -t)).isInstanceOf(IllegalArgumentException.class);
    }
}
