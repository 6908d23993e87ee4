package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FaceTest {

    private static double[] tangent(Face face, double celsius) {
        double[] into = new double[Face.TANGENT];
        face.tangent(celsius, 0, into, 0);
        return into;
    }

    @ParameterizedTest
    @CsvSource({"5.1", "45.1", "80.1", "99.1"})
    void slopesAreThoseOfTheFluxes(double celsius) {
        Face.Exposed open = new Face.Exposed(11, 230, 230, 0.9, 0.25, 2300);
        Face.Covered covered = new Face.Covered(new Face.Exposed(11, 230, 230, 0.2, 0, 0), 15, 300);
        for (Face face : new Face[] {open, covered}) {
            double[] here = tangent(face, celsius);
            double[] above = tangent(face, celsius + 0.01);
            double[] below = tangent(face, celsius - 0.01);
            assertThat(here[1]).isCloseTo((above[0] - below[0]) / 0.02, within(0.02 * Math.abs(here[1])));
            assertThat(here[3]).isCloseTo((above[2] - below[2]) / 0.02, within(0.03 * here[3] + 1e-9));
        }
    }

    /** By hand: black walls at 227 °C (500 K) on a face at 27 °C (300 K) give 5.670374e-8 (500⁴ - 300⁴) = 3084.7 W/m². */
    @ParameterizedTest
    @CsvSource({"226.85,26.85,3084.7"})
    void radiationFollowsStefanAndBoltzmann(double wallC, double faceC, double watts) {
        Face black = new Face.Exposed(0, 0, wallC, 1, 0, 0);
        assertThat(tangent(black, faceC)[0]).isCloseTo(watts, within(0.5));
    }
}
