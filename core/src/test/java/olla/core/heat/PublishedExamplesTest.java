package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import olla.core.dish.Cover;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The solver, and a parcel's gap, against tables, worked examples and limits from books on heat transfer and food freezing; all from memory. */
class PublishedExamplesTest {

    private static Section section(Outline outline, double stepM) {
        return new SectionBuilder(List.of(Layer.flesh(outline, stepM, 1)), Wall.NONE, 1, 1).build();
    }

    /* So wide that the sides do not count at the middle. */
    private static Section slab(double half, double wide, int intervals) {
        return section(new Outline.RoundedRectangle(wide, 2 * half, 0, 0), 2 * half / intervals);
    }

    private static Surroundings air(double film, double celsius) {
        Face face = new Face.Exposed(film, celsius, celsius, 0, 0, 0);
        return new Surroundings(face, face);
    }

    private static SectionState after(SectionSolver solver, double startC, Surroundings around, double seconds) {
        SectionState state = solver.start(startC, startC);
        solver.advance(state, around, seconds);
        return state;
    }

    /**
     * One-term coefficients of plane wall, long cylinder and sphere (published: Incropera, table 5.1; Heisler's charts are drawn from them): what is
     * left in the middle at a Fourier number of a half is C1 exp(-zeta1² / 2).
     */
    @ParameterizedTest
    @CsvSource({
        "WALL, 0.1, 0.3111, 1.0161",
        "WALL, 1, 0.8603, 1.1191",
        "WALL, 10, 1.4289, 1.2620",
        "CYLINDER, 0.1, 0.4417, 1.0246",
        "CYLINDER, 1, 1.2558, 1.2071",
        "CYLINDER, 10, 2.1795, 1.5677",
        "SPHERE, 0.1, 0.5423, 1.0298",
        "SPHERE, 1, 1.5708, 1.2732",
        "SPHERE, 10, 2.8363, 1.9249"
    })
    void theMiddleFollowsTheTableOfOneTermCoefficients(String shape, double biot, double zeta, double c1) {
        double half = 0.02;
        double k = 0.5;
        double capacity = 3.7e6;
        Outline circle = new Outline.Ellipse(half, 2 * half);
        Section section = switch (shape) {
            case "WALL" -> slab(half, 0.15, 12);
            case "CYLINDER" -> section(circle, half / 6);
            default -> SectionBuilder.turned(circle, half / 6).build();
        };
        Material flesh = Material.constant(k, capacity);
        SectionSolver solver = new SectionSolver(section, flesh, flesh);
        SectionState state = after(solver, 0, air(biot * k / half, 100), 0.5 * half * half * capacity / k);
        double left = 1 - solver.celsius(state, section.place(Section.FLESH, 0, half)) / 100;
        assertThat(left).isCloseTo(c1 * Math.exp(-zeta * zeta / 2), within(0.004));
    }

    /**
     * The wall of a pipeline, steel 40 mm thick, insulated outside, hot oil inside (published: Incropera, example 5.5 of the sixth edition: 7832
     * kg/m³, 434 J/kg K, 63.9 W/mK, from -20 °C, oil of 60 °C at 500 W/m²K; after 8 minutes 42.9 °C at the insulated face, 45.2 at the other).
     */
    @Test
    void theWallOfAPipeline() {
        Section section = slab(0.04, 0.8, 12);
        Material steel = Material.constant(63.9, 7832 * 434);
        SectionSolver solver = new SectionSolver(section, steel, steel);
        SectionState state = after(solver, -20, air(500, 60), 480);
        assertThat(solver.celsius(state, section.place(Section.FLESH, 0, 0.04))).isCloseTo(42.9, within(0.3));
        assertThat(solver.celsius(state, section.place(Section.FLESH, 0, 0.08))).isCloseTo(45.2, within(0.3));
    }

    /**
     * A sphere of 5 mm radius quenched in water (published: Incropera, example 5.6 of the sixth edition: 3000 kg/m³, 1000 J/kg K, 20 W/mK, from 335
     * °C, water of 20 °C at 6000 W/m²K; the middle is at 50 °C after 3.1 s, rounded so).
     */
    @Test
    void aSphereInABath() {
        Section section =
                SectionBuilder.turned(new Outline.Ellipse(0.005, 0.01), 0.0008).build();
        Material sphere = Material.constant(20, 3000 * 1000);
        SectionSolver solver = new SectionSolver(section, sphere, sphere);
        SectionState state = solver.start(335, 335);
        Place middle = section.place(Section.FLESH, 0, 0.005);
        while (solver.celsius(state, middle) > 50) {
            solver.advance(state, air(6000, 20), 0.05);
        }
        assertThat(state.seconds()).isCloseTo(3.1, within(0.15));
    }

    /**
     * How deep a water main has to lie (published: Incropera, example 5.7 of the sixth edition: soil of 2050 kg/m³, 1840 J/kg K, 0.52 W/mK, at 20 °C,
     * its face at -15 °C for 60 days; 0 °C is met at 0.68 m).
     */
    @Test
    void howDeepFrostGoes() {
        Section section = slab(3, 8, 60);
        Material soil = Material.constant(0.52, 2050 * 1840);
        SectionSolver solver = new SectionSolver(section, soil, soil);
        SectionState state = after(solver, 20, air(1e4, -15), 60.0 * 24 * 3600);
        assertThat(solver.celsius(state, section.place(Section.FLESH, 0, 0.68))).isCloseTo(0, within(0.3));
    }

    /** A long bar is the product of two slabs (published: Newman 1936; Carslaw and Jaeger 1959, section 5.6). */
    @ParameterizedTest
    @CsvSource({"0.0125, 0.0125, 400", "0.0125, 0.02, 600", "0.0125, 0.0375, 900"})
    void aBarIsTheProductOfTwoSlabs(double half, double halfWide, double seconds) {
        double k = 0.5;
        double capacity = 3.7e6;
        double film = 35;
        Section section = section(new Outline.RoundedRectangle(halfWide, 2 * half, 0, 0), half / 6);
        Material flesh = Material.constant(k, capacity);
        SectionSolver solver = new SectionSolver(section, flesh, flesh);
        SectionState state = after(solver, 0, air(film, 100), seconds);
        double f = k / capacity * seconds;
        for (double share : new double[] {0, 0.5}) {
            double product = Series.slab(film * half / k, f / (half * half), 0)
                    * Series.slab(film * halfWide / k, f / (halfWide * halfWide), share);
            assertThat(solver.celsius(state, section.place(Section.FLESH, share * halfWide, half)))
                    .isCloseTo(100 * (1 - product), within(0.3));
        }
    }

    /**
     * What thaws from a face held at a temperature is thawed down to 2 l sqrt(a t), with sqrt(pi) l exp(l²) erf(l) the Stefan number (published:
     * Carslaw and Jaeger 1959, section 11.2, Neumann's solution where the ice is at its melting point).
     */
    @Test
    void aThawingFrontIsNeumanns() {
        double latent = 250e6;
        double k = 0.5;
        double capacity = 3.7e6;
        double meltsOver = 0.2;
        Material melts =
                Material.of(t -> k, t -> capacity * t + latent * Math.max(0, Math.min(1, (t + meltsOver) / meltsOver)));
        double thick = 0.06;
        Section section = slab(thick / 2, 0.3, 40);
        SectionSolver solver = new SectionSolver(section, melts, melts);
        double faceC = 15;
        double seconds = 3600;
        SectionState state = after(solver, -meltsOver, air(1e4, faceC), seconds);
        double l = 0.5;
        for (int round = 0; round < 60; round++) {
            // erf by its series, at small l.
            double erf = 2 / Math.sqrt(Math.PI) * (l - Math.pow(l, 3) / 3 + Math.pow(l, 5) / 10 - Math.pow(l, 7) / 42);
            l = capacity * faceC / latent / (Math.sqrt(Math.PI) * Math.exp(l * l) * erf / l) / l * 0.5 + l * 0.5;
        }
        double front = 2 * l * Math.sqrt(k / capacity * seconds);
        double found = 0;
        for (double y = thick; y > thick / 2; y -= 0.0001) {
            if (solver.celsius(state, section.place(Section.FLESH, 0, y)) < -meltsOver / 2) {
                found = thick - y;
                break;
            }
        }
        assertThat(found).isCloseTo(front, within(0.06 * front));
    }

    /**
     * Thawing times of slabs of lean fish from -18 °C until their middle is at 0 °C, against the fit to measured times of Cleland, Cleland, Earle and
     * Byrne 1987 (published, also in the ASHRAE Refrigeration Handbook: k t/(C D²) = 1.4291 (0.5/(Bi Ste) + 0.125/Ste)^1.0248 Ste^0.2712 Pk^0.0610;
     * made for Bi of 0.6 to 57 and Ste of 0.09 to 0.8, and good to about a tenth).
     */
    @ParameterizedTest
    @CsvSource({"0.03, 8, 15", "0.025, 20, 30", "0.05, 10, 20", "0.05, 20, 50"})
    void slabsThawInTheTimesOfTheFit(double thick, double airC, double film) {
        double freezes = -1.0;
        ChoiOkos cod = new ChoiOkos(0.81, 0.178, 0.007, 0.012, freezes);
        Material fish = cod.material();
        Section section = slab(thick / 2, 0.15, 24);
        SectionSolver solver = new SectionSolver(section, fish, fish);
        SectionState state = solver.start(-18, -18);
        Place middle = section.place(Section.FLESH, 0, thick / 2);
        while (solver.celsius(state, middle) < 0) {
            solver.advance(state, air(film, airC), 60);
        }
        double thawed = (fish.enthalpyJm3(15) - fish.enthalpyJm3(5)) / 10;
        double frozen = (fish.enthalpyJm3(-20) - fish.enthalpyJm3(-30)) / 10;
        double latent = fish.enthalpyJm3(0) - fish.enthalpyJm3(-10);
        double k = 0.5;
        double biot = film * thick / k;
        double stefan = thawed * (airC - freezes) / latent;
        double plank = frozen * (freezes + 18) / latent;
        double seconds = thawed
                * thick
                * thick
                / k
                * 1.4291
                * Math.pow(0.5 / (biot * stefan) + 0.125 / stefan, 1.0248)
                * Math.pow(stefan, 0.2712)
                * Math.pow(plank, 0.0610);
        assertThat(state.seconds()).isCloseTo(seconds, within(0.12 * seconds));
    }

    /**
     * What a parcel's gap conducts, between conduction through still air of 10 mm and the vapour that diffuses through 2 mm of it (Stefan's flow: D M p
     * L / (R T d) dp/dT / (p - pv), D of vapour in air 2.2e-5 m²/s at 0 °C by T^1.8), and far below what molecules can settle on a face (Hertz
     * and Knudsen; with one in thirty settling some 2e5 W/m²K at 100 °C).
     */
    @ParameterizedTest
    @CsvSource({"30", "60", "80", "90"})
    void aGapOfSteamConductsNoMoreThanVapourDiffuses(double celsius) {
        double gas = 8.314;
        double kelvin = celsius + 273.15;
        double molar = 0.018015;
        double latent = 2.36e6;
        double pressure = Water.saturationPa(celsius);
        double perK = Water.saturationPa(celsius + 0.5) - Water.saturationPa(celsius - 0.5);
        double diffusivity = 2.2e-5 * Math.pow(kelvin / 273.15, 1.8);
        double most = 0.028 / 0.002
                + diffusivity
                        * molar
                        * Water.ATMOSPHERE_PA
                        * latent
                        / (gas * kelvin * 0.002)
                        * perK
                        / (Water.ATMOSPHERE_PA - pressure);
        double least = 0.028 / 0.010;
        double ours = Cover.STEAM_GAP_W_M2K * pressure / Water.ATMOSPHERE_PA;
        assertThat(ours).isBetween(least, most);
        double settles = 1.0 / 30;
        double kinetic = 2
                * settles
                / (2 - settles)
                * latent
                * latent
                * (pressure * molar / (gas * kelvin))
                / kelvin
                * Math.sqrt(molar / (2 * Math.PI * gas * kelvin));
        assertThat(ours).isLessThan(kinetic / 50);
    }
}
