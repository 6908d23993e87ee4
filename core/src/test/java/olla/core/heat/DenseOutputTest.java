package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** What is between the ends of a step, against the same way in steps so short that nothing is between. */
class DenseOutputTest {

    private static final Surroundings OVEN = new Surroundings(new Face.Exposed(25, 200, 200, 0.9, 0, 0));

    private static Section block() {
        Outline outline = new Outline.RoundedRectangle(0.03, 0.02, 0, 0);
        return new SectionBuilder(List.of(Layer.flesh(outline, 0.0025, 1)), Wall.NONE, 1, 1).build();
    }

    @Test
    void aCubicKeepsItsEndsAndSlopes() {
        // p³ - 2 p² + 3 p + 1
        for (double p : List.of(0.0, 0.3, 0.5, 0.8, 1.0)) {
            assertThat(DenseOutput.cubic(1, 3, 3, 2, p)).isCloseTo(p * p * p - 2 * p * p + 3 * p + 1, within(1e-12));
        }
    }

    @Test
    void betweenTheEndsItIsAsShorterStepsHaveIt() {
        Material gel = Material.constant(0.5, 3.7e6).lettingGo(new WaterHolding(800, 0.3, 56, 5, 240));
        SectionSolver solver = new SectionSolver(block(), gel);
        SectionState state = solver.start(8);
        solver.advance(state, OVEN, 120);
        DenseOutput between = new DenseOutput(solver);
        between.from(state);
        SectionState on = state.copy();
        solver.step(on, OVEN, 90);
        between.to(on);
        double h = on.seconds() - state.seconds();
        assertThat(h).isGreaterThan(20);
        assertThat(between.beganS()).isEqualTo(state.seconds());

        SectionState then = state.copy();
        SectionSolver exact = new SectionSolver(block(), 1e-3, Material.constant(0.5, 3.7e6));
        for (double part : List.of(0.0, 0.25, 0.5, 0.75, 1.0)) {
            between.at(state.seconds() + part * h, then);
            SectionState alone = state.copy();
            exact.advance(alone, OVEN, part * h);
            assertThat(then.seconds()).isCloseTo(alone.seconds(), within(1e-9));
            for (int i = 0; i < alone.celsius.length; i++) {
                assertThat(then.celsius[i]).as("node %s at %s", i, part).isCloseTo(alone.celsius[i], within(0.1));
            }
            assertThat(then.arrivedJ() - state.arrivedJ())
                    .isCloseTo(part * (on.arrivedJ() - state.arrivedJ()), within(1e-6 * on.arrivedJ()));
            assertThat(then.coldestPeakC()).isGreaterThanOrEqualTo(state.coldestPeakC());
            double letGo = on.letGo[0] - state.letGo[0];
            assertThat(letGo).isPositive();
            assertThat(then.letGo[0]).isCloseTo(state.letGo[0] + part * letGo, within(1e-12));
        }
    }

    @Test
    void beforeAndAfterAreItsEnds() {
        SectionSolver solver = new SectionSolver(block(), Material.constant(0.5, 3.7e6));
        SectionState state = solver.start(8);
        DenseOutput between = new DenseOutput(solver);
        between.from(state);
        SectionState on = state.copy();
        solver.step(on, OVEN, 4);
        between.to(on);
        SectionState then = state.copy();
        between.at(-5, then);
        assertThat(then.enthalpy).containsExactly(state.enthalpy, within(1e-3));
        between.at(50, then);
        assertThat(then.enthalpy).containsExactly(on.enthalpy, within(1e-3));
    }

    /** What boils off is not held: the node's heat and water go straight from end to end. */
    @Test
    void whatBoilsGoesStraight() {
        SectionSolver solver =
                new SectionSolver(block(), Material.constant(0.5, 2e6).holdingWater(100, 0.2));
        SectionState state = solver.start(99);
        solver.advance(state, OVEN, 60);
        DenseOutput between = new DenseOutput(solver);
        between.from(state);
        SectionState on = state.copy();
        solver.step(on, OVEN, 60);
        between.to(on);
        SectionState half = state.copy();
        between.at((state.seconds() + on.seconds()) / 2, half);
        int boiling = 0;
        for (int i = 0; i < half.enthalpy.length; i++) {
            if (on.celsius[i] > 99.5) {
                boiling++;
                assertThat(half.enthalpy[i]).isCloseTo((state.enthalpy[i] + on.enthalpy[i]) / 2, within(1e-3));
            }
            assertThat(half.waterKgM3[i]).isCloseTo((state.waterKgM3[i] + on.waterKgM3[i]) / 2, within(1e-9));
        }
        assertThat(boiling).isPositive();
        assertThat(on.vapourJ()).isGreaterThan(state.vapourJ());
        assertThat(half.vapourJ()).isCloseTo((state.vapourJ() + on.vapourJ()) / 2, within(1e-6 * on.vapourJ()));
    }
}
