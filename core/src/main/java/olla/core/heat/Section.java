package olla.core.heat;

import java.util.List;

/**
 * The section cut into cells: a network of volumes, the links heat crosses between them, and the faces it enters by.
 * Made by {@link SectionBuilder}; immutable. Volumes and areas are those of the modelled part (half, or a quarter where
 * the length is sliced); {@link #symmetry} times them is the whole piece.
 */
public final class Section {

    /** Material number of flesh; the mean is taken over it. */
    public static final int FLESH = 0;

    /** Material number of the tray's metal. */
    public static final int TRAY = 1;

    final double[] volume;
    final int[] material;
    final int[] from;
    final int[] to;
    final int fleshCells;

    final int[] linkA;
    final int[] linkB;
    final double[] linkArea;
    final double[] linkHalfA;
    final double[] linkHalfB;
    final double[] linkContact;

    final int[] faceCell;
    final int[] faceMaterial;
    final double[] faceArea;
    final double[] faceHalf;
    final double[] faceUp;
    final int topFace;

    private final CellGrid[] grids;
    private final double symmetry;
    private final int slices;

    /** Heat's way between two cells: area m², half-distances m, contact resistance m²K/W. */
    record Link(int a, int b, double area, double halfA, double halfB, double contact) {}

    /** A cell's way out: area m², distance from the cell's middle m, how far it looks up (0 to 1). */
    record Opening(int cell, int material, double area, double half, double up) {}

    Section(
            CellGrid[] grids,
            double[] volume,
            int[] material,
            int[] from,
            int[] to,
            List<Link> links,
            List<Opening> openings,
            int topFace,
            double symmetry,
            int slices) {
        this.grids = grids;
        this.volume = volume;
        this.material = material;
        this.from = from;
        this.to = to;
        this.fleshCells = to[FLESH];
        this.linkA = links.stream().mapToInt(Link::a).toArray();
        this.linkB = links.stream().mapToInt(Link::b).toArray();
        this.linkArea = links.stream().mapToDouble(Link::area).toArray();
        this.linkHalfA = links.stream().mapToDouble(Link::halfA).toArray();
        this.linkHalfB = links.stream().mapToDouble(Link::halfB).toArray();
        this.linkContact = links.stream().mapToDouble(Link::contact).toArray();
        this.faceCell = openings.stream().mapToInt(Opening::cell).toArray();
        this.faceMaterial = openings.stream().mapToInt(Opening::material).toArray();
        this.faceArea = openings.stream().mapToDouble(Opening::area).toArray();
        this.faceHalf = openings.stream().mapToDouble(Opening::half).toArray();
        this.faceUp = openings.stream().mapToDouble(Opening::up).toArray();
        this.topFace = topFace;
        this.symmetry = symmetry;
        this.slices = slices;
    }

    /** How many cells there are: flesh first, then further layers, then the tray's. */
    public int cells() {
        return volume.length;
    }

    /** How many material numbers it knows: those from 2 on are the caller's. */
    int materials() {
        return from.length;
    }

    /** Whether a material is in it. */
    public boolean has(int materialNumber) {
        return materialNumber < from.length && to[materialNumber] > from[materialNumber];
    }

    /** Columns of the flesh's drawing grid, from the mid-plane outwards. */
    public int columns() {
        return grids[FLESH].columns;
    }

    /** Rows of the flesh's drawing grid, from the bottom up. */
    public int rows() {
        return grids[FLESH].rows;
    }

    /** The flesh cell drawn at a grid place, or -1 where the place lies outside the outline. */
    public int cellAt(int column, int row) {
        return grids[FLESH].owner[row * grids[FLESH].columns + column];
    }

    /** The flesh cell nearest to a point of the section, in the slice at the middle of the length; metres. */
    public int cellNear(double x, double y) {
        return cellNear(FLESH, x, y);
    }

    /** The cell of a material nearest to a point of the section, in the slice at the middle of the length; metres. */
    public int cellNear(int materialNumber, double x, double y) {
        return from[materialNumber] + grids[materialNumber].nearest(x, y);
    }

    /** The cell of this section that lies where a cell of another lies, or upside down about a height, m. */
    int counterpart(Section other, int cell, double upsideDownAboutM) {
        int number = other.material[cell];
        if (number == TRAY) {
            return from[TRAY] + cell - other.from[TRAY];
        }
        int within = cell - other.from[number];
        if (upsideDownAboutM == 0) {
            return from[number] + within;
        }
        CellGrid there = other.grids[number];
        int slice = within / there.count;
        int at = within % there.count;
        return from[number]
                + slice * grids[number].count
                + grids[number].nearest(there.centreX[at], upsideDownAboutM - there.centreY[at]);
    }

    /** How often the modelled part stands in the whole piece: 2, or 4 where the length is sliced. */
    public double symmetry() {
        return symmetry;
    }

    /** In how many slices half the length is cut. */
    public int slices() {
        return slices;
    }

    /** Volume of flesh in the modelled part, m³. */
    public double fleshVolume() {
        return volumeOf(FLESH);
    }

    /** Volume of a material in the modelled part, m³. */
    public double volumeOf(int materialNumber) {
        double sum = 0;
        for (int i = from[materialNumber]; i < to[materialNumber]; i++) {
            sum += volume[i];
        }
        return sum;
    }
}
