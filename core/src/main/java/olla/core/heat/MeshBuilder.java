package olla.core.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import olla.core.heat.Mesh.Edge;

/**
 * Builds a {@link Mesh} from patches, each a curved quadrangle that is mapped from the unit square. A layer that is flesh right
 * through is a core with a ring round it, so that no element has a corner on a smooth edge; one that goes round another is a ring;
 * one that lies on another is a strip. Rings and strips take their divisions from what they lie on, so that nodes face nodes.
 */
final class MeshBuilder {

    /* Nodes nearer than this are one, m; the smallest elements are some tenths of a millimetre. */
    private static final double SAME_M = 1e-7;
    private static final double CELL_M = 1e-5;

    /* How deep the ring round a core is, as a share of half the height, and how far the core's sides bend as the outline does. Tried
     * for rounded blocks and ellipses; with 0.3 to 0.6 errors hardly change. */
    private static final double RING_DEPTH = 0.45;
    private static final double BEND = 0.6;
    private static final double LEAST_CORE = 0.35;

    private static final double AXIS_M = 3e-4;

    /** A map from the unit square into the section. */
    @FunctionalInterface
    interface Patch {
        /** Where a place of the square is: x and y, m. */
        double[] at(double u, double v);
    }

    private final LobattoRule rule;
    private final boolean turned;
    private final List<double[]> points = new ArrayList<>();
    private final List<Integer> materials = new ArrayList<>();
    private final List<int[]> elements = new ArrayList<>();
    private final List<Integer> elementMaterials = new ArrayList<>();
    private final Map<Long, List<Integer>> byPlace = new HashMap<>();

    /**
     * @param order of the elements' polynomials
     * @param turned whether the section stands for what arises when it is turned about its upright axis
     */
    MeshBuilder(int order, boolean turned) {
        this.rule = new LobattoRule(order);
        this.turned = turned;
    }

    /** So many even divisions of 0 to 1. */
    static double[] even(int count) {
        double[] at = new double[count + 1];
        for (int i = 0; i <= count; i++) {
            at[i] = (double) i / count;
        }
        return at;
    }

    /** A patch in elements that end at these places of the unit square. */
    void patch(int material, double[] us, double[] vs, Patch map) {
        int n = rule.count();
        for (int b = 0; b + 1 < vs.length; b++) {
            for (int a = 0; a + 1 < us.length; a++) {
                int[] element = new int[n * n];
                for (int j = 0; j < n; j++) {
                    for (int i = 0; i < n; i++) {
                        double u = us[a] + (rule.point(i) + 1) / 2 * (us[a + 1] - us[a]);
                        double v = vs[b] + (rule.point(j) + 1) / 2 * (vs[b + 1] - vs[b]);
                        element[j * n + i] = node(material, map.at(u, v));
                    }
                }
                elements.add(element);
                elementMaterials.add(material);
            }
        }
    }

    private int node(int material, double[] at) {
        double column = at[0] / CELL_M;
        double row = at[1] / CELL_M;
        double reach = SAME_M / CELL_M;
        for (long i = (long) Math.floor(column - reach); i <= (long) Math.floor(column + reach); i++) {
            for (long j = (long) Math.floor(row - reach); j <= (long) Math.floor(row + reach); j++) {
                for (int known : byPlace.getOrDefault(place(material, i, j), List.of())) {
                    double[] there = points.get(known);
                    if (materials.get(known) == material
                            && Math.abs(there[0] - at[0]) < SAME_M
                            && Math.abs(there[1] - at[1]) < SAME_M) {
                        return known;
                    }
                }
            }
        }
        long place = place(material, (long) Math.floor(column), (long) Math.floor(row));
        byPlace.computeIfAbsent(place, key -> new ArrayList<>()).add(points.size());
        points.add(at);
        materials.add(material);
        return points.size() - 1;
    }

    private static long place(int material, long column, long row) {
        return (column * 1_000_003 + row) * 64 + material;
    }

    /**
     * All that is inside a rim.
     *
     * @param along divisions of its bottom and top, from the mid-plane out, 0 to 1
     * @param up how many elements its side has
     * @param deep how many the ring round its core has
     */
    void solid(int material, Rim rim, double[] along, int up, int deep) {
        Patch[] core = new Patch[Rim.SIDES];
        double[][] ends = coreCorners(rim);
        for (int side = 0; side < Rim.SIDES; side++) {
            core[side] = bentAs(rim, side, ends[side], ends[side + 1]);
        }
        patch(material, along, even(up), between(core));
        for (int side = 0; side < Rim.SIDES; side++) {
            int its = side;
            patch(material, divisions(side, along, up), even(deep), (u, v) -> {
                double[] inner = core[its].at(u, 0);
                double[] outer = rim.at(its, u);
                return new double[] {inner[0] + v * (outer[0] - inner[0]), inner[1] + v * (outer[1] - inner[1])};
            });
        }
    }

    /* The core's four corners: below on the mid-plane, right below, right above, above on the mid-plane. */
    private static double[][] coreCorners(Rim rim) {
        double[] low = rim.at(Rim.SIDE, 0);
        double[] high = rim.at(Rim.SIDE, 1);
        double bottom = rim.at(Rim.BOTTOM, 0)[1];
        double top = rim.at(Rim.TOP, 1)[1];
        double middle = (bottom + top) / 2;
        double between = (low[1] + high[1]) / 2;
        double narrow = Math.min(low[0], high[0]);
        double width = Math.max(LEAST_CORE, 1 - RING_DEPTH * (top - bottom) / 2 / narrow);
        double height = 1 - RING_DEPTH;
        return new double[][] {
            {0, middle + height * (bottom - middle)},
            {width * low[0], between + height * (low[1] - between)},
            {width * high[0], between + height * (high[1] - between)},
            {0, middle + height * (top - middle)}
        };
    }

    /* A line from one point to another that bends a little as a side of the rim does. */
    private static Patch bentAs(Rim rim, int side, double[] from, double[] to) {
        double[] first = rim.at(side, 0);
        double[] last = rim.at(side, 1);
        return (share, none) -> {
            double[] outer = rim.at(side, share);
            double[] at = new double[2];
            for (int c = 0; c < 2; c++) {
                double bow = outer[c] - first[c] - share * (last[c] - first[c]);
                at[c] = from[c] + share * (to[c] - from[c]) + BEND * bow;
            }
            return at;
        };
    }

    /* The map between a core's three sides and the mid-plane (published: Gordon and Hall 1973, transfinite interpolation, from
     * memory). */
    private static Patch between(Patch[] sides) {
        double[][] corner = {
            sides[Rim.BOTTOM].at(0, 0), sides[Rim.BOTTOM].at(1, 0), sides[Rim.TOP].at(0, 0), sides[Rim.TOP].at(1, 0)
        };
        return (u, v) -> {
            double[] below = sides[Rim.BOTTOM].at(u, 0);
            double[] above = sides[Rim.TOP].at(1 - u, 0);
            double[] right = sides[Rim.SIDE].at(v, 0);
            double[] at = new double[2];
            for (int c = 0; c < 2; c++) {
                double left = corner[0][c] + v * (corner[3][c] - corner[0][c]);
                double straight = (1 - u) * (1 - v) * corner[0][c]
                        + u * (1 - v) * corner[1][c]
                        + u * v * corner[2][c]
                        + (1 - u) * v * corner[3][c];
                at[c] = (1 - v) * below[c] + v * above[c] + (1 - u) * left + u * right[c] - straight;
            }
            return at;
        };
    }

    /* The divisions of a side, in the direction in which it is walked. */
    private static double[] divisions(int side, double[] along, int up) {
        if (side == Rim.SIDE) {
            return even(up);
        }
        return side == Rim.BOTTOM ? along : mirrored(along);
    }

    private static double[] mirrored(double[] at) {
        double[] back = new double[at.length];
        for (int i = 0; i < at.length; i++) {
            back[i] = 1 - at[at.length - 1 - i];
        }
        return back;
    }

    /** All that is between two rims, divided as {@link #solid} divides the inner one. */
    void ring(int material, Rim inner, Rim outer, double[] along, int up, int deep) {
        for (int side = 0; side < Rim.SIDES; side++) {
            int its = side;
            patch(material, divisions(side, along, up), even(deep), (u, v) -> {
                double[] in = inner.at(its, u);
                double[] out = outer.at(its, u);
                return new double[] {in[0] + v * (out[0] - in[0]), in[1] + v * (out[1] - in[1])};
            });
        }
    }

    /**
     * What lies on the top of a rim, upright so deep.
     *
     * @param fromM how far above the rim it begins, m
     * @param depthM how deep it is, m
     */
    void strip(int material, Rim host, double fromM, double depthM, double[] along, int deep) {
        patch(material, mirrored(along), even(deep), (u, v) -> {
            double[] at = host.at(Rim.TOP, u);
            return new double[] {at[0], at[1] + fromM + v * depthM};
        });
    }

    /** An upright rectangle, m. */
    void box(int material, double left, double right, double bottom, double top, int across, int deep) {
        patch(material, even(across), even(deep), (u, v) ->
                new double[] {left + u * (right - left), bottom + v * (top - bottom)});
    }

    /** The mesh of all patches. */
    Mesh build() {
        int n = rule.count();
        int per = n * n;
        int count = points.size();
        double[] x = points.stream().mapToDouble(p -> p[0]).toArray();
        double[] y = points.stream().mapToDouble(p -> p[1]).toArray();
        double[] area = new double[count];
        int[] nodeOf = new int[elements.size() * per];
        double[] metric = new double[3 * nodeOf.length];
        for (int e = 0; e < elements.size(); e++) {
            int[] nodes = elements.get(e);
            System.arraycopy(nodes, 0, nodeOf, e * per, per);
            for (int at = 0; at < per; at++) {
                double[] across = slope(nodes, at % n, at / n * n, 1);
                double[] over = slope(nodes, at / n, at % n, n);
                double size = Math.abs(across[0] * over[1] - over[0] * across[1]);
                double weight = rule.weight(at % n) * rule.weight(at / n) * depth(x[nodes[at]]);
                area[nodes[at]] += weight * size;
                int g = 3 * (e * per + at);
                metric[g] = weight * (over[0] * over[0] + over[1] * over[1]) / size;
                metric[g + 1] = -weight * (across[0] * over[0] + across[1] * over[1]) / size;
                metric[g + 2] = weight * (across[0] * across[0] + across[1] * across[1]) / size;
            }
        }
        int[] material = materials.stream().mapToInt(m -> m).toArray();
        int[] elementMaterial = elementMaterials.stream().mapToInt(m -> m).toArray();
        return new Mesh(rule, x, y, area, material, nodeOf, elementMaterial, metric, edges());
    }

    /* How the place of an element's nodes changes along one of its lines, at one of the line's points. */
    private double[] slope(int[] nodes, int at, int first, int stride) {
        double[] slope = new double[2];
        for (int s = 0; s < rule.count(); s++) {
            double[] p = points.get(nodes[first + s * stride]);
            slope[0] += rule.slope(at, s) * p[0];
            slope[1] += rule.slope(at, s) * p[1];
        }
        return slope;
    }

    /* How far the section reaches out of the paper at x: a metre, or the circle through x. */
    private double depth(double x) {
        // What lies on the axis would stand for nothing and hold no heat.
        return turned ? 2 * Math.PI * Math.max(x, AXIS_M) : 1;
    }

    private List<Edge> edges() {
        int n = rule.count();
        Map<Long, int[]> once = new HashMap<>();
        for (int e = 0; e < elements.size(); e++) {
            for (int side = 0; side < 4; side++) {
                int a = elements.get(e)[place(side, 0)];
                int b = elements.get(e)[place(side, n - 1)];
                long key = (long) Math.min(a, b) << 32 | Math.max(a, b);
                if (once.remove(key) == null) {
                    once.put(key, new int[] {e, side});
                }
            }
        }
        return once.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(entry -> edge(entry.getValue()[0], entry.getValue()[1]))
                .filter(edge -> Arrays.stream(edge.node()).anyMatch(i -> points.get(i)[0] > SAME_M))
                .toList();
    }

    /* Where in an element the points of one of its sides are, walked anticlockwise in its own square. */
    private int place(int side, int i) {
        int n = rule.count();
        return switch (side) {
            case 0 -> i;
            case 1 -> i * n + n - 1;
            case 2 -> n * n - 1 - i;
            default -> (n - 1 - i) * n;
        };
    }

    private Edge edge(int element, int side) {
        int n = rule.count();
        int[] node = new int[n];
        double midX = 0;
        double midY = 0;
        for (int i = 0; i < n; i++) {
            node[i] = elements.get(element)[place(side, i)];
        }
        for (int i : elements.get(element)) {
            midX += points.get(i)[0] / elements.get(element).length;
            midY += points.get(i)[1] / elements.get(element).length;
        }
        double[] length = new double[n];
        double[] outX = new double[n];
        double[] outY = new double[n];
        for (int i = 0; i < n; i++) {
            double[] along = slope(node, i, 0, 1);
            double size = Math.sqrt(along[0] * along[0] + along[1] * along[1]);
            double[] at = points.get(node[i]);
            double outwards = along[1] * (at[0] - midX) - along[0] * (at[1] - midY) < 0 ? -1 : 1;
            length[i] = rule.weight(i) * size * depth(at[0]);
            outX[i] = outwards * along[1] / size;
            outY[i] = -outwards * along[0] / size;
        }
        return new Edge(elementMaterials.get(element), node, length, outX, outY);
    }
}
