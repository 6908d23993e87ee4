package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The solver against the closed-form series: Carslaw and Jaeger 1959, Incropera's tables. A heating from 5 to 200 °C has
 * to agree within 0.2 % on the application's grid of 2 mm, and within 0.15 °C on one of 1 mm.
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

    /* Error of the cell nearest to a point, K, against a series evaluated where the cell's centre is. */
    private static double slabError(double stepM, double film, double seconds) {
        double half = 0.0125;
        // So wide that the sides do not count at the middle.
        Outline outline = new Outline.RoundedRectangle(0.12, 2 * half, 0, 0);
        Section section = new SectionBuilder(outline, stepM, 0, 1, 1, 1).build();
        SectionSolver solver = new SectionSolver(section, FLESH);
        SectionState state = solver.start(START_C);
        solver.advance(state, air(film), seconds);
        int rows = section.rows();
        int row = rows / 2;
        double y = (row + 0.5) * 2 * half / rows;
        double expected = celsius(Series.slab(film * half / K, fourier(seconds, half), (y - half) / half));
        return solver.cellC(state, section.cellAt(0, row)) - expected;
    }

    @ParameterizedTest
    @CsvSource({"15,300", "15,900", "40,600", "40,1200", "250,600"})
    void aWideBlockFollowsTheSlabSeries(double film, double seconds) {
        assertThat(slabError(0.002, film, seconds)).isCloseTo(0, within(0.002 * (AIR_C - START_C)));
        assertThat(slabError(0.001, film, seconds)).isCloseTo(0, within(0.15));
    }

    @Test
    void halvingTheGridQuartersTheError() {
        double coarse = Math.abs(slabError(0.004, 40, 600));
        double fine = Math.abs(slabError(0.002, 40, 600));
        assertThat(coarse / fine).isGreaterThan(3);
    }

    @ParameterizedTest
    @CsvSource({"15,900", "40,600", "40,1500"})
    void aRoundSectionFollowsTheCylinderSeries(double film, double seconds) {
        double radius = 0.02;
        Section section = new SectionBuilder(new Outline.Ellipse(radius, 2 * radius), 0.001, 0, 1, 1, 1).build();
        SectionSolver solver = new SectionSolver(section, FLESH);
        SectionState state = solver.start(START_C);
        solver.advance(state, air(film), seconds);
        double r = Math.hypot(0.5, 0.5) * 0.001 / radius;
        double expected = celsius(Series.cylinder(film * radius / K, fourier(seconds, radius), r));
        assertThat(solver.cellC(state, section.cellNear(1e-6, radius + 1e-6)))
                .isCloseTo(expected, within(0.002 * (AIR_C - START_C)));
    }

    @ParameterizedTest
    @CsvSource({"15,900", "40,600", "40,1200"})
    void aTurnedCircleFollowsTheSphereSeries(double film, double seconds) {
        double radius = 0.02;
        Section section = SectionBuilder.turned(new Outline.Ellipse(radius, 2 * radius), 0.001, 0, 1)
                .build();
        SectionSolver solver = new SectionSolver(section, FLESH);
        SectionState state = solver.start(START_C);
        solver.advance(state, air(film), seconds);
        double r = Math.hypot(0.5, 0.5) * 0.001 / radius;
        double expected = celsius(Series.sphere(film * radius / K, fourier(seconds, radius), r));
        assertThat(solver.cellC(state, section.cellNear(1e-6, radius + 1e-6)))
                .isCloseTo(expected, within(0.002 * (AIR_C - START_C)));
    }

    @Test
    void aSlicedCubeFollowsTheProductOfThreeSlabs() {
        double half = 0.016;
        Outline outline = new Outline.RoundedRectangle(half, 2 * half, 0, 0);
        Section section = new SectionBuilder(outline, 0.002, 0, 1, 2 * half, 8).build();
        SectionSolver solver = new SectionSolver(section, FLESH);
        SectionState state = solver.start(START_C);
        double film = 40;
        double seconds = 600;
        solver.advance(state, air(film), seconds);
        double off = 0.001 / half;
        double slab = Series.slab(film * half / K, fourier(seconds, half), off);
        assertThat(solver.cellC(state, section.cellNear(1e-6, half + 1e-6)))
                .isCloseTo(celsius(slab * slab * slab), within(0.002 * (AIR_C - START_C)));
    }
}
