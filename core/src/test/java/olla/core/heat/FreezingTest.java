package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * The enthalpy form against Plank's equation, t = rho L / (Tf - Ta) (P a/h + R a²/k), with P and R 1/6 and 1/24 for a
 * sphere, 1/2 and 1/8 for a slab. The sphere is a worked example (published: Singh and Heldman, Introduction to Food
 * Engineering, chapter on food freezing: 7 cm, 1000 kg/m³, 250 kJ/kg, -1.25 °C, 1.2 W/mK, 50 W/m²K, air at -40 °C, 0.72
 * h; from memory). Plank leaves out sensible heat, so the material here has next to none.
 */
class FreezingTest {

    private static final double FREEZES_C = -1.25;
    private static final double RANGE_K = 0.2;
    private static final double LATENT_J_M3 = 250e6;
    private static final double SENSIBLE_J_M3K = 2e4;
    private static final Material PLANKS = Material.of(t -> 1.2, FreezingTest::enthalpy);
    private static final Face BLAST = new Face.Exposed(50, -40, -40, 0, 0, 0);

    private static double enthalpy(double celsius) {
        double melted = Math.max(0, Math.min(1, (celsius - FREEZES_C + RANGE_K / 2) / RANGE_K));
        return SENSIBLE_J_M3K * celsius + LATENT_J_M3 * melted;
    }

    private static double secondsToFreeze(Section section, double x, double y) {
        SectionSolver solver = new SectionSolver(section, PLANKS, PLANKS);
        SectionState state = solver.start(FREEZES_C + RANGE_K, FREEZES_C);
        Place middle = section.place(Section.FLESH, x, y);
        while (solver.celsius(state, middle) > FREEZES_C - RANGE_K / 2) {
            solver.advance(state, new Surroundings(BLAST, BLAST), 20);
        }
        return state.seconds();
    }

    @Test
    void aSphereFreezesInTheTimeOfTheWorkedExample() {
        Section sphere =
                SectionBuilder.turned(new Outline.Ellipse(0.035, 0.07), 0.004).build();
        assertThat(secondsToFreeze(sphere, 0, 0.035)).isCloseTo(0.72 * 3600, within(0.05 * 0.72 * 3600));
    }

    @Test
    void aSlabFreezesInPlanksTime() {
        double thick = 0.04;
        // The sides are so far away that the middle is frozen before anything of them has come there.
        Outline slab = new Outline.RoundedRectangle(0.1, thick, 0, 0);
        Section section = new SectionBuilder(List.of(Layer.flesh(slab, thick / 12, 1)), Wall.NONE, 1, 1).build();
        double planks = LATENT_J_M3 / (FREEZES_C + 40) * (thick / (2 * 50) + thick * thick / (8 * 1.2));
        assertThat(secondsToFreeze(section, 0, thick / 2)).isCloseTo(planks, within(0.05 * planks));
    }
}
