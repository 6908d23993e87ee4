package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The solver against the closed-form series: Carslaw and Jaeger 1959, Incropera's tables. A heating from 5 to 200 °C has
 * to agree within 0.2 °C with as many nodes as the application has, and within 0.03 °C with twice as many; the error falls as
 * the order says, with the distance of the nodes and with the length of the steps.
 */
class SectionSolverSeriesTest {

    private static final double K = 0.5;
    private static final double HEAT_CAPACITY = 3.7e6;
    private static final double START_C = 5;
    private static final double AIR_C = 200;
    private static final Material FLESH = Material.constant(K, HEAT_CAPACITY);

    private static Surroundings air(double film) {
        Face face = new Face.Exposed(film, AIR_C, AIR_C, 0, 0, 0);
        return new Surroundings(face, face);
    }

    private static double celsius(double excess) {
        return AIR_C + (START_C - AIR_C) * excess;
    }

    private static double fourier(double seconds, double half) {
        return K / HEAT_CAPACITY * seconds / (half * half);
    }

    private static double warms(
            SectionBuilder builder, double toleranceK, double film, double seconds, double x, double y) {
        Section section = builder.build();
        SectionSolver solver = new SectionSolver(section, toleranceK, FLESH, FLESH);
        SectionState state = solver.start(START_C, START_C);
        solver.advance(state, air(film), seconds);
        return solver.celsius(state, section.place(Section.FLESH, x, y));
    }

    private static SectionBuilder alone(Outline outline, double stepM, double lengthM, int planes) {
        return new SectionBuilder(List.of(Layer.flesh(outline, stepM, 1)), Wall.NONE, lengthM, planes);
    }

    /* Error in the middle of a slab and at its face, K. */
    private static double slabError(int intervals, double toleranceK, double film, double seconds, double fromMiddle) {
        double half = 0.0125;
        // So wide that the sides do not count at the middle.
        Outline outline = new Outline.RoundedRectangle(0.12, 2 * half, 0, 0);
        double expected = celsius(Series.slab(film * half / K, fourier(seconds, half), fromMiddle));
        SectionBuilder builder = alone(outline, 2 * half / intervals, 1, 1);
        return warms(builder, toleranceK, film, seconds, 0, half + fromMiddle * half) - expected;
    }

    @ParameterizedTest
    @CsvSource({"15,300", "15,900", "40,600", "40,1200", "250,600"})
    void aWideBlockFollowsTheSlabSeries(double film, double seconds) {
        for (double place : new double[] {0, 0.4, 1}) {
            assertThat(slabError(12, SectionSolver.FINE_K, film, seconds, place))
                    .as("at %s", place)
                    .isCloseTo(0, within(0.2));
            assertThat(slabError(24, 0.03, film, seconds, place))
                    .as("at %s, finer", place)
                    .isCloseTo(0, within(0.03));
        }
    }

    @Test
    void halvingTheDistanceOfNodesLeavesLessThanAFifthOfTheError() {
        double coarse = Math.abs(slabError(6, 1e-4, 40, 300, 1));
        double fine = Math.abs(slabError(12, 1e-4, 40, 300, 1));
        assertThat(coarse / fine).isGreaterThan(5);
    }

    @ParameterizedTest
    @CsvSource({"15,900", "40,600", "40,1500"})
    void aRoundSectionFollowsTheCylinderSeries(double film, double seconds) {
        double radius = 0.02;
        Outline circle = new Outline.Ellipse(radius, 2 * radius);
        for (double r : new double[] {0, 0.5, 1}) {
            double expected = celsius(Series.cylinder(film * radius / K, fourier(seconds, radius), r));
            for (double angle : new double[] {-Math.PI / 2, 0, 0.6}) {
                double x = 0.999999 * r * radius * Math.cos(angle);
                double y = radius + 0.999999 * r * radius * Math.sin(angle);
                assertThat(warms(alone(circle, radius / 6, 1, 1), SectionSolver.FINE_K, film, seconds, x, y))
                        .as("at %s of the radius, %s", r, angle)
                        .isCloseTo(expected, within(0.3));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"15,900", "40,600", "40,1200"})
    void aTurnedCircleFollowsTheSphereSeries(double film, double seconds) {
        double radius = 0.02;
        double r = 0.5;
        double expected = celsius(Series.sphere(film * radius / K, fourier(seconds, radius), r));
        SectionBuilder sphere = SectionBuilder.turned(new Outline.Ellipse(radius, 2 * radius), radius / 8);
        assertThat(warms(sphere, SectionSolver.FINE_K, film, seconds, r * radius, radius))
                .isCloseTo(expected, within(0.002 * (AIR_C - START_C)));
    }

    @Test
    void aCubeInPlanesFollowsTheProductOfThreeSlabs() {
        double half = 0.016;
        Outline outline = new Outline.RoundedRectangle(half, 2 * half, 0, 0);
        double film = 40;
        double seconds = 600;
        double slab = Series.slab(film * half / K, fourier(seconds, half), 0);
        for (int planes : new int[] {4, 5}) {
            assertThat(warms(alone(outline, half / 6, 2 * half, planes), SectionSolver.FINE_K, film, seconds, 0, half))
                    .isCloseTo(celsius(slab * slab * slab), within(0.002 * (AIR_C - START_C)));
        }
    }
}
