package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Sections of several layers: where their places are, what crosses a hole, what a stack holds; and the method in time. */
class SectionTest {

    private static final double K = 0.5;
    private static final double HEAT_CAPACITY = 3.7e6;
    private static final double START_C = 5;
    private static final double AIR_C = 200;
    private static final Material FLESH = Material.constant(K, HEAT_CAPACITY);
    private static final int BED = 2;

    private static Face air(double film, double celsius) {
        return new Face.Exposed(film, celsius, celsius, 0, 0, 0);
    }

    private static SectionBuilder alone(Outline outline, double stepM, double lengthM, int planes) {
        return new SectionBuilder(List.of(Layer.flesh(outline, stepM, 1)), Wall.NONE, lengthM, planes);
    }

    /** Beside the fish it is the nearest of its nodes. */
    @Test
    void aPlaceOutsideIsTheNearestNode() {
        Section section = alone(new Outline.RoundedRectangle(0.03, 0.02, 0, 0), 0.0025, 1, 1)
                .build();
        double[] celsius = section.x.clone();
        assertThat(section.place(Section.FLESH, 0.05, 0.02).of(celsius)).isCloseTo(0.03, within(1e-9));
        assertThat(section.place(Section.FLESH, 0.05, 0.02).of(section.y)).isCloseTo(0.02, within(1e-9));
        assertThat(section.place(Section.FLESH, 0.029, -0.03).of(section.y)).isCloseTo(0, within(1e-9));
        assertThat(section.place(Section.FLESH, 0.029, -0.03).of(section.x)).isCloseTo(0.03, within(0.0015));
        assertThat(section.place(Section.FLESH, 0.05, 0.02).inside()).isFalse();
    }

    /** Where polynomials go beyond what is round a place, what is taken over does not. */
    @Test
    void whatIsTakenFromAPlaceIsNoMoreThanItsNodesHave() {
        Section section = alone(new Outline.RoundedRectangle(0.03, 0.02, 0, 0), 0.0025, 1, 1)
                .build();
        double[] step = new double[section.nodes];
        double[] even = new double[section.nodes];
        for (int i = 0; i < step.length; i++) {
            step[i] = section.y[i] < 0.0099 ? 0 : 1;
            even[i] = 7 + 100 * section.x[i] - 50 * section.y[i];
        }
        boolean beyond = false;
        for (int i = 1; i < 200; i++) {
            Place place = section.place(Section.FLESH, 0.0123, i * 0.0001);
            beyond |= place.of(step) > 1 + 1e-6 || place.of(step) < -1e-6;
            assertThat(place.within(step, 0)).isBetween(-1e-12, 1 + 1e-12);
            assertThat(place.within(even, 0)).isCloseTo(7 + 1.23 - 50 * i * 0.0001, within(1e-9));
        }
        assertThat(beyond).as("some polynomial goes beyond").isTrue();
    }

    /** Every place inside is found in its element, and as exactly as its nodes lie round it. */
    @Test
    void aPlaceIsWhereItsNodesSayItIs() {
        double radius = 0.02;
        Section section =
                alone(new Outline.Ellipse(radius, 2 * radius), radius / 6, 1, 1).build();
        for (int i = 0; i < 2000; i++) {
            // Spread evenly over the half disc.
            double r = 0.999 * radius * Math.sqrt((i + 0.5) / 2000);
            double angle = Math.PI * ((i * 0.618) % 1 - 0.5);
            Place place = section.place(Section.FLESH, r * Math.cos(angle), radius + r * Math.sin(angle));
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
        assertThat(section.place(Section.FLESH, radius, 2 * radius).inside()).isFalse();
    }

    /** What is empty is crossed by what air and radiation across it carry, and by nothing else. */
    @Test
    void aHoleIsCrossedByAirAndRadiation() {
        Outline fish = new Outline.Ellipse(0.08, 0.06);
        Outline belly = new Outline.Raised(new Outline.Ellipse(0.03, 0.008), 0.026);
        Section section = new SectionBuilder(
                        List.of(new Layer(Section.FLESH, fish, List.of(belly), 0.005, 250)), Wall.NONE, 1, 1)
                .build();
        double conducts = Arrays.stream(section.conductance).sum();
        double expected = 0;
        int bits = 10_000;
        for (int i = 0; i < bits; i++) {
            double x = 0.03 * (i + 0.5) / bits;
            double gap = belly.upper(x) - belly.lower(x);
            double wide = 0.03 / bits * Math.hypot(1, slope(belly, x));
            expected += wide * (Contacts.AIR_W_MK / gap + Contacts.RADIATION_W_M2K);
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
        Section section = new SectionBuilder(
                        List.of(
                                new Layer(Section.FLESH, fish, List.of(), 0.004, 250),
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
        SectionSolver solver = new SectionSolver(section, 0.3, FLESH, steel, FLESH, Material.constant(2.4, 4e6), FLESH);
        SectionState state = solver.start(5, 22, 22, 40, 10);
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
