package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** What a gel lets go, against the closed form where it is as warm everywhere. */
class WaterHoldingTest {

    private static final double MOST = 0.3;
    private static final WaterHolding GEL = new WaterHolding(850, MOST, 56, 5, 240);

    /* So well conducting, and so thin, that it is as warm everywhere. */
    private static SectionSolver solver() {
        Outline outline = new Outline.RoundedRectangle(0.02, 0.01, 0, 0);
        Section section = new SectionBuilder(List.of(Layer.flesh(outline, 0.0025, 1)), Wall.NONE, 1, 1).build();
        return new SectionSolver(section, Material.constant(1e3, 3.7e6).lettingGo(GEL), Material.constant(1, 3.85e6));
    }

    private static Surroundings bath(double celsius) {
        return new Surroundings(new Face.Exposed(2e4, celsius, celsius, 0.9, 0, 0));
    }

    private static double share(SectionSolver solver, SectionState state) {
        return solver.letGoKg(state, Section.FLESH) / (850 * solver.section().fleshVolume());
    }

    @Test
    void halfIsLetGoInTheMiddleAndAllFarBeyond() {
        assertThat(GEL.letsGo(56)).isCloseTo(MOST / 2, within(1e-9));
        assertThat(GEL.letsGo(61)).isCloseTo(MOST / (1 + Math.exp(-1)), within(1e-9));
        assertThat(GEL.letsGo(56.25)).isCloseTo(MOST / (1 + Math.exp(-0.05)), within(1e-4));
        assertThat(GEL.letsGo(20)).isLessThan(0.001);
        assertThat(GEL.letsGo(-30)).isPositive().isLessThan(1e-4);
        assertThat(GEL.letsGo(150)).isCloseTo(MOST, within(1e-4));
        assertThat(GEL.letsGo(400)).isCloseTo(MOST, within(1e-4));
        assertThat(GEL.comes(240)).isCloseTo(1 - Math.exp(-1), within(1e-12));
    }

    @Test
    void inABathItComesToRestByItsTimeConstant() {
        SectionSolver solver = solver();
        SectionState state = solver.start(60, 60);
        double rest = MOST / (1 + Math.exp(-0.8));
        for (double seconds : new double[] {60, 180, 600, 3600}) {
            solver.advance(state, bath(60), seconds - state.seconds());
            assertThat(share(solver, state)).isCloseTo(rest * (1 - Math.exp(-seconds / 240)), within(1e-4));
        }
    }

    @Test
    void whatWasLetGoDoesNotComeBack() {
        SectionSolver solver = solver();
        SectionState state = solver.start(65, 65);
        solver.advance(state, bath(65), 600);
        double hot = share(solver, state);
        solver.advance(state, bath(5), 1200);
        assertThat(state.coldestC()).isLessThan(20);
        assertThat(share(solver, state)).isBetween(hot, 1.1 * hot);
        assertThat(share(solver, state.copy())).isEqualTo(share(solver, state));
    }

    @Test
    void whatIsNoGelLetsNothingGo() {
        SectionSolver solver = solver();
        SectionState state = solver.start(80, 80);
        solver.advance(state, bath(80), 600);
        assertThat(solver.letGoKg(state, Section.TRAY)).isZero();
    }
}
