package olla.core.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import olla.core.heat.Contacts.Opening;
import olla.core.heat.Contacts.Spring;

/**
 * The section made ready for solving: nodes that hold heat, elements and springs it is conducted by, and the faces it enters by. Made
 * by {@link SectionBuilder}; immutable. Areas are those of the modelled half; a short piece is solved in several planes along half its
 * length too, each plane a section like this. {@link #symmetry} times what is modelled is the whole piece.
 *
 * <p>Nodes are numbered in the order in which the solver's matrix is eliminated.
 */
public final class Section {

    /** Material number of flesh; the mean is taken over it. */
    public static final int FLESH = 0;

    /** Material number of the tray's metal. */
    public static final int TRAY = 1;

    private static final double ON_MID_PLANE_M = 1e-9;

    final LobattoRule rule;

    final int nodes;
    final double[] x;
    final double[] y;
    final double[] area;
    final int[] material;

    final int elements;
    final int[] nodeOf;
    final int[] elementMaterial;
    final double[] metric;

    final int[] springStart;
    final int[] springNode;
    final double[] springWeight;
    final double[] conductance;

    final int[] faceNode;
    final double[] faceArea;
    final double[] faceUp;
    final int topNode;

    /** What each plane stands for along the length, m, and what conducts between planes, 1/m. */
    final double[] planeM;

    final double[] planeSlope;

    /** Where what conducts stands in a matrix, and the places and sizes of what never changes in it. */
    final SparsePattern pattern;

    final int[] elementAt;
    final double[] elementEntry;
    final double[] nodeEntry;
    final double[] springEntry;

    /** About where each element lies. */
    final Box[] box;

    private final double[] volume;
    private final int[][] elementsOf;

    /** An upright rectangle, m. */
    record Box(double left, double right, double bottom, double top) {
        /* A curved edge is a little outside the box of its nodes. */
        private static final double OUTSIDE = 0.05;

        static Box round(double[] x, double[] y, int[] nodes) {
            double left = Arrays.stream(nodes).mapToDouble(i -> x[i]).min().orElseThrow();
            double right = Arrays.stream(nodes).mapToDouble(i -> x[i]).max().orElseThrow();
            double bottom = Arrays.stream(nodes).mapToDouble(i -> y[i]).min().orElseThrow();
            double top = Arrays.stream(nodes).mapToDouble(i -> y[i]).max().orElseThrow();
            double slack = OUTSIDE * (right - left + top - bottom);
            return new Box(left - slack, right + slack, bottom - slack, top + slack);
        }

        boolean contains(double x, double y) {
            return x >= left && x <= right && y >= bottom && y <= top;
        }
    }

    Section(Mesh mesh, WallColumns wall, List<Spring> springs, List<Opening> openings, double lengthM, int planes) {
        this.rule = mesh.rule;
        double[] wallAreas = wall.areas();
        this.nodes = mesh.nodes() + wallAreas.length;
        this.elements = mesh.elements();
        List<int[]> together = together(mesh, springs);
        int[] place = Ordering.of(nodes, together);
        this.x = new double[nodes];
        this.y = new double[nodes];
        this.area = new double[nodes];
        this.material = new int[nodes];
        for (int i = 0; i < nodes; i++) {
            boolean inMesh = i < mesh.nodes();
            double[] at = inMesh ? new double[] {mesh.x[i], mesh.y[i]} : wall.place(i - mesh.nodes());
            x[place[i]] = at[0];
            y[place[i]] = at[1];
            area[place[i]] = inMesh ? mesh.area[i] : wallAreas[i - mesh.nodes()];
            material[place[i]] = inMesh ? mesh.material[i] : TRAY;
        }
        this.nodeOf = Arrays.stream(mesh.nodeOf).map(i -> place[i]).toArray();
        this.elementMaterial = mesh.elementMaterial;
        this.metric = mesh.metric;
        this.springStart = new int[springs.size() + 1];
        this.conductance = springs.stream().mapToDouble(Spring::conductance).toArray();
        this.springNode = springs.stream()
                .flatMapToInt(s -> Arrays.stream(s.nodes()))
                .map(i -> place[i])
                .toArray();
        this.springWeight = springs.stream()
                .flatMapToDouble(s -> Arrays.stream(s.weights()))
                .toArray();
        for (int s = 0; s < springs.size(); s++) {
            springStart[s + 1] = springStart[s] + springs.get(s).nodes().length;
        }
        this.faceNode = openings.stream().mapToInt(o -> place[o.node()]).toArray();
        this.faceArea = openings.stream().mapToDouble(Opening::area).toArray();
        this.faceUp = openings.stream().mapToDouble(Opening::up).toArray();
        LobattoRule lengthwise = planes > 1 ? new LobattoRule(planes - 1) : null;
        this.planeM = new double[planes];
        this.planeSlope = new double[planes * planes];
        Arrays.fill(planeM, lengthM);
        for (int p = 0; p < planes && planes > 1; p++) {
            planeM[p] = lengthwise.weight(p) * lengthM / 4;
            for (int q = 0; q < planes; q++) {
                planeSlope[p * planes + q] = lengthwise.slope(p, q) * 4 / lengthM;
            }
        }
        together.forEach(group -> Arrays.setAll(group, i -> place[group[i]]));
        this.pattern = new SparsePattern(nodes, together);
        int per = rule.count() * rule.count();
        int half = per * (per + 1) / 2;
        this.box = IntStream.range(0, elements)
                .mapToObj(e -> Box.round(x, y, Arrays.copyOfRange(nodeOf, e * per, (e + 1) * per)))
                .toArray(Box[]::new);
        this.elementAt = new int[elements * half];
        this.elementEntry = new double[elements * half];
        this.nodeEntry = new double[elements * per * half];
        for (int e = 0; e < elements; e++) {
            int to = e * half;
            for (int a = 0; a < per; a++) {
                for (int b = a; b < per; b++) {
                    elementAt[to++] = pattern.at(nodeOf[e * per + a], nodeOf[e * per + b]);
                }
            }
            for (int at = 0; at < per; at++) {
                mesh.stiffness(e, at, nodeEntry, (e * per + at) * half);
                for (int c = 0; c < half; c++) {
                    elementEntry[e * half + c] += nodeEntry[(e * per + at) * half + c];
                }
            }
        }
        this.springEntry = new double[pattern.size()];
        for (int s = 0; s < conductance.length; s++) {
            for (int a = springStart[s]; a < springStart[s + 1]; a++) {
                for (int b = a; b < springStart[s + 1]; b++) {
                    springEntry[pattern.at(springNode[a], springNode[b])] +=
                            conductance[s] * springWeight[a] * springWeight[b];
                }
            }
        }
        int highest = Arrays.stream(material).max().orElse(TRAY);
        this.volume = new double[1 + Math.max(TRAY, highest)];
        for (int i = 0; i < nodes; i++) {
            volume[material[i]] += area[i] * Arrays.stream(planeM).sum();
        }
        this.topNode = top();
        this.elementsOf = elementsOf(per);
    }

    /* The nodes that conduct to each other: in each element, and by each spring. */
    private static List<int[]> together(Mesh mesh, List<Spring> springs) {
        List<int[]> groups = new ArrayList<>();
        for (int e = 0; e < mesh.elements(); e++) {
            groups.add(Arrays.copyOfRange(mesh.nodeOf, e * mesh.perElement, (e + 1) * mesh.perElement));
        }
        springs.forEach(s -> groups.add(s.nodes().clone()));
        return groups;
    }

    /** The material number of the uppermost face at the mid-plane. */
    public int topMaterial() {
        return material[topNode];
    }

    private int top() {
        int best = -1;
        for (int i = 0; i < nodes; i++) {
            if (material[i] != TRAY && x[i] < ON_MID_PLANE_M && (best < 0 || y[i] > y[best])) {
                best = i;
            }
        }
        return best;
    }

    private int[][] elementsOf(int per) {
        int[] count = new int[nodes];
        Arrays.stream(nodeOf).forEach(i -> count[i]++);
        int[][] found = new int[nodes][];
        for (int i = 0; i < nodes; i++) {
            found[i] = new int[count[i]];
        }
        for (int at = nodeOf.length - 1; at >= 0; at--) {
            found[nodeOf[at]][--count[nodeOf[at]]] = at;
        }
        return found;
    }

    /** Where a node stands in the elements that it belongs to: places of {@code nodeOf}. */
    int[] placesOf(int node) {
        return elementsOf[node];
    }

    /** In how many planes half the length is solved; 1 for a long piece. */
    public int planes() {
        return planeM.length;
    }

    /** How many material numbers it knows: those from 2 on are the caller's. */
    int materials() {
        return volume.length;
    }

    /** How many nodes there are in all planes: what is solved for. */
    public int unknowns() {
        return nodes * planeM.length;
    }

    /** Whether a material is in it. */
    public boolean has(int materialNumber) {
        return materialNumber < volume.length && volume[materialNumber] > 0;
    }

    /** How often the modelled part stands in the whole piece: 2, or 4 where the length is in planes. */
    public double symmetry() {
        return planeM.length == 1 ? 2 : 4;
    }

    /** Volume of flesh in the modelled part, m³. */
    public double fleshVolume() {
        return volume[FLESH];
    }

    /** Volume of a material in the modelled part, m³. */
    public double volumeOf(int materialNumber) {
        return volume[materialNumber];
    }

    /**
     * The place of a material at a point of the section, or where that is outside of it the nearest of its nodes.
     *
     * @param x from the mid-plane, m
     * @param y above the tray, m
     */
    public Place place(int materialNumber, double x, double y) {
        return Place.of(this, materialNumber, x, y);
    }
}
