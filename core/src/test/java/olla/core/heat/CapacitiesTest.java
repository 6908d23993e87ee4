package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import olla.core.units.Temperature;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What a node of damp stuff is expected to hold on its way, against the heat that goes into it. */
class CapacitiesTest {

    private static final double CAPACITY = 2e6;
    private static final double WATER_KG_M3 = 100;
    private static final double H = 60;
    private static final Material DAMP = Material.constant(0.5, CAPACITY).holdingWater(WATER_KG_M3, 0.2);
    private static final double LATENT = WATER_KG_M3 * Water.EVAPORATION_J_KG;

    private final SectionSolver solver = new SectionSolver(
            new SectionBuilder(
                            List.of(Layer.flesh(new Outline.RoundedRectangle(0.03, 0.02, 0, 0), 0.004, 1)),
                            Wall.NONE,
                            1,
                            1)
                    .build(),
            DAMP);
    private final SectionNodes nodes = solver.nodes();
    private final Conduction conduction = new Conduction(nodes, new SectionFaces(nodes, RosenbrockMethod.ROS34PW2));
    private final Capacities capacities = new Capacities(nodes);
    private final double[] flow = new double[nodes.all];
    private SectionState state;

    @BeforeEach
    void allIsAboutToBoil() {
        state = solver.start(Temperature.BOILING_C);
        conduction.update();
    }

    private void expect(double perM3) {
        for (int i = 0; i < nodes.all; i++) {
            flow[i] = perM3 * nodes.volume[i] / H;
        }
        capacities.expect(state, conduction, flow, H);
    }

    @Test
    void whatStaysWetHardlyWarms() {
        expect(0.9 * LATENT);
        assertThat(capacities.of).containsOnly(nodes.boilingCapacity(0));
        assertThat(0.9 * LATENT / capacities.of[0]).isLessThan(0.2);
    }

    /** By the node's own heat balance: latent heat, then warming, and less comes in by half of what it has warmed. */
    @Test
    void whatBoilsDryWarmsByWhatIsLeft() {
        expect(1.5 * LATENT);
        for (int i = 0; i < nodes.all; i++) {
            double perKelvin = conduction.perKelvin(i) * H / 2 / nodes.volume[i];
            double warms = (1.5 * LATENT - LATENT) / (CAPACITY + perKelvin);
            assertThat(capacities.of[i] * warms).isCloseTo(LATENT + CAPACITY * warms, within(1e-6 * LATENT));
        }
    }

    /** A moment ago it boiled; now it loses heat, and gives no latent heat back. */
    @Test
    void whatHasTurnedToCoolingHoldsNoLatentHeat() {
        Arrays.fill(state.rate, 1e5);
        expect(-0.1 * LATENT);
        assertThat(capacities.of).containsOnly(CAPACITY);
    }

    @Test
    void whatHoldsMoreThanWasThoughtIsTriedAlongItsOwnLine() {
        state = solver.start(90.0);
        double warms = 20;
        for (int i = 0; i < nodes.all; i++) {
            capacities.of[i] = CAPACITY;
        }
        capacities.begin();
        for (int i = 0; i < nodes.all; i++) {
            capacities.goes(state, i, warms);
        }
        assertThat(capacities.offTheLine()).isGreaterThan(1);
        assertThat(capacities.newC[0]).isCloseTo(Temperature.BOILING_C, within(0.1));
        capacities.tryAgain(state, true);
        assertThat(capacities.of[0] * (capacities.newC[0] - 90)).isCloseTo(CAPACITY * warms, within(1.0));
    }

    /** On its way to boiling it holds what it has taken in for each kelvin that it then is warmer. */
    @Test
    void whatGoesOnAsItDidHoldsWhatThatMeans() {
        state = solver.start(95.0);
        double gains = 8 * CAPACITY;
        Arrays.fill(state.rate, gains / H);
        expect(gains);
        double warms = nodes.celsius(0, state.enthalpy[0] + gains, WATER_KG_M3) - 95;
        assertThat(warms).isCloseTo(5, within(0.01));
        assertThat(capacities.of[0]).isCloseTo(gains / warms, within(1e-3 * CAPACITY));

        Arrays.fill(state.rate, 0);
        expect(gains);
        assertThat(capacities.of[0]).isEqualTo(CAPACITY);
    }

    /** Warm half way as it is at the end: by Simpson's rule two thirds of what half the way is beyond half the warming. */
    @Test
    void whatBoilsHalfWayIsWarmerThanTheLine() {
        state = solver.start(90.0);
        Arrays.fill(state.rate, 20 * CAPACITY / H);
        capacities.expectWays(state, conduction, H);
        assertThat(capacities.bend).containsOnly(capacities.bend[0]);
        assertThat(capacities.bend[0]).isCloseTo(2 / 3.0 * (10 - 5), within(0.01));

        Arrays.fill(state.rate, 5 * CAPACITY / H);
        capacities.expectWays(state, conduction, H);
        assertThat(capacities.bend[0]).isCloseTo(0, within(1e-9));
    }

    /** What is half dry conducts less, and so does what lies in its elements. */
    @Test
    void whatItConductsIsOfItsWater() {
        double wet = conduction.perKelvin(0);
        Arrays.fill(state.waterKgM3, WATER_KG_M3 / 2);
        capacities.expectWays(state, conduction, H);
        conduction.update();
        assertThat(conduction.perKelvin(0)).isBetween(0.4 * wet, 0.95 * wet);
    }

    @Test
    void offIsMeasuredOnTheAverageAndAnywhere() {
        state = solver.start(20.0);
        for (int i = 0; i < nodes.all; i++) {
            // Half of what it holds for each kelvin: it comes out half as warm as on its line.
            capacities.of[i] = CAPACITY / 2;
        }
        capacities.begin();
        for (int i = 0; i < nodes.all; i++) {
            capacities.goes(state, i, 24);
        }
        assertThat(capacities.newC[0]).isCloseTo(32, within(1e-6));
        assertThat(capacities.offTheLine()).as("12 K of 6").isCloseTo(2, within(1e-9));
        capacities.begin();
        capacities.goes(state, 0, 100);
        assertThat(capacities.offTheLine()).as("50 K of 25").isCloseTo(2, within(1e-9));
    }

    /** Twice as much as thought, then half: between the two, on the logarithm. */
    @Test
    void whatWouldGoBackIsTriedBetween() {
        state = solver.start(20.0);
        Arrays.fill(capacities.of, 1e6);
        lands(2e7, 10);
        capacities.tryAgain(state, true);
        assertThat(capacities.of[0]).isCloseTo(2e6, within(1.0));
        lands(1e7, 10);
        capacities.tryAgain(state, false);
        assertThat(capacities.of[0]).isCloseTo(2e6 / Math.sqrt(2), within(1.0));
        // The first of another step's tries knows nothing of these.
        lands(4e7, 10);
        capacities.tryAgain(state, true);
        assertThat(capacities.of[0]).isCloseTo(4e6, within(1.0));
    }

    @Test
    void whatIsNearlyOnItsLineIsLeftThere() {
        state = solver.start(20.0);
        Arrays.fill(capacities.of, 1e6);
        lands(1.04e7, 10);
        capacities.tryAgain(state, true);
        assertThat(capacities.of[0]).isEqualTo(1e6);
    }

    private void lands(double holds, double warms) {
        for (int i = 0; i < nodes.all; i++) {
            capacities.newEnthalpy[i] = state.enthalpy[i] + holds;
            capacities.newC[i] = state.celsius[i] + warms;
        }
    }
}
