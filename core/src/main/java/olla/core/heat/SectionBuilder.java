package olla.core.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import olla.core.heat.Section.Link;
import olla.core.heat.Section.Opening;

/**
 * Builds a {@link Section}: cells of each layer, the tray under them, the faces round them. The outlines are drawn out
 * along a length, or turned about their upright axis. Where a drawn-out piece is short its length is cut into slices too,
 * from the middle to one end, and the solve is truly three-dimensional; a long piece is one slice and its ends do not
 * count.
 *
 * <p>Each layer has a grid of its own. Layers are joined along their outlines: every edge is walked in short chords, and
 * what lies just outside a chord (another layer, the tray, the oven) is what that bit of edge is linked to.
 */
public final class SectionBuilder {

    private static final int CHORDS = 400;

    /* Widths that differ by less than this share are the same. */
    private static final double SAME_WIDTH = 1e-9;

    /* Distances from a cut cell's middle to its edges are taken as at least this share of a cell. */
    private static final double LEAST_HALF = 0.35;

    /* An edge lies on what is below where it looks down at least this steeply (cosine with the vertical). */
    static final double LOOKS_DOWN = 0.3;

    /* Beyond this gap the underside meets the oven's air and not what is below, m. */
    static final double MOST_GAP_M = 0.006;

    /* How far outside an edge its neighbour is looked for, m. */
    private static final double JUST_OUTSIDE_M = 5e-5;

    /* Still air near 100 °C conducts 0.031 W/mK; across it the tray radiates some 10 W/m²K (from memory). */
    static final double AIR_W_MK = 0.031;
    static final double RADIATION_W_M2K = 10;

    private final List<Layer> layers;
    private final CellGrid[] grids;
    private final int[] firstCell;
    private final CellGrid trayGrid;
    private final int trayFirst;
    private final double trayThickness;
    private final int sliceCount;
    private final double sliceLength;
    private final boolean turned;
    private final List<Link> links = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();
    private final Map<Long, Seam> seams = new LinkedHashMap<>();
    private final Map<Integer, Seam> open = new LinkedHashMap<>();

    /**
     * A piece of flesh alone.
     *
     * @param outline right half of the section
     * @param stepM wished cell size, m
     * @param trayThicknessM metal under the piece, m; 0 for no tray, then the underside meets the oven too
     * @param contactWm2K conductance between piece and tray where they touch, W/m²K
     * @param lengthM length of the piece, m
     * @param slicesPerHalf 1 for a long piece; more to solve half its length in as many slices
     */
    public SectionBuilder(
            Outline outline,
            double stepM,
            double trayThicknessM,
            double contactWm2K,
            double lengthM,
            int slicesPerHalf) {
        this(List.of(Layer.flesh(outline, stepM, contactWm2K)), trayThicknessM, lengthM, slicesPerHalf, false);
    }

    /**
     * Several layers.
     *
     * @param layers each material at most once; one that lies inside another comes before it
     */
    public SectionBuilder(List<Layer> layers, double trayThicknessM, double lengthM, int slicesPerHalf) {
        this(layers, trayThicknessM, lengthM, slicesPerHalf, false);
    }

    /** A round piece: the outline turned about its upright axis. */
    public static SectionBuilder turned(Outline outline, double stepM, double trayThicknessM, double contactWm2K) {
        return new SectionBuilder(List.of(Layer.flesh(outline, stepM, contactWm2K)), trayThicknessM, 1, 1, true);
    }

    private SectionBuilder(
            List<Layer> layers, double trayThicknessM, double lengthM, int slicesPerHalf, boolean turned) {
        this.layers = List.copyOf(layers);
        this.trayThickness = trayThicknessM;
        this.sliceCount = slicesPerHalf;
        this.turned = turned;
        this.sliceLength = slicesPerHalf == 1 ? lengthM : lengthM / 2 / slicesPerHalf;
        this.grids = layers.stream().map(CellGrid::new).toArray(CellGrid[]::new);
        this.firstCell = new int[grids.length];
        int next = 0;
        // Flesh stands first among the cells whatever lies inside it.
        for (int pass = 0; pass < 2; pass++) {
            for (int layer = 0; layer < grids.length; layer++) {
                if ((material(layer) == Section.FLESH) == (pass == 0)) {
                    firstCell[layer] = next;
                    next += grids[layer].count * slicesPerHalf;
                }
            }
        }
        this.trayFirst = next;
        this.trayGrid = grids[widest(layers)];
    }

    /* The first of those that reach the furthest. Two that are as wide may differ in the last digit, and which of them gives
    the tray its columns must not hang on that: the tray would change under the dish when a layer is added. */
    private static int widest(List<Layer> layers) {
        double most =
                layers.stream().mapToDouble(l -> l.outline().halfWidth()).max().orElseThrow();
        int found = 0;
        while (layers.get(found).outline().halfWidth() < most * (1 - SAME_WIDTH)) {
            found++;
        }
        return found;
    }

    private int material(int layer) {
        return layers.get(layer).material();
    }

    /** The section. */
    public Section build() {
        for (int layer = 0; layer < grids.length; layer++) {
            linkNeighbours(layer);
            walk(layer);
            joinSlices(layer);
        }
        addSeams();
        int topFace = addOpenings();
        int trays = trayThickness > 0 ? trayGrid.columns : 0;
        double[] volume = new double[trayFirst + trays * sliceCount];
        int[] material = new int[volume.length];
        int materials = 1 + layers.stream().mapToInt(Layer::material).reduce(Section.TRAY, Math::max);
        int[] from = new int[materials];
        int[] to = new int[materials];
        CellGrid[] byMaterial = new CellGrid[materials];
        for (int layer = 0; layer < grids.length; layer++) {
            CellGrid grid = grids[layer];
            from[material(layer)] = firstCell[layer];
            to[material(layer)] = firstCell[layer] + grid.count * sliceCount;
            byMaterial[material(layer)] = grid;
            for (int z = 0; z < sliceCount; z++) {
                for (int i = 0; i < grid.count; i++) {
                    volume[cell(layer, z, i)] = grid.area[i] * depth(grid.centreX[i]);
                    material[cell(layer, z, i)] = material(layer);
                }
            }
        }
        from[Section.TRAY] = trayFirst;
        to[Section.TRAY] = volume.length;
        for (int z = 0; z < sliceCount; z++) {
            for (int i = 0; i < trays; i++) {
                double plate = trayGrid.dx * depth((i + 0.5) * trayGrid.dx);
                volume[tray(z, i)] = plate * trayThickness;
                material[tray(z, i)] = Section.TRAY;
                openings.add(new Opening(tray(z, i), Section.TRAY, plate, trayThickness / 2, 0));
            }
        }
        return new Section(byMaterial, volume, material, from, to, links, openings, topFace, symmetry(), sliceCount);
    }

    private double symmetry() {
        if (turned) {
            return 1;
        }
        return sliceCount == 1 ? 2 : 4;
    }

    /* How far the section reaches out of the paper at x, m: the slice's length, or the circle through x. */
    private double depth(double x) {
        return turned ? 2 * Math.PI * x : sliceLength;
    }

    private int cell(int layer, int slice, int cell) {
        return firstCell[layer] + slice * grids[layer].count + cell;
    }

    private int tray(int slice, int column) {
        return trayFirst + slice * trayGrid.columns + column;
    }

    private void linkNeighbours(int layer) {
        CellGrid grid = grids[layer];
        for (int row = 0; row < grid.rows; row++) {
            for (int column = 0; column < grid.columns; column++) {
                int at = row * grid.columns + column;
                double middle = (column + 0.5) * grid.dx;
                if (column + 1 < grid.columns) {
                    double x = (column + 1) * grid.dx;
                    double area = grid.uprightEdge(column, row) * depth(x);
                    link(layer, grid.owner[at], grid.owner[at + 1], area, x, grid.centreX);
                }
                if (row + 1 < grid.rows) {
                    double y = grid.base + (row + 1) * grid.dy;
                    double area = grid.levelEdge(column, row) * depth(middle);
                    link(layer, grid.owner[at], grid.owner[at + grid.columns], area, y, grid.centreY);
                }
            }
        }
    }

    private void link(int layer, int a, int b, double area, double where, double[] centre) {
        if (a < 0 || b < 0 || a == b || area <= 0) {
            return;
        }
        double least = least(grids[layer]);
        double halfA = Math.max(least, Math.abs(where - centre[a]));
        double halfB = Math.max(least, Math.abs(where - centre[b]));
        for (int z = 0; z < sliceCount; z++) {
            links.add(new Link(cell(layer, z, a), cell(layer, z, b), area, halfA, halfB, 0));
        }
    }

    private static double least(CellGrid grid) {
        return LEAST_HALF * Math.min(grid.dx, grid.dy);
    }

    private void joinSlices(int layer) {
        for (int i = 0; i < grids[layer].count; i++) {
            double area = grids[layer].area[i];
            double half = sliceLength / 2;
            for (int z = 0; z + 1 < sliceCount; z++) {
                links.add(new Link(cell(layer, z, i), cell(layer, z + 1, i), area, half, half, 0));
            }
            if (sliceCount > 1) {
                openings.add(new Opening(cell(layer, sliceCount - 1, i), material(layer), area, half, 0));
            }
        }
    }

    /* Walks a layer's outer edge in short chords and gathers what each cell has of edge to whatever lies outside. */
    private void walk(int layer) {
        Outline outline = layers.get(layer).outline();
        double side = outline.halfWidth();
        double x = 0;
        for (double next : stations(side)) {
            chord(layer, Chord.between(x, outline.lower(x), next, outline.lower(next), 1));
            chord(layer, Chord.between(x, outline.upper(x), next, outline.upper(next), -1));
            x = next;
        }
        double low = outline.lower(side);
        double high = outline.upper(side);
        for (int p = 0; p < CHORDS; p++) {
            double from = low + (high - low) * p / CHORDS;
            double to = low + (high - low) * (p + 1) / CHORDS;
            chord(layer, Chord.between(side, from, side, to, 1));
        }
    }

    /* Where chords end, from the mid-plane out: crowded towards the side, where a curved edge is steep, and at every
     * grid's columns, so that no chord lies over two of them. */
    private double[] stations(double side) {
        DoubleStream crowded =
                IntStream.rangeClosed(1, CHORDS).mapToDouble(p -> side * Math.sin(Math.PI / 2 * p / CHORDS));
        DoubleStream columns = Arrays.stream(grids)
                .flatMapToDouble(g -> IntStream.rangeClosed(1, g.columns).mapToDouble(c -> c * g.dx));
        return DoubleStream.concat(crowded, columns)
                .filter(x -> x <= side)
                .sorted()
                .distinct()
                .toArray();
    }

    /** A bit of edge, with its middle and the normal that looks out; walked forwards the inside lies left of it. */
    private record Chord(double x, double y, double length, double outX, double outY) {
        static Chord between(double x1, double y1, double x2, double y2, int forwards) {
            double along = x2 - x1;
            double up = y2 - y1;
            double length = Math.sqrt(along * along + up * up);
            return new Chord((x1 + x2) / 2, (y1 + y2) / 2, length, forwards * up / length, -forwards * along / length);
        }

        double distance(CellGrid grid, int cell) {
            return Math.abs(outX * (x - grid.centreX[cell]) + outY * (y - grid.centreY[cell]));
        }
    }

    private void chord(int layer, Chord chord) {
        if (chord.length() == 0) {
            return;
        }
        CellGrid grid = grids[layer];
        int at = grid.nearest(chord.x(), chord.y());
        double area = chord.length() * depth(chord.x());
        double half = chord.distance(grid, at);
        int cell = cell(layer, 0, at);
        Optional<Integer> outside =
                layerAt(chord.x() + JUST_OUTSIDE_M * chord.outX(), chord.y() + JUST_OUTSIDE_M * chord.outY(), layer);
        if (outside.isPresent()) {
            // Both walk the edge between them; the one named first joins it.
            if (outside.get() > layer) {
                join(layer, at, outside.get(), chord, area, half, 1 / contact(outside.get()));
            }
            return;
        }
        if (-chord.outY() > LOOKS_DOWN) {
            Optional<Integer> below = layerBelow(chord, layer);
            double floor =
                    below.map(b -> layers.get(b).outline().upper(chord.x())).orElse(0.0);
            double gap = chord.y() - floor;
            double resistance = 1 / contact(layer) + (gap > 1e-9 ? 1 / (AIR_W_MK / gap + RADIATION_W_M2K) : 0);
            if (gap < MOST_GAP_M && below.isPresent()) {
                join(layer, at, below.get(), chord, area, half, resistance);
                return;
            }
            if (gap < MOST_GAP_M && trayThickness > 0) {
                int column = Math.min(trayGrid.columns - 1, (int) (chord.x() / trayGrid.dx));
                seam(cell, tray(0, column)).add(area, half, 0, resistance);
                return;
            }
        }
        open.computeIfAbsent(cell, c -> new Seam()).add(area, half, 0, Math.max(0, chord.outY()));
    }

    private void join(int layer, int at, int other, Chord chord, double area, double half, double resistance) {
        CellGrid grid = grids[other];
        int there = grid.nearest(chord.x(), chord.y());
        seam(cell(layer, 0, at), cell(other, 0, there)).add(area, half, chord.distance(grid, there), resistance);
    }

    private Seam seam(int a, int b) {
        return seams.computeIfAbsent((long) a << 32 | b, key -> new Seam());
    }

    private double contact(int layer) {
        return layers.get(layer).contactWm2K();
    }

    private Optional<Integer> layerAt(double x, double y, int but) {
        for (int i = 0; i < layers.size(); i++) {
            if (i != but && layers.get(i).contains(Math.abs(x), y)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /* The layer whose top is the highest of those wholly below a point. */
    private Optional<Integer> layerBelow(Chord chord, int but) {
        int found = -1;
        for (int i = 0; i < layers.size(); i++) {
            Outline outline = layers.get(i).outline();
            if (i == but || chord.x() > outline.halfWidth() || outline.upper(chord.x()) > chord.y() + 1e-9) {
                continue;
            }
            if (found < 0
                    || outline.upper(chord.x()) > layers.get(found).outline().upper(chord.x())) {
                found = i;
            }
        }
        return found < 0 ? Optional.empty() : Optional.of(found);
    }

    private int layerOf(int cell) {
        int found = 0;
        for (int layer = 0; layer < grids.length; layer++) {
            if (cell >= firstCell[layer] && cell < firstCell[layer] + grids[layer].count * sliceCount) {
                found = layer;
            }
        }
        return found;
    }

    private void addSeams() {
        seams.forEach((key, seam) -> {
            int a = (int) (key >> 32);
            int b = (int) (key & 0xffffffffL);
            boolean onTray = b >= trayFirst;
            int layerA = layerOf(a);
            int strideB = onTray ? trayGrid.columns : grids[layerOf(b)].count;
            double halfA = Math.max(onTray ? LEAST_HALF * grids[layerA].dy : least(grids[layerA]), seam.halfA());
            double halfB = onTray ? trayThickness / 2 : Math.max(least(grids[layerOf(b)]), seam.halfB());
            for (int z = 0; z < sliceCount; z++) {
                links.add(
                        new Link(a + z * grids[layerA].count, b + z * strideB, seam.area, halfA, halfB, seam.value()));
            }
        });
    }

    private int addOpenings() {
        int highest = 0;
        for (int layer = 0; layer < layers.size(); layer++) {
            if (layers.get(layer).outline().upper(0)
                    > layers.get(highest).outline().upper(0)) {
                highest = layer;
            }
        }
        int topCell = cell(
                highest,
                0,
                grids[highest].nearest(0, layers.get(highest).outline().upper(0)));
        int[] topFace = {0};
        open.forEach((cell, seam) -> {
            int layer = layerOf(cell);
            if (cell == topCell) {
                topFace[0] = openings.size();
            }
            for (int z = 0; z < sliceCount; z++) {
                openings.add(new Opening(
                        cell + z * grids[layer].count,
                        material(layer),
                        seam.area,
                        Math.max(least(grids[layer]), seam.halfA()),
                        seam.value()));
            }
        });
        return topFace[0];
    }

    /** Edge gathered between two places: area m², and by area the distances m and a value (a resistance, an upward look). */
    private static final class Seam {
        private double area;
        private double halfASum;
        private double halfBSum;
        private double valueSum;

        void add(double chordArea, double halfA, double halfB, double value) {
            area += chordArea;
            halfASum += chordArea * halfA;
            halfBSum += chordArea * halfB;
            valueSum += chordArea * value;
        }

        double halfA() {
            return halfASum / area;
        }

        double halfB() {
            return halfBSum / area;
        }

        double value() {
            return valueSum / area;
        }
    }
}
