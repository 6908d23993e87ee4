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
}
