package olla.core.estimate;

import java.util.ArrayList;
import java.util.List;
import olla.core.heat.Outline;
import olla.core.heat.Section;
import olla.core.heat.SectionSolver;
import olla.core.heat.SectionState;

/** Collects one run: the trace, the pictures, and the figures at the pull and at the end. */
final class Course {

    private static final int MOST_POINTS = 150;
    private static final int MOST_PICTURES = 36;
    private static final int OUTLINE_POINTS = 28;
    private static final double[] STRIDES_S = {5, 10, 15, 20, 30, 60, 120, 180, 300};

    private final BakeModel model;
    private final SectionSolver solver;
    private final double strideS;
    private final double pictureEveryS;
    private final int[] drawn;

    private final List<double[]> points = new ArrayList<>();
    private final List<Double> pictureMinute = new ArrayList<>();
    private final List<int[]> pictures = new ArrayList<>();
    private final List<double[]> coldestAt = new ArrayList<>();

    private double pullC;
    private double meanAtPullC;
    private double peakC;
    private double waterLossG;

    Course(BakeModel model, double bakeMinutes, double restMinutes) {
        this.model = model;
        this.solver = model.solver();
        double totalS = (bakeMinutes + restMinutes) * 60;
        this.strideS = stride(totalS, MOST_POINTS);
        this.pictureEveryS = Math.max(strideS, stride(totalS, MOST_PICTURES));
        this.drawn = drawnCells(model.section(), model.outline());
    }

    private static double stride(double totalS, int most) {
        for (double stride : STRIDES_S) {
            if (totalS / stride <= most) {
                return stride;
            }
        }
        return STRIDES_S[STRIDES_S.length - 1];
    }

    private static int[] drawnCells(Section section, Outline outline) {
        int[] cells = new int[section.columns() * section.rows()];
        for (int row = 0; row < section.rows(); row++) {
            for (int column = 0; column < section.columns(); column++) {
                double x = (column + 0.5) * outline.halfWidth() / section.columns();
                double y = (row + 0.5) * outline.height() / section.rows();
                cells[row * section.columns() + column] = section.cellNear(x, y);
            }
        }
        return cells;
    }

    /** When the next point is due after {@code seconds}. */
    double nextS(double seconds) {
        return (Math.floor(seconds / strideS + 1e-6) + 1) * strideS;
    }

    void keep(SectionState state) {
        double minute = state.seconds() / 60;
        points.add(new double[] {minute, state.coldestC(), solver.meanC(state), solver.topFaceC(state)});
        double over = state.seconds() / pictureEveryS;
        if (Math.abs(over - Math.rint(over)) < 1e-6) {
            picture(state);
        }
    }

    private void picture(SectionState state) {
        double minute = state.seconds() / 60;
        if (!pictureMinute.isEmpty() && minute - pictureMinute.get(pictureMinute.size() - 1) < 1e-6) {
            return;
        }
        int[] celsius = new int[drawn.length];
        int coldest = 0;
        double coldestC = Double.POSITIVE_INFINITY;
        for (int place = 0; place < drawn.length; place++) {
            double t = solver.cellC(state, drawn[place]);
            celsius[place] = (int) Math.round(t);
            if (t < coldestC) {
                coldestC = t;
                coldest = place;
            }
        }
        Section section = model.section();
        pictureMinute.add(minute);
        pictures.add(celsius);
        // Where the inmost column is coldest the coldest point is the mid-plane itself.
        int column = coldest % section.columns();
        coldestAt.add(new double[] {
            column == 0 ? 0 : (column + 0.5) * model.outline().halfWidth() * 1000 / section.columns(),
            (Math.floorDiv(coldest, section.columns()) + 0.5) * model.outline().height() * 1000 / section.rows()
        });
    }

    void pull(SectionState state) {
        pullC = state.coldestC();
        meanAtPullC = solver.meanC(state);
        picture(state);
    }

    void end(SectionState state) {
        peakC = state.coldestPeakC();
        waterLossG = model.waterLossG(state);
        picture(state);
    }

    double pullC() {
        return pullC;
    }

    double meanAtPullC() {
        return meanAtPullC;
    }

    double peakC() {
        return peakC;
    }

    double waterLossG() {
        return waterLossG;
    }

    Trace trace() {
        return new Trace(series(0), series(1), series(2), series(3));
    }

    private double[] series(int which) {
        return points.stream().mapToDouble(p -> p[which]).toArray();
    }

    Frames frames() {
        Outline outline = model.outline();
        List<double[]> edge = new ArrayList<>();
        for (int upper = 0; upper < 2; upper++) {
            for (int p = 0; p <= OUTLINE_POINTS; p++) {
                double along = upper == 0 ? p : OUTLINE_POINTS - p;
                double x = outline.halfWidth() * Math.sin(Math.PI / 2 * along / OUTLINE_POINTS);
                double y = upper == 0 ? outline.lower(x) : outline.upper(x);
                edge.add(new double[] {x * 1000, y * 1000});
            }
        }
        return new Frames(
                model.section().columns(),
                model.section().rows(),
                outline.halfWidth() * 1000,
                outline.height() * 1000,
                edge,
                pictureMinute.stream().mapToDouble(m -> m).toArray(),
                List.copyOf(pictures),
                coldestAt.stream().mapToDouble(c -> c[0]).toArray(),
                coldestAt.stream().mapToDouble(c -> c[1]).toArray());
    }
}
