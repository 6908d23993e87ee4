package olla.bench;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import olla.core.dress.SaltCrust;
import olla.core.heat.ChoiOkos;
import olla.core.heat.Face;
import olla.core.heat.Layer;
import olla.core.heat.Material;
import olla.core.heat.Outline;
import olla.core.heat.Section;
import olla.core.heat.SectionBuilder;
import olla.core.heat.SectionSolver;
import olla.core.heat.SectionState;
import olla.core.heat.Surroundings;
import olla.core.heat.Wall;
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
 * The solver alone, with nodes as far apart as for the application's answers: a 25 mm portion for 20 minutes, a whole fish
 * for 60, and the same in a crust of salt.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
@Fork(1)
public class SolverBenchmark {

    private static final double INTERVALS = 8;
    private static final double SALT_STEP_M = 0.0025;
    private static final double CONTACT = 250;
    private static final double PORTION_M = 0.11;
    private static final double WHOLE_M = 0.4;

    /* Specific heat of water near 60 °C, J/kgK (from memory). */
    private static final double WATER_J_KGK = 4180;

    private Run portion;
    private Run whole;
    private Run crust;

    /** One piece, ready to be baked again and again. */
    private static final class Run {
        private final Section section;
        private final SectionSolver solver;
        private final SectionState start;
        private final SectionState state;
        private final Surroundings oven;

        Run(List<Layer> layers, double lengthM, Material... others) {
            Material flesh = new ChoiOkos(0.81, 0.178, 0.007, 0.012, -2.2).material();
            Material steel = Material.constant(Double.POSITIVE_INFINITY, 3.85e6);
            section = new SectionBuilder(layers, Wall.sheet(0.001), lengthM, 1).build();
            solver = new SectionSolver(
                    section,
                    Stream.concat(Stream.of(flesh, steel), Stream.of(others)).toArray(Material[]::new));
            double[] startC = new double[2 + others.length];
            Arrays.fill(startC, 22);
            startC[Section.FLESH] = 8;
            start = solver.start(startC);
            state = start.copy();
            Face[] faces = new Face[startC.length];
            Arrays.fill(faces, new Face.Exposed(11, 230, 230, 0.9, 0.05, 2300));
            faces[Section.FLESH] = new Face.Exposed(11, 230, 230, 0.9, 0.22, 2300);
            faces[Section.TRAY] = new Face.Exposed(11, 230, 230, 0.9, 0, 0);
            oven = new Surroundings(faces);
        }

        private static List<Layer> alone(Outline outline) {
            return List.of(Layer.flesh(outline, outline.height() / INTERVALS, CONTACT));
        }

        static Run inCrust(Outline fish) {
            SaltCrust dress = new SaltCrust(SaltCrust.Damping.WET_SAND);
            double coat = dress.coatMm() / 1000;
            Outline raised = new Outline.Raised(fish, coat);
            Outline heap =
                    new Outline.Mound(fish.halfWidth() + coat, fish.height() + 2 * coat, coat + fish.height() / 2);
            double water = dress.waterKgM3();
            double dry = dress.salt().packedKgM3() - water;
            Material salt = Material.constant(SaltCrust.WET_W_MK, dry * SaltCrust.SALT_J_KGK + water * WATER_J_KGK)
                    .holdingWater(water, SaltCrust.DRY_W_MK);
            return new Run(
                    List.of(
                            Layer.flesh(raised, fish.height() / INTERVALS, CONTACT),
                            new Layer(2, heap, List.of(raised), SALT_STEP_M, SaltCrust.CONTACT_W_M2K)),
                    WHOLE_M,
                    salt);
        }

        double bake(double seconds) {
            state.set(start);
            solver.advance(state, oven, seconds);
            return state.coldestC();
        }
    }

    @Setup
    public void prepare() {
        Outline round = new Outline.Ellipse(0.079, 0.063);
        portion = new Run(Run.alone(new Outline.RoundedRectangle(0.035, 0.025, 0.011, 0.0025)), PORTION_M);
        whole = new Run(Run.alone(round), WHOLE_M);
        crust = Run.inCrust(round);
        tell("portion", portion, 1200);
        tell("whole fish", whole, 3600);
        tell("in salt", crust, 3600);
    }

    private static void tell(String name, Run run, double seconds) {
        run.bake(seconds);
        long[] steps = run.solver.steps();
        System.out.printf("%s: %d nodes, %d steps, %d tries more%n", name, run.section.unknowns(), steps[0], steps[1]);
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
    public double wholeFishInSaltForAnHour() {
        return crust.bake(3600);
    }
}
