package olla.core.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import olla.core.heat.Contacts.Opening;
import olla.core.heat.Contacts.Spring;

/**
 * The wall under a section in columns: one node each where it does not resist, three across it where it does. Between two columns
 * it is as warm as the line between them. What stands out round the dish is the last column's, and has two faces.
 */
final class WallColumns {

    private static final int LEAST = 6;
    private static final int MOST = 12;

    /* Across a wall that resists: a quadratic element, its nodes' shares of the heat held, and its two Gauss points. */
    private static final double[] HELD = {1 / 6.0, 4 / 6.0, 1 / 6.0};
    private static final double GAUSS = 1 / Math.sqrt(3);

    private final Wall wall;
    private final double width;
    private final int first;
    private final int columns;

    /**
     * @param width how far it reaches, m
     * @param elementM wished width of a column, m
     * @param first the number of its first node
     */
    WallColumns(Wall wall, double width, double elementM, int first) {
        this.wall = wall;
        this.width = width;
        this.first = first;
        this.columns = wall.there() ? 1 + Math.max(LEAST, Math.min(MOST, (int) Math.round(width / elementM))) : 0;
    }

    boolean there() {
        return wall.there();
    }

    private int across() {
        return wall.resists() ? HELD.length : 1;
    }

    int nodes() {
        return columns * across();
    }

    private double columnM(int column) {
        double whole = width / (columns - 1);
        return column == 0 || column == columns - 1 ? whole / 2 : whole;
    }

    private double standsOutM(int column) {
        return column == columns - 1 ? wall.finM() : 0;
    }

    /** What each node stands for, m². */
    double[] areas() {
        double[] areas = new double[nodes()];
        for (int i = 0; i < areas.length; i++) {
            double share = wall.resists() ? HELD[i % across()] : 1;
            areas[i] = share * wall.thicknessM() * (columnM(i / across()) + standsOutM(i / across()));
        }
        return areas;
    }

    /** Where a node is, m: its column, and how far below the wall's upper side. */
    double[] place(int node) {
        int across = across();
        double up = across == 1 ? 0 : node % across / (across - 1.0) - 1;
        return new double[] {node / across * width / (columns - 1), up * wall.thicknessM()};
    }

    /** What conducts across it and along it. */
    List<Spring> springs() {
        List<Spring> springs = new ArrayList<>();
        double along = wall.alongWmK() * wall.thicknessM() * (columns - 1) / width;
        for (int node = 0; along > 0 && node < nodes() - across(); node++) {
            double share = wall.resists() ? HELD[node % across()] : 1;
            springs.add(
                    new Spring(new int[] {first + node, first + node + across()}, new double[] {1, -1}, share * along));
        }
        for (int column = 0; column < columns && wall.resists(); column++) {
            int node = first + column * across();
            for (double at : new double[] {-GAUSS, GAUSS}) {
                springs.add(new Spring(
                        new int[] {node, node + 1, node + 2},
                        new double[] {at - 0.5, -2 * at, at + 0.5},
                        2 * wall.conductivityWmK() / wall.thicknessM() * columnM(column)));
            }
        }
        return springs;
    }

    /** Its underside, and both sides of what stands out. */
    List<Opening> openings() {
        List<Opening> openings = new ArrayList<>();
        for (int column = 0; column < columns; column++) {
            double faces = columnM(column) + 2 * standsOutM(column);
            openings.add(new Opening(first + column * across(), Section.TRAY, faces, 0));
        }
        return openings;
    }

    /** What conducts between it and a place on an edge above it at x. */
    Spring join(int[] nodes, double[] basis, double x, double conductance) {
        double at = Math.max(0, Math.min(1, x / width)) * (columns - 1);
        int left = Math.min(columns - 2, (int) at);
        int count = nodes.length;
        int[] all = Arrays.copyOf(nodes, count + 2);
        double[] weights = Arrays.copyOf(basis, count + 2);
        for (int side = 0; side < 2; side++) {
            all[count + side] = first + (left + side) * across() + across() - 1;
            weights[count + side] = side == 0 ? at - left - 1 : left - at;
        }
        return new Spring(all, weights, conductance);
    }
}
