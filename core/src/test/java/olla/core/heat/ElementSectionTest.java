package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The other method that the application's solver is held against, spectral elements in linearly implicit steps, is itself held
 * against closed-form series (Carslaw and Jaeger 1959, Incropera's tables), Plank's equation (published: Singh and Heldman,
 * Introduction to Food Engineering, from memory), composite walls (published: Incropera, from memory) and the order that it is
 * said to have.
 */
class ElementSectionTest {

    private static final double K = 0.5;
    private static final double HEAT_CAPACITY = 3.7e6;
    private static final double START_C = 5;
    private static final double AIR_C = 200;
    private static final Material FLESH = Material.constant(K, HEAT_CAPACITY);
    private static final int BED = 2;

    private static Face air(double film, double celsius) {
        return new Face.Exposed(film, celsius, celsius, 0, 0, 0);
    }

    private static double celsius(double excess) {
        return AIR_C + (START_C - AIR_C) * excess;
    }

    private static double fourier(double seconds, double half) {
        return K / HEAT_CAPACITY * seconds / (half * half);
    }

    private static ElementSectionBuilder alone(Outline outline, double stepM, double lengthM, int planes) {
        return new ElementSectionBuilder(List.of(Layer.flesh(outline, stepM, 1)), Wall.NONE, lengthM, planes);
    }

    private static double warms(
            ElementSectionBuilder builder, double toleranceK, double film, double seconds, double x, double y) {
        ElementSection section = builder.build();
        ElementSectionSolver solver = new ElementSectionSolver(section, toleranceK, FLESH, FLESH);
        ElementSectionState state = solver.start(START_C, START_C);
        solver.advance(state, new Surroundings(air(film, AIR_C), air(film, AIR_C)), seconds);
        return solver.celsius(state, section.place(ElementSection.FLESH, x, y));
    }

    /* Error in a wide slab, 0 in its middle and 1 at its face, K. */
    private static double slabError(int intervals, double toleranceK, double film, double seconds, double fromMiddle) {
        double half = 0.0125;
        Outline outline = new Outline.RoundedRectangle(0.12, 2 * half, 0, 0);
        double expected = celsius(Series.slab(film * half / K, fourier(seconds, half), fromMiddle));
        ElementSectionBuilder builder = alone(outline, 2 * half / intervals, 1, 1);
        return warms(builder, toleranceK, film, seconds, 0, half + fromMiddle * half) - expected;
    }

    @ParameterizedTest
    @CsvSource({"15,300", "15,900", "40,600", "40,1200", "250,600"})
    void aWideBlockFollowsTheSlabSeries(double film, double seconds) {
        for (double place : new double[] {0, 0.4, 1}) {
            assertThat(slabError(12, 0.3, film, seconds, place))
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
    void aRoundSectionFollowsTheCylinderSeriesAllRound(double film, double seconds) {
        double radius = 0.02;
        Outline circle = new Outline.Ellipse(radius, 2 * radius);
        for (double r : new double[] {0, 0.5, 1}) {
            double expected = celsius(Series.cylinder(film * radius / K, fourier(seconds, radius), r));
            for (double angle : new double[] {-Math.PI / 2, 0, 0.6}) {
                double x = 0.999999 * r * radius * Math.cos(angle);
                double y = radius + 0.999999 * r * radius * Math.sin(angle);
                assertThat(warms(alone(circle, radius / 6, 1, 1), 0.3, film, seconds, x, y))
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
        ElementSectionBuilder sphere =
                ElementSectionBuilder.turned(new Outline.Ellipse(radius, 2 * radius), radius / 8);
        assertThat(warms(sphere, 0.3, film, seconds, r * radius, radius))
                .isCloseTo(expected, within(0.002 * (AIR_C - START_C)));
    }

    @Test
    void aCubeInPlanesFollowsTheProductOfThreeSlabs() {
        double half = 0.016;
        Outline outline = new Outline.RoundedRectangle(half, 2 * half, 0, 0);
        double slab = Series.slab(40 * half / K, fourier(600, half), 0);
        for (int planes : new int[] {4, 5}) {
            assertThat(warms(alone(outline, half / 6, 2 * half, planes), 0.3, 40, 600, 0, half))
                    .isCloseTo(celsius(slab * slab * slab), within(0.002 * (AIR_C - START_C)));
        }
    }

    /** A slab freezes in Plank's time; his equation leaves out sensible heat, so the material has next to none. */
    @Test
    void aSlabFreezesInPlanksTime() {
        double latent = 250e6;
        Material planks =
                Material.of(t -> 1.2, t -> 2e4 * t + latent * Math.max(0, Math.min(1, (t + 1.25 + 0.1) / 0.2)));
        double thick = 0.04;
        Outline slab = new Outline.RoundedRectangle(0.1, thick, 0, 0);
        ElementSection section = alone(slab, thick / 12, 1, 1).build();
        ElementSectionSolver solver = new ElementSectionSolver(section, 0.3, planks, planks);
        ElementSectionState state = solver.start(-1.05, -1.05);
        Place middle = section.place(ElementSection.FLESH, 0, thick / 2);
        Surroundings blast = new Surroundings(air(50, -40), air(50, -40));
        while (solver.celsius(state, middle) > -1.35) {
            solver.advance(state, blast, 20);
        }
        double time = latent / (40 - 1.25) * (thick / (2 * 50) + thick * thick / (8 * 1.2));
        assertThat(state.seconds).isCloseTo(time, within(0.05 * time));
    }

    /** A composite wall in steady state passes q = (T1 - T2) / (1/h1 + L1/k1 + R + L2/k2 + R + wall + 1/h2). */
    @ParameterizedTest
    @CsvSource({"20,0.5,10,1.4,150", "30,0.45,8,0.3,250", "12,0.6,25,1.1,80"})
    void aLayeredSlabPassesWhatItsResistancesInSeriesDo(
            double upperMm, double upperK, double lowerMm, double lowerK, double contact) {
        double upper = upperMm / 1000;
        double lower = lowerMm / 1000;
        Outline bed = new Outline.RoundedRectangle(0.3, lower, 0, 0);
        Outline flesh = new Outline.Raised(new Outline.RoundedRectangle(0.3, upper, 0, 0), lower);
        ElementSection section = new ElementSectionBuilder(
                        List.of(
                                new Layer(ElementSection.FLESH, flesh, List.of(), 0.002, 300),
                                new Layer(BED, bed, List.of(), 0.002, contact)),
                        new Wall(0.006, 1.2),
                        1,
                        1)
                .build();
        ElementSectionSolver solver = new ElementSectionSolver(
                section,
                0.3,
                Material.constant(upperK, 2e6),
                Material.constant(1.2, 2e6),
                Material.constant(lowerK, 2e6));
        ElementSectionState state = solver.start(60, 60, 60);
        solver.advance(state, new Surroundings(air(30, 150), air(40, 20), air(30, 150)), 36_000);
        double flux = 130 / (1 / 30.0 + upper / upperK + lower / lowerK + 2 / contact + 0.006 / 1.2 + 1 / 40.0);
        assertThat(solver.topFaceC(state)).isCloseTo(150 - flux / 30, within(0.1));
        assertThat(solver.celsius(state, section.place(BED, 0, 0)))
                .isCloseTo(20 + flux * (1 / 40.0 + 0.006 / 1.2 + 1 / contact), within(0.1));
    }

    /** Every place inside is found in its element, and as exactly as its nodes lie round it. */
    @Test
    void aPlaceIsWhereItsNodesSayItIs() {
        double radius = 0.02;
        ElementSection section =
                alone(new Outline.Ellipse(radius, 2 * radius), radius / 6, 1, 1).build();
        for (int i = 0; i < 2000; i++) {
            // Spread evenly over the half disc.
            double r = 0.999 * radius * Math.sqrt((i + 0.5) / 2000);
            double angle = Math.PI * ((i * 0.618) % 1 - 0.5);
            Place place = section.place(ElementSection.FLESH, r * Math.cos(angle), radius + r * Math.sin(angle));
            double x = 0;
            double y = 0;
            for (int n = 0; n < place.nodes.length; n++) {
                x += place.weights[n] * section.x[place.nodes[n]];
                y += place.weights[n] * section.y[place.nodes[n]];
            }
            assertThat(place.inside()).as("%s m out at %s", r, angle).isTrue();
            assertThat(x).isCloseTo(r * Math.cos(angle), within(1e-9));
            assertThat(y).isCloseTo(radius + r * Math.sin(angle), within(1e-9));
        }
        assertThat(section.place(ElementSection.FLESH, radius, 2 * radius).inside())
                .isFalse();
    }

    /** What is empty is crossed by what air and radiation across it carry, and by nothing else. */
    @Test
    void aHoleIsCrossedByAirAndRadiation() {
        Outline fish = new Outline.Ellipse(0.08, 0.06);
        Outline belly = new Outline.Raised(new Outline.Ellipse(0.03, 0.008), 0.026);
        ElementSection section = new ElementSectionBuilder(
                        List.of(new Layer(ElementSection.FLESH, fish, List.of(belly), 0.005, 250)), Wall.NONE, 1, 1)
                .build();
        double conducts = Arrays.stream(section.conductance).sum();
        double expected = 0;
        int bits = 10_000;
        for (int i = 0; i < bits; i++) {
            double x = 0.03 * (i + 0.5) / bits;
            double gap = belly.upper(x) - belly.lower(x);
            double wide = 0.03 / bits * Math.hypot(1, slope(belly, x));
            expected += wide * (SectionBuilder.AIR_W_MK / gap + SectionBuilder.RADIATION_W_M2K);
        }
        // The edge is left out where it is steeper than what is said to look up.
        assertThat(conducts).isCloseTo(expected, within(0.1 * expected));
        for (int node : section.faceNode) {
            double onRim = Math.hypot(section.x[node] / 0.08, (section.y[node] - 0.03) / 0.03);
            assertThat(onRim).as("only the outside meets the oven").isCloseTo(1, within(1e-3));
        }
    }

    private static double slope(Outline outline, double x) {
        return (outline.lower(x + 1e-7) - outline.lower(x - 1e-7)) / 2e-7;
    }

    /** A fish on a bed in a liquid under a topping: each layer has its room, and what comes in is what is stored. */
    @Test
    void aStackHoldsWhatComesIn() {
        int liquid = 3;
        int topping = 4;
        Outline bed = new Outline.RoundedRectangle(0.06, 0.01, 0, 0);
        Outline fish = new Outline.Raised(new Outline.Ellipse(0.04, 0.03), 0.012);
        Outline pool = new Outline.RoundedRectangle(0.08, 0.022, 0, 0);
        ElementSection section = new ElementSectionBuilder(
                        List.of(
                                new Layer(ElementSection.FLESH, fish, List.of(), 0.004, 250),
                                new Layer(topping, new Outline.Over(fish, 0.005), List.of(), 0.003, 250),
                                new Layer(BED, bed, List.of(), 0.004, 250),
                                new Layer(liquid, pool, List.of(bed, fish), 0.004, 250)),
                        Wall.sheet(0.001),
                        1,
                        1)
                .build();
        double below = 0;
        int bits = 10_000;
        for (int i = 0; i < bits; i++) {
            double x = 0.04 * (i + 0.5) / bits;
            below += 0.04 / bits * Math.max(0, 0.022 - fish.lower(x));
        }
        assertThat(section.volumeOf(BED)).isCloseTo(0.06 * 0.01, within(1e-9));
        assertThat(section.volumeOf(liquid)).isCloseTo(0.08 * 0.022 - 0.06 * 0.01 - below, within(1e-6));
        // It ends where the fish's side is steeper than 45°.
        double steep = 0.04 * 0.04 / Math.hypot(0.04, 0.015);
        assertThat(section.volumeOf(topping)).isCloseTo(steep * 0.005, within(2e-6));

        Material steel = Material.constant(Double.POSITIVE_INFINITY, 3.85e6);
        ElementSectionSolver solver =
                new ElementSectionSolver(section, 0.3, FLESH, steel, FLESH, Material.constant(2.4, 4e6), FLESH);
        ElementSectionState state = solver.start(5, 22, 22, 40, 10);
        double before = solver.storedJ(state);
        Face hot = air(15, 200);
        solver.advance(state, new Surroundings(hot, hot, hot, hot, hot), 1200);
        assertThat(solver.storedJ(state) - before).isCloseTo(state.arrivedJ, within(1e-9 * state.arrivedJ));
        assertThat(state.coldestC()).isBetween(20.0, 100.0);
    }

    /** Third order in the length of its steps, as it is said to be, where the matrix is the exact one (a linear problem). */
    @Test
    void theMethodIsOfThirdOrder() {
        double[] error = new double[2];
        for (int fine = 0; fine < 2; fine++) {
            RosenbrockMethod method = RosenbrockMethod.ROS34PW2;
            int steps = 20 << fine;
            double h = 2.0 / steps;
            double y = 1;
            double t = 0;
            for (int n = 0; n < steps; n++) {
                double[] u = new double[method.stages];
                double next = y;
                for (int s = 0; s < method.stages; s++) {
                    double at = y;
                    double sum = 0;
                    for (int j = 0; j < s; j++) {
                        at += method.a[s][j] * u[j];
                        sum += method.c[s][j] / h * u[j];
                    }
                    // y' = -y², whose solution from 1 is 1/(1 + t); its slope where the step begins is -2y.
                    u[s] = (-at * at + sum) / (1 / (h * method.gamma) + 2 * y);
                    next += method.m[s] * u[s];
                }
                y = next;
                t += h;
            }
            error[fine] = Math.abs(y - 1 / (1 + t));
        }
        assertThat(error[0] / error[1]).isBetween(6.5, 10.0);
    }
}
