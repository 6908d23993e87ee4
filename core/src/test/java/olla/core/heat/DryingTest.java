package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Water that leaves flesh and layers: from a wet face, through a crust, and boiling behind a front. */
class DryingTest {

    private static final double WATER_KG_M3 = 800;
    private static final double CRUST_W_MK = 0.15;
    private static final double BOILS_S = 1200;
    private static final double CRUST_KG_MSPA = 2e-12;
    private static final Material WET = Material.constant(0.5, 3.7e6).crusting(WATER_KG_M3, CRUST_W_MK);

    /* So wide that the sides do not count at the middle. */
    private static Section slab(double thickM, double stepM) {
        Outline slab = new Outline.RoundedRectangle(0.2, thickM, 0, 0);
        return new SectionBuilder(List.of(Layer.flesh(slab, stepM, 1)), Wall.NONE, 1, 1).build();
    }

    private static Face.Exposed air(double film, double celsius, double vapourPa, double crustKgMsPa) {
        return new Face.Exposed(film, celsius, celsius, 0, 1, vapourPa, 0, crustKgMsPa);
    }

    private static Face.Exposed oven(double celsius) {
        return new Face.Exposed(11, celsius, celsius, 0.9, 1, 2300, 0, CRUST_KG_MSPA);
    }

    /**
     * A wet face that only air warms comes to the wet-bulb temperature: p = psat(Tw) - A p0 (T - Tw), with A 6.62e-4 for each kelvin
     * (published: Sprung's equation of the ventilated psychrometer, from memory; its A is for the heat of evaporation at 20 °C).
     */
    @ParameterizedTest
    @CsvSource({"30,2123", "40,1476", "60,1000", "25,1584"})
    void aWetFaceComesToTheWetBulb(double airC, double vapourPa) {
        SectionSolver solver = new SectionSolver(slab(0.006, 0.003), WET, WET);
        SectionState state = solver.start(20, 20);
        Face wet = air(30, airC, vapourPa, Double.POSITIVE_INFINITY);
        solver.advance(state, new Surroundings(wet, wet), 400);
        double wetBulb = -20;
        while (Water.saturationPa(wetBulb) - 6.62e-4 * Water.ATMOSPHERE_PA * (airC - wetBulb) < vapourPa) {
            wetBulb += 0.01;
        }
        assertThat(solver.meanC(state)).isCloseTo(wetBulb, within(0.8));
    }

    /** What leaves goes by the root of time once the crust holds most of it back: z + b z²/2 = F t, by hand. */
    @Test
    void aCrustGrowsByTheRootOfTime() {
        Face.Exposed face = air(20, 60, 2000, CRUST_KG_MSPA);
        double perPa = Water.evaporationPerPa(20) / Water.EVAPORATION_J_KG;
        double wetKgM2s = perPa * (Water.saturationPa(60) - 2000);
        double b = perPa / CRUST_KG_MSPA;
        for (double z1 : new double[] {1e-5, 1e-4, 5e-4}) {
            double seconds = (z1 + b * z1 * z1 / 2) * WATER_KG_M3 / wetKgM2s;
            double left = face.through(60, 0, WATER_KG_M3, seconds) * wetKgM2s * seconds / WATER_KG_M3;
            assertThat(left).isCloseTo(z1, within(1e-9));
            double times = 1 + b * z1;
            assertThat(face.growsS(60, 0, WATER_KG_M3, times)).isCloseTo(seconds, within(1e-6 * seconds));
        }
        assertThat(face.through(60, 1e-4, WATER_KG_M3, 0)).isCloseTo(1 / (1 + b * 1e-4), within(1e-12));
        assertThat(new Face.Covered(face, 15, 300).through(60, 1e-4, WATER_KG_M3, 60))
                .isEqualTo(1);
        assertThat(new Face.Covered(face, 15, 300).growsS(60, 1e-4, WATER_KG_M3, 2))
                .isInfinite();
    }

    /** Long steps and short ones dry alike: what a fine run leaves is less than is seen. */
    @Test
    void stepsOfAnyLengthDryAlike() {
        SectionSolver solver = new SectionSolver(slab(0.025, 0.003), WET, WET);
        Surroundings around = new Surroundings(oven(220), oven(220));
        SectionState far = solver.start(8, 8);
        solver.advance(far, around, 900);
        SectionState near = solver.start(8, 8);
        for (int i = 0; i < 300; i++) {
            solver.advance(near, around, 3);
        }
        assertThat(solver.topCrustM(far)).isCloseTo(solver.topCrustM(near), within(0.01 * solver.topCrustM(near)));
        assertThat(far.coldestC()).isCloseTo(near.coldestC(), within(0.15));
        assertThat(solver.topFaceC(far)).isCloseTo(solver.topFaceC(near), within(0.5));
    }

    /** What is wet stays at or below boiling, and only its crust is hotter (common practice, no source: the crust browns, not the flesh). */
    @Test
    void onlyWhatIsDryGoesBeyondBoiling() {
        SectionSolver solver = new SectionSolver(slab(0.025, 0.003), WET, WET);
        Surroundings around = new Surroundings(oven(250), oven(250));
        SectionState state = solver.start(8, 8);
        double before = 0;
        for (int minute = 1; minute <= 40; minute++) {
            solver.advance(state, around, 60);
            for (int i = 0; i < state.celsius.length; i++) {
                if (state.waterKgM3[i] > 0) {
                    assertThat(state.celsius[i]).isLessThan(101);
                }
            }
            assertThat(solver.topCrustM(state)).isGreaterThanOrEqualTo(before);
            before = solver.topCrustM(state);
        }
        assertThat(solver.topFaceC(state)).isGreaterThan(130);
        double gone = WATER_KG_M3 * solver.section().fleshVolume() - solver.waterKg(state, Section.FLESH);
        assertThat(state.driedKg()).isCloseTo(gone, within(0.001 * gone));
    }

    /**
     * Behind a drying front: what is wet and at 100 °C boils away from a face held at a temperature, and the front is at 2 l sqrt(a t), where
     * sqrt(pi) l exp(l²) erf(l) is the Stefan number (published: Carslaw and Jaeger 1959, section 11.2, Neumann's solution of one phase,
     * from memory). A node dries as a whole, so that the front is known to about a twentieth.
     */
    @ParameterizedTest
    @CsvSource({"200,0.3", "300,0.4"})
    void aDryingFrontIsStefans(double faceC, double dryWmK) {
        double waterKgM3 = 100;
        double capacity = 1.3e6;
        Material damp = Material.constant(1.5, capacity).holdingWater(waterKgM3, dryWmK);
        Section section = slab(0.06, 0.001);
        SectionSolver solver = new SectionSolver(section, damp, damp);
        SectionState state = solver.start(99.99, 99.99);
        Face hot = new Face.Exposed(5e4, faceC, faceC, 0, 0, 0);
        solver.advance(state, new Surroundings(hot, hot), BOILS_S);
        double stefan = capacity * (faceC - 100) / (waterKgM3 * Water.EVAPORATION_J_KG);
        double low = 0;
        double high = 3;
        while (high - low > 1e-9) {
            double l = (low + high) / 2;
            if (Math.sqrt(Math.PI) * l * Math.exp(l * l) * erf(l) < stefan) {
                low = l;
            } else {
                high = l;
            }
        }
        double front = 2 * low * Math.sqrt(dryWmK / capacity * BOILS_S);
        double dry = 0;
        double row = 0;
        for (int i = 0; i < section.nodes; i++) {
            if (section.x[i] < 0.05) {
                dry += section.area[i] * (1 - state.waterKgM3[i] / waterKgM3);
                row += section.area[i];
            }
        }
        assertThat(0.06 * dry / row)
                .as("two fronts, from above and from below")
                .isCloseTo(2 * front, within(0.1 * front));
    }

    /* By its series (published: Abramowitz and Stegun 7.1.5, from memory). */
    private static double erf(double x) {
        double term = x;
        double sum = x;
        for (int n = 1; n < 60; n++) {
            term *= -x * x / n;
            sum += term / (2 * n + 1);
        }
        return 2 / Math.sqrt(Math.PI) * sum;
    }
}
