package olla.core.estimate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import olla.core.doneness.Band;
import olla.core.estimate.Frames.Kind;
import olla.core.estimate.Frames.LayerDrawing;
import olla.core.heat.Outline;
import olla.core.heat.Section;
import olla.core.heat.SectionSolver;
import olla.core.heat.SectionState;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/** Collects one run: the trace, the pictures, and the figures at the pull and at the end. */
final class Course {

    private static final int MOST_POINTS = 150;
    private static final int MOST_PICTURES = 36;
    private static final int OUTLINE_POINTS = 28;
    /* In the order of the material numbers from COAT on. */
    private static final Kind[] KINDS = {Kind.COAT, Kind.CRUST, Kind.BED, Kind.LIQUID, Kind.FILLING};

    private static final double[] STRIDES_S = {5, 10, 15, 20, 30, 60, 120, 180, 300};

    private final BakeModel model;
    private final boolean covered;
    private final double strideS;
    private final double pictureEveryS;
    private final List<double[]> drawn = new ArrayList<>();

    private final List<double[]> points = new ArrayList<>();
    private final List<Double> pictureMinute = new ArrayList<>();
    private final List<int[]> pictures = new ArrayList<>();
    private final List<double[]> coldestAt = new ArrayList<>();
    private final List<StageSpan> spans = new ArrayList<>();
    private final double[] appearsAt = new double[Stack.MATERIALS];
    private final int columns;
    private final int rows;

    private double pullC;
    private double pullMinute;
    private double meanAtPullC;
    private double outerAtPullC;
    private double dryAtPull;
    private double peakC;
    private double fillingPeakC;
    private double waterLossG;
    private Stack browned;
    private double facedMinute;
    private double facedC;
    private double browning;
    private double goldMinute = Double.NaN;
    private Passage ended;

    Course(BakeModel model, Programme closed) {
        this.model = model;
        this.covered = !model.browns();
        double totalS = 60 * (closed.bakeMinutes().orElseThrow() + closed.restMinutes());
        this.strideS = stride(totalS, MOST_POINTS);
        this.pictureEveryS = Math.max(strideS, stride(totalS, MOST_PICTURES));
        Section section = model.solver(new Stack(true, false)).section();
        this.columns = section.columns();
        this.rows = section.rows();
        Outline outline = model.outline();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                drawn.add(new double[] {
                    (column + 0.5) * outline.halfWidth() / columns,
                    outline.base() + (row + 0.5) * outline.height() / rows
                });
            }
        }
        Arrays.fill(appearsAt, -1);
    }

    private static double stride(double totalS, int most) {
        for (double stride : STRIDES_S) {
            if (totalS / stride <= most) {
                return stride;
            }
        }
        return STRIDES_S[STRIDES_S.length - 1];
    }

    /** When the next point is due after {@code seconds}. */
    double nextS(double seconds) {
        return (Math.floor(seconds / strideS + 1e-6) + 1) * strideS;
    }

    void keep(Passage passage) {
        SectionState state = passage.state();
        boolean fish = passage.stack().fish();
        SectionSolver solver = passage.solver();
        double minute = passage.minutes();
        double outerC = solver.topFaceC(state);
        double skinC = fish ? skinC(passage) : model.startC();
        brown(passage, minute, outerC);
        points.add(new double[] {
            minute,
            fish ? state.coldestC() : model.startC(),
            fish ? solver.meanC(state) : model.startC(),
            skinC,
            outerC,
            fish && model.filled() ? state.coldestC(Stack.FILLING) : Double.NaN
        });
        appeared(passage);
        double over = state.seconds() / pictureEveryS;
        if (Math.abs(over - Math.rint(over)) < 1e-6) {
            picture(passage);
        }
    }

    private double skinC(Passage passage) {
        Section section = passage.solver().section();
        if (section.has(Stack.CRUST) || section.has(Stack.COAT)) {
            Outline flesh = model.outline();
            return passage.solver().cellC(passage.state(), section.cellNear(0, flesh.upper(0)));
        }
        return passage.solver().topFaceC(passage.state());
    }

    /* A face browns from when it is there: what lay uppermost before was another. */
    private void brown(Passage passage, double minute, double outerC) {
        if (!covered && passage.stack().fish() && passage.stack().equals(browned)) {
            browning += Browning.added(minute - facedMinute, (facedC + outerC) / 2);
        }
        browned = passage.stack();
        facedMinute = minute;
        facedC = outerC;
        if (Double.isNaN(goldMinute) && browning >= Browning.Colour.GOLD.from()) {
            goldMinute = minute;
        }
    }

    private void appeared(Passage passage) {
        Section section = passage.solver().section();
        for (int m = 0; m < appearsAt.length; m++) {
            if (appearsAt[m] < 0 && section.has(m)) {
                appearsAt[m] = passage.minutes();
            }
        }
    }

    /** Something was added or turned: what is seen is another picture at the same minute. */
    void changed(Passage passage) {
        appeared(passage);
        brown(passage, passage.minutes(), passage.solver().topFaceC(passage.state()));
        if (passage.stack().fish()) {
            int at = pictureMinute.size() - 1;
            if (at >= 0 && passage.minutes() - pictureMinute.get(at) < 1e-6) {
                pictureMinute.remove(at);
                pictures.remove(at);
                coldestAt.remove(at);
            }
            picture(passage);
        }
    }

    /** A stage is over. */
    void stage(Stage stage, Passage passage) {
        double to = passage.minutes();
        spans.add(new StageSpan(
                stage,
                to - Passage.seconds(stage) / 60,
                to,
                passage.stack().fish() ? passage.state().coldestC() : model.startC()));
    }

    private void picture(Passage passage) {
        double minute = passage.minutes();
        if (!pictureMinute.isEmpty() && minute - pictureMinute.get(pictureMinute.size() - 1) < 1e-6) {
            return;
        }
        boolean fish = passage.stack().fish();
        Section section = passage.solver().section();
        int[] celsius = new int[drawn.size()];
        int coldest = 0;
        double coldestC = Double.POSITIVE_INFINITY;
        for (int place = 0; place < celsius.length; place++) {
            double[] at = drawn.get(place);
            double t = fish ? passage.solver().cellC(passage.state(), section.cellNear(at[0], at[1])) : model.startC();
            celsius[place] = (int) Math.round(t);
            if (t < coldestC && isFlesh(at)) {
                coldestC = t;
                coldest = place;
            }
        }
        pictureMinute.add(minute);
        pictures.add(celsius);
        double[] at = drawn.get(coldest);
        // Where the inmost column is coldest the coldest point is the mid-plane itself.
        coldestAt.add(new double[] {coldest % columns == 0 ? 0 : at[0] * 1000, at[1] * 1000});
    }

    private boolean isFlesh(double[] at) {
        Outline filling = model.layers().inside();
        return model.outline().contains(at[0], at[1]) && (filling == null || !filling.contains(at[0], at[1]));
    }

    /** It comes out. */
    void pull(Passage passage) {
        pullMinute = passage.minutes();
        pullC = passage.state().coldestC();
        meanAtPullC = passage.solver().meanC(passage.state());
        outerAtPullC = passage.solver().topFaceC(passage.state());
        dryAtPull = passage.solver().shareFrom(passage.state(), Band.DRY.fromC());
        picture(passage);
    }

    /** It is served. */
    void end(Passage passage) {
        if (pullMinute == 0) {
            pull(passage);
        }
        ended = passage.copy();
        peakC = passage.state().coldestPeakC();
        fillingPeakC = passage.state().coldestPeakC(Stack.FILLING);
        waterLossG = model.waterLossG(passage.stack(), passage.state());
        picture(passage);
    }

    /** The warmest the coldest flesh gets where it is left to rest for some minutes more, °C. */
    double peakIfLeftC(double minutesMore) {
        Passage on = ended.copy();
        on.finish(List.of(new Stage.Rest(minutesMore)));
        return on.state().coldestPeakC();
    }

    List<StageSpan> spans() {
        return List.copyOf(spans);
    }

    double fillingPeakC() {
        return fillingPeakC;
    }

    double browning() {
        return browning;
    }

    /** When the top turns gold, minutes; NaN where it does not. */
    double goldMinute() {
        return goldMinute;
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

    /** The uppermost face when it comes out, °C. */
    double outerAtPullC() {
        return outerAtPullC;
    }

    /** Which part of the flesh is dry when it comes out, 0 to 1. */
    double dryAtPull() {
        return dryAtPull;
    }

    double waterLossG() {
        return waterLossG;
    }

    Trace trace() {
        double[] filling = series(5);
        return new Trace(
                series(0),
                series(1),
                series(2),
                series(3),
                series(4),
                Double.isNaN(filling[filling.length - 1]) ? new double[0] : filling);
    }

    private double[] series(int which) {
        return points.stream().mapToDouble(p -> p[which]).toArray();
    }

    Frames frames() {
        Outline outline = model.outline();
        List<LayerDrawing> layers = new ArrayList<>();
        for (int m = Stack.COAT; m < Stack.MATERIALS; m++) {
            if (appearsAt[m] >= 0) {
                Kind kind = m == Stack.FILLING && model.layers().hollow() ? Kind.HOLLOW : KINDS[m - Stack.COAT];
                layers.add(new LayerDrawing(kind, edge(model.layers().outline(m)), appearsAt[m]));
            }
        }
        return new Frames(
                columns,
                rows,
                outline.halfWidth() * 1000,
                outline.height() * 1000,
                outline.base() * 1000,
                edge(outline),
                layers,
                pictureMinute.stream().mapToDouble(m -> m).toArray(),
                List.copyOf(pictures),
                coldestAt.stream().mapToDouble(c -> c[0]).toArray(),
                coldestAt.stream().mapToDouble(c -> c[1]).toArray());
    }

    private static List<double[]> edge(Outline outline) {
        List<double[]> edge = new ArrayList<>();
        for (int upper = 0; upper < 2; upper++) {
            for (int p = 0; p <= OUTLINE_POINTS; p++) {
                double along = upper == 0 ? p : OUTLINE_POINTS - p;
                double x = outline.halfWidth() * Math.sin(Math.PI / 2 * along / OUTLINE_POINTS);
                double y = upper == 0 ? outline.lower(x) : outline.upper(x);
                edge.add(new double[] {x * 1000, y * 1000});
            }
        }
        return edge;
    }
}
