package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Geometry: whatever the grid, the cells make up the shape. */
class SectionBuilderTest {

    private static double flesh(Section section) {
        return section.fleshVolume() * section.symmetry();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.001, 0.002, 0.003, 0.005})
    void theCellsOfAnEllipseMakeUpItsArea(double step) {
        Section section = new SectionBuilder(new Outline.Ellipse(0.05, 0.04), step, 0.001, 250, 0.3, 1).build();
        double exact = Math.PI * 0.05 * 0.02 * 0.3;
        assertThat(flesh(section)).isCloseTo(exact, within(0.005 * exact));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.001, 0.002, 0.004})
    void theCellsOfATurnedCircleMakeUpTheSphere(double step) {
        Section section = SectionBuilder.turned(new Outline.Ellipse(0.03, 0.06), step, 0, 1)
                .build();
        double exact = 4.0 / 3 * Math.PI * Math.pow(0.03, 3);
        assertThat(flesh(section)).isCloseTo(exact, within(0.02 * exact));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 5})
    void slicingTheLengthChangesNoVolume(int slices) {
        Outline outline = new Outline.RoundedRectangle(0.03, 0.024, 0.01, 0.002);
        Section section = new SectionBuilder(outline, 0.002, 0.001, 250, 0.06, slices).build();
        Section whole = new SectionBuilder(outline, 0.002, 0.001, 250, 0.06, 1).build();
        assertThat(flesh(section)).isCloseTo(flesh(whole), within(1e-12));
        assertThat(section.cells()).isEqualTo(slices * whole.cells());
    }

    @Test
    void everyPlaceInsideHasACellAndNoneOutside() {
        Outline outline = new Outline.Ellipse(0.04, 0.04);
        Section section = new SectionBuilder(outline, 0.002, 0, 1, 1, 1).build();
        assertThat(section.cellAt(0, section.rows() / 2)).isNotNegative();
        assertThat(section.cellAt(section.columns() - 1, section.rows() - 1)).isNegative();
        assertThat(section.cellNear(0.04, 0.04)).isBetween(0, section.cells() - 1);
    }

    @Test
    void theOpenFacesOfABlockAreItsSides() {
        Outline block = new Outline.RoundedRectangle(0.03, 0.02, 0, 0);
        Section section = new SectionBuilder(block, 0.002, 0.001, 250, 1, 1).build();
        double upper = 0;
        double under = 0;
        for (int f = 0; f < section.faceArea.length; f++) {
            if (section.faceMaterial[f] == Section.FLESH) {
                upper += section.faceArea[f];
            } else {
                under += section.faceArea[f];
            }
        }
        assertThat(upper).isCloseTo(0.03 + 0.02, within(1e-9));
        assertThat(under).isCloseTo(0.03, within(1e-9));
    }

    @Test
    void aRoundPieceTouchesItsTrayInTheMiddleOnly() {
        Section section = new SectionBuilder(new Outline.Ellipse(0.06, 0.05), 0.002, 0.001, 250, 1, 1).build();
        double onTray = 0;
        for (int l = 0; l < section.linkA.length; l++) {
            if (section.linkContact[l] > 0) {
                onTray += section.linkArea[l];
                assertThat(section.linkContact[l]).isGreaterThanOrEqualTo(1 / 250.0 - 1e-12);
            }
        }
        assertThat(onTray).isBetween(0.01, 0.05);
    }

    @Test
    void aMaterialWhoseEnthalpyFallsIsRefused() {
        assertThatThrownBy(() -> Material.of(t -> 0.5, t -> -t)).isInstanceOf(IllegalArgumentException.class);
    }
}
