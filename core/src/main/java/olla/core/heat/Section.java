package olla.core.heat;

import java.util.List;

/**
 * The section cut into cells: a network of volumes, the links heat crosses between them, and the faces it enters by.
 * Made by {@link SectionBuilder}; immutable. Volumes and areas are those of the modelled part (half, or a quarter where
 * the length is sliced); {@link #symmetry} times them is the whole piece.
 */
public final class Section {

    /** Material number of flesh; the coldest point and the mean are taken over it. */
    public static final int FLESH = 0;

    /** Material number of the tray's metal. */
    public static final int TRAY = 1;

    /** Face role: meets the oven from above or from the side. */
    public static final int UPPER = 0;

    /** Face role: the tray's underside. */
    public static final int UNDER = 1;

    final double[] volume;
    final int[] material;
    final int fleshCells;

    final int[] linkA;
    final int[] linkB;
    final double[] linkArea;
    final double[] linkHalfA;
    final double[] linkHalfB;
    final double[] linkContact;

    final int[] faceCell;
    final int[] faceRole;
    final double[] faceArea;
    final double[] faceHalf;
    final int topFace;

    private final CellGrid grid;
    private final double symmetry;

    /** Heat's way between two cells: area m², half-distances m, contact resistance m²K/W. */
    record Link(int a, int b, double area, double halfA, double halfB, double contact) {}

    /** A cell's way out: area m², distance from the cell's middle m. */
    record Opening(int cell, int role, double area, double half) {}

    Section(
            CellGrid grid,
            double[] volume,
            int[] material,
            int fleshCells,
            List<Link> links,
            List<Opening> openings,
            int topFace,
            double symmetry) {
        this.grid = grid;
        this.volume = volume;
        this.material = material;
        this.fleshCells = fleshCells;
        this.linkA = links.stream().mapToInt(Link::a).toArray();
        this.linkB = links.stream().mapToInt(Link::b).toArray();
        this.linkArea = links.stream().mapToDouble(Link::area).toArray();
        this.linkHalfA = links.stream().mapToDouble(Link::halfA).toArray();
        this.linkHalfB = links.stream().mapToDouble(Link::halfB).toArray();
        this.linkContact = links.stream().mapToDouble(Link::contact).toArray();
        this.faceCell = openings.stream().mapToInt(Opening::cell).toArray();
        this.faceRole = openings.stream().mapToInt(Opening::role).toArray();
        this.faceArea = openings.stream().mapToDouble(Opening::area).toArray();
        this.faceHalf = openings.stream().mapToDouble(Opening::half).toArray();
        this.topFace = topFace;
        this.symmetry = symmetry;
    }

    /** How many cells there are, flesh first, then the tray's. */
    public int cells() {
        return volume.length;
    }

    /** Columns of the drawing grid, from the mid-plane outwards. */
    public int columns() {
        return grid.columns;
    }

    /** Rows of the drawing grid, from the bottom up. */
    public int rows() {
        return grid.rows;
    }

    /** The cell drawn at a grid place, or -1 where the place lies outside the outline. */
    public int cellAt(int column, int row) {
        return grid.owner[row * grid.columns + column];
    }

    /** The flesh cell nearest to a point of the section, in the slice at the middle of the length; metres. */
    public int cellNear(double x, double y) {
        return grid.nearest(x, y);
    }

    /** How often the modelled part stands in the whole piece: 2, or 4 where the length is sliced. */
    public double symmetry() {
        return symmetry;
    }

    /** Volume of flesh in the modelled part, m³. */
    public double fleshVolume() {
        double sum = 0;
        for (int i = 0; i < fleshCells; i++) {
            sum += volume[i];
        }
        return sum;
    }
}
