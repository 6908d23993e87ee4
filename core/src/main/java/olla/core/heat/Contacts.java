package olla.core.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import olla.core.heat.Mesh.Edge;

/**
 * What lies outside each bit of a mesh's edges: another layer, the wall under it, or the oven. Where nodes face nodes heat crosses
 * between the two; elsewhere an edge is looked at in many places, each of which conducts between what the polynomials on both sides
 * are there.
 */
final class Contacts {

    /** Where two or more nodes exchange heat: W for each metre of length are {@code conductance (sum weight T)} times each weight. */
    record Spring(int[] nodes, double[] weights, double conductance) {}

    /** Where a node meets the oven: area for each metre of length, m, and how far it looks up (0 to 1). */
    record Opening(int node, int material, double area, double up) {}

    /* An edge is looked at in so many places. */
    private static final LobattoRule LOOKS = new LobattoRule(24);

    /* What is nearer touches, m. */
    private static final double TOUCHES_M = 2e-4;
    private static final double FACES_M = 1e-6;
    private static final double FOUND_M = 1e-10;
    private static final int ROUNDS = 60;
    private static final int PIECES = 8;

    /* An edge lies on what is below where it looks down at least this steeply (cosine with the vertical). */
    private static final double STEEP = 0.3;

    /* Beyond this gap the underside meets the oven's air and not what is below, m. */
    private static final double MOST_GAP_M = 0.006;

    /* Still air near 100 °C conducts 0.031 W/mK; across it the tray radiates some 10 W/m²K (from memory). */
    static final double AIR_W_MK = 0.031;
    static final double RADIATION_W_M2K = 10;

    /* What touches without any resistance is taken to conduct so, W/m²K: as a two-hundredth of a millimetre of flesh does. */
    private static final double BEST_CONTACT_W_M2K = 1e5;

    private final Mesh mesh;
    private final Map<Integer, Layer> byMaterial = new HashMap<>();
    private final Map<Integer, Integer> rank = new HashMap<>();
    private final WallColumns wall;
    private final boolean[] faced;
    private final Drawn[] drawn;
    private final List<Spring> springs = new ArrayList<>();
    private final Map<Integer, double[]> open = new TreeMap<>();

    /**
     * @param layers in the order in which they are named
     * @param wall what is under them
     */
    Contacts(Mesh mesh, List<Layer> layers, WallColumns wall) {
        this.mesh = mesh;
        this.wall = wall;
        this.faced = new boolean[mesh.edges.size()];
        for (int i = 0; i < layers.size(); i++) {
            byMaterial.put(layers.get(i).material(), layers.get(i));
            rank.put(layers.get(i).material(), i);
        }
        for (int a = 0; a < faced.length; a++) {
            for (int b = a + 1; b < faced.length && !faced[a]; b++) {
                if (!faced[b] && faces(mesh.edges.get(a), mesh.edges.get(b))) {
                    faced[a] = true;
                    faced[b] = true;
                }
            }
        }
        this.drawn = mesh.edges.stream().map(Drawn::new).toArray(Drawn[]::new);
        for (int a = 0; a < faced.length; a++) {
            if (!faced[a]) {
                look(mesh.edges.get(a));
            }
        }
    }

    List<Spring> springs() {
        return springs;
    }

    List<Opening> openings() {
        List<Opening> openings = new ArrayList<>();
        open.forEach((node, sums) ->
                openings.add(new Opening(node, mesh.material[node], sums[0], Math.max(0, sums[1] / sums[0]))));
        return openings;
    }

    private double contact(int a, int b) {
        int later = rank.get(a) > rank.get(b) ? a : b;
        return Math.min(BEST_CONTACT_W_M2K, byMaterial.get(later).contactWm2K());
    }

    private boolean same(int a, int b) {
        return Math.abs(mesh.x[a] - mesh.x[b]) < FACES_M && Math.abs(mesh.y[a] - mesh.y[b]) < FACES_M;
    }

    /* Joins two edges node by node where they lie on each other. */
    private boolean faces(Edge a, Edge b) {
        int n = a.node().length;
        if (a.material() == b.material()) {
            return false;
        }
        boolean along = same(a.node()[0], b.node()[0]);
        for (int i = 0; i < n; i++) {
            if (!same(a.node()[i], b.node()[along ? i : n - 1 - i])) {
                return false;
            }
        }
        for (int i = 0; i < n; i++) {
            springs.add(new Spring(
                    new int[] {a.node()[i], b.node()[along ? i : n - 1 - i]},
                    new double[] {1, -1},
                    a.length()[i] * contact(a.material(), b.material())));
        }
        return true;
    }

    /** A place on an edge. */
    private final class Spot {
        private final Edge edge;
        private final double[] basis;
        private double x;
        private double y;
        private double outX;
        private double outY;
        private double speed;

        Spot(Edge edge, double at) {
            this.edge = edge;
            this.basis = mesh.rule.basis(at);
            for (int i = 0; i < basis.length; i++) {
                x += basis[i] * mesh.x[edge.node()[i]];
                y += basis[i] * mesh.y[edge.node()[i]];
                outX += basis[i] * edge.outX()[i];
                outY += basis[i] * edge.outY()[i];
                speed += basis[i] * edge.length()[i] / mesh.rule.weight(i);
            }
            double norm = Math.sqrt(outX * outX + outY * outY);
            outX /= norm;
            outY /= norm;
        }
    }

    /** An edge in straight pieces, and the box it lies in. */
    private final class Drawn {
        private final double[] x = new double[PIECES + 1];
        private final double[] y = new double[PIECES + 1];
        private final double left;
        private final double right;
        private final double bottom;
        private final double top;

        Drawn(Edge edge) {
            for (int p = 0; p <= PIECES; p++) {
                double[] basis = mesh.rule.basis(-1 + 2.0 * p / PIECES);
                for (int i = 0; i < basis.length; i++) {
                    x[p] += basis[i] * mesh.x[edge.node()[i]];
                    y[p] += basis[i] * mesh.y[edge.node()[i]];
                }
            }
            double minX = Arrays.stream(x).min().orElseThrow();
            double maxX = Arrays.stream(x).max().orElseThrow();
            double minY = Arrays.stream(y).min().orElseThrow();
            double maxY = Arrays.stream(y).max().orElseThrow();
            // Between the pieces' ends a curved edge is a little outside their box.
            double slack = TOUCHES_M + 0.1 * (maxX - minX + maxY - minY);
            left = minX - slack;
            right = maxX + slack;
            bottom = minY - slack;
            top = maxY + slack;
        }

        boolean far(Spot spot) {
            return spot.x < left || spot.x > right || spot.y < bottom || spot.y > top;
        }
    }

    private void look(Edge edge) {
        int looks = LOOKS.count();
        boolean[] meetsAir = new boolean[looks];
        int air = 0;
        Spot[] spots = new Spot[looks];
        for (int s = 0; s < looks; s++) {
            spots[s] = new Spot(edge, LOOKS.point(s));
            meetsAir[s] = !joined(spots[s], LOOKS.weight(s) * spots[s].speed);
            air += meetsAir[s] ? 1 : 0;
        }
        double[] area = new double[edge.node().length];
        if (air == looks) {
            area = edge.length();
        } else {
            for (int s = 0; s < looks; s++) {
                if (meetsAir[s]) {
                    share(area, LOOKS.point(s), LOOKS.weight(s) * spots[s].speed);
                }
            }
        }
        for (int i = 0; i < area.length; i++) {
            if (area[i] > 0) {
                double[] sums = open.computeIfAbsent(edge.node()[i], node -> new double[2]);
                sums[0] += area[i];
                sums[1] += area[i] * edge.outY()[i];
            }
        }
    }

    /* Gives a bit of an edge to the two nodes that it lies between: by their polynomials some would get less than nothing. */
    private void share(double[] area, double at, double bit) {
        int left = 0;
        while (left < area.length - 2 && mesh.rule.point(left + 1) <= at) {
            left++;
        }
        double part = (at - mesh.rule.point(left)) / (mesh.rule.point(left + 1) - mesh.rule.point(left));
        area[left] += (1 - part) * bit;
        area[left + 1] += part * bit;
    }

    /* Whether something other than the oven is outside; whichever is named first joins the two. */
    private boolean joined(Spot spot, double bit) {
        int material = spot.edge.material();
        Optional<Spot> touching = touching(spot);
        if (touching.isPresent()) {
            int other = touching.get().edge.material();
            if (rank.get(material) < rank.get(other)) {
                join(spot, touching.get(), bit * contact(material, other));
            }
            return true;
        }
        if (inHole(spot)) {
            if (spot.outY > STEEP) {
                opposite(spot).ifPresent(there -> join(spot, there, bit / gap(there.y - spot.y)));
            }
            return true;
        }
        if (-spot.outY > STEEP) {
            double contact =
                    Math.min(BEST_CONTACT_W_M2K, byMaterial.get(material).contactWm2K());
            Optional<Spot> below = across(spot, -1);
            if (below.isPresent()) {
                join(spot, below.get(), bit / (1 / contact + gap(spot.y - below.get().y)));
                return true;
            }
            if (wall.there() && spot.y < MOST_GAP_M) {
                double conductance = bit / (1 / contact + gap(spot.y));
                springs.add(wall.join(spot.edge.node(), spot.basis, spot.x, conductance));
                return true;
            }
        }
        return spot.outY > STEEP && across(spot, 1).isPresent();
    }

    /* Whether nothing but air is outside, in a hole of the layer itself. */
    private boolean inHole(Spot spot) {
        double x = spot.x + TOUCHES_M * spot.outX;
        double y = spot.y + TOUCHES_M * spot.outY;
        return byMaterial.get(spot.edge.material()).holes().stream()
                .anyMatch(hole -> hole.contains(Math.abs(x), y)
                        && hole.upper(0)
                                < byMaterial.get(spot.edge.material()).outline().upper(0));
    }

    /* The place straight above on the same layer's edge, across a hole. */
    private Optional<Spot> opposite(Spot spot) {
        return mesh.edges.stream()
                .filter(edge -> edge.material() == spot.edge.material())
                .flatMap(edge -> over(edge, spot.x).stream())
                .filter(there -> -there.outY > STEEP && there.y > spot.y)
                .min(Comparator.comparingDouble(there -> there.y));
    }

    /* The place of an edge that is at x. */
    private Optional<Spot> over(Edge edge, double x) {
        double first = mesh.x[edge.node()[0]];
        double last = mesh.x[edge.node()[edge.node().length - 1]];
        if (x < Math.min(first, last) - FACES_M || x > Math.max(first, last) + FACES_M || first == last) {
            return Optional.empty();
        }
        return Optional.of(at(edge, x, first, last));
    }

    /* What air and radiation across a gap resist, m²K/W. */
    private static double gap(double metres) {
        return metres > 1e-9 ? 1 / (AIR_W_MK / metres + RADIATION_W_M2K) : 0;
    }

    private void join(Spot a, Spot b, double conductance) {
        int n = a.basis.length;
        int[] nodes = Arrays.copyOf(a.edge.node(), 2 * n);
        double[] weights = Arrays.copyOf(a.basis, 2 * n);
        for (int i = 0; i < n; i++) {
            nodes[n + i] = b.edge.node()[i];
            weights[n + i] = -b.basis[i];
        }
        springs.add(new Spring(nodes, weights, conductance));
    }

    /* The place on another layer's edge that a place touches. */
    private Optional<Spot> touching(Spot spot) {
        Spot best = null;
        double nearest = TOUCHES_M;
        for (int e = 0; e < faced.length; e++) {
            Edge edge = mesh.edges.get(e);
            if (faced[e] || edge.material() == spot.edge.material() || drawn[e].far(spot)) {
                continue;
            }
            Spot there = new Spot(edge, nearestOn(drawn[e], spot.x, spot.y));
            double distance = Math.hypot(there.x - spot.x, there.y - spot.y);
            if (distance < nearest) {
                nearest = distance;
                best = there;
            }
        }
        return Optional.ofNullable(best);
    }

    private double nearestOn(Drawn edge, double x, double y) {
        double best = 0;
        double nearest = Double.POSITIVE_INFINITY;
        double[] fromX = edge.x;
        double[] fromY = edge.y;
        for (int p = 0; p < PIECES; p++) {
            double alongX = fromX[p + 1] - fromX[p];
            double alongY = fromY[p + 1] - fromY[p];
            double part = ((x - fromX[p]) * alongX + (y - fromY[p]) * alongY) / (alongX * alongX + alongY * alongY);
            part = Math.max(0, Math.min(1, part));
            double distance = Math.hypot(fromX[p] + part * alongX - x, fromY[p] + part * alongY - y);
            if (distance < nearest) {
                nearest = distance;
                best = -1 + 2 * (p + part) / PIECES;
            }
        }
        return best;
    }

    /* The place on another layer's edge straight below or above (-1, 1), where there is one no farther than a gap may be. */
    private Optional<Spot> across(Spot spot, int upwards) {
        Spot best = null;
        double nearest = MOST_GAP_M;
        for (Edge edge : mesh.edges) {
            if (edge.material() == spot.edge.material()) {
                continue;
            }
            Spot there = over(edge, spot.x).orElse(null);
            if (there == null) {
                continue;
            }
            double distance = upwards * (there.y - spot.y);
            if (-upwards * there.outY > STEEP && distance > -TOUCHES_M && distance < nearest) {
                nearest = distance;
                best = there;
            }
        }
        return Optional.ofNullable(best);
    }

    /* The place of an edge at x, by regula falsi, halving what it gives to an end that stays (the Illinois rule, from memory). */
    private Spot at(Edge edge, double x, double first, double last) {
        double low = -1;
        double high = 1;
        double before = first - x;
        double beyond = last - x;
        double at = 0;
        int stays = 0;
        for (int i = 0; i < ROUNDS; i++) {
            at = (low * beyond - high * before) / (beyond - before);
            double off = -x;
            double[] basis = mesh.rule.basis(at);
            for (int k = 0; k < basis.length; k++) {
                off += basis[k] * mesh.x[edge.node()[k]];
            }
            if (Math.abs(off) < FOUND_M) {
                break;
            }
            if (off * before > 0) {
                low = at;
                before = off;
                beyond *= stays == 1 ? 0.5 : 1;
                stays = 1;
            } else {
                high = at;
                beyond = off;
                before *= stays == -1 ? 0.5 : 1;
                stays = -1;
            }
        }
        return new Spot(edge, Math.max(-1, Math.min(1, at)));
    }
}
