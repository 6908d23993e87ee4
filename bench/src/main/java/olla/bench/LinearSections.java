package olla.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
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

/**
 * The solver on the sections that {@code bench/elements.sh} has a general finite-element program solve too: for each setting the
 * nodes, the time of a solve (the best of many, one thread, the section made before) and three temperatures.
 *
 * <p>Arguments: {@code table FILE} writes flesh's temperature, enthalpy and conductivity; {@code block|ellipse|slab} solves.
 */
public final class LinearSections {

    private static final Material FLESH = Material.constant(0.5, 3.6e6);
    private static final Material LAYER = Material.constant(1.7, 1.6e6);
    private static final Face HOT = new Face.Exposed(30, 200, 200, 0, 0, 0);
    private static final double[][] SETTINGS = {
        {6, 3, 2}, {6, 1, 2}, {8, 1, 2}, {8, 0.3, 2}, {12, 0.3, 2}, {12, 0.1, 2}, {16, 0.03, 2}, {24, 0.01, 2}
    };
    private static final int TRIES = 400;
    private static final long MOST_NS = 1_000_000_000;

    private LinearSections() {}

    public static void main(String[] arguments) throws IOException {
        if (arguments[0].equals("table")) {
            table(Path.of(arguments[1]));
            return;
        }
        for (double[] setting : SETTINGS) {
            solve(arguments[0], setting[0], setting[1], (int) setting[2]);
        }
    }

    private static Material frozen() {
        return new ChoiOkos(0.81, 0.178, 0.007, 0.012, -2.2).material();
    }

    private static void table(Path file) throws IOException {
        Material flesh = frozen();
        StringBuilder rows = new StringBuilder("18001\n");
        for (int i = 0; i <= 18_000; i++) {
            double celsius = -30 + i * 0.01;
            double enthalpy = flesh.enthalpyJm3(celsius);
            rows.append(
                    String.format(Locale.ROOT, "%.2f %.6e %.9f%n", celsius, enthalpy, flesh.conductivityWmK(celsius)));
        }
        Files.writeString(file, rows);
    }

    private static void solve(String what, double intervals, double toleranceK, int order) {
        boolean block = what.equals("block");
        boolean slab = what.equals("slab");
        double high = block || slab ? 0.025 : 0.063;
        double base = block || slab ? 0 : 0.01;
        double wide = slab ? 0.2 : block ? 0.0375 : 0.079;
        Outline outline = block || slab
                ? new Outline.RoundedRectangle(wide, high, 0, 0)
                : new Outline.Raised(new Outline.Ellipse(wide, high), base);
        double step = high / intervals;
        Layer flesh = Layer.flesh(outline, step, 1);
        List<Layer> layers = block || slab
                ? List.of(flesh)
                : List.of(
                        flesh,
                        new Layer(
                                2,
                                new Outline.Ellipse(wide + base, high + 2 * base),
                                List.of(outline),
                                step,
                                Double.POSITIVE_INFINITY));
        Section section =
                new SectionBuilder(layers, Wall.NONE, 1, 1).ofOrder(order).build();
        SectionSolver solver = new SectionSolver(section, toleranceK, slab ? frozen() : FLESH, FLESH, LAYER);
        double startC = slab ? -18 : 8;
        double seconds = block || slab ? 1200 : 3600;
        double best = Double.POSITIVE_INFINITY;
        SectionState state = null;
        long until = System.nanoTime() + MOST_NS;
        for (int i = 0; i < TRIES && (i == 0 || System.nanoTime() < until); i++) {
            long began = System.nanoTime();
            state = solver.start(startC, startC, startC);
            solver.advance(state, new Surroundings(HOT, HOT, HOT), seconds);
            best = Math.min(best, (System.nanoTime() - began) * 1e-6);
        }
        double inside = 1e-7;
        double middle = solver.celsius(state, section.place(Section.FLESH, 0, base + high / 2));
        double top = solver.topFaceC(state);
        double third = slab
                ? solver.celsius(state, section.place(Section.FLESH, 0, 3 * high / 4))
                : solver.celsius(state, section.place(Section.FLESH, wide - inside, base + high / 2));
        System.out.printf(
                Locale.ROOT,
                "RESULT %d %.4f %.6f %.6f %.6f %s%n",
                section.unknowns(),
                best,
                middle,
                top,
                third,
                "nodes 1/" + (int) intervals + " apart, " + toleranceK + " K a step");
    }
}
