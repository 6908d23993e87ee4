package olla.core.heat;

import java.util.ArrayList;
import java.util.List;
import olla.core.heat.Section.Link;
import olla.core.heat.Section.Opening;

/**
 * Builds a {@link Section}: cells from the outline, the tray under it, the faces round it. The outline is drawn out along
 * a length, or turned about its upright axis. Where a drawn-out piece is short its length is cut into slices too, from
 * the middle to one end, and the solve is truly three-dimensional; a long piece is one slice and its ends do not count.
 */
public final class SectionBuilder {

    private static final int CHORDS = 400;

    /* Distances from a cut cell's middle to its edges are taken as at least this share of a cell. */
    private static final double LEAST_HALF = 0.35;

    /* An edge lies on the tray where it looks down at least this steeply (cosine with the vertical). */
    private static final double LOOKS_DOWN = 0.3;

    /* Beyond this gap the underside meets the oven's air and not the tray, m. */
    private static final double MOST_GAP_M = 0.006;

    /* Still air near 100 °C conducts 0.031 W/mK; across it the tray radiates some 10 W/m²K (from memory). */
    private static final double AIR_W_MK = 0.031;
    private static final double RADIATION_W_M2K = 10;

    private final Outline outline;
    private final CellGrid grid;
    private final double trayThickness;
    private final double contactWm2K;
    private final int sliceCount;
    private final double sliceLength;
    private final boolean turned;
    private final List<Link> links = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();

    /**
     * @param outline right half of the section
     * @param stepM wished cell size, m; the outline's sides are divided evenly into cells of about this
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
        this(outline, stepM, trayThicknessM, contactWm2K, lengthM, slicesPerHalf, false);
    }

    /** A round piece: the outline turned about its upright axis. */
    public static SectionBuilder turned(Outline outline, double stepM, double trayThicknessM, double contactWm2K) {
        return new SectionBuilder(outline, stepM, trayThicknessM, contactWm2K, 1, 1, true);
    }

    private SectionBuilder(
            Outline outline,
            double stepM,
            double trayThicknessM,
            double contactWm2K,
            double lengthM,
            int slicesPerHalf,
            boolean turned) {
        this.outline = outline;
        this.grid = new CellGrid(outline, stepM);
        this.trayThickness = trayThicknessM;
        this.contactWm2K = contactWm2K;
        this.sliceCount = slicesPerHalf;
        this.turned = turned;
        this.sliceLength = slicesPerHalf == 1 ? lengthM : lengthM / 2 / slicesPerHalf;
    }

    /** The section. */
    public Section build() {
        linkNeighbours();
        int topFace = openEdges();
        joinSlices();
        int flesh = grid.count * sliceCount;
        int trays = trayThickness > 0 ? grid.columns : 0;
        double[] volume = new double[flesh + trays * sliceCount];
        int[] material = new int[volume.length];
        for (int z = 0; z < sliceCount; z++) {
            for (int i = 0; i < grid.count; i++) {
                volume[flesh(z, i)] = grid.area[i] * depth(grid.centreX[i]);
            }
            for (int i = 0; i < trays; i++) {
                double plate = grid.dx * depth((i + 0.5) * grid.dx);
                volume[tray(z, i)] = plate * trayThickness;
                material[tray(z, i)] = Section.TRAY;
                openings.add(new Opening(tray(z, i), Section.UNDER, plate, 0));
            }
        }
        return new Section(grid, volume, material, flesh, links, openings, topFace, symmetry());
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

    private int flesh(int slice, int cell) {
        return slice * grid.count + cell;
    }

    private int tray(int slice, int column) {
        return sliceCount * grid.count + slice * grid.columns + column;
    }

    private void linkNeighbours() {
        for (int row = 0; row < grid.rows; row++) {
            for (int column = 0; column < grid.columns; column++) {
                int at = row * grid.columns + column;
                double middle = (column + 0.5) * grid.dx;
                if (column + 1 < grid.columns) {
                    double x = (column + 1) * grid.dx;
                    link(grid.owner[at], grid.owner[at + 1], grid.uprightEdge(column, row) * depth(x), x, grid.centreX);
                }
                if (row + 1 < grid.rows) {
                    double y = (row + 1) * grid.dy;
                    link(
                            grid.owner[at],
                            grid.owner[at + grid.columns],
                            grid.levelEdge(column, row) * depth(middle),
                            y,
                            grid.centreY);
                }
            }
        }
    }

    private void link(int a, int b, double area, double where, double[] centre) {
        if (a < 0 || b < 0 || a == b || area <= 0) {
            return;
        }
        double least = LEAST_HALF * Math.min(grid.dx, grid.dy);
        double halfA = Math.max(least, Math.abs(where - centre[a]));
        double halfB = Math.max(least, Math.abs(where - centre[b]));
        for (int z = 0; z < sliceCount; z++) {
            links.add(new Link(flesh(z, a), flesh(z, b), area, halfA, halfB, 0));
        }
    }

    private void joinSlices() {
        for (int i = 0; i < grid.count; i++) {
            for (int z = 0; z + 1 < sliceCount; z++) {
                double half = sliceLength / 2;
                links.add(new Link(flesh(z, i), flesh(z + 1, i), grid.area[i], half, half, 0));
            }
            if (sliceCount > 1) {
                openings.add(new Opening(flesh(sliceCount - 1, i), Section.UPPER, grid.area[i], sliceLength / 2));
            }
        }
    }

    /* Walks the outline in short chords and gathers what each cell has of edge to the oven and to the tray below. */
    private int openEdges() {
        Edge toOven = new Edge(grid.count);
        Edge toTray = new Edge(grid.count * grid.columns);
        double[] end = {outline.halfWidth(), outline.lower(outline.halfWidth()), outline.upper(outline.halfWidth())};
        double[] below = {0, outline.lower(0)};
        double[] above = {0, outline.upper(0)};
        for (int p = 1; p <= CHORDS; p++) {
            // Points crowd towards the side, where a curved edge is steep.
            double x = outline.halfWidth() * Math.sin(Math.PI / 2 * p / CHORDS);
            double[] nextBelow = {x, outline.lower(x)};
            double[] nextAbove = {x, outline.upper(x)};
            chord(below, nextBelow, trayThickness > 0, toOven, toTray);
            chord(above, nextAbove, false, toOven, toTray);
            below = nextBelow;
            above = nextAbove;
        }
        for (int p = 0; p < CHORDS; p++) {
            double[] from = {end[0], end[1] + (end[2] - end[1]) * p / CHORDS};
            double[] to = {end[0], end[1] + (end[2] - end[1]) * (p + 1) / CHORDS};
            chord(from, to, false, toOven, toTray);
        }
        addTrayLinks(toTray);
        return addOpenings(toOven);
    }

    private void chord(double[] from, double[] to, boolean mayLie, Edge toOven, Edge toTray) {
        double length = Math.hypot(to[0] - from[0], to[1] - from[1]);
        if (length == 0) {
            return;
        }
        double x = (from[0] + to[0]) / 2;
        double y = (from[1] + to[1]) / 2;
        double normalX = (to[1] - from[1]) / length;
        double normalY = (to[0] - from[0]) / length;
        int cell = grid.nearest(x, y);
        double half = Math.abs(normalX * (x - grid.centreX[cell]) - normalY * (y - grid.centreY[cell]));
        if (mayLie && y < MOST_GAP_M && normalY > LOOKS_DOWN) {
            int column = Math.min(grid.columns - 1, (int) (x / grid.dx));
            double acrossGap = y > 1e-9 ? 1 / (AIR_W_MK / y + RADIATION_W_M2K) : 0;
            toTray.add(cell * grid.columns + column, length * depth(x), half, 1 / contactWm2K + acrossGap);
        } else {
            toOven.add(cell, length * depth(x), half, 0);
        }
    }

    private void addTrayLinks(Edge toTray) {
        double least = LEAST_HALF * grid.dy;
        for (int at = 0; at < toTray.area.length; at++) {
            if (toTray.area[at] > 0) {
                for (int z = 0; z < sliceCount; z++) {
                    links.add(new Link(
                            flesh(z, at / grid.columns),
                            tray(z, at % grid.columns),
                            toTray.area[at],
                            Math.max(least, toTray.half(at)),
                            0,
                            toTray.contact(at)));
                }
            }
        }
    }

    private int addOpenings(Edge toOven) {
        double least = LEAST_HALF * Math.min(grid.dx, grid.dy);
        int topCell = grid.nearest(0, outline.upper(0));
        int topFace = 0;
        for (int cell = 0; cell < grid.count; cell++) {
            if (toOven.area[cell] > 0) {
                if (cell == topCell) {
                    topFace = openings.size();
                }
                for (int z = 0; z < sliceCount; z++) {
                    openings.add(new Opening(
                            flesh(z, cell), Section.UPPER, toOven.area[cell], Math.max(least, toOven.half(cell))));
                }
            }
        }
        return topFace;
    }

    /** Edge gathered by place: areas m², and area-weighted distances m and resistances m²K/W. */
    private static final class Edge {
        private final double[] area;
        private final double[] halfSum;
        private final double[] contactSum;

        Edge(int places) {
            area = new double[places];
            halfSum = new double[places];
            contactSum = new double[places];
        }

        void add(int place, double chordArea, double half, double contact) {
            area[place] += chordArea;
            halfSum[place] += chordArea * half;
            contactSum[place] += chordArea * contact;
        }

        double half(int place) {
            return halfSum[place] / area[place];
        }

        double contact(int place) {
            return contactSum[place] / area[place];
        }
    }
}
