package olla.core.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A layer cut by a square grid of its own. A cell on a curved edge has its true share of area and its true centre; one that
 * keeps less than half joins the larger neighbour it shares most edge with, so that no sliver holds the time step
 * down.
 */
final class CellGrid {

    private static final double LEAST_SHARE = 0.5;
    private static final int SAMPLES = 24;

    private final Layer layer;
    private final Outline outline;
    final int columns;
    final int rows;
    final double dx;
    final double dy;

    /** The grid's lowest edge, m. */
    final double base;

    /** Cell that each grid place belongs to, -1 outside; row by row from the bottom. */
    final int[] owner;

    /** Area m² and centre m of each cell, {@link #count} of them. */
    final double[] area;

    final double[] centreX;
    final double[] centreY;
    int count;

    CellGrid(Layer layer) {
        this.layer = layer;
        this.outline = layer.outline();
        boolean flesh = layer.material() == Section.FLESH;
        this.columns = Math.max(flesh ? 3 : 1, (int) Math.round(outline.halfWidth() / layer.stepM()));
        this.rows = Math.max(flesh ? 4 : 1, (int) Math.round(outline.height() / layer.stepM()));
        this.base = outline.base();
        this.dx = outline.halfWidth() / columns;
        this.dy = outline.height() / rows;
        this.owner = new int[columns * rows];
        this.area = new double[columns * rows];
        this.centreX = new double[columns * rows];
        this.centreY = new double[columns * rows];
        measure();
        number(mergeSlivers());
    }

    private void measure() {
        for (int i = 0; i < columns; i++) {
            for (int s = 0; s < SAMPLES; s++) {
                double x = (i + (s + 0.5) / SAMPLES) * dx;
                for (double[] span : spans(x)) {
                    for (int j = 0; j < rows; j++) {
                        double from = Math.max(span[0], base + j * dy);
                        double to = Math.min(span[1], base + (j + 1) * dy);
                        if (to > from) {
                            int at = j * columns + i;
                            double slice = (to - from) * dx / SAMPLES;
                            area[at] += slice;
                            centreX[at] += slice * x;
                            centreY[at] += slice * (from + to) / 2;
                        }
                    }
                }
            }
        }
    }

    /* The stretches of an upright line that lie in the layer, from the bottom up: pairs of y, m. */
    private List<double[]> spans(double x) {
        List<double[]> found = new ArrayList<>();
        double low = outline.lower(x);
        for (Outline hole : layer.holes()) {
            if (x < hole.halfWidth() && hole.upper(x) > hole.lower(x)) {
                found.add(new double[] {low, hole.lower(x)});
                low = hole.upper(x);
            }
        }
        found.add(new double[] {low, outline.upper(x)});
        return found;
    }

    /** Length of the edge a grid place shares with the next column, m. */
    double uprightEdge(int column, int row) {
        double sum = 0;
        for (double[] span : spans((column + 1) * dx)) {
            sum += Math.max(0, Math.min(span[1], base + (row + 1) * dy) - Math.max(span[0], base + row * dy));
        }
        return sum;
    }

    /** Length of the edge a grid place shares with the next row, m. */
    double levelEdge(int column, int row) {
        double y = base + (row + 1) * dy;
        int inside = 0;
        for (int s = 0; s < SAMPLES; s++) {
            double x = (column + (s + 0.5) / SAMPLES) * dx;
            if (layer.contains(x, y)) {
                inside++;
            }
        }
        return dx * inside / SAMPLES;
    }

    private int[] mergeSlivers() {
        int[] master = new int[area.length];
        double[] own = area.clone();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                int at = row * columns + column;
                boolean sliver = own[at] > 0 && own[at] < LEAST_SHARE * dx * dy;
                master[at] = sliver ? widestNeighbour(column, row, own) : at;
            }
        }
        for (int at = 0; at < master.length; at++) {
            while (master[at] != master[master[at]]) {
                master[at] = master[master[at]];
            }
        }
        for (int at = 0; at < master.length; at++) {
            int to = master[at];
            if (to != at) {
                area[to] += area[at];
                centreX[to] += centreX[at];
                centreY[to] += centreY[at];
            }
        }
        return master;
    }

    private int widestNeighbour(int column, int row, double[] own) {
        int at = row * columns + column;
        int best = at;
        double widest = 0;
        int[][] sides = {{-1, 0}, {1, 0}, {0, -1}, {0, 1}};
        for (int[] side : sides) {
            int c = column + side[0];
            int r = row + side[1];
            if (c < 0 || r < 0 || c >= columns || r >= rows || own[r * columns + c] <= own[at]) {
                continue;
            }
            double edge = side[0] != 0 ? uprightEdge(Math.min(c, column), row) : levelEdge(column, Math.min(r, row));
            if (edge > widest) {
                widest = edge;
                best = r * columns + c;
            }
        }
        return best;
    }

    private void number(int[] master) {
        int[] numbers = new int[area.length];
        Arrays.fill(numbers, -1);
        for (int at = 0; at < area.length; at++) {
            if (master[at] == at && area[at] > 0) {
                numbers[at] = count;
                double whole = area[at];
                centreX[count] = centreX[at] / whole;
                centreY[count] = centreY[at] / whole;
                area[count] = whole;
                count++;
            }
        }
        for (int at = 0; at < area.length; at++) {
            owner[at] = numbers[master[at]];
        }
    }

    /** The cell a point lies in, or the one whose centre is nearest. */
    int nearest(double x, double y) {
        int column = Math.max(0, Math.min(columns - 1, (int) (x / dx)));
        int row = Math.max(0, Math.min(rows - 1, (int) ((y - base) / dy)));
        int here = owner[row * columns + column];
        if (here >= 0) {
            return here;
        }
        int best = 0;
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < count; i++) {
            double across = x - centreX[i];
            double up = y - centreY[i];
            double squared = across * across + up * up;
            if (squared < nearest) {
                nearest = squared;
                best = i;
            }
        }
        return best;
    }
}
