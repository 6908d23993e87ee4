package olla.bench;

import java.util.concurrent.TimeUnit;
import olla.core.heat.ChoiOkos;
import olla.core.heat.Face;
import olla.core.heat.Material;
import olla.core.heat.Outline;
import olla.core.heat.Section;
import olla.core.heat.SectionBuilder;
import olla.core.heat.SectionSolver;
import olla.core.heat.SectionState;
import olla.core.heat.Surroundings;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The solver alone, on the application's grid of 2 mm: a 25 mm portion for 20 minutes (wanted: under 3 ms) and a whole
 * fish for 60. Beside them a plain copy of the portion's arrays, once for each step it took: what memory alone would cost.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
@Fork(1)
public class SolverBenchmark {

    private static final double STEP_M = 0.002;

    private Run portion;
    private Run whole;
    private double[] from;
    private double[] to;
    private int steps;

    /** One piece, ready to be baked again and again. */
    private static final class Run {
        private final Section section;
        private final SectionSolver solver;
        private final SectionState start;
        private final SectionState state;
        private final Surroundings oven;

        Run(Outline outline) {
            Material flesh = new ChoiOkos(0.81, 0.178, 0.007, 0.012, -2.2).material();
            Material steel = Material.constant(Double.POSITIVE_INFINITY, 3.85e6);
            section = new SectionBuilder(outline, STEP_M, 0.001, 250, 0.11, 1).build();
            solver = new SectionSolver(section, flesh, steel);
            start = solver.start(8, 22);
            state = start.copy();
            oven = new Surroundings(
                    new Face.Exposed(11, 230, 230, 0.9, 0.22, 2300), new Face.Exposed(11, 230, 230, 0.9, 0, 0));
        }

        double bake(double seconds) {
            state.set(start);
            solver.advance(state, oven, seconds);
            return state.coldestC();
        }
    }

    @Setup
    public void prepare() {
        portion = new Run(new Outline.RoundedRectangle(0.035, 0.025, 0.011, 0.0025));
        whole = new Run(new Outline.Ellipse(0.079, 0.063));
        from = new double[portion.section.cells()];
        to = new double[portion.section.cells()];
        long before = portion.solver.updates();
        portion.bake(1200);
        steps = (int) ((portion.solver.updates() - before) / portion.section.cells());
        System.out.printf(
                "%nportion: %d cells, %d steps, %d cell updates; ",
                portion.section.cells(), steps, portion.section.cells() * steps);
        before = whole.solver.updates();
        whole.bake(3600);
        System.out.printf("whole: %d cells, %d cell updates%n", whole.section.cells(), whole.solver.updates() - before);
    }

    @Benchmark
    public double portionForTwentyMinutes() {
        return portion.bake(1200);
    }

    @Benchmark
    public double wholeFishForAnHour() {
        return whole.bake(3600);
    }

    @Benchmark
    public double copyingThePortionsArrays() {
        for (int i = 0; i < steps; i++) {
            System.arraycopy(from, 0, to, 0, from.length);
            from[i % from.length] = to[0];
        }
        return to[1];
    }
}
