package olla.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import olla.core.doneness.Band;
import olla.core.heat.DenseOutput;
import olla.core.heat.Outline;
import olla.core.heat.Place;
import olla.core.heat.Section;
import olla.core.heat.SectionSolver;
import olla.core.heat.SectionState;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.simulation.Frames.Kind;
import olla.core.simulation.Frames.LayerDrawing;

/** Collects one run: the trace, the pictures, and the figures at the pull and at the end. */
public final class BakeRecorder {

    private static final int MOST_POINTS = 60;
    private static final int MOST_PICTURES = 36;
    private static final int OUTLINE_POINTS = 28;

    /* The drawing's places are no farther apart than this, m, and no more than so many up and out. */
    private static final double DRAWN_M = 0.002;
    private static final int MOST_ROWS = 22;
    private static final int MOST_COLUMNS = 64;
    private static final int LEAST_COLUMNS = 3;
    private static final int LEAST_ROWS = 4;

    private static final double[] STRIDES_S = {5, 10, 15, 20, 30, 60, 120, 180, 300};

    private final BakeModel model;
    private final double strideS;
    private final double pictureEveryS;
    private final List<double[]> drawn = new ArrayList<>();
    private final Map<Section, List<Place>> placesOf = new HashMap<>();
    private final Map<Section, Place> skinOf = new HashMap<>();

    private final List<double[]> points = new ArrayList<>();
    private final List<Double> pictureMinute = new ArrayList<>();
    private final List<int[]> pictures = new ArrayList<>();
    private final List<double[]> coldestAt = new ArrayList<>();
    private final List<StageSpan> spans = new ArrayList<>();
    private final boolean draws;
    private final double[] appearsAt;
    private final int columns;
    private final int rows;

    private double pullC;
    private double pullMinute;
    private double meanAtPullC;
    private double outerAtPullC;
    private double dryAtPull;
    private double peakC;
    private double fillingPeakC;
    private Juice juice;
    private TrayLoad browned;
    private double facedMinute;
    private double facedC;
    private double browning;
    private double goldMinute = Double.NaN;
    private BakeProgress ended;
    private DenseOutput between;
    private SectionState then;

    /** @param draws whether pictures are kept too */
    BakeRecorder(BakeModel model, Programme closed, boolean draws) {
        this.model = model;
        this.draws = draws;
        double totalS = 60 * (closed.bakeMinutes().orElseThrow() + closed.restMinutes());
        this.strideS = stride(totalS, MOST_POINTS);
        this.pictureEveryS = Math.max(strideS, stride(totalS, MOST_PICTURES));
        Outline outline = model.outline();
        double apart = Math.max(DRAWN_M, outline.height() / MOST_ROWS);
        this.columns = Math.max(LEAST_COLUMNS, Math.min(MOST_COLUMNS, (int) Math.round(outline.halfWidth() / apart)));
        this.rows = Math.max(LEAST_ROWS, (int) Math.round(outline.height() / apart));
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                drawn.add(new double[] {
                    (column + 0.5) * outline.halfWidth() / columns,
                    outline.base() + (row + 0.5) * outline.height() / rows
                });
            }
        }
        this.appearsAt = new double[model.layers().materials()];
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

    /** A stride is about to be made from here. */
    void from(BakeProgress progress) {
        if (between == null || between.solver() != progress.solver()) {
            between = new DenseOutput(progress.solver());
            then = progress.state().copy();
        }
        between.from(progress.state());
    }

    /**
     * It has come to here: keeps what was due on the way, and what is now where that is due or its stage is over.
     *
     * @param until when its stage is over, s
     */
    void keepUpTo(BakeProgress progress, double until) {
        between.to(progress.state());
        double now = progress.state().seconds();
        double due = nextS(between.beganS());
        for (; due < now - 1e-6; due = nextS(due)) {
            between.at(due, then);
            keep(progress.seenAt(then));
        }
        if (due <= now + 1e-6 || until - now <= 1e-6) {
            keep(progress);
        }
    }

    void keep(BakeProgress progress) {
        SectionState state = progress.state();
        boolean fish = progress.load().fish();
        SectionSolver solver = progress.solver();
        double minute = progress.minutes();
        double outerC = solver.topFaceC(state);
        double skinC = fish ? skinC(progress) : model.startC();
        brown(progress, minute, outerC);
        points.add(new double[] {
            minute,
            progress.coldestC(),
            fish ? solver.meanC(state) : model.startC(),
            skinC,
            outerC,
            fish && model.filled() ? model.insideC(state) : Double.NaN,
            1000 * solver.topCrustM(state),
            fish ? model.juice(progress.load(), state).liquorG() : 0,
            browning
        });
        appeared(progress);
        double over = state.seconds() / pictureEveryS;
        if (Math.abs(over - Math.rint(over)) < 1e-6) {
            picture(progress);
        }
    }

    private double skinC(BakeProgress progress) {
        Section section = progress.solver().section();
        if (model.covered(section)) {
            Outline flesh = model.outline();
            Place skin = skinOf.computeIfAbsent(section, s -> s.place(TrayLoad.FLESH, 0, flesh.upper(0)));
            return progress.solver().celsius(progress.state(), skin);
        }
        return progress.solver().topFaceC(progress.state());
    }

    /* A face browns from when it is there: what lay uppermost before was another. */
    private void brown(BakeProgress progress, double minute, double outerC) {
        if (model.browns(progress.load())
                && progress.load().fish()
                && progress.load().equals(browned)) {
            double times = model.browning(progress.solver().section().topMaterial());
            browning += times * Browning.added(minute - facedMinute, (facedC + outerC) / 2);
        } else if (covers(progress)) {
            browning = 0;
            goldMinute = Double.NaN;
        }
        browned = progress.load();
        facedMinute = minute;
        facedC = outerC;
        if (Double.isNaN(goldMinute) && browning >= Browning.Colour.GOLD.from()) {
            goldMinute = minute;
        }
    }

    /* Something new lies uppermost: whatever colour was there is under it. */
    private boolean covers(BakeProgress progress) {
        return browned != null
                && model.solver(browned).section().topMaterial()
                        != progress.solver().section().topMaterial();
    }

    private void appeared(BakeProgress progress) {
        Section section = progress.solver().section();
        for (int m = 0; m < appearsAt.length; m++) {
            boolean there =
                    section.has(m) || progress.load().fish() && model.layers().isHollow(m);
            if (appearsAt[m] < 0 && there) {
                appearsAt[m] = progress.minutes();
            }
        }
    }

    /** Something was added or turned: what is seen is another picture at the same minute. */
    void changed(BakeProgress progress) {
        appeared(progress);
        brown(progress, progress.minutes(), progress.solver().topFaceC(progress.state()));
        if (progress.load().fish()) {
            int at = pictureMinute.size() - 1;
            if (at >= 0 && progress.minutes() - pictureMinute.get(at) < 1e-6) {
                pictureMinute.remove(at);
                pictures.remove(at);
                coldestAt.remove(at);
            }
            picture(progress);
        }
    }

    /** A stage is over. */
    void stage(Stage stage, BakeProgress progress) {
        double to = progress.minutes();
        spans.add(new StageSpan(stage, to - BakeProgress.seconds(stage) / 60, to, progress.coldestC()));
    }

    private void picture(BakeProgress progress) {
        double minute = progress.minutes();
        if (!draws || !pictureMinute.isEmpty() && minute - pictureMinute.get(pictureMinute.size() - 1) < 1e-6) {
            return;
        }
        boolean fish = progress.load().fish();
        List<Place> places = fish ? places(progress.solver().section()) : List.of();
        int[] celsius = new int[drawn.size()];
        int coldest = 0;
        double coldestC = Double.POSITIVE_INFINITY;
        for (int place = 0; place < celsius.length; place++) {
            double t = fish ? progress.solver().celsius(progress.state(), places.get(place)) : model.startC();
            celsius[place] = (int) Math.round(t);
            if (t < coldestC && isFlesh(drawn.get(place))) {
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

    private List<Place> places(Section section) {
        return placesOf.computeIfAbsent(
                section,
                s -> drawn.stream()
                        .map(at -> s.place(TrayLoad.FLESH, at[0], at[1]))
                        .toList());
    }

    /* Which part of the flesh is as warm as this or warmer, by the places that are drawn. */
    private double shareFrom(BakeProgress progress, double celsius) {
        List<Place> inside = places(progress.solver().section()).stream()
                .filter(Place::inside)
                .toList();
        long warm = inside.stream()
                .filter(place -> progress.solver().celsius(progress.state(), place) >= celsius)
                .count();
        return (double) warm / inside.size();
    }

    private boolean isFlesh(double[] at) {
        int inside = model.layers().inside();
        return model.outline().contains(at[0], at[1])
                && (inside == TrayLoad.FLESH || !model.layers().outline(inside).contains(at[0], at[1]));
    }

    /** It comes out. */
    void pull(BakeProgress progress) {
        pullMinute = progress.minutes();
        pullC = progress.coldestC();
        meanAtPullC = progress.solver().meanC(progress.state());
        outerAtPullC = progress.solver().topFaceC(progress.state());
        dryAtPull = shareFrom(progress, Band.DRY.fromC());
        picture(progress);
    }

    /** It is served. */
    void end(BakeProgress progress) {
        if (pullMinute == 0) {
            pull(progress);
        }
        ended = progress.copy();
        peakC = progress.state().coldestPeakC();
        fillingPeakC = model.filled() ? model.insidePeakC(progress.state()) : 0;
        juice = model.juice(progress.load(), progress.state());
        picture(progress);
    }

    /** The warmest the coldest flesh gets where it is left to rest for some minutes more, °C. */
    public double peakIfLeftC(double minutesMore) {
        BakeProgress on = ended.copy();
        on.finish(List.of(new Stage.Rest(minutesMore)));
        return on.state().coldestPeakC();
    }

    /** The stages in the order they were gone through. */
    public List<StageSpan> spans() {
        return List.copyOf(spans);
    }

    /** The warmest the coldest filling has been, °C; 0 where there is none. */
    public double fillingPeakC() {
        return fillingPeakC;
    }

    /** How brown the top is at the end, as {@link Browning} counts it. */
    public double browning() {
        return browning;
    }

    /** When the top turns gold, minutes; NaN where it does not. */
    public double goldMinute() {
        return goldMinute;
    }

    /** The coldest flesh when it comes out, °C. */
    public double pullC() {
        return pullC;
    }

    /** The flesh's mean when it comes out, °C. */
    public double meanAtPullC() {
        return meanAtPullC;
    }

    /** The warmest the coldest flesh has been by the end of the rest, °C. */
    public double peakC() {
        return peakC;
    }

    /** The uppermost face when it comes out, °C. */
    public double outerAtPullC() {
        return outerAtPullC;
    }

    /** Which part of the flesh is dry when it comes out, 0 to 1. */
    public double dryAtPull() {
        return dryAtPull;
    }

    /** What the whole piece has lost by the end of the rest. */
    public Juice juice() {
        return juice;
    }

    /** The run as curves. */
    public Trace trace() {
        double[] filling = series(5);
        return new Trace(
                series(0),
                series(1),
                series(2),
                series(3),
                series(4),
                Double.isNaN(filling[filling.length - 1]) ? new double[0] : filling,
                series(6),
                series(7),
                series(8));
    }

    private double[] series(int which) {
        return points.stream().mapToDouble(p -> p[which]).toArray();
    }

    /** The run as pictures of the section; none where it was not gone through for them. */
    public Frames frames() {
        Outline outline = model.outline();
        List<LayerDrawing> layers = new ArrayList<>();
        for (int m = Layers.FIRST; m < appearsAt.length; m++) {
            if (appearsAt[m] >= 0) {
                layers.add(new LayerDrawing(
                        Kind.of(model.layers().laid(m)), edge(model.layers().outline(m)), appearsAt[m]));
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
